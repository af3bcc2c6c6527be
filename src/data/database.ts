import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { drizzle } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";
import type { Data } from "./data";
import { openForReading } from "./files/forReading";
import { noteOpened } from "./files/inPlace";
import { closeWhole } from "./files/wholeFile";
import { ownThingsFromSettings } from "./own/ownThingsFromSettings";
import { countOnFrom, lastRevision } from "./revision";
import * as schema from "./schema";

/** The name of the database in its folder. */
export const FILE_NAME = "right-sum.sqlite";

/** The folder the tutor's data is kept in: `RIGHT_SUM_DATA`, or `data/` beside the application. */
export const dataFolder = (): string =>
  path.resolve(/* turbopackIgnore: true */ process.env.RIGHT_SUM_DATA ?? "data");

export const MIGRATIONS = path.resolve("src/data/migrations");

/**
 * Opens (and where need be makes) a database file and brings it up to date.
 * Every commit is on disk before it returns: write-ahead log, fully synchronous.
 */
export function openFile(file: string): Data {
  const client = new Database(file);
  client.pragma("journal_mode = WAL");
  client.pragma("synchronous = FULL");
  client.pragma("busy_timeout = 5000");
  const data = drizzle(client, { schema });
  migrate(data, { migrationsFolder: MIGRATIONS });
  ownThingsFromSettings(data);
  return data;
}

/** Opens the database of a folder, which is made where it is missing. */
export function openDatabase(folder: string): Data {
  fs.mkdirSync(folder, { recursive: true });
  return openFile(path.join(folder, FILE_NAME));
}

/** Opens the database of a folder for reading alone: nothing in the folder changes. */
function openReadOnly(folder: string): Data {
  return drizzle(openForReading(path.join(folder, FILE_NAME)), { schema });
}

/** The server's one database is held outside the module, so that reloaded code finds it again. */
const held = globalThis as { rightSumData?: Data; rightSumReplaced?: () => void };

/** Whether this server only reads. */
export const isReadOnly = (): boolean => process.env.RIGHT_SUM_READ_ONLY === "1";

/** Whether this process only makes pages: another one of this server writes. */
const makesPages = (): boolean => process.env.RIGHT_SUM_PAGES === "1";

/** The one database of this process, opened at the first call. */
export function database(): Data {
  if (held.rightSumData !== undefined) return held.rightSumData;
  const folder = dataFolder();
  if (isReadOnly() || makesPages()) {
    held.rightSumData = openReadOnly(folder);
  } else {
    held.rightSumData = openDatabase(folder);
    noteOpened(path.join(folder, FILE_NAME));
  }
  return held.rightSumData;
}

/** Closes the database, which is opened anew at the next call. */
export function closeDatabase(): void {
  held.rightSumData?.$client.close();
  delete held.rightSumData;
  noteOpened(undefined);
}

/** The number of the last change in a database file; 0 where there is none, or it can't be read. */
function lastChangeIn(file: string): number {
  try {
    const client = openForReading(file);
    const last = lastRevision(drizzle(client, { schema }));
    client.close();
    return last;
  } catch {
    return 0;
  }
}

/**
 * Puts another file in the place of this server's database, and opens it. Its changes are counted on from those of the
 * old one, which is closed first: that folds its log into it, so that whichever file is there when the power goes is whole.
 */
export function replaceDatabase(folder: string, by: string): void {
  const file = path.join(folder, FILE_NAME);
  fs.accessSync(by);
  const incoming = openFile(by);
  countOnFrom(incoming, lastChangeIn(file));
  closeWhole(incoming, by);
  // Another process may still read: then closing alone would leave the log, which goes next.
  held.rightSumData?.$client.pragma("wal_checkpoint(TRUNCATE)");
  closeDatabase();
  for (const rest of ["-wal", "-shm"]) fs.rmSync(file + rest, { force: true });
  fs.renameSync(by, file);
  syncFolder(folder);
  held.rightSumReplaced?.();
}

/** What else of this server is told when another file has taken the database's place. */
export function onReplaced(tell: () => void): void {
  held.rightSumReplaced = tell;
}

/** Makes sure that a renaming in a folder is on disk, where the system can. */
function syncFolder(folder: string): void {
  try {
    const opened = fs.openSync(folder, "r");
    fs.fsyncSync(opened);
    fs.closeSync(opened);
  } catch {
    // Some systems can't open a folder; their renaming is as safe as they make it.
  }
}
