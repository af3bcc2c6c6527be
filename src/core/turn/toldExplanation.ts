import {
  type Explanation,
  likelihoodOf,
  type PatternId,
  slipsBehind,
  type WrongWays,
} from "../errorPatterns";
import type { HouseRules } from "../house";
import type { Answer } from "../problem";
import { LIKELIHOOD_WORDS, patternWords, slipAboutWords } from "../wording";

/** What may lie behind a wrong answer, in words. */
export interface ToldExplanation {
  readonly patterns: readonly PatternId[];
  /** What each pattern is called; of a slip, with the digit or the fact that went wrong. */
  readonly names: readonly string[];
  readonly probability: number;
  /** How likely it is, in words: one answer is no matter of percents. */
  readonly likely: string;
}

/** The most slips of a kind that are told, where several come to the same. */
const MOST_TOLD = 2;

/** An explanation of an answer in words. */
export function toldExplanation(
  { problem, right }: WrongWays,
  given: Answer,
  { patterns, probability }: Explanation,
  house: HouseRules,
): ToldExplanation {
  const slips = slipsBehind(problem, right, patterns, given).map(({ about }) => slipAboutWords(about, house));
  const about = slips.length === 0 ? "" : `: ${[...new Set(slips)].slice(0, MOST_TOLD).join(", or ")}`;
  return {
    patterns,
    names: patterns.map((id) => patternWords(id).name + about),
    probability,
    likely: LIKELIHOOD_WORDS[likelihoodOf(probability)],
  };
}
