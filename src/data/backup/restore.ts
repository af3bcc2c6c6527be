import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { done, failed, type Result } from "@/core/result";
import { FILE_NAME, openFile } from "../database";
import { closeWhole, removeFile } from "../files/wholeFile";
import { examineFile } from "./health";

/** Where a database waits to take the place of the one in use. */
export const incomingFile = (folder: string): string => path.join(folder, "incoming.sqlite");

/**
 * Makes a copy of a database file ready to take the place of the one in use: checked, brought up to date, and
 * on disk. The file itself is not changed. Refuses one that is not whole, not ours or newer.
 */
export function prepareRestore(folder: string, from: string): Result<string, string> {
  if (!fs.existsSync(from)) return failed(`There is no file ${from}.`);
  const incoming = incomingFile(folder);
  removeFile(incoming);
  const health =
    fs.statSync(from).size === 0 ? { kind: "empty" as const } : examineFile(from, "integrity_check");
  if (health.kind === "newer")
    return failed("It was written by a newer Right Sum. Install that one to use it.");
  if (health.kind === "foreign") return failed("It is a database, but none of Right Sum’s.");
  if (health.kind !== "fine") return failed("It is damaged or can’t be read, and nothing was changed.");
  try {
    // Through SQLite, so that a log beside the file comes along.
    const source = new Database(from, { readonly: true });
    source.prepare("vacuum into ?").run(incoming);
    source.close();
    closeWhole(openFile(incoming), incoming);
  } catch {
    removeFile(incoming);
    return failed("The copy could not be written: is there room on the disk?");
  }
  return done(incoming);
}

/** Moves a database that can't be used aside, with all that belongs to it, so that it is never written over. Gives its new name. */
export function moveAside(folder: string, stamp: string): string {
  const file = path.join(folder, FILE_NAME);
  const aside = `${file}.aside-${stamp}`;
  for (const rest of ["", "-wal", "-shm"])
    if (fs.existsSync(/* turbopackIgnore: true */ file + rest)) fs.renameSync(file + rest, aside + rest);
  return aside;
}
