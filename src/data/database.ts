import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { type BetterSQLite3Database, drizzle } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";
import * as schema from "./schema";

export type Data = BetterSQLite3Database<typeof schema>;

/** The folder the tutor's data is kept in: `RIGHT_SUM_DATA`, or `data/` beside the application. */
const dataFolder = (): string =>
  path.resolve(/* turbopackIgnore: true */ process.env.RIGHT_SUM_DATA ?? "data");

/**
 * Opens (and where need be makes) the database in a folder and brings it up to date.
 * Every commit is on disk before it returns: write-ahead log, fully synchronous.
 */
export function openDatabase(folder: string): Data {
  fs.mkdirSync(folder, { recursive: true });
  const file = new Database(path.join(folder, "right-sum.sqlite"));
  file.pragma("journal_mode = WAL");
  file.pragma("synchronous = FULL");
  file.pragma("busy_timeout = 5000");
  const data = drizzle(file, { schema });
  migrate(data, { migrationsFolder: path.resolve("src/data/migrations") });
  return data;
}

/** The server's one database is held outside the module, so that reloaded code finds it again. */
const held = globalThis as { rightSumData?: Data };

/** The one database of this server, opened at the first call. */
export function database(): Data {
  held.rightSumData ??= openDatabase(dataFolder());
  return held.rightSumData;
}
