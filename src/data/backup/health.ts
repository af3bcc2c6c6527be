import fs from "node:fs";
import path from "node:path";
import type Database from "better-sqlite3";
import { z } from "zod";
import { FILE_NAME, MIGRATIONS } from "../database";
import { openForReading } from "../files/forReading";
import { jsonOf } from "../houseOf";
import { listBackups } from "./backupFiles";

/** Why a database is not opened as it is. */
export type Trouble =
  /** There is a file of no length. */
  | { readonly kind: "empty" }
  /** The file is gone, but the log beside it or its backups are not. */
  | { readonly kind: "missing" }
  /** The file is no database, or its check found faults. */
  | { readonly kind: "damaged"; readonly found: string }
  /** It was written by a newer Right Sum. */
  | { readonly kind: "newer" }
  /** It is a database, but not one of Right Sum's. */
  | { readonly kind: "foreign" }
  /** Another program has it locked. */
  | { readonly kind: "locked" }
  /** The file or its folder can't be written, or not even read. */
  | { readonly kind: "readOnly" }
  | { readonly kind: "unreadable" };

/** The same as one process tells another of it. */
export const troubleSchema: z.ZodType<Trouble> = z.union([
  z.object({ kind: z.literal("damaged"), found: z.string() }),
  z.object({ kind: z.enum(["empty", "missing", "newer", "foreign", "locked", "readOnly", "unreadable"]) }),
]);

/** How a database is found before it is opened. */
export type Health =
  | { readonly kind: "fresh" }
  | { readonly kind: "fine"; readonly pending: boolean }
  | Trouble;

/** Whether a database is not to be opened as it is. */
export const isTrouble = (health: Health): health is Trouble =>
  health.kind !== "fine" && health.kind !== "fresh";

const journalSchema = z.object({ entries: z.array(z.object({ when: z.number() })) });

/** When each migration that this Right Sum knows was made: the mark that is kept of it. */
function knownMigrations(): readonly number[] {
  const text = fs.readFileSync(path.join(MIGRATIONS, "meta/_journal.json"), "utf8");
  const journal = jsonOf(text, journalSchema);
  if (journal === undefined) throw new Error("knownMigrations: the list of migrations is broken");
  return journal.entries.map(({ when }) => when);
}

/** Looks at the database of a folder without changing anything in it. */
export function examine(folder: string): Health {
  const file = path.join(folder, FILE_NAME);
  if (!fs.existsSync(file)) {
    const log = `${file}-wal`;
    const isLeft = (fs.existsSync(log) && fs.statSync(log).size > 0) || listBackups(folder).length > 0;
    return isLeft ? { kind: "missing" } : { kind: "fresh" };
  }
  if (fs.statSync(file).size === 0) return { kind: "empty" };
  const found = examineFile(file);
  if (found.kind !== "fine") return found;
  try {
    fs.accessSync(file, fs.constants.W_OK);
    fs.accessSync(folder, fs.constants.W_OK);
  } catch {
    return { kind: "readOnly" };
  }
  return found;
}

/** Looks at one database file: whether it is whole, whose it is, and how old. */
export function examineFile(file: string, check: "quick_check" | "integrity_check" = "quick_check"): Health {
  let client: Database.Database | undefined;
  try {
    client = openForReading(file, 1000);
    const faults = z.array(z.object({ [check]: z.string() })).parse(client.pragma(`${check}(5)`));
    const found = faults.map((row) => row[check] ?? "").filter((line) => line !== "ok");
    if (found.length > 0) return { kind: "damaged", found: found.join("; ").slice(0, 300) };
    const tables = z
      .array(z.object({ name: z.string() }))
      .parse(client.prepare("select name from sqlite_master where type = 'table'").all())
      .map(({ name }) => name);
    if (!tables.includes("__drizzle_migrations") || !tables.includes("boards")) return { kind: "foreign" };
    const [last] = z
      .array(z.object({ last: z.number().nullable() }))
      .parse(client.prepare("select max(created_at) as last from __drizzle_migrations").all());
    const known = knownMigrations();
    const newest = known.at(-1) ?? 0;
    const applied = last?.last ?? 0;
    if (applied > newest || (applied > 0 && !known.includes(applied))) return { kind: "newer" };
    return { kind: "fine", pending: applied < newest };
  } catch (error) {
    return troubleOf(error);
  } finally {
    client?.close();
  }
}

/** What an error of the database means for the whole of it. */
export function troubleOf(error: unknown): Trouble {
  const code = error instanceof Error && "code" in error ? String(error.code) : "";
  if (code.startsWith("SQLITE_BUSY") || code.startsWith("SQLITE_LOCKED")) return { kind: "locked" };
  if (code === "SQLITE_CANTOPEN" || code === "EACCES" || code === "SQLITE_PERM" || code === "SQLITE_AUTH")
    return { kind: "unreadable" };
  if (code.startsWith("SQLITE_READONLY")) return { kind: "readOnly" };
  return {
    kind: "damaged",
    found: error instanceof Error ? error.message.slice(0, 300) : "it can’t be read",
  };
}
