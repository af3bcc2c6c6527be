import Fraction from "fraction.js";
import {
  countedIn,
  type Decimal,
  digitsOf,
  fromCount,
  leadingPlace,
  ONES,
  type Place,
  roundTo,
  withoutTrailingZeros,
} from "../number";
import {
  type Answer,
  AS_IT_COMES,
  answerValueOf,
  type DecimalProblem,
  divisorOf,
  exactAnswer,
  fractionOf,
  mapDecimals,
  operandsOf,
  type Problem,
} from "../problem";
import type { Quantity } from "../quantity";
import { mapTwoOrMore, type Two, type TwoOrMore } from "../tuples";
import { type Estimate, type Rounding, roughlyOf } from "./roughly";

/** A rough answer among decimals. */
interface Rough {
  readonly rounding: Rounding;
  readonly rounded: DecimalProblem;
  readonly result: Decimal;
}

/**
 * Estimates what a problem comes to, where that helps: rounding, comparing and writing in another form are
 * not estimated, nor is what easy numbers would lead astray, what they do not make easier, or what would only
 * say the problem again and give its answer away.
 */
export function estimateOf(problem: Problem): Estimate | undefined {
  const value = exactAnswer(problem);
  return roughlyIn(problem).find((easy) => helps(easy, problem, value));
}

/** The ways to estimate a problem, the plainest first. */
function roughlyIn(problem: Problem): readonly Estimate[] {
  if (problem.kind !== "decimals") {
    const easy = roughlyOf(problem);
    return easy ? [easy] : [];
  }
  switch (problem.op) {
    case "add":
    case "subtract":
      return [estimateOfColumns(problem)];
    case "multiply":
      return estimatesOfProduct(problem.operands);
    case "divide":
      return [estimateOfQuotient(problem.operands)];
    case "round":
    case "compare":
    case "order":
      return [];
  }
}

/** Whether an estimate takes other numbers than the problem's own, is easier than the working, and lies near. */
function helps(estimate: Estimate, problem: Problem, value: Fraction): boolean {
  const { rounded, result } = estimate;
  const [own, easy] = [operandsOf(problem), operandsOf(rounded)];
  if (easy.every((one, index) => fractionOf(one).equals(fractionOf(own[index] ?? one)))) return false;
  const about = fractionOf(result);
  const answer = problem.kind === "measures" ? digitsOfQuantity(result) : digitsOfValue(value);
  if (digitsIn(easy) + digitsOfQuantity(result) >= digitsIn(own) + answer) return false;
  if (!addsUp(problem)) return isWithinQuarter(about, value) && isWithinQuarter(about, exactAnswer(rounded));
  const twice = value.sub(about).abs().mul(2);
  const isSmall = twice.compare(value.abs()) <= 0 || twice.compare(about.abs()) <= 0;
  return isSmall && isValueNear(value, new Fraction(0), estimate, problem);
}

/** Whether a problem is a sum or a difference, whose numbers may be rounded by so much each. */
const addsUp = ({ op }: Problem): boolean => op === "add" || op === "subtract" || op === "terms";

/** Whether one value differs from another by no more than a quarter of that other one. */
const isWithinQuarter = (one: Fraction, of: Fraction): boolean =>
  of.sub(one).abs().mul(4).compare(of.abs()) <= 0;

/** The most decimals that a number is thought of with. */
const MOST_DECIMALS = 12;

/** How many digits that are not zero a value is written with: as a decimal where it ends, as a fraction else. */
function digitsOfValue({ n, d }: Fraction): number {
  const pieces = n * 10n ** BigInt(MOST_DECIMALS);
  return (pieces % d === 0n ? String(pieces / d) : `${n}${d}`).replaceAll("0", "").length;
}

/** The same of a quantity: of a measure, its counts. */
const digitsOfQuantity = (quantity: Quantity): number =>
  quantity.kind === "measure"
    ? digitsIn(quantity.parts.map(({ count }) => count))
    : digitsOfValue(fractionOf(quantity));

const digitsIn = (quantities: readonly Quantity[]): number =>
  quantities.reduce((sum, quantity) => sum + digitsOfQuantity(quantity), 0);

/**
 * Decimals from one up to a hundred are rounded to ones; larger and smaller numbers, and whole ones,
 * each to its leading digit, unless that makes a difference vanish.
 */
function estimateOfColumns(problem: DecimalProblem): Rough {
  const largest = Math.max(...problem.operands.map((operand) => leadingPlace(operand) ?? ONES));
  const decimals = problem.operands.some((operand) => operand.fraction !== "");
  if (decimals && (largest === 0 || largest === 1)) return roundedColumns(problem, "ones");
  const rough = roundedColumns(problem, "leadingDigit");
  const vanishes = problem.op === "subtract" && leadingPlace(rough.result) === undefined;
  return vanishes && largest > 1 ? roundedColumns(problem, "ones") : rough;
}

function roundedColumns(problem: DecimalProblem, rounding: "ones" | "leadingDigit"): Rough {
  const placeFor = (operand: Decimal): Place =>
    rounding === "ones" ? ONES : (leadingPlace(operand) ?? ONES);
  const easy = (operand: Decimal): Decimal => roundTo(operand, placeFor(operand));
  const rounded = mapDecimals(problem, easy);
  const places = Math.max(...rounded.operands.map((operand) => operand.fraction.length));
  const [first = 0n, ...rest] = rounded.operands.map((operand) => countedIn(operand, places));
  const total = rest.reduce((sum, count) => (problem.op === "add" ? sum + count : sum - count), first);
  return { rounding, rounded, result: fromCount(total, places) };
}

