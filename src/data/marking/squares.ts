import { count, eq, sql } from "drizzle-orm";
import type { PatternId } from "@/core/errorPatterns";
import { type AnswerMark, WAITING } from "@/service/kept/attempt";
import { type DataWriter, nextRevision } from "../revision";
import { learnerAttempts, markingSheets } from "../schema";
import { countedOf, type KeptCell, keptSquareOf, taskOf } from "./attempts";
import type { MarkingSheet } from "./markingSheets";
import { countIn } from "./patternCounts";

/** What is written into a square of a sheet: only what changes is named. `saw` is the revision it was changed from, 0 for an empty square. */
export interface CellWrite {
  readonly row: string;
  readonly learner: string;
  readonly saw: number;
  /** The answer as typed; empty takes it back. */
  readonly given?: string;
  /** The tutor's choice of an explanation, and the answer it was chosen for where that is not written with it. */
  readonly patterns?: readonly PatternId[];
  readonly chosenFor?: string;
  readonly note?: string;
  /** What was found in the answer, where it was marked already. */
  readonly mark?: AnswerMark;
}

/** What became of what was written: kept, not kept since another window wrote there, or refused for good. */
export interface CellsKept {
  readonly kept: readonly KeptCell[];
  readonly clashes: readonly KeptCell[];
  readonly refused: readonly {
    readonly row: string;
    readonly learner: string;
    readonly why: "noSuchRow" | "noSuchLearner";
  }[];
}

type Row = typeof learnerAttempts.$inferSelect;

/** The rows of attempts that stand in some squares. */
const standing = (write: DataWriter, cells: readonly CellWrite[]): readonly Row[] => {
  const places = JSON.stringify(cells.map(({ row, learner }) => [row, learner]));
  return write
    .select()
    .from(learnerAttempts)
    .where(
      sql`(${learnerAttempts.rowId}, ${learnerAttempts.learnerId}) in (select value ->> 0, value ->> 1 from json_each(${places}))`,
    )
    .all();
};

const placeOf = (row: string, learner: string): string => `${row} ${learner}`;

/** Whether what stands in a square leaves what is written room: not where another window changed the same thing. */
function mayWrite(cell: CellWrite, there: Row | undefined): boolean {
  const revision = there?.revision ?? 0;
  if (revision === cell.saw) return true;
  // Written twice, or the same from two windows: there is nothing to lose.
  if (cell.given !== undefined && cell.given !== (there?.given ?? "")) return false;
  if (cell.note !== undefined && there?.note !== "" && there?.note !== cell.note) return false;
  // An explanation is of one answer: beside another one it would be false.
  const elsewhere =
    cell.given === undefined && cell.chosenFor !== undefined && cell.chosenFor !== (there?.given ?? "");
  if (cell.patterns !== undefined && elsewhere) return false;
  return cell.patterns === undefined || !there?.chosen || there.patterns === JSON.stringify(cell.patterns);
}

/** What a square comes to when something is written into it. */
function writtenOver(cell: CellWrite, there: Row | undefined) {
  const given = cell.given ?? there?.given ?? "";
  const anew = there === undefined || given !== there.given || (cell.mark && there.verdict === "waiting");
  const mark = anew ? (cell.mark ?? { ...WAITING, verdict: given === "" ? "unread" : "waiting" }) : undefined;
  const chosen = cell.patterns !== undefined || (!anew && there.chosen);
  return {
    given,
    mark,
    chosen,
    patterns:
      cell.patterns !== undefined
        ? JSON.stringify(cell.patterns)
        : mark
          ? JSON.stringify(mark.patterns)
          : there?.patterns,
    probability: chosen ? null : mark ? (mark.probability ?? null) : (there?.probability ?? null),
    // The tutor's own words stay until the tutor changes them.
    note: cell.note ?? there?.note ?? "",
  };
}

/**
 * Writes answers, choices and notes into the squares of a sheet, in a transaction that is open. Squares that
 * are not on the sheet are refused; those that another window wrote since are left as they stand.
 */
