import { and, asc, desc, eq, isNull, sql } from "drizzle-orm";
import { choicesOf, type HouseRules } from "@/core/house";
import { done, type Result } from "@/core/result";
import type { SheetAct } from "@/service/kept/markingSheet";
import type { Unread } from "@/service/kept/unread";
import { partRead } from "../aside/unread";
import type { Data } from "../data";
import { houseOf } from "../houseOf";
import { type DataWriter, nextRevision } from "../revision";
import { learnerAttempts, learners, markingSheets, sheetLearners, sheetRows } from "../schema";
import type { WholeRow } from "../wholeRow";
import { countedOf } from "./attempts";
import { type Learner, putLearner } from "./learners";
import { countIn } from "./patternCounts";

/** A row of a sheet: a problem as typed. */
interface SheetRow {
  readonly id: string;
  readonly problem: string;
}

/** A marking sheet: rows with problems, and the learners whose answers stand beside them. */
export interface MarkingSheet {
  readonly id: string;
  readonly house: HouseRules;
  readonly rows: readonly SheetRow[];
  readonly learners: readonly Learner[];
  /** The last change of anything on it, and of its rows and learners. */
  readonly revision: number;
  readonly shape: number;
}

/** The rows of a sheet that stand on it, in their order. */
const rowsOn = (data: DataWriter, sheet: string): readonly SheetRow[] =>
  data
    .select({ id: sheetRows.id, problem: sheetRows.problem })
    .from(sheetRows)
    .where(and(eq(sheetRows.sheetId, sheet), isNull(sheetRows.removedAt)))
    .orderBy(asc(sheetRows.position), asc(sheetRows.id))
    .all();

const learnersOn = (data: DataWriter, sheet: string): readonly Learner[] =>
  data
    .select({ id: learners.id, name: learners.name })
    .from(sheetLearners)
    .innerJoin(learners, eq(learners.id, sheetLearners.learnerId))
    .where(and(eq(sheetLearners.sheetId, sheet), isNull(sheetLearners.removedAt)))
    .orderBy(asc(sheetLearners.position), asc(learners.id))
    .all();

type Row = typeof markingSheets.$inferSelect;

function sheetOf(data: DataWriter, row: Row): Result<MarkingSheet, string> {
  const house = houseOf(row.house);
  if (!house.ok) return house;
  const { id, revision, shape } = row;
  return done({
    id,
    house: house.value,
    rows: rowsOn(data, id),
    learners: learnersOn(data, id),
    revision,
    shape,
  });
}

const rowOf = (data: DataWriter, id: string): Row | undefined =>
  data
    .select()
    .from(markingSheets)
    .where(and(eq(markingSheets.id, id), isNull(markingSheets.deletedAt)))
    .get();

/** The sheet of an id; none where none is kept, or it can't be read. */
export function findSheet(data: DataWriter, id: string): MarkingSheet | undefined {
  const row = rowOf(data, id);
  const sheet = row && sheetOf(data, row);
  return sheet?.ok ? sheet.value : undefined;
}

/** The sheet as it stands now. Where its rows and learners are still those of before, they are not read anew. */
export function sheetNow(
  data: DataWriter,
  id: string,
  before: MarkingSheet | undefined,
): MarkingSheet | undefined {
  const row = rowOf(data, id);
  if (row === undefined || before === undefined || row.shape !== before.shape) return findSheet(data, id);
  return { ...before, revision: row.revision };
}

/** A sheet as it is listed: its first problems, and when it was opened. */
export interface ListedMarkingSheet {
  readonly id: string;
  readonly problems: readonly string[];
  readonly openedAt: Date;
}

/** How many problems stand for a sheet in a list. */
const LISTED_PROBLEMS = 6;

/** The sheets that were marked last, the newest first; those that can't be read apart. */
export function listSheets(
  data: Data,
  most: number,
): { readonly sheets: readonly ListedMarkingSheet[]; readonly unread: readonly Unread[] } {
  const rows = data
    .select()
    .from(markingSheets)
    .where(isNull(markingSheets.deletedAt))
    .orderBy(desc(markingSheets.openedAt))
    .limit(most)
    .all();
  const { read, unread } = partRead("marking_sheets", rows, (row) => {
    const house = houseOf(row.house);
    return house.ok ? done(row) : house;
  });
  const sheets = read.map(({ id, openedAt }) => ({
    id,
    problems: rowsOn(data, id)
      .slice(0, LISTED_PROBLEMS)
      .map(({ problem }) => problem),
    openedAt,
  }));
  return { sheets, unread };
}

