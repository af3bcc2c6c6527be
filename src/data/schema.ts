import { sql } from "drizzle-orm";
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
    revision: integer("revision").notNull().default(0),
  },
  (table) => [index("boards_by_age").on(table.pinned, table.openedAt)],
);

/** The tutor's own settings, one value of JSON under each name. */
export const settings = sqliteTable("settings", {
  name: text("name").primaryKey(),
  value: text("value").notNull(),
  revision: integer("revision").notNull().default(0),
});

/** What a tutor made for themselves, of which several stand side by side: rungs, stories, stock lists. */
export const ownThings = sqliteTable(
  "own_things",
  {
    id: text("id").primaryKey(),
    kind: text("kind").notNull(),
    /** All of it, as JSON. */
    state: text("state").notNull(),
    /** The number of the change that it was made with: they stand in this order. */
    made: integer("made").notNull(),
    deletedAt: integer("deleted_at", { mode: "timestamp_ms" }),
    revision: integer("revision").notNull().default(0),
  },
  (table) => [index("own_things_by_kind").on(table.kind, table.made)],
);

/**
 * The one count of changes: each write takes the next number, which is the revision of what it wrote. The first
 * row has the last of them, the second that at which the whole was replaced.
 */
export const changes = sqliteTable("changes", {
  id: integer("id").primaryKey(),
  revision: integer("revision").notNull(),
});

/** The people whose work is marked: a first name or initials, and nothing else. */
export const learners = sqliteTable("learners", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull(),
  removedAt: integer("removed_at", { mode: "timestamp_ms" }),
  /** How many of their answers are counted: kept up with every write, made anew by `recount`. */
  answers: integer("answers").notNull().default(0),
  revision: integer("revision").notNull().default(0),
});

/** A paper sheet that is marked. Its rows and learners are rows of their own; the answers are attempts. */
export const markingSheets = sqliteTable("marking_sheets", {
  id: text("id").primaryKey(),
  /** House choices as JSON, which the problems and answers are read by. */
  house: text("house").notNull(),
  openedAt: integer("opened_at", { mode: "timestamp_ms" }).notNull(),
  deletedAt: integer("deleted_at", { mode: "timestamp_ms" }),
  /** The last change of anything on it, and of its rows and learners. */
  revision: integer("revision").notNull().default(0),
  shape: integer("shape").notNull().default(0),
});

/** A row of a sheet: a problem as typed. One that was taken away keeps its answers, and can come back with them. */
export const sheetRows = sqliteTable(
  "sheet_rows",
  {
    id: text("id").primaryKey(),
    sheetId: text("sheet_id").notNull(),
    position: integer("position").notNull(),
    problem: text("problem").notNull(),
    removedAt: integer("removed_at", { mode: "timestamp_ms" }),
  },
  (table) => [index("rows_by_sheet").on(table.sheetId, table.position)],
);

/** A learner on a sheet. One that was taken off it keeps their answers there. */
export const sheetLearners = sqliteTable(
  "sheet_learners",
  {
    sheetId: text("sheet_id").notNull(),
    learnerId: text("learner_id").notNull(),
    position: integer("position").notNull(),
    removedAt: integer("removed_at", { mode: "timestamp_ms" }),
  },
  (table) => [primaryKey({ columns: [table.sheetId, table.learnerId] })],
);

/** The problems of a kept sheet as they were given out under a code: whoever types the code marks these, whatever has become of the sheet. */
export const sheetVersions = sqliteTable("sheet_versions", {
  code: text("code").primaryKey(),
  sheetId: text("sheet_id").notNull(),
  /** The name it had, house choices and problems as JSON. */
  name: text("name").notNull(),
  house: text("house").notNull(),
  rows: text("rows").notNull(),
  /** The id under which it is marked, among the marking sheets. */
  markedAs: text("marked_as").notNull(),
  givenOutAt: integer("given_out_at", { mode: "timestamp_ms" }).notNull(),
});

