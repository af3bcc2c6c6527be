import type Database from "better-sqlite3";
import type { BetterSQLite3Database } from "drizzle-orm/better-sqlite3";
import type * as schema from "./schema";

/** The database, with all tables of its schema. */
export type Data = BetterSQLite3Database<typeof schema> & { readonly $client: Database.Database };
