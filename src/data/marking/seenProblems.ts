import { and, eq, inArray, isNull, ne } from "drizzle-orm";
import type { DataWriter } from "../revision";
import { learnerAttempts, sheetLearners, sheetRows, tasks } from "../schema";

/**
 * How many of some problems each learner has met before, on another sheet that they work on or in an answer of theirs;
 * learners who have met none are left out.
 */
export function seenProblems(
  data: DataWriter,
  sheet: string,
  problems: readonly string[],
): ReadonlyMap<string, number> {
  const asked = [...new Set(problems)];
  const onSheets = data
    .select({ learner: sheetLearners.learnerId, problem: sheetRows.problem })
    .from(sheetRows)
    .innerJoin(sheetLearners, eq(sheetLearners.sheetId, sheetRows.sheetId))
    .where(
      and(
        inArray(sheetRows.problem, asked),
        ne(sheetRows.sheetId, sheet),
        isNull(sheetRows.removedAt),
        isNull(sheetLearners.removedAt),
      ),
    )
    .all();
  // Answers on this sheet itself are no other meeting: those that stand in no row were worked on paper.
  const worked = data
    .select({ learner: learnerAttempts.learnerId, problem: tasks.problem })
    .from(learnerAttempts)
    .innerJoin(tasks, eq(tasks.id, learnerAttempts.taskId))
    .where(and(inArray(tasks.problem, asked), isNull(learnerAttempts.rowId), ne(learnerAttempts.given, "")))
    .all();
  const met = new Map<string, Set<string>>();
  for (const { learner, problem } of [...onSheets, ...worked])
    met.set(learner, (met.get(learner) ?? new Set()).add(problem));
  return new Map([...met].map(([learner, some]) => [learner, some.size]));
}
