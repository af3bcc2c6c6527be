import { getTableName, is } from "drizzle-orm";
import { getTableConfig, type SQLiteColumn, SQLiteTable } from "drizzle-orm/sqlite-core";
import { z } from "zod";
import * as schema from "../schema";

/** What follows from the rest, or counts within one database, and so goes out with nothing. */
const LEFT_OUT: ReadonlySet<string> = new Set(["changes", "pattern_counts", "learners.answers"]);

/** The longest text of a column in characters, by its name or by its table's and its own; of others `USUAL`. */
const LONGEST: Readonly<Record<string, number>> = {
  id: 60,
  problem: 2000,
  method: 100,
  beside: 100,
  guess: 200,
  name: 200,
  "settings.name": 40,
  "settings.value": 5_000_000,
  state: 300_000,
  "learners.name": 80,
  code: 20,
  rows: 1_000_000,
  chances: 10_000,
  given: 2000,
  note: 2000,
  marks: 1_000_000,
  estimate: 200,
  judged: 100,
  content: 1_000_000,
};
const USUAL = 4000;

/** More changes than are made in any number of years; beyond it a number would not count on. */
const LARGEST_REVISION = 1_000_000_000_000;

/** The columns of text that are never empty, beside ids. */
const FILLED: ReadonlySet<string> = new Set(["learners.name", "kept_sheets.code"]);

const isId = (name: string): boolean => name === "id" || name.endsWith("_id");

/** What stands in a column of the document: a time in milliseconds, a flag as 0 or 1, all else as SQLite has it. */
function columnValue(table: string, column: SQLiteColumn): z.ZodType {
  const { name, dataType, notNull, enumValues } = column;
  const place = `${table}.${name}`;
  const value = ((): z.ZodType => {
    if (dataType === "boolean") return z.union([z.literal(0), z.literal(1)]);
    if (dataType === "date") return z.number().int();
    if (dataType === "number") {
      if (column.getSQLType() === "real") return z.number().min(0).max(1);
      return name === "revision" || name === "shape" || name === "made"
        ? z.number().int().min(0).max(LARGEST_REVISION)
        : z.number().int();
    }
    if (enumValues !== undefined && enumValues.length > 0) return z.enum(enumValues);
    const text = z.string().max(LONGEST[place] ?? LONGEST[isId(name) ? "id" : name] ?? USUAL);
    return isId(name) || FILLED.has(place) ? text.min(1) : text;
  })();
  return notNull ? value : value.nullable();
}

/** A table as it goes out and comes in. */
export interface DocumentTable {
  readonly name: string;
  /** The columns in the order they are written. */
  readonly columns: readonly string[];
  readonly row: z.ZodType<Readonly<Record<string, unknown>>>;
  /** Whether each of its rows has the number of its last change. */
  readonly hasRevision: boolean;
}

function documentTable(table: SQLiteTable): DocumentTable {
  const name = getTableName(table);
  const columns = getTableConfig(table).columns.filter((column) => !LEFT_OUT.has(`${name}.${column.name}`));
  return {
    name,
    columns: columns.map((column) => column.name),
    row: z.strictObject(
      Object.fromEntries(columns.map((column) => [column.name, columnValue(name, column)])),
    ),
    hasRevision: columns.some((column) => column.name === "revision"),
  };
}

/** Every table of the document, read off the schema: a new table or column is in it with no more said. */
export const DOCUMENT_TABLES: readonly DocumentTable[] = Object.values(schema)
  .filter((table) => is(table, SQLiteTable))
  .filter((table) => !LEFT_OUT.has(getTableName(table)))
  .map(documentTable);

/** The key of each table by which one of its rows is found; none of those whose key has several columns. */
export const ROW_KEYS: ReadonlyMap<string, string> = new Map(
  Object.values(schema)
    .filter((table) => is(table, SQLiteTable))
    .flatMap((table) => {
      const key = getTableConfig(table).columns.find(({ primary }) => primary);
      return key === undefined ? [] : [[getTableName(table), key.name] as const];
    }),
);
