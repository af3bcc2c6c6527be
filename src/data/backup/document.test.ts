import { getTableColumns, getTableName, is } from "drizzle-orm";
import { SQLiteTable } from "drizzle-orm/sqlite-core";
import { describe, expect, it } from "vitest";
import * as schema from "../schema";
import { columnsOf, DOCUMENT_TABLE_NAMES } from "./document";

/** What follows from the rest, or counts within one database, and so goes out with nothing. */
const NOT_IN_DOCUMENT: Readonly<Record<string, "all" | readonly string[]>> = {
  changes: "all",
  pattern_counts: "all",
  learners: ["answers"],
};

const kept = Object.values(schema)
  .filter((table) => is(table, SQLiteTable))
  .map((table) => {
    const name = getTableName(table);
    const out = NOT_IN_DOCUMENT[name] ?? [];
    const columns = Object.values(getTableColumns(table)).map((column) => column.name);
    return { name, columns: out === "all" ? [] : columns.filter((column) => !out.includes(column)) };
  })
  .filter(({ columns }) => columns.length > 0);

describe("the document that data goes out and in as", () => {
  it("has every table that is kept, and no other", () => {
    expect([...DOCUMENT_TABLE_NAMES].sort()).toEqual(kept.map(({ name }) => name).sort());
  });

  it.each(kept)("has every column of $name", ({ name, columns }) => {
    const table = DOCUMENT_TABLE_NAMES.find((one) => one === name);
    expect(table && [...columnsOf(table)].sort()).toEqual([...columns].sort());
  });
});