/** Makes a sheet where there is none of its id, and brings one back that was taken away. */
export function openSheet(write: DataWriter, id: string, house: HouseRules, now: Date): void {
  write
    .insert(markingSheets)
    .values({
      id,
      house: JSON.stringify(choicesOf(house)),
      openedAt: now,
      deletedAt: null,
      revision: 0,
      shape: 0,
    } satisfies WholeRow<typeof markingSheets>)
    .onConflictDoUpdate({ target: markingSheets.id, set: { openedAt: now, deletedAt: null } })
    .run();
}

/**
 * Does what a tutor did to a sheet's rows and learners, in a transaction that is open. Each act can come twice
 * without harm. Gives the learners that stand for others: a name that was on the list already keeps its id.
 */
export function applyActs(
  write: DataWriter,
  sheet: string,
  acts: readonly SheetAct[],
  now: Date,
): ReadonlyMap<string, string> {
  const aliases = new Map<string, string>();
  if (acts.length === 0) return aliases;
  for (const act of acts) {
    switch (act.kind) {
      case "addRow": {
        const position = sql<number>`(select coalesce(max(position) + 1, 0) from ${sheetRows} where sheet_id = ${sheet})`;
        write
          .insert(sheetRows)
          .values({
            id: act.id,
            sheetId: sheet,
            position,
            problem: act.problem,
            removedAt: null,
          } satisfies WholeRow<typeof sheetRows>)
          .onConflictDoNothing()
          .run();
        break;
      }
      case "removeRow":
      case "restoreRow":
        setRowRemoved(write, sheet, act.id, act.kind === "removeRow" ? now : null);
        break;
      case "addLearner": {
        const learner = putLearner(write, act, now);
        if (learner.id !== act.id) aliases.set(act.id, learner.id);
        const position = sql<number>`(select coalesce(max(position) + 1, 0) from ${sheetLearners} where sheet_id = ${sheet})`;
        write
          .insert(sheetLearners)
          .values({ sheetId: sheet, learnerId: learner.id, position, removedAt: null } satisfies WholeRow<
            typeof sheetLearners
          >)
          .onConflictDoUpdate({
            target: [sheetLearners.sheetId, sheetLearners.learnerId],
            set: { removedAt: null },
          })
          .run();
        break;
      }
      case "removeLearner":
      case "restoreLearner":
        write
          .update(sheetLearners)
          .set({ removedAt: act.kind === "removeLearner" ? now : null })
          .where(and(eq(sheetLearners.sheetId, sheet), eq(sheetLearners.learnerId, act.id)))
          .run();
        break;
    }
  }
  const revision = nextRevision(write);
  write.update(markingSheets).set({ revision, shape: revision }).where(eq(markingSheets.id, sheet)).run();
  return aliases;
}

/** Takes a row off its sheet with the answers in it, which count no longer, or brings it back with them. */
function setRowRemoved(write: DataWriter, sheet: string, id: string, removedAt: Date | null): void {
  const row = write
    .select()
    .from(sheetRows)
    .where(and(eq(sheetRows.id, id), eq(sheetRows.sheetId, sheet)))
    .get();
  if (row === undefined || (row.removedAt === null) === (removedAt === null)) return;
  write.update(sheetRows).set({ removedAt }).where(eq(sheetRows.id, id)).run();
  const there = countedOf(
    write,
    write.select().from(learnerAttempts).where(eq(learnerAttempts.rowId, id)).all(),
  );
  if (removedAt === null) countIn(write, there, []);
  else countIn(write, [], there);
}

const setDeleted = (data: Data, id: string, deletedAt: Date | null): boolean =>
  data.transaction((write) => {
    const revision = nextRevision(write);
    const set = { deletedAt, revision, shape: revision };
    return write.update(markingSheets).set(set).where(eq(markingSheets.id, id)).run().changes > 0;
  });

/** Takes a sheet off the list; `restoreSheet` brings it back. Says whether there was one. */
export const deleteSheet = (data: Data, id: string, now: Date): boolean => setDeleted(data, id, now);

/** Undoes `deleteSheet`. */
export const restoreSheet = (data: Data, id: string): boolean => setDeleted(data, id, null);

/** How many rows and learners would stand on a sheet after some acts: what a limit is held against. */
export function sizeAfter(
  sheet: MarkingSheet | undefined,
  acts: readonly SheetAct[],
): { readonly rows: number; readonly learners: number } {
  const rows = new Set(sheet?.rows.map(({ id }) => id));
  const columns = new Set(sheet?.learners.map(({ id }) => id));
  for (const act of acts) {
    if (act.kind === "addRow" || act.kind === "restoreRow") rows.add(act.id);
    else if (act.kind === "removeRow") rows.delete(act.id);
    else if (act.kind === "removeLearner") columns.delete(act.id);
    else columns.add(act.id);
  }
  return { rows: rows.size, learners: columns.size };
}
