import type { Result } from "@/core/result";
import type { Data } from "./database";

/** A row that can't be read: it stays where it is, and is told apart from those that can. */
export interface Unread {
  readonly table: string;
  readonly id: string;
  /** Why, as the end of a sentence: "its house rules can’t be read". */
  readonly why: string;
}

/** Rows parted into what they read as, and those that can't be read. */
export function partRead<Row extends { readonly id: string | number }, Value>(
  table: string,
  rows: readonly Row[],
  read: (row: Row) => Result<Value, string>,
): { readonly read: readonly Value[]; readonly unread: readonly Unread[] } {
  const found = rows.map((row) => ({ id: String(row.id), result: read(row) }));
  return {
    read: found.flatMap(({ result }) => (result.ok ? [result.value] : [])),
    unread: found.flatMap(({ id, result }) => (result.ok ? [] : [{ table, id, why: result.error }])),
  };
}

/** The tables whose rows can be set aside, with the column that names one. */
const KEYS: Readonly<Record<string, string>> = {
  boards: "id",
  marking_sheets: "id",
  kept_sheets: "id",
  learner_attempts: "id",
  settings: "name",
  set_aside: "id",
};

/** A row just as it stands on disk; none where there is none. */
export function rowAsItIs(data: Data, table: string, id: string): unknown {
  const key = Object.hasOwn(KEYS, table) ? KEYS[table] : undefined;
  if (key === undefined) return undefined;
  return data.$client.prepare(`select * from ${table} where ${key} = ?`).get(id);
}
