import { eq, sql } from "drizzle-orm";
import type { Data } from "./data";
import { changes } from "./schema";

/** What reads and writes: the database, or a transaction on it. */
export type DataWriter = Pick<Data, "select" | "insert" | "update" | "delete" | "run">;

/** Takes the next number of the one count of changes: the revision of whatever is written with it. */
export function nextRevision(write: DataWriter): number {
  const [row] = write
    .update(changes)
    .set({ revision: sql`${changes.revision} + 1` })
    .where(eq(changes.id, 1))
    .returning()
    .all();
  if (row === undefined) throw new Error("nextRevision: the count of changes has no row");
  return row.revision;
}

/** The number of the last change of anything. */
export const lastRevision = (data: DataWriter): number => data.select().from(changes).get()?.revision ?? 0;

/** Something was changed elsewhere since it was seen: what stands there now. */
export interface Stale<Now> {
  readonly code: "stale";
  readonly now: Now;
}