/** A sheet of problems that was drawn or typed. */
export const keptSheets = sqliteTable(
  "kept_sheets",
  {
    id: text("id").primaryKey(),
    /** A few letters and digits that are printed on it, by which it is found again. */
    code: text("code").notNull(),
    name: text("name").notNull(),
    /** House choices as JSON, which the problems are written in. */
    house: text("house").notNull(),
    /** The problems in their order, as a JSON list. */
    rows: text("rows").notNull(),
    /** The version of the rules that it was drawn by, and the seed; a typed one has seed 0. */
    drawing: integer("drawing").notNull(),
    seed: integer("seed").notNull(),
    changedAt: integer("changed_at", { mode: "timestamp_ms" }).notNull(),
    archivedAt: integer("archived_at", { mode: "timestamp_ms" }),
    deletedAt: integer("deleted_at", { mode: "timestamp_ms" }),
    revision: integer("revision").notNull().default(0),
  },
  (table) => [
    uniqueIndex("kept_sheets_by_code").on(table.code),
    index("kept_sheets_by_age").on(table.changedAt),
  ],
);

/** Who was given which sheet, and when last. */
export const sheetsGiven = sqliteTable(
  "sheets_given",
  {
    sheetId: text("sheet_id").notNull(),
    learnerId: text("learner_id").notNull(),
    at: integer("at", { mode: "timestamp_ms" }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.sheetId, table.learnerId] })],
);

/** A problem as typed under some house rules: many answers are to the same one. */
export const tasks = sqliteTable(
  "tasks",
  {
    id: integer("id").primaryKey(),
    problem: text("problem").notNull(),
    house: text("house").notNull(),
    /** The patterns that an answer to it could show, as a JSON list; empty text until they are worked out. */
    chances: text("chances").notNull(),
  },
  (table) => [uniqueIndex("tasks_by_text").on(table.problem, table.house)],
);

/** One answer of one learner to one task, with what was found in it. */
export const learnerAttempts = sqliteTable(
  "learner_attempts",
  {
    id: integer("id").primaryKey(),
    learnerId: text("learner_id").notNull(),
    at: integer("at", { mode: "timestamp_ms" }).notNull(),
    /** The row it stands in, where it is on a sheet. */
    rowId: text("row_id"),
    taskId: integer("task_id").notNull(),
    /** The answer as typed or written; empty where it was taken back. */
    given: text("given").notNull(),
    /** `waiting` is typed and not marked yet. */
    verdict: text("verdict", { enum: ["right", "form", "wrong", "unread", "waiting"] }).notNull(),
    /** What an answer lacks in form, as a JSON list. */
    faults: text("faults").notNull(),
    /** The patterns that explain it, as a JSON list: the likeliest, or the tutor's choice. */
    patterns: text("patterns").notNull(),
    /** The patterns that it showed, of the chances its task gives, as a JSON list. */
    shown: text("shown").notNull(),
    /** How likely that explanation was; none where the tutor chose or there is none. */
    probability: real("probability"),
    /** Whether the tutor chose the explanation. */
    chosen: integer("chosen", { mode: "boolean" }).notNull(),
    /** The tutor's own words; empty where there are none. */
    note: text("note").notNull(),
    revision: integer("revision").notNull().default(0),
  },
  (table) => [
    uniqueIndex("attempts_by_row").on(table.rowId, table.learnerId),
    index("attempts_by_age").on(table.learnerId, table.at),
    index("attempts_waiting").on(table.rowId).where(sql`verdict = 'waiting'`),
  ],
);

/** What was written on a learner's own paper, beside the attempt it belongs to. */
export const papers = sqliteTable("papers", {
  attemptId: integer("attempt_id").primaryKey(),
  /** The marks as JSON. */
  marks: text("marks").notNull(),
  hints: integer("hints").notNull(),
  /** The estimate made before, as typed; empty where none was. */
  estimate: text("estimate").notNull(),
  /** The belief that the estimate gave a chance to show; empty where there is none. */
  judged: text("judged").notNull(),
  /** Seconds from the first mark to handing in. */
  seconds: integer("seconds"),
  /** The id it was sent with, so that what is sent again after a lost answer is kept once; none where it had none. */
  sentId: text("sent_id").unique(),
});

/** How often each pattern has shown in a learner's work, of how many times it could have: sums over attempts, kept up with every write. */
export const patternCounts = sqliteTable(
  "pattern_counts",
  {
    learnerId: text("learner_id").notNull(),
    pattern: text("pattern").notNull(),
    shown: integer("shown").notNull(),
    chances: integer("chances").notNull(),
  },
  (table) => [primaryKey({ columns: [table.learnerId, table.pattern] })],
);

/** Rows of before that could not be carried over, whole, as JSON. */
export const setAside = sqliteTable("set_aside", {
  id: integer("id").primaryKey(),
  /** Which table it stood in. */
  origin: text("origin").notNull(),
  content: text("content").notNull(),
});
