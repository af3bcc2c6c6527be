import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { format } from "date-fns";
import { done, failed, type Result } from "@/core/result";
import { FILE_NAME } from "../database";
import { removeFile } from "../files/wholeFile";
import { type Backup, type BackupReason, backupsFolder, listBackups, STAMP } from "./backupFiles";
import { examineFile } from "./health";
import { type Inside, insideOf } from "./inside";
import { keptOf } from "./retention";

/** How much is copied at once, in pages: large, since nobody waits for the thread that copies. */
const PAGES_AT_ONCE = 4000;
/** How old what was left half written is before it is taken for that, in milliseconds. */
const ABANDONED = 60 * 60 * 1000;

/**
 * Makes a backup of a database that may be in use, with SQLite's own online backup, looks whether it can be
 * opened, is whole and holds as much, and lets those go that the rule no longer keeps. A backup that fails its
 * check is thrown away, and says so.
 */
export async function makeBackup(
  folder: string,
  reason: BackupReason,
  now: Date,
): Promise<Result<Backup, string>> {
  const where = backupsFolder(folder);
  const stamp = format(now, STAMP);
  const nameFor = (nth: number): string => `right-sum-${stamp}${nth === 0 ? "" : `-${nth}`}-${reason}.sqlite`;
  let nth = 0;
  while (fs.existsSync(path.join(where, nameFor(nth)))) nth++;
  const name = nameFor(nth);
  const file = path.join(where, name);
  const half = `${file}.half`;
  try {
    fs.mkdirSync(where, { recursive: true });
    const source = new Database(path.join(folder, FILE_NAME), { readonly: true, timeout: 5000 });
    let before: Inside;
    try {
      // One reading for the whole copy, so that writes meanwhile neither come in halfway nor make it begin again.
      source.exec("BEGIN");
      before = insideOf(source);
      await source.backup(half, { progress: () => PAGES_AT_ONCE });
    } finally {
      source.close();
    }
    const checked = verify(half, before);
    if (checked !== undefined) {
      removeFile(half);
      return failed(checked);
    }
    fs.renameSync(half, file);
  } catch (error) {
    if (fs.existsSync(half)) removeFile(half);
    const full = error instanceof Error && "code" in error && String(error.code) === "SQLITE_FULL";
    return failed(full ? "The disk is full." : "It could not be written.");
  }
  prune(folder, name, now);
  return done({ name, at: now, reason, bytes: fs.statSync(file).size });
}

/** What is wrong with a backup that was just written, if anything; it may hold more than there was when it began. */
function verify(file: string, before: Inside): string | undefined {
  const client = new Database(file);
  try {
    // A copy of a database with a log would want a log of its own; a backup is one file.
    client.pragma("journal_mode = DELETE");
    const after = insideOf(client);
    const less = (Object.keys(before.counts) as (keyof Inside["counts"])[]).some(
      (name) => after.counts[name] < before.counts[name],
    );
    if (less) return "It holds less than the database.";
  } finally {
    client.close();
  }
  const health = examineFile(file, "integrity_check");
  return health.kind === "fine" ? undefined : "It did not pass its check.";
}

/** How many backups go at once at most: a clock that is wrong for a day must not take a year of them. */
const MOST_GOING = 2;

/**
 * Lets backups go that the rule does not keep, the oldest first, and what was left half written. The one just
 * made stays, and so does what bears a later time: the clock was put back.
 */
function prune(folder: string, made: string, now: Date): void {
  const past = listBackups(folder).filter(({ name, at }) => name === made || at.getTime() <= now.getTime());
  const kept = new Set(keptOf(past, now));
  const going = past.filter((backup) => !kept.has(backup) && backup.name !== made);
  for (const { name } of going.slice(-MOST_GOING))
    fs.rmSync(path.join(backupsFolder(folder), name), { force: true });
  for (const name of fs.readdirSync(backupsFolder(folder))) {
    const file = path.join(backupsFolder(folder), name);
    const half = /\.half(?:-wal|-shm|-journal)?$/.test(name);
    if (half && now.getTime() - fs.statSync(file).mtimeMs > ABANDONED) fs.rmSync(file, { force: true });
  }
}

/** Whether the last daily backup was made before today. */
export const isBackupDue = (folder: string, now: Date): boolean =>
  !listBackups(folder).some(({ at }) => format(at, "yyyyMMdd") === format(now, "yyyyMMdd"));
