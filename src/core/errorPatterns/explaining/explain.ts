import type { Answer } from "../../problem";
import { EVERY_PATTERN } from "../errorPatterns";
import type { PatternId } from "../patternIds";
import { SLIPS } from "../slips/slipFacts";
import { isSame, valueIn, type WrongWay, type WrongWays } from "./wrongWays";

/** What may lie behind a wrong answer: the pattern, or the two, and how likely that is. */
export interface Explanation {
  readonly patterns: readonly PatternId[];
  /** Of all that could have led to the answer, the unknown included: between 0 and 1. */
  readonly probability: number;
}

/** What a learner has shown of a pattern before: how often it showed, of how many times it could have. */
export interface Showings {
  readonly shown: number;
  readonly chances: number;
}

export type History = ReadonlyMap<PatternId, Showings>;

const NO_HISTORY: History = new Map();

/** The share of one pattern of a commonness, before anything is known. */
const PER_COMMONNESS = 0.03;
/** How much less likely two patterns at once are than one after the other in two answers. */
const PAIRED = 0.5;
/** The share of wrong answers that nothing here explains, spread over all the answers that could be written. */
const UNKNOWN = 0.25;
/** Below this an explanation is no better than a guess, and is not given. */
const LEAST = 0.05;
/** How many answers a share of a pattern's history counts as that is not known yet. */
const SHARE_WEIGHT = 4;

/** How common each pattern is before anything is known of a learner. */
const USUAL: ReadonlyMap<PatternId, number> = new Map([
  ...EVERY_PATTERN.map(({ id, common }) => [id, common * PER_COMMONNESS] as const),
  ...SLIPS.map(({ id, share }) => [id, share] as const),
]);

/** How likely a pattern is in a learner, before the answer is seen: as common as it is, moved by what the learner has shown. */
export function shareOf(pattern: PatternId, history: History): number {
  const usual = USUAL.get(pattern) ?? PER_COMMONNESS;
  const { shown, chances } = history.get(pattern) ?? { shown: 0, chances: 0 };
  return (usual * SHARE_WEIGHT + shown) / (SHARE_WEIGHT + chances);
}

/** How likely a way is to be taken, before the answer is seen. */
function weightOf({ patterns, among }: WrongWay, history: History = NO_HISTORY): number {
  const [first, second] = patterns;
  if (first === undefined) return 0;
  const weight = shareOf(first, history) / among;
  return second === undefined ? weight : weight * shareOf(second, history) * PAIRED;
}

/**
 * What may lie behind a wrong answer, likeliest first: none at all where nothing known leads there, or
 * nothing much likelier than chance. Explanations of the same probability can't be told apart by this answer.
 */
export function explanationsOf(
  { problem, right, ways }: WrongWays,
  given: Answer,
  history: History = NO_HISTORY,
): readonly Explanation[] {
  const value = valueIn(problem, given);
  const found = ways.filter((way) => isSame(way.value, value));
  const weighed = found.map((way) => ({ patterns: way.patterns, weight: weightOf(way, history) }));
  const unknown = chanceOf(right);
  const all = weighed.reduce((sum, { weight }) => sum + weight, unknown);
  return weighed
    .map(({ patterns, weight }) => ({ patterns, probability: weight / all }))
    .filter(({ probability }) => probability >= LEAST)
    .sort((a, b) => b.probability - a.probability);
}

/** How likely one answer is to come about in a way that nobody knows, beside a right one of so many digits. */
export const chanceOf = (right: Answer): number => UNKNOWN / 10 ** Math.min(9, digitsOf(right));

/** How many digits an answer is written with, which says how many other answers there could be. */
function digitsOf(answer: Answer): number {
  switch (answer.kind) {
    case "decimal":
      return Math.max(1, (answer.whole + answer.fraction).replace(/^0+/, "").length);
    case "rounded":
      return digitsOf(answer.numeral);
    case "amount":
      return Math.max(1, (answer.numeral.whole + answer.numeral.fraction.padEnd(2, "0")).length);
    case "roundedAmount":
      return digitsOf(answer.amount);
    case "fraction":
      return `${answer.numerator}${answer.denominator}`.length;
    case "mixed":
      return `${answer.whole}${answer.numerator}${answer.denominator}`.length;
    case "measure":
      return answer.parts.reduce((sum, { count }) => sum + (count.whole + count.fraction).length, 0);
    case "remainder":
      return digitsOf(answer.quotient) + digitsOf(answer.remainder);
    case "recurring":
      return (answer.whole + answer.fixed + answer.repetend).length;
    case "comparison":
    case "ordered":
    case "share":
    case "measureLeft":
    case "timesLeft":
    case "sufficiency":
    case "handed":
      return 1;
  }
}
