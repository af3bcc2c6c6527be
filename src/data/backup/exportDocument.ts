import fs from "node:fs";
import type Database from "better-sqlite3";
import { done, failed, type Result } from "@/core/result";
import { openForReading } from "../files/forReading";
import { DOCUMENT_FORMAT, DOCUMENT_VERSION } from "./document";
import { DOCUMENT_TABLES, type DocumentTable } from "./documentTables";

/** What could not be read of a database. */
export interface Lost {
  /** How many rows of each table. */
  readonly rows: Readonly<Record<string, number>>;
  /** The tables of which nothing could be read, though they may hold something. */
  readonly tables: readonly string[];
}

/**
 * Writes everything in a database to a file, as one JSON document. What can't be read of a damaged database is
 * passed over and counted; none is lost of a whole one. Refuses one of which nothing can be read.
 */
export function exportDocument(database: string, out: string, now: Date): Result<Lost, "nothingRead"> {
  const client = openForReading(database);
  const file = fs.openSync(out, "w");
  const rows: Record<string, number> = {};
  const tables: string[] = [];
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
      if (missing === undefined) tables.push(table.name);
      if (missing !== 0) rows[table.name] = missing ?? 1;
      fs.writeSync(file, "]");
    }
    const told = Object.keys(rows).length === 0 ? "" : `,"lost":${JSON.stringify(rows)}`;
    fs.writeSync(file, `\n}${told}}\n`);
  } finally {
    fs.closeSync(file);
    client.close();
  }
  return tables.length === DOCUMENT_TABLES.length ? failed("nothingRead") : done({ rows, tables });
}

/** Rows a write: enough for few writes, little enough to hold. */
const ROWS_AT_ONCE = 500;
/** Under which name the number of a row is read beside its columns. */
const AT = "__at";

/** A row as it is read, with its number. */
type NumberedRow = Readonly<Record<string, unknown>> & { readonly [AT]: number };

/** Writes the rows of a table; gives how many could not be read, and nothing where it can't be read at all. */
function exportTable(
  client: Database.Database,
  { name: table, columns: names }: DocumentTable,
  write: (text: string) => void,
): number | undefined {
  const columns = names.join(", ");
  let first = true;
  let last = 0;
  let waiting: string[] = [];
  const put = (): void => {
    if (waiting.length === 0) return;
    write(`${first ? "\n" : ",\n"}${waiting.join(",\n")}`);
    first = false;
    waiting = [];
  };
  const take = ({ [AT]: at, ...row }: NumberedRow): void => {
    last = at;
    waiting.push(JSON.stringify(row));
    if (waiting.length >= ROWS_AT_ONCE) put();
  };
  const from = `select rowid as ${AT}, ${columns} from ${table}`;
  let lost: number | undefined = 0;
  try {
    for (const row of client.prepare<[], NumberedRow>(`${from} order by rowid`).iterate()) take(row);
  } catch {
    lost = salvage();
  }
  put();
  return lost;

  /** Reads on a row at a time, by numbers that go up, and passes over what can't be read. */
  function salvage(): number | undefined {
    let missing = 0;
    try {
      const most =
        client.prepare<[], { readonly n: number | null }>(`select max(rowid) as n from ${table}`).get()?.n ??
        0;
      const one = client.prepare<[number], NumberedRow>(`${from} where rowid = ?`);
      for (let at = last + 1; at <= most; at++) {
        try {
          const row = one.get(at);
          if (row !== undefined) take(row);
        } catch {
          missing++;
        }
      }
    } catch {
      return last === 0 ? undefined : missing + 1;
    }
    return missing;
  }
}
