import { getTableColumns, getTableName, is } from "drizzle-orm";
import { SQLiteTable } from "drizzle-orm/sqlite-core";
import { describe, expect, it } from "vitest";
import { REFERENCES } from "../references";
import * as schema from "../schema";
import { DOCUMENT_TABLES } from "./documentTables";

const tables = Object.values(schema)
  .filter((table) => is(table, SQLiteTable))
  .map((table) => ({
    name: getTableName(table),
    columns: Object.values(getTableColumns(table)).map((column) => column.name),
  }));

/** What follows from the rest, or counts within one database: said once more here, so that nothing else is left out unseen. */
const LEFT_OUT = ["changes", "pattern_counts"];

describe("the document that data goes out and in as", () => {
  it("has every table that is kept, and no other", () => {
    const kept = tables.map(({ name }) => name).filter((name) => !LEFT_OUT.includes(name));
    expect(DOCUMENT_TABLES.map(({ name }) => name).sort()).toEqual(kept.sort());
  });

  it.each(tables.filter(({ name }) => !LEFT_OUT.includes(name)))(
    "has every column of $name",
    ({ name, columns }) => {
      const expected = name === "learners" ? columns.filter((column) => column !== "answers") : columns;
      const table = DOCUMENT_TABLES.find((one) => one.name === name);
      expect(table && [...table.columns].sort()).toEqual([...expected].sort());
    },
  );

  it("knows what each column that names something else points to", () => {
    const naming = tables.flatMap(({ name, columns }) =>
      columns.filter((column) => column.endsWith("_id")).map((column) => `${name}.${column}`),
    );
    const known = REFERENCES.map(({ table, column }) => `${table}.${column}`);
    // The id that work was sent with names nothing that is kept; counts do not go out.
    const free = ["papers.sent_id", "pattern_counts.learner_id"];
    expect(naming.filter((column) => !free.includes(column)).sort()).toEqual(known.sort());
  });
});
