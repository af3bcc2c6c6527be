import {
  type ErrorPattern,
  type PATTERNS,
  type PatternId,
  patternsFor,
  slipsOf,
  wrongWorking,
} from "../../errorPatterns";
import type { HouseRules } from "../../house";
import { sameAnswer } from "../../marking";
import { answerOf } from "../../methods";
import type { Decimal } from "../../number";
import type { Answer, Problem } from "../../problem";
import { evenChances, problemsOf } from "../learners";

/**
 * Wrong answers of simulated learners, with what is truly behind each: a systematic error or two, as often
 * as they are met, a careless slip of some kind, or nothing at all. Made without looking at how
 * explanations are weighed, so that their probabilities can be held against it.
 */
export interface Simulated {
  readonly problem: Problem;
  readonly answer: Answer;
  /** What is behind it; none where it came from nowhere. */
  readonly patterns: readonly PatternId[];
}

type Chance = () => number;

/** How often each careless slip is met among a hundred of them. */
const SLIPS_MET: readonly (readonly [PatternId, number])[] = [
  ["slip-fact-off-by-one", 26],
  ["slip-digit-miscopied", 18],
  ["slip-wrong-operation", 12],
  ["slip-fact-neighbour", 12],
  ["slip-digits-swapped", 9],
  ["slip-sign-dropped", 8],
  ["slip-digit-left-out", 7],
  ["slip-near-key", 5],
  ["slip-digit-twice", 3],
];

/** Of a hundred wrong answers. */
const BY_PATTERN = 54;
const BY_SLIP = 12;
/** Of what is known by nobody, so much is a working that goes wrong in one thing and ends near the right answer, as most errors do; the rest is any number. */
const ENDS_NEAR = 0.75;
const WITH_TWO = 0.08;

function picked<T>(all: readonly T[], weight: (one: T) => number, chance: Chance): T | undefined {
  let left = chance() * all.reduce((sum, one) => sum + weight(one), 0);
  return all.find((one) => {
    left -= weight(one);
    return left < 0;
  });
}

const one = <T>(all: readonly T[], chance: Chance): T | undefined => all[Math.floor(chance() * all.length)];

function byPattern(
  problem: Problem,
  house: HouseRules,
  own: readonly ErrorPattern[],
  chance: Chance,
): Simulated | undefined {
  const first = picked(own, ({ frequency: common }) => common, chance);
  const second = chance() < WITH_TWO ? picked(own, ({ frequency: common }) => common, chance) : undefined;
  const patterns = [first, second].filter((each) => each !== undefined);
  const answer = wrongWorking(problem, house, patterns)?.answer;
  return answer === undefined ? undefined : { problem, answer, patterns: patterns.map(({ id }) => id) };
}

function bySlip(problem: Problem, right: Answer, house: HouseRules, chance: Chance): Simulated | undefined {
  const kind = picked(SLIPS_MET, ([, often]) => often, chance)?.[0];
  const slip = one(
    slipsOf(problem, right).filter(({ id }) => id === kind),
    chance,
  );
  if (kind === undefined || slip === undefined) return undefined;
  const { instead } = slip;
  const answer = instead.kind === "answer" ? instead.answer : answerOf(instead.problem, house);
  return { problem, answer, patterns: [kind] };
}

/** Digits as they come: as many as the right answer has. */
const anyDigits = (digits: string, chance: Chance): string =>
  [...digits]
    .map((_, index) =>
      String(index === 0 && digits.length > 1 ? 1 + Math.floor(chance() * 9) : Math.floor(chance() * 10)),
    )
    .join("");

const anyDecimal = (numeral: Decimal, chance: Chance): Decimal => ({
  ...numeral,
  whole: anyDigits(numeral.whole, chance),
  fraction: anyDigits(numeral.fraction, chance),
});

