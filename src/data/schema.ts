import { index, integer, primaryKey, real, sqliteTable, text, uniqueIndex } from "drizzle-orm/sqlite-core";

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

/** The people whose work is marked: a first name or initials, and nothing else. */
export const learners = sqliteTable("learners", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull(),
  removedAt: integer("removed_at", { mode: "timestamp_ms" }),
});

/** A paper sheet that is marked: its problems as rows, learners as columns. The answers are attempts. */
export const markingSheets = sqliteTable("marking_sheets", {
  id: text("id").primaryKey(),
  /** House choices as JSON, which the problems and answers are read by. */
  house: text("house").notNull(),
  /** The problems as typed, as a JSON list. */
  problems: text("problems").notNull(),
  /** The ids of its learners, as a JSON list. */
  learners: text("learners").notNull(),
  openedAt: integer("opened_at", { mode: "timestamp_ms" }).notNull(),
  deletedAt: integer("deleted_at", { mode: "timestamp_ms" }),
});

/** One answer of one learner to one problem, with what was found in it. */
export const attempts = sqliteTable(
  "attempts",
  {
    id: text("id").primaryKey(),
    learnerId: text("learner_id").notNull(),
    at: integer("at", { mode: "timestamp_ms" }).notNull(),
    /** The marking sheet it stands on and its row there; nothing for work on the learner's board. */
    sheetId: text("sheet_id"),
    row: integer("row"),
    problem: text("problem").notNull(),
    house: text("house").notNull(),
    /** The answer as typed or written. */
    given: text("given").notNull(),
    verdict: text("verdict", { enum: ["right", "form", "wrong", "unread"] }).notNull(),
    /** The slips that explain it, as a JSON list: the likeliest, or the tutor's choice. */
    slips: text("slips").notNull(),
    /** How likely that explanation was; nothing where the tutor chose or there is none. */
    probability: real("probability"),
    /** Whether the tutor chose the explanation. */
    chosen: integer("chosen", { mode: "boolean" }).notNull(),
    /** The tutor's own words; empty where there are none. */
    note: text("note").notNull(),
    /** What was written on the learner's paper, as JSON; nothing for an answer alone. */
    marks: text("marks"),
    hints: integer("hints").notNull(),
    /** The estimate made before, as typed; empty where none was. */
    estimate: text("estimate").notNull(),
    seconds: integer("seconds"),
  },
  (table) => [
    uniqueIndex("attempts_on_sheets").on(table.sheetId, table.row, table.learnerId),
    index("attempts_by_learner").on(table.learnerId, table.at),
  ],
);

/** Each slip that an attempt gave the chance of, and whether it showed. */
export const attemptSlips = sqliteTable(
  "attempt_slips",
  {
    attemptId: text("attempt_id").notNull(),
    learnerId: text("learner_id").notNull(),
    slip: text("slip").notNull(),
    shown: integer("shown", { mode: "boolean" }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.attemptId, table.slip] }),
    index("slips_by_learner").on(table.learnerId, table.slip, table.shown),
  ],
);
