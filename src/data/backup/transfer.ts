import fs from "node:fs";
import Database from "better-sqlite3";
import { done, failed, type Result } from "@/core/result";
import { openFile } from "../database";
import { recount } from "../marking/patternCounts";
import { DOCUMENT_FORMAT, DOCUMENT_VERSION, readDocument } from "./document";
import { DOCUMENT_TABLES, type DocumentTable } from "./documentTables";
import { examineFile } from "./health";

/** How many rows of each table could not be read. */
export type Lost = Readonly<Record<string, number>>;

/**
 * Writes everything in a database to a file, as one JSON document. What can't be read of a damaged database is
 * passed over and counted; none is lost of a whole one.
 */
export function exportDocument(database: string, out: string, now: Date): Lost {
  const client = new Database(database, { readonly: true, timeout: 5000 });
  const file = fs.openSync(out, "w");
  const lost: Record<string, number> = {};
  try {
    // One reading for all tables, so that they hold together.
    client.exec("BEGIN");
    fs.writeSync(
      file,
      `{"format":"${DOCUMENT_FORMAT}","version":${DOCUMENT_VERSION},"exportedAt":"${now.toISOString()}","tables":{`,
    );
    for (const [index, table] of DOCUMENT_TABLES.entries()) {
      fs.writeSync(file, `${index === 0 ? "" : ","}\n"${table.name}":[`);
      const missing = exportTable(client, table, (text) => fs.writeSync(file, text));
      if (missing > 0) lost[table.name] = missing;
      fs.writeSync(file, "]");
    }
    const told = Object.keys(lost).length === 0 ? "" : `,"lost":${JSON.stringify(lost)}`;
    fs.writeSync(file, `\n}${told}}\n`);
  } finally {
    fs.closeSync(file);
    client.close();
  }
  return lost;
}

/** Rows a write: enough for few writes, little enough to hold. */
const ROWS_AT_ONCE = 500;

function exportTable(
  client: Database.Database,
  { name: table, columns: names }: DocumentTable,
  write: (text: string) => void,
): number {
  const columns = names.join(", ");
  let first = true;
  const put = (rows: readonly unknown[]): void => {
    if (rows.length === 0) return;
    write(`${first ? "\n" : ",\n"}${rows.map((row) => JSON.stringify(row)).join(",\n")}`);
    first = false;
  };
  try {
    let rows: unknown[] = [];
    for (const row of client.prepare(`select ${columns} from ${table} order by rowid`).iterate()) {
      rows.push(row);
      if (rows.length < ROWS_AT_ONCE) continue;
      put(rows);
      rows = [];
    }
    put(rows);
    return 0;
  } catch {
    return first ? salvageTable(client, table, columns, put) : salvageRest(put);
  }
}

/** A table that breaks off after some rows were written: what comes after is counted as lost, once. */
const salvageRest = (put: (rows: readonly unknown[]) => void): number => {
  put([]);
  return 1;
};

/** Reads a damaged table a row at a time, by numbers that go up, and passes over what can't be read. */
function salvageTable(
  client: Database.Database,
  table: string,
  columns: string,
  put: (rows: readonly unknown[]) => void,
): number {
  let lost = 0;
  let last = 0;
  try {
    const row = client.prepare(`select max(rowid) as n from ${table}`).get() as { readonly n: number | null };
    last = row.n ?? 0;
  } catch {
    return 1;
  }
  const one = client.prepare(`select ${columns} from ${table} where rowid = ?`);
  for (let at = 1; at <= last; at++) {
    try {
      const row = one.get(at);
      if (row !== undefined) put([row]);
    } catch {
      lost++;
    }
  }
  return lost;
}

/**
 * Makes a new database file from a document: all of it, or none and why. `chancesOf` works out what an answer
 * to a task could show, where the document does not say.
 */
export function importDocument(
  json: string,
  file: string,
  chancesOf: (problem: string, house: string) => string,
): Result<undefined, string> {
  const document = readDocument(json);
  if (!document.ok) return failed(document.error);
  for (const rest of ["", "-wal", "-shm"]) fs.rmSync(file + rest, { force: true });
  const data = openFile(file);
  try {
    const client = data.$client;
    client.pragma("synchronous = OFF");
    client.transaction(() => {
      for (const { name: table, columns } of DOCUMENT_TABLES) {
        const insert = client.prepare(
          `insert into ${table} (${columns.join(", ")}) values (${columns.map((name) => `@${name}`).join(", ")})`,
        );
        for (const row of document.value[table] ?? []) insert.run(row);
      }
      const revisions = DOCUMENT_TABLES.filter(({ hasRevision }) => hasRevision)
        .map(({ name }) => `(select coalesce(max(revision), 0) from ${name})`)
        .join(", ");
      client.exec(`insert or replace into changes (id, revision) values (1, max(1, ${revisions}))`);
    })();
    recount(data, chancesOf);
    client.pragma("wal_checkpoint(TRUNCATE)");
    client.pragma("journal_mode = DELETE");
  } catch (error) {
    data.$client.close();
    for (const rest of ["", "-wal", "-shm"]) fs.rmSync(file + rest, { force: true });
    const twice =
      error instanceof Error && "code" in error && String(error.code).startsWith("SQLITE_CONSTRAINT");
    return failed(twice ? "The file has two things of the same id." : "The file could not be imported.");
  }
  data.$client.close();
  syncFile(file);
  const health = examineFile(file, "integrity_check");
  return health.kind === "fine" ? done(undefined) : failed("What was imported did not pass its check.");
}

/** Makes sure that a file is on disk before it takes another's place. */
export function syncFile(file: string): void {
  const opened = fs.openSync(file, "r+");
  fs.fsyncSync(opened);
  fs.closeSync(opened);
}
