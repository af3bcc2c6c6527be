import {
  compareDecimals,
  countedIn,
  type Decimal,
  fromCount,
  leadingPlace,
  ONES,
  type Place,
  roundTo,
} from "../number";
import type { Problem } from "../problem";

/** A rough answer made before the working: each operand rounded, and what the rounded ones come to. */
export interface Estimate {
  readonly rounding: "ones" | "leadingDigit";
  readonly rounded: readonly Decimal[];
  readonly result: Decimal;
}

/**
 * Estimates a sum or difference. Decimals from one up to a hundred are rounded to ones; larger and
 * smaller numbers, and whole ones, each to its leading digit, unless that makes a difference vanish.
 */
export function estimateOf(problem: Problem): Estimate {
  const largest = Math.max(...problem.operands.map((operand) => leadingPlace(operand) ?? ONES));
  const decimals = problem.operands.some((operand) => operand.fraction !== "");
  if (decimals && (largest === 0 || largest === 1)) return rounded(problem, "ones");
  const rough = rounded(problem, "leadingDigit");
  const vanishes = problem.op === "subtract" && leadingPlace(rough.result) === undefined;
  return vanishes && largest > 1 ? rounded(problem, "ones") : rough;
}

function rounded(problem: Problem, rounding: Estimate["rounding"]): Estimate {
  const placeFor = (operand: Decimal): Place =>
    rounding === "ones" ? ONES : (leadingPlace(operand) ?? ONES);
  const operands = problem.operands.map((operand) => roundTo(operand, placeFor(operand)));
  return { rounding, rounded: operands, result: resultOf(problem, operands) };
}

function resultOf(problem: Problem, operands: readonly Decimal[]): Decimal {
  const places = Math.max(...operands.map((operand) => operand.fraction.length));
  const [first = 0n, ...rest] = operands.map((operand) => countedIn(operand, places));
  const total = rest.reduce((sum, count) => (problem.op === "add" ? sum + count : sum - count), first);
  return fromCount(total, places);
}

/**
 * Whether rounding explains how far an answer lies from the estimate: by as much as the operands
 * were rounded, taken together, and no more.
 */
export function isNear(answer: Decimal, estimate: Estimate, problem: Problem): boolean {
  const places = Math.max(
    answer.fraction.length,
    estimate.result.fraction.length,
    ...problem.operands.map((operand) => operand.fraction.length),
  );
  const slack = problem.operands
    .map(
      (operand, index) => countedIn(operand, places) - countedIn(estimate.rounded[index] ?? operand, places),
    )
    .reduce((sum, off) => sum + (off < 0n ? -off : off), 0n);
  const off = countedIn(answer, places) - countedIn(estimate.result, places);
  return (off < 0n ? -off : off) <= slack;
}

/** How a guess made by the learner lies to the estimate. */
export const guessAgainst = (guess: Decimal, estimate: Estimate): "below" | "same" | "above" => {
  const order = compareDecimals(guess, estimate.result);
  return order < 0 ? "below" : order > 0 ? "above" : "same";
};
