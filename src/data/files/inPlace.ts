import fs from "node:fs";

/** The file that this process writes, and which it was when it was opened; held outside the module for reloaded code. */
const held = globalThis as { rightSumWrites?: { readonly file: string; readonly node: bigint } };

/** A write to a file that stands no longer where the data is looked for: after the next start nothing of it would be seen. */
class MovedAway extends Error {
  readonly code = "RIGHT_SUM_MOVED_AWAY";
}

const nodeOf = (file: string): bigint | undefined =>
  fs.statSync(file, { bigint: true, throwIfNoEntry: false })?.ino;

/** Notes which file is written from now on; none where nothing is. */
export function noteOpened(file: string | undefined): void {
  const node = file === undefined ? undefined : nodeOf(file);
  if (file === undefined || node === undefined) delete held.rightSumWrites;
  else held.rightSumWrites = { file, node };
}

/** Whether the file that is written was moved away or deleted, or another one took its place. */
export const isMovedAway = (): boolean =>
  held.rightSumWrites !== undefined && nodeOf(held.rightSumWrites.file) !== held.rightSumWrites.node;

/** Writes nothing to a file that was moved away. */
export function refuseWhileMoved(): void {
  if (isMovedAway()) throw new MovedAway("the data file was moved away");
}
