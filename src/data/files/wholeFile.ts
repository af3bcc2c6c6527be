import fs from "node:fs";
import type { Data } from "../data";

/** Makes sure that a file is on disk before it takes another's place. */
function syncFile(file: string): void {
  const opened = fs.openSync(file, "r+");
  fs.fsyncSync(opened);
  fs.closeSync(opened);
}

/** Closes a database so that it is one file without a log, and on disk. */
export function closeWhole(data: Data, file: string): void {
  data.$client.pragma("wal_checkpoint(TRUNCATE)");
  data.$client.pragma("journal_mode = DELETE");
  data.$client.close();
  syncFile(file);
}

/** Removes a database file with what belongs to it. */
export function removeFile(file: string): void {
  for (const rest of ["", "-wal", "-shm", "-journal"]) fs.rmSync(file + rest, { force: true });
}
