import { eq, sql } from "drizzle-orm";
import { refuseWhileReplaced } from "./backup/replacing";
import type { Data } from "./data";
import { refuseWhileMoved } from "./files/inPlace";
import { changes } from "./schema";

/** What reads and writes: the database, or a transaction on it. */
export type DataWriter = Pick<Data, "select" | "insert" | "update" | "delete" | "run">;

/** The rows of the one count: the number of the last change, and that of the last time when the whole was replaced. */
const COUNT = 1;
const REPLACED = 2;

/** Takes the next number of the one count of changes: the revision of whatever is written with it. */
export function nextRevision(write: DataWriter): number {
  refuseWhileReplaced();
  refuseWhileMoved();
  const [row] = write
    .update(changes)
    .set({ revision: sql`${changes.revision} + 1` })
    .where(eq(changes.id, COUNT))
    .returning()
    .all();
  if (row === undefined) throw new Error("nextRevision: the count of changes has no row");
  return row.revision;
}

const numberOf = (data: Pick<Data, "select">, id: number): number =>
  data.select().from(changes).where(eq(changes.id, id)).get()?.revision ?? 0;

/** The number of the last change of anything. */
export const lastRevision = (data: Pick<Data, "select">): number => numberOf(data, COUNT);

/** The number at which the whole was replaced last: whoever knows another one has to look at everything anew. */
export const lastReplaced = (data: Pick<Data, "select">): number => numberOf(data, REPLACED);

/**
 * Lets the count of a database that is to take another's place go on from that one's: numbers never come twice, and
 * each window sees that all is another.
 */
export function countOnFrom(data: Data, before: number): void {
  const revision = Math.max(before, lastRevision(data)) + 1;
  for (const id of [COUNT, REPLACED])
    data
      .insert(changes)
      .values({ id, revision })
      .onConflictDoUpdate({ target: changes.id, set: { revision } })
      .run();
}

/** Something was changed elsewhere since it was seen: what stands there now. */
export interface Stale<Now> {
  readonly code: "stale";
  readonly now: Now;
}
