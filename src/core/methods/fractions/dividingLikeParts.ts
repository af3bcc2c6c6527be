import type { HouseRules } from "../../house";
import { commonMultiple, fraction } from "../../number";
import { type FractionProblem, signOf } from "../../problem";
import { type Method, type Solve, type Worked, worksOnly } from "../contract/method";
import { text } from "../squares/pad";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import { finishFraction } from "./fractionEnd";
import { asFractions, equivalentOf, type FractionWhy, items, startFractions } from "./fractionSteps";

/** Dividend and divisor as like parts: then only how many there are of each matters. */
export const dividingLikeParts: Method<
  "dividing-like-parts",
  FractionWhy,
  FractionProblem,
  FractionDecisions
> = {
  id: "dividing-like-parts",
  sample: "2/3 ÷ 4/5",
  bench: {
    small: "<1-4>/<2-5> ÷ <1-4>/<2-5>",
    usual: "<1-12>/<2-13> ÷ <1-12>/<2-13>",
    largest: "<1-9900>/<2-9901> ÷ <1-9900>/<2-9901>",
  },
  sound: SOUND_FRACTIONS,
  refuses: worksOnly("divide"),
  work: workLikeParts,
};

/** A quotient of like parts with any decisions; only sound ones are sure to reach the right answer. */
export function workLikeParts<Inner>(
  problem: FractionProblem,
  house: HouseRules,
  decisions: FractionDecisions,
  solve: Solve<Inner>,
): Worked<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const [dividend, divisor] = asFractions(pad, problem.operands, house, decisions);
  if (dividend === undefined || divisor === undefined)
    throw new Error("workLikeParts: two numbers are needed");
  const common = commonMultiple(dividend.denominator, divisor.denominator);
  if (dividend.denominator === divisor.denominator)
    pad.mark("work", { kind: "alikeAlready", denominator: common });
  const left = equivalentOf(pad, dividend, common, house, decisions);
  const right = equivalentOf(pad, divisor, common, house, decisions);
  const result = fraction(left.numerator, decisions.likeUnder(right.numerator, common));
  const by = signOf("divide", house);
  pad.line("work", { kind: "likeParts", left, right, result }, () => [
    ...items(left, house),
    text(by),
    ...items(right, house),
    text(`=${left.numerator}${by}${right.numerator}=`),
    ...items(result, house),
  ]);
  return finishFraction(pad, result, { problem, house, decisions }, solve);
}
