import Fraction from "fraction.js";
import type { HouseRules } from "../../house";
import type { Decimal } from "../../number";
import {
  type Answer,
  answerValueOf,
  divisorOf,
  exactAnswer,
  fractionOf,
  operandsOf,
  type Problem,
} from "../../problem";
import type { Quantity } from "../../quantity";
import { digitsIn, digitsOfAnswer, digitsOfQuantity } from "./figures";
import type { Estimate } from "./roughAnswer";
import { roughlyInDecimals } from "./roughDecimals";
import { roughlyOf } from "./roughly";

/**
 * Estimates what a problem comes to, where that helps: rounding, comparing and writing in another form are
 * not estimated, nor is what easy numbers would lead astray, what they do not make easier, or what would only
 * say the problem again and give its answer away.
 */
export function estimateOf(
  problem: Problem,
  { estimateRounding }: Pick<HouseRules, "estimateRounding">,
): Estimate | undefined {
  const value = exactAnswer(problem);
  return roughlyIn(problem, estimateRounding).find((easy) => helps(easy, problem, value));
}

/** The ways to estimate a problem, the plainest first, or those that round as the house does. */
function roughlyIn(problem: Problem, rounding: HouseRules["estimateRounding"]): readonly Estimate[] {
  if (problem.kind === "decimals") return roughlyInDecimals(problem, rounding);
  const easy = roughlyOf(problem);
  return easy ? [easy] : [];
}

/** Whether an estimate takes other numbers than the problem's own, is easier than the working, and lies near; nothing lies near to zero. */
function helps(estimate: Estimate, problem: Problem, value: Fraction): boolean {
  const { rounded, result } = estimate;
  if (value.n === 0n) return false;
  const [own, easy] = [operandsOf(problem), operandsOf(rounded)];
  if (easy.every((one, index) => fractionOf(one).equals(fractionOf(own[index] ?? one)))) return false;
  const about = fractionOf(result);
  const answer = problem.kind === "measures" ? digitsOfQuantity(result) : digitsOfAnswer(problem, value);
  if (digitsIn(easy) + digitsOfQuantity(result) >= digitsIn(own) + answer) return false;
  if (!addsUp(problem)) return isWithinQuarter(about, value) && isWithinQuarter(about, exactAnswer(rounded));
  if (digitsOfQuantity(result) > MOST_FIGURES) return false;
  const twice = value.sub(about).abs().mul(2);
  const isSmall = twice.compare(value.abs()) <= 0 || twice.compare(about.abs()) <= 0;
  return isSmall && isValueNear(value, new Fraction(0), estimate, problem);
}

/** The most figures that the estimate of a sum or difference is told in: numbers of very different sizes give more. */
const MOST_FIGURES = 3;

/** Whether a problem is a sum or a difference, whose numbers may be rounded by so much each. */
const addsUp = ({ op }: Problem): boolean => op === "add" || op === "subtract" || op === "terms";

/** Whether one value differs from another by no more than a quarter of that other one. */
const isWithinQuarter = (one: Fraction, of: Fraction): boolean =>
  of.sub(one).abs().mul(4).compare(of.abs()) <= 0;

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
