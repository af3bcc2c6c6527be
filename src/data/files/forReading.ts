import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { temporaryFolder } from "./temporary";

/** Where the copy is that is read, as the processes of one server tell each other. */
const COPY = "RIGHT_SUM_READ_COPY";
const COPIED_AS = "copy.sqlite";

/** Whether an error says that a log would have to be made beside the file, and can't be. */
function wantsLog(error: unknown): boolean {
  const code = error instanceof Error && "code" in error ? String(error.code) : "";
  return code.startsWith("SQLITE_READONLY") || code === "SQLITE_CANTOPEN";
}

/** Opens a database to be read, and looks whether it can be. */
function opened(file: string, timeout: number): Database.Database {
  const client = new Database(file, { readonly: true, timeout });
  try {
    client.prepare("select count(*) from sqlite_master").get();
    return client;
  } catch (error) {
    client.close();
    throw error;
  }
}

/**
 * Opens a database file for reading alone. A database with a log can't be read in place where its folder can't be
 * written (SQLite's own rule: https://sqlite.org/wal.html#readonly): then a copy of it in the temporary folder is read.
 */
export function openForReading(file: string, timeout = 5000): Database.Database {
  try {
    return opened(file, timeout);
  } catch (error) {
    if (!wantsLog(error) || !fs.existsSync(file)) throw error;
    const copy = copyOf(file);
    if (copy === undefined) throw error;
    return opened(copy, timeout);
  }
}

/** A copy of a database with its log, made once; none where it can't be read or there is no room. */
function copyOf(file: string): string | undefined {
  const { mtimeMs, size } = fs.statSync(file);
  const name = `${Math.trunc(mtimeMs)}-${size}`;
  try {
    process.env[COPY] ??= temporaryFolder("read");
    const copied = path.join(process.env[COPY], name, COPIED_AS);
    if (fs.existsSync(copied)) return copied;
    const folder = fs.mkdtempSync(path.join(process.env[COPY], "half-"));
    const copy = path.join(folder, COPIED_AS);
    if (fs.existsSync(`${file}-wal`)) fs.copyFileSync(`${file}-wal`, `${copy}-wal`);
    fs.copyFileSync(file, copy);
    for (const part of [copy, `${copy}-wal`]) if (fs.existsSync(part)) fs.chmodSync(part, 0o600);
    // A log without its index can be read only by who may write: the copy is whole, and has none, from here on.
    const whole = new Database(copy);
    whole.pragma("journal_mode = DELETE");
    whole.close();
    fs.renameSync(folder, path.dirname(copied));
    return copied;
  } catch {
    return undefined;
  }
}

/** Removes the copy that was read, where there is one. */
export function removeCopyRead(): void {
  const folder = process.env[COPY];
  if (folder === undefined) return;
  delete process.env[COPY];
  fs.rmSync(folder, { recursive: true, force: true });
}
