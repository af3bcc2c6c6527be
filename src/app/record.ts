import { patternWords } from "@/core/wording";
import "server-only";

import { isSteady, type PatternId, type Showings } from "@/core/errorPatterns";
import type { Attempt } from "@/data";
import type { RecordedAnswer } from "@/ui/learners";
import { wrongWayAddress } from "@/ui/wrongWay/address";

/** The most patterns and answers of a record that are listed. */
const MOST_PATTERNS = 20;
export const ANSWERS_A_PAGE = 40;

/** A pattern in a record, with the id it is known by. */
interface Recorded {
  readonly pattern: PatternId;
  readonly name: string;
  readonly shown: number;
  readonly chances: number;
  readonly steady: boolean;
}

/** The patterns that showed in a learner's work, the steadiest first. */
export const recordedPatterns = (
  history: ReadonlyMap<PatternId, Showings> = new Map(),
): readonly Recorded[] =>
  [...history]
    .filter(([, { shown }]) => shown > 0)
    .map(([pattern, showings]) => ({
      pattern,
      name: patternWords(pattern).name,
      ...showings,
      steady: isSteady(showings),
    }))
    .sort(
      (a, b) =>
        Number(b.steady) - Number(a.steady) || b.shown / b.chances - a.shown / a.chances || b.shown - a.shown,
    )
    .slice(0, MOST_PATTERNS);

/** What a learner answered last, as it is listed. */
export const recordedAnswers = (attempts: readonly Attempt[]): readonly RecordedAnswer[] =>
  attempts.map((attempt) => ({
    id: String(attempt.id),
    when: attempt.at.toLocaleDateString("en", { day: "numeric", month: "short", year: "numeric" }),
    problem: attempt.problem,
    given: attempt.given,
    verdict: attempt.verdict,
    explanation: attempt.patterns.map((id) => patternWords(id).name).join("; "),
    note: attempt.note,
    hints: attempt.hints,
    estimate: attempt.estimate,
    replay: replayAddress(attempt),
  }));

const replayAddress = ({ problem, house, patterns, given }: Attempt): string | undefined =>
  patterns.length === 0 ? undefined : wrongWayAddress(problem, house, patterns, given);
