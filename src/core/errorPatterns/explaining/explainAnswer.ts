import { LRUCache } from "lru-cache";
import type { HouseRules } from "../../house";
import { type LearnerAnswer, MOST_ROWS, type Verdict, verdictOf } from "../../marking";
import type { Problem } from "../../problem";
import { type Explanation, explanationsOf, type History } from "./explain";
import { type PatternResults, patternResults } from "./patternResults";

/** A given answer marked: what it is, and what may lie behind it where it is wrong. */
export interface Marked {
  readonly verdict: Verdict;
  readonly explanations: readonly Explanation[];
}

/** Marks one answer. A right one is never given a pattern; an order from the other end is most likely no error, but may be one. */
export function markedAnswer(
  ways: PatternResults,
  given: LearnerAnswer,
  house: HouseRules,
  history?: History,
): Marked {
  const verdict = verdictOf(ways.problem, ways.right, given, house);
  return {
    verdict,
    explanations: mayBeError(verdict) ? explanationsOf(ways, given.answer, history) : [],
  };
}

const mayBeError = (verdict: Verdict): boolean =>
  verdict.kind === "wrong" || (verdict.kind === "form" && verdict.faults.includes("fromLargest"));

/** How many problems' wrong ways are kept: those of two sheets as long as they can be, so that going through one leaves them all there. */
const MOST_KEPT = 2 * MOST_ROWS;

/** The wrong ways of problems, each worked out once: a sheet has one problem and many answers. Give each problem a text of its own. */
export function waysKept(): (key: string, problem: Problem, house: HouseRules) => PatternResults {
  const kept = new LRUCache<string, PatternResults>({ max: MOST_KEPT });
  return (key, problem, house) => {
    const ways = kept.get(key) ?? patternResults(problem, house);
    kept.set(key, ways);
    return ways;
  };
}
