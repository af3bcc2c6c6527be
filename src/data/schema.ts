import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";

/**
 * Boards as they were left. A working is never stored: it is replayed from problem, method and house
 * rules, so `version` says which reading of the problem text the row was written with.
 */
export const boards = sqliteTable(
  "boards",
  {
    id: text("id").primaryKey(),
    version: integer("version").notNull(),
    /** As it was typed, in the notation of its house rules. */
    problem: text("problem").notNull(),
    method: text("method").notNull(),
    /** The method on a second board beside it, where there is one. */
    beside: text("beside"),
    /** House choices as JSON: a preset and the switches that differ from it. */
    house: text("house").notNull(),
    step: integer("step").notNull(),
    /** The estimate the learner made, as typed; empty where none was. */
    guess: text("guess").notNull(),
    /** The tutor's own name for the board; empty where it goes by its problem. */
    name: text("name").notNull(),
    pinned: integer("pinned", { mode: "boolean" }).notNull(),
    openedAt: integer("opened_at", { mode: "timestamp_ms" }).notNull(),
    deletedAt: integer("deleted_at", { mode: "timestamp_ms" }),
  },
  (table) => [index("boards_by_age").on(table.pinned, table.openedAt)],
);

/** The tutor's own settings, one value of JSON under each name. */
export const settings = sqliteTable("settings", {
  name: text("name").primaryKey(),
  value: text("value").notNull(),
});
