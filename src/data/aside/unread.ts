import type { Result } from "@/core/result";
import type { Unread } from "@/service/kept/unread";
import { ROW_KEYS } from "../backup/documentTables";
import type { Data } from "../data";

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

/** A row just as it stands on disk; none where there is none. */
export function rowAsItIs(data: Data, table: string, id: string): unknown {
  const key = ROW_KEYS.get(table);
  if (key === undefined) return undefined;
  return data.$client.prepare(`select * from ${table} where ${key} = ?`).get(id);
}
