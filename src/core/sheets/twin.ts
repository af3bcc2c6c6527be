import { featuresOf } from "../features";
import type { HouseRules } from "../house";
import { workingInSteps } from "../methods";
import { operandsOf, type Problem, readProblem, withOperands, writeAnswer, writeProblem } from "../problem";
import type { Quantity } from "../quantity";
import { type RandomSource, randomFrom } from "../randomSource";
import { done, failed, type Result } from "../result";
import { type Slot, slotsOf, withSlots } from "./digitSlots";

/** How often another number is tried, and how many tries in a row may fail, before what there is has to do. */
const MOST_TRIES = 120;
const MOST_FAILED = 40;
/** How often it is begun anew where nothing was found. */
const MOST_STARTS = 4;

/**
 * Another problem with the same features by the house's own method, the same size of work and other numbers, as many of
 * them as will do; the same one for the same seed. Found by changing one number after another for as long as everything else stays; fails
 * where no other number will do.
 */
export function twinOf(problem: Problem, house: HouseRules, seed: number): Result<Problem, "noTwin"> {
  const chances = randomFrom(seed);
  const wanted = traitsOf(problem, house);
  const line = writeProblem(problem, house);
  for (let start = 0; start < MOST_STARTS; start++) {
    const found = walkedFrom(problem, wanted, chances, house);
    if (writeProblem(found, house) !== line) return done(found);
  }
  return failed("noTwin");
}

/** The problem after one number after another was changed, until none is as it was or no other will do. */
function walkedFrom(problem: Problem, wanted: string, chances: RandomSource, house: HouseRules): Problem {
  const original = slotTexts(problem);
  let [now, texts] = [problem, original];
  let failures = 0;
  for (let tries = 0; tries < MOST_TRIES && failures < MOST_FAILED; tries++) {
    const untouched = texts.flatMap((text, nth) => (text === original[nth] ? [nth] : []));
    if (untouched.length === 0) break;
    const next = changedOnce(now, texts, untouched, chances, house);
    if (next !== undefined && traitsOf(next.problem, house) === wanted) {
      [now, texts] = [next.problem, next.texts];
      failures = 0;
    } else failures += 1;
  }
  return now;
}

/** All that a twin shares with a problem, as text: its method, how many steps, its features, how long its numbers and its answer are, and which of them are alike. */
function traitsOf(problem: Problem, house: HouseRules): string {
  const working = workingInSteps(problem, house);
  const shape = (line: string): string => line.replace(/\d/g, "0");
  const answer = writeAnswer(working.answer, house);
  const numbers = operandsOf(problem).map((one) =>
    slotsOf(one)
      .map(({ text }) => text)
      .join(" "),
  );
  return JSON.stringify([
    working.method,
    working.steps.length,
    featuresOf(working),
    shape(writeProblem(problem, house)),
    shape(answer),
    // An answer of nothing, and numbers that are the same, are something of their own.
    /[1-9]/.test(answer),
    new Set(numbers).size,
  ]);
}

const slotTexts = (problem: Problem): readonly string[] =>
  operandsOf(problem).flatMap((one) => slotsOf(one).map(({ text }) => text));

/** The problem with one number changed, or everywhere the same one, so that it can still be read and worked; none where this try makes no sense. */
function changedOnce(
  problem: Problem,
  texts: readonly string[],
  untouched: readonly number[],
  chances: RandomSource,
  house: HouseRules,
): { readonly problem: Problem; readonly texts: readonly string[] } | undefined {
  const operands = operandsOf(problem);
  const slots = operands.flatMap(slotsOf);
  const nth =
    chances.below(4) > 0 && untouched.length > 0 ? chances.pick(untouched) : chances.below(texts.length);
  const slot = nth === undefined ? undefined : slots[nth];
  if (nth === undefined || slot === undefined) return undefined;
  const text = otherNumber(slot, chances);
  if (text === undefined) return undefined;
  // Denominators that are alike may have to stay alike.
  const together = slot.role === "denominator" && chances.below(2) === 0;
  const next = texts.map((one, at) =>
    at === nth || (together && one === slot.text && slots[at]?.role === slot.role) ? text : one,
  );
  let at = 0;
  const changed = operands.map((one) => {
    const count = slotsOf(one).length;
    at += count;
    return withSlots(one, next.slice(at - count, at));
  });
  if (!changed.every((one) => slotsOf(one).every(({ text: number, below }) => isBelow(number, below))))
    return undefined;
  if (!sameProperness(operands, changed)) return undefined;
  const made = withOperands(problem, changed);
  if (made === undefined) return undefined;
  // What can't be read can't be worked: a divisor of zero, a chain below zero on its way.
  const read = readProblem(writeProblem(made, house), house);
  return read.ok && read.value.kind === problem.kind && read.value.op === problem.op
    ? { problem: read.value, texts: next }
    : undefined;
}

const isBelow = (number: string, below: bigint | undefined): boolean =>
  below === undefined || BigInt(number) < below;

/** Whether fractions that were proper stay so, and the others too. */
const sameProperness = (before: readonly Quantity[], after: readonly Quantity[]): boolean =>
  before.every((one, nth) => {
    const other = after[nth];
    if (other === undefined || !("numerator" in one) || !("numerator" in other)) return true;
    return one.numerator < one.denominator === other.numerator < other.denominator && other.denominator > 1n;
  });

/** Another number as long as one, not silly where that is not: no zero in front or at the end, no bare one. */
function otherNumber({ text, role, below }: Slot, chances: RandomSource): string | undefined {
  const digits = [...text];
  const changes = 1 + chances.below(Math.min(2, digits.length));
  for (let change = 0; change < changes; change++) {
    const at = chances.below(digits.length);
    digits[at] = String(chances.below(10));
  }
  const next = digits.join("");
  if (next === text || !isBelow(next, below)) return undefined;
  if (/^0/.test(next) && !/^0/.test(text) && role !== "places") return undefined;
  if (/^0+$/.test(next) !== /^0+$/.test(text)) return undefined;
  if (/0$/.test(next) !== /0$/.test(text)) return undefined;
  if (/^0*1$/.test(next) && !/^0*1$/.test(text) && role !== "places") return undefined;
  return next;
}
