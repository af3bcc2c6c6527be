import type { HouseRules } from "../../house";
import { commonMultiple, fraction } from "../../number";
import { type FractionProblem, signOf } from "../../problem";
import { type Method, type Solve, type WorkingBy, worksOnly } from "../contract/method";
import { text } from "../squares/pad";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import {
  asFractions,
  equivalentOf,
  type FractionWhy,
  finishFraction,
  items,
  startFractions,
} from "./fractionSteps";

/** Dividend and divisor as like parts: then only how many there are of each matters. */
export const dividingLikeParts: Method<FractionWhy, FractionProblem> = {
  id: "dividing-like-parts",
  refuses: worksOnly("divide"),
  work: (problem, house, solve) => workLikeParts(problem, house, SOUND_FRACTIONS, solve),
};

/** A quotient of like parts with any decisions; only sound ones are sure to reach the right answer. */
export function workLikeParts<Inner>(
  problem: FractionProblem,
  house: HouseRules,
  decisions: FractionDecisions,
  solve: Solve<Inner>,
): WorkingBy<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const [dividend, divisor] = asFractions(pad, problem.operands, house, decisions);
  if (dividend === undefined || divisor === undefined)
    throw new Error("workLikeParts: two numbers are needed");
  const common = commonMultiple(dividend.denominator, divisor.denominator);
  if (dividend.denominator === divisor.denominator)
    pad.mark("work", { kind: "alikeAlready", denominator: common }, []);
  const left = equivalentOf(pad, dividend, common, house, decisions);
  const right = equivalentOf(pad, divisor, common, house, decisions);
  const result = fraction(left.numerator, decisions.likeUnder(right.numerator, common));
  const by = signOf("divide", house);
  pad.line("work", { kind: "likeParts", left, right, result }, [
    ...items(left, house),
    text(by),
    ...items(right, house),
    text(`=${left.numerator}${by}${right.numerator}=`),
    ...items(result, house),
  ]);
  return finishFraction(pad, result, { problem, method: "dividing-like-parts", house, decisions }, solve);
}
