import type { RowResult, ShownRow } from "@/service/requests";

/** A problem of a sheet on the screen: worked, or a line that does not read and why. */
export interface EditedRow {
  /** Its name in the list, for as long as the page is open. */
  readonly key: string;
  readonly problem: string;
  readonly shown: ShownRow | undefined;
  /** Why the line does not read, or why no other could be drawn; empty where all is well. */
  readonly message: string;
  readonly locked: boolean;
}

let made = 0;

/** A row for what came back from the server. */
export function editedRow(result: RowResult, locked = false): EditedRow {
  made += 1;
  const read = "error" in result ? undefined : result;
  return {
    key: `row${made}`,
    problem: result.problem,
    shown: read,
    message: "error" in result ? result.error.message : "",
    locked,
  };
}

/** A row in the place of another: under its key, with its lock. */
export const inPlaceOf = (before: EditedRow, result: RowResult): EditedRow => ({
  ...editedRow(result, before.locked),
  key: before.key,
});

/** The row with another one's place in a list, or the list as it is where that is none. */
export function movedRow(rows: readonly EditedRow[], from: number, to: number): readonly EditedRow[] {
  const row = rows[from];
  if (row === undefined || to < 0 || to >= rows.length || from === to) return rows;
  const without = rows.filter((_, nth) => nth !== from);
  return [...without.slice(0, to), row, ...without.slice(to)];
}
