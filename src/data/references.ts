import { getTableName } from "drizzle-orm";
import type { SQLiteColumn } from "drizzle-orm/sqlite-core";
import {
  keptSheets,
  learnerAttempts,
  learners,
  markingSheets,
  papers,
  sheetLearners,
  sheetRows,
  sheetsGiven,
  sheetVersions,
  tasks,
} from "./schema";

/** What points to what: a column, and the key that it must be. */
const POINTS: readonly (readonly [SQLiteColumn, SQLiteColumn])[] = [
  [sheetRows.sheetId, markingSheets.id],
  [sheetLearners.sheetId, markingSheets.id],
  [sheetLearners.learnerId, learners.id],
  [sheetsGiven.sheetId, keptSheets.id],
  [sheetVersions.sheetId, keptSheets.id],
  [sheetsGiven.learnerId, learners.id],
  [learnerAttempts.learnerId, learners.id],
  [learnerAttempts.rowId, sheetRows.id],
  [learnerAttempts.taskId, tasks.id],
  [papers.attemptId, learnerAttempts.id],
];

/** The references between tables, by the names that SQLite knows. */
export const REFERENCES = POINTS.map(([from, to]) => ({
  table: getTableName(from.table),
  column: from.name,
  to: getTableName(to.table),
  key: to.name,
}));
