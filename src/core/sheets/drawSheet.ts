import { type Features, featuresOf } from "../features";
import type { HouseRules } from "../house";
import { type Working, workingInSteps } from "../methods";
import { commonFactor } from "../number";
import {
  exactAnswer,
  fractionOf,
  operandsOf,
  type Problem,
  roundedTo,
  writeAnswer,
  writeProblem,
} from "../problem";
import { type RandomSource, randomFrom } from "../randomSource";
import { done, failed, type Result } from "../result";
import { slotsOf } from "./digitSlots";
import { filled } from "./ladder/filled";
import { meets } from "./ladder/meets";
import type { Climb, Notch } from "./ladder/strands/skill";
import { readTypedLine } from "./typedLine";

/** The way sheets are drawn: a sheet with another one was drawn by other rules, and keeps its problems as they are. */
export const DRAWING_VERSION = 3;

/** How many lines are tried for one problem before its notch is given up; fewer where more is wished of it, since that may be more than it can give. */
const MOST_TRIES = 800;
const MOST_TRIES_WISHED = 140;
/** From so many problems of a notch on, what it has left may be few: it is given up sooner, so that a long sheet does not wait for the last of them. */
const MANY = 60;
const MOST_TRIES_OF_MANY = 200;

/** A problem that was drawn, with its working in the house and the notch it was drawn for, from 0. */
export interface GeneratedProblem {
  readonly problem: Problem;
  readonly working: Working;
  readonly notch: number;
}

/** What a problem's features have to be beside what its notch asks. */
export type Fits = (features: Features) => boolean;
const ANY: Fits = () => true;

/**
 * So many problems of a climb, from plain to the trap in equal parts: each meets its notch by the house's own method,
 * none comes twice while there are others, and no answer twice in a row. Where a notch has no more, the next one
 * gives. The same ones for the same seed; fails where nothing at all can be drawn.
 */
export function drawSheet(
  climb: Climb,
  count: number,
  house: HouseRules,
  seed: number,
  fits: Fits = ANY,
): Result<readonly GeneratedProblem[], "nothingDrawn"> {
  const chances = randomFrom(seed);
  const tries = fits === ANY ? MOST_TRIES : MOST_TRIES_WISHED;
  const seen = new Set<string>();
  const filling = climb.map(() => new Map<string, Made | undefined>());
  const empty = new Set<number>();
  const drawnOf = new Map<number, number>();
  const drawn: GeneratedProblem[] = [];
  let before = "";
  const another = (notch: number): GeneratedProblem | undefined => {
    const step = climb[notch];
    if (step === undefined || empty.has(notch)) return undefined;
    const many = (drawnOf.get(notch) ?? 0) >= MANY;
    const one = firstOf(many ? Math.min(tries, MOST_TRIES_OF_MANY) : tries, () => {
      const made = drawOnce(step, house, chances, fits, filling[notch]);
      if (made === undefined) return undefined;
      const [line, answer] = [writeProblem(made.problem, house), writeAnswer(made.working.answer, house)];
      if (seen.has(line) || answer === before) return undefined;
      seen.add(line);
      before = answer;
      return { ...made, notch };
    });
    if (one === undefined) empty.add(notch);
    else drawnOf.set(notch, (drawnOf.get(notch) ?? 0) + 1);
    return one;
  };
  /** Draws so many of a notch, or as many as there are; how many are missing. */
  const draw = (notch: number, many: number): number => {
    for (let left = many; left > 0; left--) {
      const one = another(notch);
      if (one === undefined) return left;
      drawn.push(one);
    }
    return 0;
  };
  // What a notch has not, the next ones give.
  let missing = 0;
  for (const notch of climb.keys()) {
    const upTo = (to: number): number => Math.ceil((to * count) / climb.length);
    missing = draw(notch, upTo(notch + 1) - upTo(notch) + missing);
  }
  // Then those before; and where every other one was drawn, they come again.
  for (const notch of [...climb.keys()].reverse()) missing = draw(notch, missing);
  if (drawn.length === 0 && count > 0) return failed("nothingDrawn");
  const once = drawn.length;
  for (let nth = 0; nth < missing; nth++) drawn.push(...drawn.slice(nth % once, (nth % once) + 1));
  return done(drawn.sort((one, other) => one.notch - other.notch));
}

/**
 * Another problem of a notch of a climb that is none of some lines, which are written as in the house; fails where
 * there is no other.
 */
