import { and, eq, isNull, sql } from "drizzle-orm";
import type { AnySQLiteColumn } from "drizzle-orm/sqlite-core";
import type { DataWriter } from "../revision";
import { learnerAttempts, sheetLearners, sheetRows } from "../schema";

/** All squares of a sheet, those of each row as one text. */
export interface PackedCells {
  /** By row: a JSON list of [learner's place, revision, answer, verdict], and faults, patterns, chosen and note where there are any. */
  readonly squares: Readonly<Record<string, string>>;
  /** The ids of the learners by their places. */
  readonly places: Readonly<Record<number, string>>;
  /** How many answers can't be read. */
  readonly unread: number;
}

/** A JSON list of texts as it is kept; an empty one where it is broken. */
const list = (column: AnySQLiteColumn) =>
  sql`case when json_valid(${column}) and json_type(${column}) = 'array' then ${column} else '[]' end`;

const HAS_MORE = sql`${learnerAttempts.faults} <> '[]' or ${learnerAttempts.patterns} <> '[]' or ${learnerAttempts.chosen} or ${learnerAttempts.note} <> ''`;
const MORE = sql`',' || ${list(learnerAttempts.faults)} || ',' || ${list(learnerAttempts.patterns)} || ',' || (${learnerAttempts.chosen} <> 0) || ',' || json_quote(${learnerAttempts.note})`;
const CELL = sql`'[' || ${sheetLearners.position} || ',' || ${learnerAttempts.revision} || ',' || json_quote(${learnerAttempts.given})
  || ',"' || ${learnerAttempts.verdict} || '"' || case when ${HAS_MORE} then ${MORE} else '' end || ']'`;

/** The squares of a sheet as the database itself writes them out: so thousands at once take no longer than a page may. */
export function packedCellsOf(data: DataWriter, sheet: string): PackedCells {
  const ofSheet = and(
    eq(sheetLearners.sheetId, sheetRows.sheetId),
    eq(sheetLearners.learnerId, learnerAttempts.learnerId),
  );
  const rows = data
    .select({
      row: sheetRows.id,
      squares: sql<string>`'[' || group_concat(${CELL}) || ']'`,
      unread: sql<number>`sum(${learnerAttempts.verdict} = 'unread' and ${learnerAttempts.given} <> '')`,
    })
    .from(sheetRows)
    .innerJoin(learnerAttempts, eq(learnerAttempts.rowId, sheetRows.id))
    .innerJoin(sheetLearners, ofSheet)
    .where(and(eq(sheetRows.sheetId, sheet), isNull(sheetRows.removedAt)))
    .groupBy(sheetRows.id)
    .all();
  const places = data
    .select({ position: sheetLearners.position, id: sheetLearners.learnerId })
    .from(sheetLearners)
    .where(eq(sheetLearners.sheetId, sheet))
    .all();
  return {
    squares: Object.fromEntries(rows.map(({ row, squares }) => [row, squares])),
    places: Object.fromEntries(places.map(({ position, id }) => [position, id])),
    unread: rows.reduce((sum, { unread }) => sum + unread, 0),
  };
}
