import type { Answer } from "../../problem";
import type { PatternId } from "../contract/patternIds";
import { EVERY_PATTERN } from "../errorPatterns";
import { SLIPS } from "../slips/slipFacts";
import { answersLike, SMALL_SPACE } from "./answerSpace";
import { answersSoNear, type Nearness, nearness } from "./nearby";
import type { PatternResult, PatternResults } from "./patternResults";
import { answerValueIn, isSameValue } from "./value";
import { formShare } from "./writtenForm";

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

/**
 * What wrong answers come from, before anything is known: a systematic error that shows on the problem, a
 * careless slip, or nothing that is known here. `npm run measure` checks the probabilities that follow from
 * these against learners who are made otherwise.
 */
const FROM_PATTERN = 0.62;
const FROM_SLIP = 0.2;
const FROM_NOWHERE = 0.18;
/** The share of learners with patterns who have two that show at once. */
const TWO_AT_ONCE = 0.08;
/** How much is met of the patterns of columns inside a problem that has patterns of its own, against these. */
const INSIDE = 0.4;
/** How likely one pattern of a commonness is in a learner, before anything is known. */
const PER_COMMONNESS = 0.03;
/** How much less often patterns of another school's working are met than the house's own. */
const OUT_OF_HOUSE = 0.3;
/** Below this an explanation is no better than a guess, and is not given. */
const LEAST = 0.05;
/** Of the answers of which nobody knows where they come from, so many end near the right one, by how they differ from it. */
const NEAR: Readonly<Record<Nearness, number>> = {
  oneDigit: 0.3,
  onePlace: 0.2,
  oneMoreOrLess: 0.1,
  swapped: 0.05,
};
/** One answer can't tell a slip from a working that is wrong in a way nobody knows: to whatever slips account for, this much more is left open. */
const BESIDE_SLIPS = 1.6;
/** What is left for what nobody knows, whatever else leads to an answer: one answer is never proof. */
const NEVER_SURE = 0.05;
/** Two errors at once, and a way of working that is not the house's, are each guessed from one answer: this much more is left open beside them. */
const BESIDE_PAIRS = 0.3;
const BESIDE_OUT_OF_HOUSE = 0.35;
/** Where there are few other answers, nearly every slip comes to one of them, which speaks for none of them. */
const SLIPS_IF_SMALL = 0.45;
/** And there is left for what nobody knows: as much again as the slips and a half, and a fifth of the patterns. */
const SMALL_FOR_SLIPS = 1.5;
const SMALL_FOR_PATTERNS = 0.19;
/** How many answers a share of a pattern's history counts as that is not known yet. */
const SHARE_WEIGHT = 4;

/** How common each pattern is before anything is known of a learner; of slips, how common each is among them. */
const USUAL: ReadonlyMap<PatternId, number> = new Map([
  ...EVERY_PATTERN.map(({ id, frequency: common }) => [id, common * PER_COMMONNESS] as const),
  ...SLIPS.map(({ id, share }) => [id, share] as const),
]);

/** How likely a pattern is in a learner, before the answer is seen: as common as it is, moved by what the learner has shown. */
export function priorShare(pattern: PatternId, history: History): number {
  const usual = USUAL.get(pattern) ?? PER_COMMONNESS;
  const { shown, chances } = history.get(pattern) ?? { shown: 0, chances: 0 };
  return (usual * SHARE_WEIGHT + shown) / (SHARE_WEIGHT + chances);
}

/** How one way stands among those of its kind: a pattern, two of them, or a slip; one that is not the house's way of working comes behind. */
function shareOfWay({ patterns, ofHouse }: PatternResult, history: History): number {
  const [first, second] = patterns;
  if (first === undefined) return 0;
  const share =
    priorShare(first, history) * (ofHouse || (history.get(first)?.shown ?? 0) > 0 ? 1 : OUT_OF_HOUSE);
  return second === undefined ? share : share * priorShare(second, history);
}

type Kind = "single" | "inner" | "pair" | "slip";

