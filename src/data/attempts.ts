import { and, desc, eq, gte, inArray, sql } from "drizzle-orm";
import { choicesOf, type HouseRules, houseRulesFrom } from "@/core/house";
import { type Showings, type SlipId, slipIdOf } from "@/core/slips";
import type { Data } from "./database";
import { attemptSlips, attempts } from "./schema";

/** One answer of one learner, with what was found in it. */
export interface Attempt {
  readonly id: string;
  readonly learnerId: string;
  readonly sheet: { readonly id: string; readonly row: number } | undefined;
  readonly problem: string;
  readonly house: HouseRules;
  readonly given: string;
  /** `unread` where what was typed is no answer yet; it is kept all the same. */
  readonly verdict: "right" | "form" | "wrong" | "unread";
  readonly slips: readonly SlipId[];
  readonly probability: number | undefined;
  readonly chosen: boolean;
  readonly note: string;
  /** The learner's paper as JSON; nothing for an answer alone. */
  readonly marks: string | undefined;
  readonly hints: number;
  readonly estimate: string;
  readonly seconds: number | undefined;
}

/** A slip that an answer could have shown, and whether it did. */
interface Chance {
  readonly slip: SlipId;
  readonly shown: boolean;
}

/**
 * Keeps an attempt with the chances it gave, in one write. On a sheet there is one for each row and learner:
 * a second one takes its place.
 */
export function keepAttempt(data: Data, attempt: Attempt, chances: readonly Chance[], now: Date): void {
  data.transaction((write) => {
    if (attempt.sheet !== undefined) {
      const before = write
        .select({ id: attempts.id })
        .from(attempts)
        .where(onSheet(attempt.sheet.id, attempt.sheet.row, attempt.learnerId))
        .get();
      if (before !== undefined) forget(write, before.id);
    }
    write
      .insert(attempts)
      .values({
        id: attempt.id,
        learnerId: attempt.learnerId,
        at: now,
        sheetId: attempt.sheet?.id ?? null,
        row: attempt.sheet?.row ?? null,
        problem: attempt.problem,
        house: JSON.stringify(choicesOf(attempt.house)),
        given: attempt.given,
        verdict: attempt.verdict,
        slips: JSON.stringify(attempt.slips),
        probability: attempt.probability ?? null,
        chosen: attempt.chosen,
        note: attempt.note,
        marks: attempt.marks ?? null,
        hints: attempt.hints,
        estimate: attempt.estimate,
        seconds: attempt.seconds ?? null,
      })
      .run();
    for (const { slip, shown } of chances) {
      write
        .insert(attemptSlips)
        .values({ attemptId: attempt.id, learnerId: attempt.learnerId, slip, shown })
        .run();
    }
  });
}

const onSheet = (sheet: string, row: number, learner: string) =>
  and(eq(attempts.sheetId, sheet), eq(attempts.row, row), eq(attempts.learnerId, learner));

function forget(data: Pick<Data, "delete">, id: string): void {
  data.delete(attemptSlips).where(eq(attemptSlips.attemptId, id)).run();
  data.delete(attempts).where(eq(attempts.id, id)).run();
}

/** Takes back what a learner answered in a row of a sheet. */
export function clearAttempt(data: Data, sheet: string, row: number, learner: string): void {
  data.transaction((write) => {
    const before = write
      .select({ id: attempts.id })
      .from(attempts)
      .where(onSheet(sheet, row, learner))
      .get();
    if (before !== undefined) forget(write, before.id);
  });
}

/** Takes away the answers in a row and all below it, where a sheet became shorter. */
export function clearRowsFrom(data: Data, sheet: string, row: number): void {
  data.transaction((write) => {
    const gone = write
      .select({ id: attempts.id })
      .from(attempts)
      .where(and(eq(attempts.sheetId, sheet), gte(attempts.row, row)))
      .all();
    for (const { id } of gone) forget(write, id);
  });
}

/** All answers on a sheet. */
export const attemptsOnSheet = (data: Data, sheet: string): readonly Attempt[] =>
  data.select().from(attempts).where(eq(attempts.sheetId, sheet)).all().map(attemptOf);

/** What a learner did last, the newest first. */
export const attemptsOf = (
  data: Data,
  learner: string,
  most: number,
): readonly (Attempt & { readonly at: Date })[] =>
  data
    .select()
    .from(attempts)
    .where(eq(attempts.learnerId, learner))
    .orderBy(desc(attempts.at))
    .limit(most)
    .all()
    .map((row) => ({ ...attemptOf(row), at: row.at }));

/** How often each slip has shown in a learner's work, of how many times it could have; slips that never showed are among them. */
export function historyOf(data: Data, learner: string): ReadonlyMap<SlipId, Showings> {
  const rows = data
    .select({
      slip: attemptSlips.slip,
      chances: sql<number>`count(*)`,
      shown: sql<number>`sum(${attemptSlips.shown})`,
    })
    .from(attemptSlips)
    .where(eq(attemptSlips.learnerId, learner))
    .groupBy(attemptSlips.slip)
    .all();
  return new Map(
    rows.flatMap(({ slip, chances, shown }) => {
      const id = slipIdOf(slip);
      return id === undefined ? [] : [[id, { shown, chances }] as const];
    }),
  );
}

/** How many answers each of some learners has given. */
export function countsOf(data: Data, learners: readonly string[]): ReadonlyMap<string, number> {
  const rows = data
    .select({ learner: attempts.learnerId, count: sql<number>`count(*)` })
    .from(attempts)
    .where(inArray(attempts.learnerId, [...learners]))
    .groupBy(attempts.learnerId)
    .all();
  return new Map(rows.map(({ learner, count }) => [learner, count]));
}

function attemptOf(row: typeof attempts.$inferSelect): Attempt {
  const house = houseRulesFrom(JSON.parse(row.house));
  if (!house.ok) throw new Error(`attemptOf: attempt ${row.id} is from a newer Right Sum`);
  const slips: unknown = JSON.parse(row.slips);
  return {
    id: row.id,
    learnerId: row.learnerId,
    sheet: row.sheetId === null || row.row === null ? undefined : { id: row.sheetId, row: row.row },
    problem: row.problem,
    house: house.value,
    given: row.given,
    verdict: row.verdict,
    slips: Array.isArray(slips) ? slips.flatMap((slip) => slipIdOf(String(slip)) ?? []) : [],
    probability: row.probability ?? undefined,
    chosen: row.chosen,
    note: row.note,
    marks: row.marks ?? undefined,
    hints: row.hints,
    estimate: row.estimate,
    seconds: row.seconds ?? undefined,
  };
}