export function drawAnother(
  climb: Climb,
  notch: number,
  house: HouseRules,
  seed: number,
  without: ReadonlySet<string>,
  fits: Fits = ANY,
): Result<GeneratedProblem, "nothingDrawn"> {
  const step = climb[notch];
  const chances = randomFrom(seed);
  const found =
    step &&
    firstOf(fits === ANY ? MOST_TRIES : MOST_TRIES_WISHED, () => {
      const made = drawOnce(step, house, chances, fits);
      return made === undefined || without.has(writeProblem(made.problem, house)) ? undefined : made;
    });
  return found === undefined ? failed("nothingDrawn") : done({ ...found, notch });
}

/** What comes of the first of so many tries that comes to something. */
function firstOf<Found>(tries: number, once: () => Found | undefined): Found | undefined {
  for (let nth = 0; nth < tries; nth++) {
    const found = once();
    if (found !== undefined) return found;
  }
  return undefined;
}

/** A problem that was made for a notch, with its working. */
interface Made {
  readonly problem: Problem;
  readonly working: Working;
}

/**
 * One line of a notch filled in, read and worked; none where it can't be read, is silly, or does not meet the notch.
 * What came of each line is looked up in `before` and added there, so that none is worked twice for a sheet.
 */
export function drawOnce(
  { lines, wishes }: Notch,
  house: HouseRules,
  chances: RandomSource,
  fits: Fits,
  before?: Map<string, Made | undefined>,
): Made | undefined {
  const line = filled(chances.pick(lines) ?? "", chances);
  if (before?.has(line)) return before.get(line);
  const made = madeOf(line, wishes, house, fits);
  before?.set(line, made);
  return made;
}

function madeOf(line: string, wishes: Notch["wishes"], house: HouseRules, fits: Fits): Made | undefined {
  if (wishes.appendedZeros === 0 && !comesOut(line)) return undefined;
  const read = readTypedLine(line, house);
  if (!read.ok || isSilly(read.value)) return undefined;
  // Few meet a wish: the marks are made of those only.
  const working = workingInSteps(read.value, house);
  const features = featuresOf(working);
  return meets(features, wishes) && fits(features)
    ? { problem: read.value, working: working.drawn() }
    : undefined;
}

/** Whether a line is no division by a whole number that needs zeros appended: seen without working it, since few drawn at random come out. */
function comesOut(line: string): boolean {
  const [, dividend, divisor] = /^([\d.]{1,12}) ÷ (\d{1,6})$/.exec(line) ?? [];
  if (dividend === undefined || divisor === undefined) return true;
  const by = BigInt(divisor);
  return by !== 0n && BigInt(dividend.replace(".", "")) % by === 0n;
}

/** Whether nobody would set a problem: with nothing to be rounded, a fraction of one, times or over one or nothing, a number from itself or from a smaller one. */
function isSilly(problem: Problem): boolean {
  const operands = operandsOf(problem);
  const numbers = operands.map((one) =>
    slotsOf(one)
      .map(({ text }) => text)
      .join(" "),
  );
  const parts = operands.filter((one) => one.kind === "fraction" || one.kind === "mixed");
  const improper = parts.some(({ numerator, denominator }) => numerator >= denominator);
  const wantsImproper = problem.form.kind === "asMixed";
  if (parts.some(({ denominator }) => denominator < 2n) || improper !== (wantsImproper && parts.length > 0))
    return true;
  // Fractions that are added apart, or multiplied, are given as simply as they can be.
  const alike = new Set(parts.map(({ denominator }) => denominator)).size < 2;
  const isSimple = parts.every(({ numerator, denominator }) => commonFactor(numerator, denominator) === 1n);
  if (!isSimple && !alike && problem.op !== "compare") return true;
  // What ends at its place already has nothing to be rounded.
  if (problem.op === "round") {
    const number = fractionOf(problem.operands[0]);
    return roundedTo(number, problem.form.place).equals(number);
  }
  if (problem.op === "subtract" && exactAnswer(problem).s < 0n) return true;
  const [first, second] = numbers;
  const bothAlike = problem.op === "subtract" || problem.op === "compare" || problem.op === "divide";
  if (bothAlike && first === second) return true;
  const timesOne = problem.op === "multiply" || problem.op === "divide" || problem.op === "chain";
  return timesOne && numbers.some((one) => /^0*1?( 0+)?$/.test(one));
}