/** A numeral with its first digit only, or its first two where it begins with a one, so that it stays within a quarter of its value. */
function firstDigits(numeral: Decimal): Decimal {
  const place = leadingPlace(numeral);
  if (place === undefined) return fromCount(0n, 0);
  const rough = roundTo(numeral, place);
  const begins = numeral.whole + numeral.fraction;
  return withoutTrailingZeros(/^0*1/.test(begins) ? roundTo(numeral, place - 1) : rough);
}

/** Every factor with its first digits; else one of them cut to its first digit or the digit above, the nearest first: one down for one up. */
function estimatesOfProduct(operands: TwoOrMore<Decimal>): readonly Rough[] {
  const exact = exactAnswer(productOf(operands));
  const offOf = ({ result }: Rough): Fraction => fractionOf(result).sub(exact).abs();
  const evened = operands
    .flatMap((_, index) =>
      [true, false].map((up) =>
        roughProduct(
          mapTwoOrMore(operands, (one, at) => (at === index ? toFirstDigit(one, up) : firstDigits(one))),
          "evened",
        ),
      ),
    )
    .sort((one, other) => offOf(one).compare(offOf(other)));
  return [roughProduct(mapTwoOrMore(operands, firstDigits), "leadingDigit"), ...evened];
}

const productOf = (operands: TwoOrMore<Decimal>): Extract<DecimalProblem, { op: "multiply" }> => ({
  kind: "decimals",
  op: "multiply",
  operands,
  form: AS_IT_COMES,
});

function roughProduct(rounded: TwoOrMore<Decimal>, rounding: "leadingDigit" | "evened"): Rough {
  const places = rounded.reduce((sum, { fraction }) => sum + fraction.length, 0);
  const count = rounded.reduce((product, factor) => product * countedIn(factor, factor.fraction.length), 1n);
  return {
    rounding,
    rounded: productOf(rounded),
    result: withoutTrailingZeros(fromCount(count, places)),
  };
}

/** A numeral cut to its first digit, or to the digit above. */
function toFirstDigit(numeral: Decimal, up: boolean): Decimal {
  const place = leadingPlace(numeral);
  if (place === undefined) return numeral;
  const digit = BigInt(digitsOf(numeral).charAt(0)) + (up ? 1n : 0n);
  return place >= 0
    ? fromCount(digit * 10n ** BigInt(place), 0)
    : withoutTrailingZeros(fromCount(digit, -place));
}

/** The divisor is rounded, and the dividend taken as that multiple of it which lies nearest and is easily seen. */
function estimateOfQuotient([dividend, divisor]: Two<Decimal>): Rough {
  const by = firstDigits(divisor);
  const places = 2 + Math.max(0, dividend.fraction.length + by.whole.length - (leadingPlace(dividend) ?? 0));
  const size = dividend.fraction.length + by.fraction.length;
  const exact = (countedIn(dividend, size) * 10n ** BigInt(places)) / countedIn(by, size);
  const result = firstDigits(fromCount(exact, places));
  const count = countedIn(result, result.fraction.length) * countedIn(by, by.fraction.length);
  const multiple = withoutTrailingZeros(fromCount(count, result.fraction.length + by.fraction.length));
  return {
    rounding: "multiple",
    rounded: { kind: "decimals", op: "divide", operands: [multiple, by], form: AS_IT_COMES },
    result,
  };
}

/**
 * Whether an answer has the size that was estimated. A sum or difference may differ by as much as its
 * numbers were rounded; a product or quotient must lie nearer to the estimate than to ten times or a
 * tenth of it, so that only one place is left for the point. Of several operations only gross misses show.
 */
export function isNear(answer: Answer, estimate: Estimate, problem: Problem): boolean {
  const rounding =
    answer.kind === "rounded"
      ? lastPlace(problem, answer.numeral)
      : new Fraction(answer.kind === "roundedAmount" ? 1n : 0n, 100n);
  return isValueNear(answerValueOf(answer, divisorOf(problem)), rounding, estimate, problem);
}

/** Whether an answer is within a quarter of its estimate. */
export function isClose(answer: Answer, estimate: Estimate, problem: Problem): boolean {
  return isWithinQuarter(answerValueOf(answer, divisorOf(problem)), fractionOf(estimate.result));
}

function isValueNear(value: Fraction, rounding: Fraction, estimate: Estimate, problem: Problem): boolean {
  const about = fractionOf(estimate.result);
  const off = value.sub(about).abs();
  const { op } = problem;
  if (addsUp(problem)) {
    const rounded = operandsOf(estimate.rounded);
    const slack = operandsOf(problem)
      .map((operand, index) =>
        fractionOf(operand)
          .sub(fractionOf(rounded[index] ?? operand))
          .abs(),
      )
      .reduce((sum, by) => sum.add(by), rounding);
    return off.compare(slack) <= 0;
  }
  if (off.compare(rounding) <= 0 || (op === "chain" && off.compare(1) <= 0)) return true;
  const [small, large] = value.abs().compare(about.abs()) < 0 ? [value, about] : [about, value];
  return large.mul(large).compare(small.mul(small).mul(10)) < 0;
}

/** What one of the last place of a rounded answer is worth. */
function lastPlace({ form }: Problem, numeral: Decimal): Fraction {
  const place = form.kind === "toPlace" ? form.place : -numeral.fraction.length;
  return place >= 0 ? new Fraction(10n ** BigInt(place)) : new Fraction(1n, 10n ** BigInt(-place));
}

/** How a guess made by the learner lies to the estimate. */
export const guessAgainst = (guess: Quantity, estimate: Estimate): "below" | "same" | "above" => {
  const order = fractionOf(guess).compare(fractionOf(estimate.result));
  return order < 0 ? "below" : order > 0 ? "above" : "same";
};
