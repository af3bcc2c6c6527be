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
  const answer = problem.kind === "measures" ? digitsOfQuantity(result) : digitsOfAnswer(problem, value);
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

/** Digits enough for a quotient that does not end. */
const UNENDING = 6;

/** The same of what a problem comes to: a quotient of decimals or money that does not end has many. */
const digitsOfAnswer = (problem: Problem, value: Fraction): number =>
  (problem.kind === "decimals" || problem.kind === "money") && 10n ** BigInt(MOST_DECIMALS) % value.d !== 0n
    ? UNENDING
    : digitsOfValue(value);

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
  const leading = roughProduct(mapTwoOrMore(operands, firstDigits), "leadingDigit");
  // Friendly numbers go first where they come a good deal nearer, and to something as easily said.
  const nearer = friendly(operands).filter(
    (one) => offOf(one).mul(3).compare(offOf(leading).mul(2)) < 0 && digitsOfQuantity(one.result) <= 2,
  );
  return [...nearer, leading, ...evened];
}

/** A half of something, or a quarter of a hundred, near a factor: by its digits, how many of them make a power of ten. */
const FRIENDLY = [
  { digits: 5n, make: 2n },
  { digits: 25n, make: 4n },
] as const;

/** How near a factor must lie to a friendly one: within a twentieth of it. */
const NEAR_FRIENDLY = 20n;

/** Two factors one of which is nearly 5, 25, 50, 0.5, …: that one taken as it, and the other one as a multiple of 2 or 4 beside it. */
function friendly(operands: TwoOrMore<Decimal>): readonly Rough[] {
  const [first, second, more] = operands;
  if (more !== undefined) return [];
  return [
    [first, second],
    [second, first],
  ].flatMap(([one, other], turned): readonly Rough[] => {
    if (one === undefined || other === undefined) return [];
    const near = nearFriendly(one);
    if (near === undefined) return [];
    const beside = toMultiple(other, near.make);
    return [roughProduct(turned === 0 ? [near.numeral, beside] : [beside, near.numeral], "friendly")];
  });
}

/** The friendly number near a factor that is not one itself. */
function nearFriendly(numeral: Decimal): { readonly numeral: Decimal; readonly make: bigint } | undefined {
  const place = leadingPlace(numeral);
  if (place === undefined) return undefined;
  for (const { digits, make } of FRIENDLY) {
    const low = place - String(digits).length + 1;
    const taken = low >= 0 ? fromCount(digits * 10n ** BigInt(low), 0) : fromCount(digits, -low);
    const [own, easy] = [fractionOf(numeral), fractionOf(taken)];
    const off = own.sub(easy).abs();
    if (off.n > 0n && off.mul(NEAR_FRIENDLY).compare(easy) <= 0) return { numeral: taken, make };
  }
  return undefined;
}

/** The multiple of 2 or 4 nearest to a number of two digits; of others, their first digits. */
function toMultiple(numeral: Decimal, of: bigint): Decimal {
  const { n, d } = fractionOf(numeral);
  const times = (2n * n + d * of) / (2n * d * of);
  return numeral.whole.replace(/^0+/, "").length === 2 && times > 0n
    ? fromCount(times * of, 0)
    : firstDigits(numeral);
}

const productOf = (operands: TwoOrMore<Decimal>): Extract<DecimalProblem, { op: "multiply" }> => ({
  kind: "decimals",
  op: "multiply",
  operands,
  form: AS_IT_COMES,
});

function roughProduct(rounded: TwoOrMore<Decimal>, rounding: "leadingDigit" | "evened" | "friendly"): Rough {
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