const kindOf = ({ cause, patterns }: PatternResult): Kind =>
  cause !== "pattern" ? cause : patterns.length === 1 ? "single" : "pair";

/** How much each kind of way has to share out. */
const MASSES: Readonly<Record<Kind, number>> = {
  single: FROM_PATTERN * (1 - TWO_AT_ONCE),
  inner: FROM_PATTERN * INSIDE,
  pair: FROM_PATTERN * TWO_AT_ONCE,
  slip: FROM_SLIP,
};

/** What the ways of each kind come to together. */
function sharesOf(ways: readonly PatternResult[], history: History): Readonly<Record<Kind, number>> {
  const sums = { single: 0, inner: 0, pair: 0, slip: 0 };
  for (const way of ways) sums[kindOf(way)] += shareOfWay(way, history) / way.among;
  return sums;
}

/**
 * What may lie behind a wrong answer, likeliest first: none at all where nothing known leads there, or
 * nothing much likelier than chance. Explanations of the same probability can't be told apart by this answer.
 */
export function explanationsOf(
  { problem, right, ways }: PatternResults,
  given: Answer,
  history: History = NO_HISTORY,
): readonly Explanation[] {
  const value = answerValueIn(problem, given);
  const found = ways.filter((way) => isSameValue(way.value, value));
  if (found.length === 0) return [];
  const sums = sharesOf(ways, history);
  const others = Math.min(answersLike(right), answersLike(given));
  const small = others < SMALL_SPACE;
  const weighed = found.map((way) => {
    const kind = kindOf(way);
    const mass = MASSES[kind] * (small && kind === "slip" ? SLIPS_IF_SMALL : 1);
    return {
      kind,
      patterns: way.patterns,
      ofHouse: way.ofHouse || way.patterns.some((id) => (history.get(id)?.shown ?? 0) > 0),
      weight: (mass * shareOfWay(way, history) * formShare(way.answer, given)) / way.among / sums[kind],
    };
  });
  const weightOf = (...kinds: readonly Kind[]): number =>
    weighed.reduce((sum, { kind, weight }) => sum + (kinds.includes(kind) ? weight : 0), 0);
  const [bySlips, byPatterns] = [weightOf("slip"), weightOf("single", "inner", "pair")];
  const byStrangers = weighed.reduce((sum, { ofHouse, weight }) => sum + (ofHouse ? 0 : weight), 0);
  const near = nearness(right, given);
  const nearby = near === undefined ? 0 : NEAR[near] / answersSoNear(near, Math.log10(others));
  const unknown = Math.max(
    FROM_NOWHERE * Math.max(1 / others, nearby),
    (bySlips + byPatterns) * NEVER_SURE,
    bySlips * BESIDE_SLIPS + weightOf("pair") * BESIDE_PAIRS + byStrangers * BESIDE_OUT_OF_HOUSE,
    small ? bySlips * SMALL_FOR_SLIPS + byPatterns * SMALL_FOR_PATTERNS : 0,
  );
  const all = bySlips + byPatterns + unknown;
  return (
    weighed
      // A slip is as likely as it was before so much was left open beside it.
      .filter(({ kind, weight }) => weight / all >= (kind === "slip" ? LEAST / (1 + BESIDE_SLIPS) : LEAST))
      .map(({ patterns, weight }) => ({ patterns, probability: weight / all }))
      .sort((a, b) => b.probability - a.probability)
  );
}

/** How likely one answer is to come about in a way that nobody knows, beside the right one. */
export const chanceOf = (right: Answer): number => FROM_NOWHERE / answersLike(right);

/** In words, how likely an explanation is: what one answer tells is no matter of percents. */
export type Likelihood = "veryLikely" | "likely" | "possible";

const VERY_LIKELY = 0.85;
const LIKELY = 0.4;

export const likelihoodOf = (probability: number): Likelihood =>
  probability >= VERY_LIKELY ? "veryLikely" : probability >= LIKELY ? "likely" : "possible";
