import { and, eq, inArray, ne, sql } from "drizzle-orm";
import type { PatternId, Showings } from "@/core/errorPatterns";
import { patternIdOf } from "@/core/errorPatterns";
import type { Data } from "../data";
import { type DataWriter, nextRevision } from "../revision";
import { learners, patternCounts, tasks } from "../schema";

/** What of an attempt goes into the counts: whose it is, whether anything was answered, what could show and what did. */
export interface Counted {
  readonly learner: string;
  readonly answered: boolean;
  readonly chances: readonly string[];
  readonly shown: readonly string[];
}

/** What is to be added to the counts, gathered so that each count is written once. */
interface Delta {
  answers: number;
  readonly patterns: Map<string, { shown: number; chances: number }>;
}

/** Counts some attempts in and others out, in a transaction that is open. */
export function countIn(write: DataWriter, more: readonly Counted[], less: readonly Counted[]): void {
  const deltas = new Map<string, Delta>();
  const gather = (attempt: Counted, by: 1 | -1): void => {
    if (!attempt.answered) return;
    const delta = deltas.get(attempt.learner) ?? { answers: 0, patterns: new Map() };
    deltas.set(attempt.learner, delta);
    delta.answers += by;
    for (const pattern of new Set(attempt.chances)) {
      const count = delta.patterns.get(pattern) ?? { shown: 0, chances: 0 };
      count.chances += by;
      if (attempt.shown.includes(pattern)) count.shown += by;
      delta.patterns.set(pattern, count);
    }
  };
  for (const attempt of more) gather(attempt, 1);
  for (const attempt of less) gather(attempt, -1);
  for (const [learner, { answers, patterns }] of deltas) {
    if (answers !== 0)
      write
        .update(learners)
        .set({ answers: sql`${learners.answers} + ${answers}` })
        .where(eq(learners.id, learner))
        .run();
    for (const [pattern, { shown, chances }] of patterns) {
      if (shown === 0 && chances === 0) continue;
      write
        .insert(patternCounts)
        .values({ learnerId: learner, pattern, shown, chances })
        .onConflictDoUpdate({
          target: [patternCounts.learnerId, patternCounts.pattern],
          set: {
            shown: sql`${patternCounts.shown} + ${shown}`,
            chances: sql`${patternCounts.chances} + ${chances}`,
          },
        })
        .run();
    }
  }
}

type History = ReadonlyMap<PatternId, Showings>;

/** The histories of several learners: how often each pattern has shown in their work, of how many times it could have. */
export function historiesOf(data: DataWriter, ids: readonly string[]): ReadonlyMap<string, History> {
  const found = new Map<string, Map<PatternId, Showings>>();
  const rows = data
    .select()
    .from(patternCounts)
    .where(and(inArray(patternCounts.learnerId, [...ids]), ne(patternCounts.chances, 0)))
    .all();
  for (const { learnerId, pattern, shown, chances } of rows) {
    const id = patternIdOf(pattern);
    if (id === undefined) continue;
    const history = found.get(learnerId) ?? new Map<PatternId, Showings>();
    found.set(learnerId, history.set(id, { shown, chances }));
  }
  return found;
}

/** The history of one learner; patterns that never showed are in it. */
export const historyOf = (data: DataWriter, learner: string): History =>
  historiesOf(data, [learner]).get(learner) ?? new Map();

/** Attempts that count: answered, and in no row that was taken away. */
const COUNTED = sql`learner_attempts a left join sheet_rows r on r.id = a.row_id
  where r.removed_at is null and a.given <> ''`;

/**
 * Makes every count anew from the attempts themselves, in one transaction. Tasks whose chances are not known
 * yet are worked out first, by `chancesOf`: a JSON list for a problem as typed and its house choices.
 */
export function recount(data: Data, chancesOf: (problem: string, house: string) => string): void {
  data.transaction((write) => {
    for (const { id, problem, house } of write.select().from(tasks).where(eq(tasks.chances, "")).all())
      write
        .update(tasks)
        .set({ chances: chancesOf(problem, house) })
        .where(eq(tasks.id, id))
        .run();
    write.delete(patternCounts).run();
    write.run(sql`insert into pattern_counts (learner_id, pattern, shown, chances)
      select a.learner_id, c.pattern, sum(exists (select 1 from json_each(a.shown) s where s.value = c.pattern)), count(*)
      from (select a.id, a.learner_id, a.task_id, a.shown from ${COUNTED} and a.verdict in ('right', 'form', 'wrong')) a
      join (select t.id as task, 0 as attempt, j.value as pattern
              from tasks t, json_each(case when t.chances = '' then '[]' else t.chances end) j
            union all
            select h.task_id, p.attempt_id, p.judged
              from papers p join learner_attempts h on h.id = p.attempt_id where p.judged <> '') c
        on c.task = a.task_id and c.attempt in (0, a.id)
      group by a.learner_id, c.pattern`);
    write.run(sql`update learners set answers = coalesce((select n from
      (select a.learner_id as who, count(*) as n from ${COUNTED} group by a.learner_id) where who = learners.id), 0)`);
    nextRevision(write);
  });
}
