import { and, eq, isNull, sql } from "drizzle-orm";
import type { AnySQLiteColumn } from "drizzle-orm/sqlite-core";
import type { Writing } from "./revision";
import { attempts, sheetLearners, sheetRows } from "./schema";

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

const HAS_MORE = sql`${attempts.faults} <> '[]' or ${attempts.patterns} <> '[]' or ${attempts.chosen} or ${attempts.note} <> ''`;
const MORE = sql`',' || ${list(attempts.faults)} || ',' || ${list(attempts.patterns)} || ',' || (${attempts.chosen} <> 0) || ',' || json_quote(${attempts.note})`;
const CELL = sql`'[' || ${sheetLearners.position} || ',' || ${attempts.revision} || ',' || json_quote(${attempts.given})
  || ',"' || ${attempts.verdict} || '"' || case when ${HAS_MORE} then ${MORE} else '' end || ']'`;

/** The squares of a sheet as the database itself writes them out: so thousands at once take no longer than a page may. */
export function packedCellsOf(data: Writing, sheet: string): PackedCells {
  const ofSheet = and(
    eq(sheetLearners.sheetId, sheetRows.sheetId),
    eq(sheetLearners.learnerId, attempts.learnerId),
  );
  const rows = data
    .select({
      row: sheetRows.id,
      squares: sql<string>`'[' || group_concat(${CELL}) || ']'`,
      unread: sql<number>`sum(${attempts.verdict} = 'unread' and ${attempts.given} <> '')`,
    })
    .from(sheetRows)
    .innerJoin(attempts, eq(attempts.rowId, sheetRows.id))
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
