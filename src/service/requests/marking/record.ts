import { isSteady, type PatternId, type Showings } from "@/core/errorPatterns";
import { patternWords } from "@/core/wording";
import { wrongWayAddress } from "@/service/wrongWayAddress";
import type { Attempt } from "../../kept/attempt";

/** The most patterns and answers of a record that are listed. */
const MOST_PATTERNS = 20;
export const ANSWERS_A_PAGE = 40;

/** An answer in a learner's record. */
export interface RecordedAnswer {
  readonly id: string;
  readonly when: string;
  readonly problem: string;
  readonly given: string;
  readonly verdict: "right" | "form" | "wrong" | "unread" | "waiting";
  readonly explanation: string;
  readonly note: string;
  readonly hints: number;
  readonly estimate: string;
  /** The replay of the explanation; none where there is none. */
  readonly replay: string | undefined;
}

/** A pattern in a learner's record: how often it showed, of how many times it could have. */
export interface RecordedPattern {
  readonly pattern: PatternId;
  readonly name: string;
  readonly shown: number;
  readonly chances: number;
  readonly steady: boolean;
}

/** The patterns that showed in a learner's work, the steadiest first. */
export const recordedPatterns = (
  history: ReadonlyMap<PatternId, Showings> = new Map(),
): readonly RecordedPattern[] =>
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
