import { and, eq, inArray, isNull, ne } from "drizzle-orm";
import type { Writing } from "./revision";
import { attempts, sheetLearners, sheetRows, tasks } from "./schema";

/**
 * How many of some problems each learner has met before, on another sheet that they work on or in an answer of theirs;
 * learners who have met none are left out.
 */
export function metBefore(
  data: Writing,
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
    .select({ learner: attempts.learnerId, problem: tasks.problem })
    .from(attempts)
    .innerJoin(tasks, eq(tasks.id, attempts.taskId))
    .where(and(inArray(tasks.problem, asked), isNull(attempts.rowId), ne(attempts.given, "")))
    .all();
  const met = new Map<string, Set<string>>();
  for (const { learner, problem } of [...onSheets, ...worked])
    met.set(learner, (met.get(learner) ?? new Set()).add(problem));
  return new Map([...met].map(([learner, some]) => [learner, some.size]));
}
