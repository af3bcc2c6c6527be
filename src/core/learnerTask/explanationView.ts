import {
  type Explanation,
  likelihoodOf,
  type PatternId,
  type PatternResults,
  slipsBehind,
} from "../errorPatterns";
import type { HouseRules } from "../house";
import type { Answer } from "../problem";
import { LIKELIHOOD_WORDS, slipNameWords } from "../wording";

/** What may lie behind a wrong answer, in words. */
export interface ExplanationView {
  readonly patterns: readonly PatternId[];
  /** What each pattern is called; of a slip, with the digit or the fact that went wrong. */
  readonly names: readonly string[];
  readonly probability: number;
  /** How likely it is, in words: one answer is no matter of percents. */
  readonly likely: string;
}

/** An explanation of an answer in words. */
export function explanationView(
  { problem, right }: PatternResults,
  given: Answer,
  { patterns, probability }: Explanation,
  house: HouseRules,
): ExplanationView {
  const slips = slipsBehind(problem, right, patterns, given).map(({ about }) => about);
  return {
    patterns,
    names: patterns.map((id) => slipNameWords(id, slips, house)),
    probability,
    likely: LIKELIHOOD_WORDS[likelihoodOf(probability)],
  };
}
