import { and, desc, eq, inArray, isNull, sql } from "drizzle-orm";
import type { PatternId } from "@/core/errorPatterns";
import { choicesOf, type HouseRules } from "@/core/house";
import type { FormFault } from "@/core/marking";
import type { AnswerMark, Attempt, HandedInWork } from "@/service/kept/attempt";
import type { Unread } from "@/service/kept/unread";
import { partRead } from "../aside/unread";
import type { Data } from "../data";
import { houseOf } from "../houseOf";
import { type DataWriter, nextRevision } from "../revision";
import { learnerAttempts, papers, sheetRows, tasks } from "../schema";
import type { WholeRow } from "../wholeRow";
import { faultList, patternList } from "./lists";
import { type Counted, countIn } from "./patternCounts";

type Row = typeof learnerAttempts.$inferSelect;
type Task = typeof tasks.$inferSelect;

/** The id of a task, made where there is none; its chances are kept where they were not known. */
export function taskOf(
  write: DataWriter,
  problem: string,
  house: HouseRules,
  chances: readonly PatternId[] | undefined,
): number {
  const text = JSON.stringify(choicesOf(house));
  const known = write
    .select()
    .from(tasks)
    .where(and(eq(tasks.problem, problem), eq(tasks.house, text)))
    .get();
  const found = chances === undefined ? "" : JSON.stringify(chances);
  if (known === undefined)
    return Number(write.insert(tasks).values({ problem, house: text, chances: found }).run().lastInsertRowid);
  if (known.chances === "" && found !== "")
    write.update(tasks).set({ chances: found }).where(eq(tasks.id, known.id)).run();
  return known.id;
}

const isMarked = (verdict: AnswerMark["verdict"]): boolean => verdict !== "unread" && verdict !== "waiting";

/** Attempts as they are counted, with what their tasks could show. */
export function countedOf(
  write: DataWriter,
  rows: readonly Pick<Row, "learnerId" | "taskId" | "given" | "verdict" | "shown">[],
): readonly Counted[] {
  const ids = [...new Set(rows.map(({ taskId }) => taskId))];
  const known = new Map<number, Task>();
  for (const task of write.select().from(tasks).where(inArray(tasks.id, ids)).all()) known.set(task.id, task);
  return rows.map(({ learnerId, taskId, given, verdict, shown }) => ({
    learner: learnerId,
    answered: given !== "",
    chances: isMarked(verdict) ? patternList(known.get(taskId)?.chances ?? "") : [],
    shown: patternList(shown),
  }));
}

/** Keeps what a learner handed in, with its paper and its counts, in one transaction; sent again, it is kept once. */
export function keepHandedIn(data: Data, work: HandedInWork, now: Date): void {
  data.transaction((write) => {
    const { sentId } = work;
    if (sentId !== undefined && write.select().from(papers).where(eq(papers.sentId, sentId)).get()) return;
    const { mark } = work;
    const judged = isMarked(mark.verdict) ? work.judged : undefined;
    const revision = nextRevision(write);
    const shown = judged?.shown === true ? [...mark.shown, judged.pattern] : mark.shown;
    const inserted = write
      .insert(learnerAttempts)
      .values({
        learnerId: work.learnerId,
        at: now,
        rowId: null,
        taskId: taskOf(write, work.problem, work.house, isMarked(mark.verdict) ? mark.chances : undefined),
        given: work.given,
        verdict: mark.verdict,
        faults: JSON.stringify(mark.faults),
        patterns: JSON.stringify(mark.patterns),
        shown: JSON.stringify(shown),
        probability: mark.probability ?? null,
        chosen: false,
        note: work.note ?? "",
        revision,
      } satisfies WholeRow<typeof learnerAttempts, "id">)
      .run();
    const id = Number(inserted.lastInsertRowid);
    const { marks, hints, estimate, seconds } = work;
    write
      .insert(papers)
      .values({
        attemptId: id,
        marks,
        hints,
        estimate,
        judged: judged?.pattern ?? "",
        seconds,
        sentId: sentId ?? null,
      } satisfies WholeRow<typeof papers>)
      .run();
    const kept = write.select().from(learnerAttempts).where(eq(learnerAttempts.id, id)).all();
    const counted = countedOf(write, kept).map((one) => ({
      ...one,
      chances: judged === undefined ? one.chances : [...one.chances, judged.pattern],
    }));
    countIn(write, counted, []);
  });
}