export function keepCells(
  write: DataWriter,
  sheet: MarkingSheet,
  cells: readonly CellWrite[],
  now: Date,
): CellsKept {
  const problems = new Map(sheet.rows.map(({ id, problem }) => [id, problem]));
  const columns = new Set(sheet.learners.map(({ id }) => id));
  const there = new Map(
    standing(write, cells).map((row) => [placeOf(row.rowId ?? "", row.learnerId), row] as const),
  );
  const refused: CellsKept["refused"][number][] = [];
  const clashes: KeptCell[] = [];
  const writes: { readonly cell: CellWrite; readonly before: Row | undefined }[] = [];
  for (const cell of cells) {
    const { row, learner } = cell;
    const before = there.get(placeOf(row, learner));
    if (!problems.has(row)) refused.push({ row, learner, why: "noSuchRow" });
    else if (!columns.has(learner)) refused.push({ row, learner, why: "noSuchLearner" });
    else if (before !== undefined && !mayWrite(cell, before)) clashes.push(keptSquareOf(before));
    else writes.push({ cell, before });
  }
  if (writes.length === 0) return { kept: [], clashes, refused };
  const revision = nextRevision(write);
  const taskIds = new Map<string, number>();
  for (const { cell } of writes) {
    if (taskIds.has(cell.row) && cell.mark === undefined) continue;
    const chances = cell.mark && cell.mark.verdict !== "unread" ? cell.mark.chances : undefined;
    taskIds.set(cell.row, taskOf(write, problems.get(cell.row) ?? "", sheet.house, chances));
  }
  const rows = writes.map(({ cell, before }) => {
    const { mark, ...after } = writtenOver(cell, before);
    return {
      rowId: cell.row,
      learnerId: cell.learner,
      at: mark === undefined && before ? before.at.getTime() : now.getTime(),
      taskId: taskIds.get(cell.row) ?? 0,
      verdict: mark?.verdict ?? before?.verdict ?? "unread",
      faults: mark ? JSON.stringify(mark.faults) : (before?.faults ?? "[]"),
      shown: mark ? JSON.stringify(mark.shown) : (before?.shown ?? "[]"),
      ...after,
      patterns: after.patterns ?? "[]",
      revision,
    };
  });
  // All of them in one statement: a pasted sheet has thousands.
  write.run(sql`insert into learner_attempts
      (row_id, learner_id, at, task_id, given, verdict, faults, patterns, shown, probability, chosen, note, revision)
    select v ->> 'rowId', v ->> 'learnerId', v ->> 'at', v ->> 'taskId', v ->> 'given', v ->> 'verdict', v ->> 'faults',
      v ->> 'patterns', v ->> 'shown', v ->> 'probability', v ->> 'chosen', v ->> 'note', v ->> 'revision'
    from (select value as v from json_each(${JSON.stringify(rows)})) where true
    on conflict (row_id, learner_id) do update set at = excluded.at, task_id = excluded.task_id,
      given = excluded.given, verdict = excluded.verdict, faults = excluded.faults, patterns = excluded.patterns,
      shown = excluded.shown, probability = excluded.probability, chosen = excluded.chosen, note = excluded.note,
      revision = excluded.revision`);
  const before = writes.flatMap((one) => one.before ?? []);
  countIn(write, countedOf(write, rows), countedOf(write, before));
  write.update(markingSheets).set({ revision }).where(eq(markingSheets.id, sheet.id)).run();
  return { kept: rows.map(keptSquareOf), clashes, refused };
}

/** An answer that waits to be marked. */
export interface WaitingCell {
  readonly row: string;
  readonly learner: string;
  readonly problem: string;
  readonly given: string;
  readonly revision: number;
}

/** Answers on a sheet that wait to be marked, in the order of its rows, and how many there are. */
export function waitingOn(
  data: DataWriter,
  sheet: MarkingSheet,
  most: number,
): { readonly cells: readonly WaitingCell[]; readonly left: number } {
  const problems = new Map(sheet.rows.map(({ id, problem }) => [id, problem]));
  const listed = (ids: readonly string[]) => sql`(select value from json_each(${JSON.stringify(ids)}))`;
  const waits = sql`${learnerAttempts.verdict} = 'waiting'
    and ${learnerAttempts.rowId} in ${listed([...problems.keys()])}
    and ${learnerAttempts.learnerId} in ${listed(sheet.learners.map(({ id }) => id))}`;
  const left = data.select({ n: count() }).from(learnerAttempts).where(waits).get()?.n ?? 0;
  const there =
    left === 0 || most === 0 ? [] : data.select().from(learnerAttempts).where(waits).limit(most).all();
  const cells = there.map(({ rowId, learnerId, given, revision }) => ({
    row: rowId ?? "",
    learner: learnerId,
    problem: problems.get(rowId ?? "") ?? "",
    given,
    revision,
  }));
  return { cells, left };
}