/** An answer of the kind and length of the right one, and nothing else in common with it; none of kinds that have no digits of their own. */
function fromNowhere(right: Answer, chance: Chance): Answer | undefined {
  switch (right.kind) {
    case "decimal":
      return anyDecimal(right, chance);
    case "rounded":
      return { ...right, numeral: anyDecimal(right.numeral, chance) };
    case "amount":
      return { ...right, numeral: anyDecimal(right.numeral, chance) };
    case "fraction":
    case "mixed": {
      const any = (count: bigint): bigint => BigInt(anyDigits(String(count), chance)) + 1n;
      const parts = { numerator: any(right.numerator), denominator: any(right.denominator) };
      return right.kind === "mixed"
        ? { ...right, ...parts, whole: any(right.whole) }
        : { ...right, ...parts };
    }
    case "comparison":
      return {
        ...right,
        relation:
          one(
            (["<", "=", ">"] as const).filter((each) => each !== right.relation),
            chance,
          ) ?? "=",
      };
    case "ordered":
      return { ...right, quantities: [...right.quantities].sort(() => chance() - 0.5) };
    default:
      return undefined;
  }
}

/** A number changed in one thing: a digit, mostly by one or two; a place; a zero more or less; two digits swapped; a ten or a hundred too many. */
function changedInOne(digits: string, chance: Chance): string {
  const at = Math.floor(chance() * digits.length);
  const here = Number(digits[at] ?? 0);
  const put = (digit: number, index = at): string =>
    digits.slice(0, index) + String(((digit % 10) + 10) % 10) + digits.slice(index + 1);
  const kind = chance();
  if (kind < 0.55) return put(here + (chance() < 0.5 ? 1 : -1));
  if (kind < 0.7) return put(here + 2 + Math.floor(chance() * 7));
  if (kind < 0.78) return `${digits.slice(0, at)}0${digits.slice(at)}`;
  if (kind < 0.86) return digits.slice(0, at) + digits.slice(at + 1) || digits;
  if (kind < 0.93) return digits.slice(0, at) + (digits[at + 1] ?? "") + here + digits.slice(at + 2);
  return put(here + 1, Math.max(0, at - 1));
}

/** The right answer but for one thing; none of kinds that have no digits of their own. */
function endsNear(right: Answer, chance: Chance): Answer | undefined {
  const decimal = (numeral: Decimal): Decimal => {
    const changed = changedInOne(numeral.whole + numeral.fraction, chance);
    const cut = changed.length - numeral.fraction.length;
    return cut < 1
      ? { ...numeral, whole: "0", fraction: changed.padStart(numeral.fraction.length, "0") }
      : { ...numeral, whole: changed.slice(0, cut), fraction: changed.slice(cut) };
  };
  switch (right.kind) {
    case "decimal":
      return decimal(right);
    case "rounded":
    case "amount":
      return { ...right, numeral: decimal(right.numeral) };
    case "fraction":
    case "mixed": {
      const one = (count: bigint): bigint => BigInt(changedInOne(String(count), chance)) || 1n;
      return chance() < 0.6
        ? { ...right, numerator: one(right.numerator) }
        : { ...right, denominator: one(right.denominator) };
    }
    default:
      return undefined;
  }
}

/** So many wrong answers to problems of a skill, always the same ones for a seed. */
export function simulated(
  skill: keyof typeof PATTERNS,
  count: number,
  seed: number,
  house: HouseRules,
): readonly Simulated[] {
  const chance = evenChances(seed);
  const found: Simulated[] = [];
  for (const problem of problemsOf(skill, count * 12, seed)) {
    if (found.length >= count) break;
    const right = answerOf(problem, house);
    const own = patternsFor(problem);
    const hundred = chance() * 100;
    const unknown = hundred >= BY_PATTERN + BY_SLIP;
    const nowhere = unknown
      ? ((chance() < ENDS_NEAR ? endsNear(right, chance) : undefined) ?? fromNowhere(right, chance))
      : undefined;
    const made =
      hundred < BY_PATTERN
        ? tried(() => byPattern(problem, house, own, chance), right, problem)
        : hundred < BY_PATTERN + BY_SLIP
          ? tried(() => bySlip(problem, right, house, chance), right, problem)
          : nowhere && { problem, answer: nowhere, patterns: [] };
    if (made !== undefined && !sameAnswer(problem, right, made.answer)) found.push(made);
  }
  return found;
}

/** What is drawn is drawn again a few times, until it comes to a wrong answer. */
function tried(draw: () => Simulated | undefined, right: Answer, problem: Problem): Simulated | undefined {
  for (let time = 0; time < 30; time++) {
    const made = draw();
    if (made !== undefined && !sameAnswer(problem, right, made.answer)) return made;
  }
  return undefined;
}