/** What a learner did last, the newest first; answers in rows that were taken away are not among it. */
export function attemptsOf(
  data: Data,
  learner: string,
  most: number,
): { readonly attempts: readonly Attempt[]; readonly unread: readonly Unread[] } {
  const rows = data
    .select({
      id: learnerAttempts.id,
      at: learnerAttempts.at,
      given: learnerAttempts.given,
      verdict: learnerAttempts.verdict,
      patterns: learnerAttempts.patterns,
      note: learnerAttempts.note,
      problem: tasks.problem,
      house: tasks.house,
      hints: papers.hints,
      estimate: papers.estimate,
    })
    .from(learnerAttempts)
    .innerJoin(tasks, eq(tasks.id, learnerAttempts.taskId))
    .leftJoin(papers, eq(papers.attemptId, learnerAttempts.id))
    .leftJoin(sheetRows, eq(sheetRows.id, learnerAttempts.rowId))
    .where(
      and(
        eq(learnerAttempts.learnerId, learner),
        sql`${learnerAttempts.given} <> ''`,
        isNull(sheetRows.removedAt),
      ),
    )
    .orderBy(desc(learnerAttempts.at), desc(learnerAttempts.id))
    .limit(most)
    .all();
  const { read, unread } = partRead("learner_attempts", rows, (row) => {
    const house = houseOf(row.house);
    if (!house.ok) return house;
    const { patterns, hints, estimate, ...rest } = row;
    return {
      ok: true,
      value: {
        ...rest,
        house: house.value,
        patterns: patternList(patterns),
        hints: hints ?? 0,
        estimate: estimate ?? "",
      },
    } as const;
  });
  return { attempts: read, unread };
}

/** An answer on a sheet as it stands. */
export interface KeptCell {
  readonly row: string;
  readonly learner: string;
  readonly given: string;
  readonly verdict: AnswerMark["verdict"];
  readonly faults: readonly FormFault[];
  readonly patterns: readonly PatternId[];
  readonly chosen: boolean;
  readonly note: string;
  readonly revision: number;
}

export const keptSquareOf = (row: Omit<Row, "id" | "at" | "taskId" | "shown" | "probability">): KeptCell => ({
  row: row.rowId ?? "",
  learner: row.learnerId,
  given: row.given,
  verdict: row.verdict,
  faults: faultList(row.faults),
  patterns: patternList(row.patterns),
  chosen: Boolean(row.chosen),
  note: row.note,
  revision: row.revision,
});

/** The answers on a sheet that were written after a revision, of one learner where one is named; answers taken back are among them, empty. */
export const keptSquaresOf = (
  data: DataWriter,
  sheet: string,
  since = 0,
  learner?: string,
): readonly KeptCell[] =>
  data
    .select({
      rowId: learnerAttempts.rowId,
      learnerId: learnerAttempts.learnerId,
      given: learnerAttempts.given,
      verdict: learnerAttempts.verdict,
      faults: learnerAttempts.faults,
      patterns: learnerAttempts.patterns,
      chosen: learnerAttempts.chosen,
      note: learnerAttempts.note,
      revision: learnerAttempts.revision,
    })
    .from(sheetRows)
    .innerJoin(learnerAttempts, eq(learnerAttempts.rowId, sheetRows.id))
    .where(
      and(
        eq(sheetRows.sheetId, sheet),
        isNull(sheetRows.removedAt),
        sql`${learnerAttempts.revision} > ${since}`,
        learner === undefined ? undefined : eq(learnerAttempts.learnerId, learner),
      ),
    )
    .all()
    .map(keptSquareOf);
