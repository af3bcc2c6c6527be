import type Database from "better-sqlite3";
import { done, failed, type Result } from "@/core/result";
import { openFile } from "../database";
import { closeWhole, removeFile } from "../files/wholeFile";
import { recount } from "../marking/patternCounts";
import { REFERENCES } from "../references";
import { readDocument } from "./document";
import { DOCUMENT_TABLES } from "./documentTables";
import { examineFile } from "./health";

/**
 * Makes a new database file from a document in a file, row by row, so that as much is held of a large one as of a
 * small one: all of it, or none and why. `chancesOf` works out what an answer to a task could show, where the
 * document does not say.
 */
export function importDocument(
  document: string,
  file: string,
  chancesOf: (problem: string, house: string) => string,
): Result<undefined, string> {
  removeFile(file);
  const data = openFile(file);
  try {
    const client = data.$client;
    client.pragma("synchronous = OFF");
    client.exec("BEGIN");
    const refused = filled(client, document);
    if (refused !== undefined) {
      client.close();
      removeFile(file);
      return failed(refused);
    }
    client.exec("COMMIT");
    recount(data, chancesOf);
    closeWhole(data, file);
  } catch (error) {
    data.$client.close();
    removeFile(file);
    const twice =
      error instanceof Error && "code" in error && String(error.code).startsWith("SQLITE_CONSTRAINT");
    return failed(twice ? "The file has two things of the same id." : "The file could not be imported.");
  }
  const health = examineFile(file, "integrity_check");
  return health.kind === "fine" ? done(undefined) : failed("What was imported did not pass its check.");
}

/** Fills an empty database from a document; gives why it can't be, and nothing where all is in. */
function filled(client: Database.Database, document: string): string | undefined {
  const inserts = new Map(
    DOCUMENT_TABLES.map(({ name, columns }) => [
      name,
      client.prepare(
        `insert into ${name} (${columns.join(", ")}) values (${columns.map((column) => `@${column}`).join(", ")})`,
      ),
    ]),
  );
  const read = readDocument(document, (table, row) => void inserts.get(table)?.run(row));
  if (!read.ok) return read.error;
  const loose = looseEnd(client);
  if (loose !== undefined) return loose;
  const revisions = DOCUMENT_TABLES.filter(({ hasRevision }) => hasRevision)
    .map(({ name }) => `(select coalesce(max(revision), 0) from ${name})`)
    .join(", ");
  client.exec(`insert or replace into changes (id, revision) values (1, max(1, ${revisions}))`);
  return undefined;
}

/** A row that points to one that is not there, told in a sentence; none where all hold together. */
function looseEnd(client: Database.Database): string | undefined {
  for (const { table, column, to, key } of REFERENCES) {
    const nth = client
      .prepare<[], number>(
        `select (select count(*) from ${table} before where before.rowid <= one.rowid) from ${table} one
         where ${column} is not null and not exists (select 1 from ${to} where ${to}.${key} = one.${column})
         order by rowid limit 1`,
      )
      .pluck()
      .get();
    if (nth !== undefined)
      return `Number ${nth} of ${table} belongs to something that is not in the file (${column}).`;
  }
  return undefined;
}
