import { commonMultiple, fraction } from "../../number";
import { type Asks, type FractionProblem, signOf } from "../../problem";
import { mapTwo } from "../../tuples";
import { type Method, otherOperation, taken } from "../contract/method";
import type { WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { padText } from "../squares/pad";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import { finishFraction } from "./fractionEnd";
import { equivalentOf, type FractionWhy, items, oneFraction, startFractions } from "./fractionSteps";

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
  takes: (problem) => (problem.op === "divide" ? taken(problem, workLikeParts) : otherOperation("divide")),
};

/** A quotient of like parts with any decisions; only sound ones are sure to reach the right answer. */
function workLikeParts<Inner>(
  problem: Asks<FractionProblem, "divide">,
  { house, decisions, solve }: WorkContext<FractionDecisions, Inner>,
): MethodResult<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const [dividend, divisor] = mapTwo(problem.operands, (one) => oneFraction(one, { house, decisions, pad }));
  const common = commonMultiple(dividend.denominator, divisor.denominator);
  if (dividend.denominator === divisor.denominator)
    pad.mark("work", { kind: "alikeAlready", denominator: common });
  const left = equivalentOf(dividend, common, { house, decisions, pad });
  const right = equivalentOf(divisor, common, { house, decisions, pad });
  const result = fraction(left.numerator, decisions.likeUnder(right.numerator, common));
  const by = signOf("divide", house);
  pad.line("work", { kind: "likeParts", left, right, result }, () => [
    ...items(left, house),
    padText(by),
    ...items(right, house),
    padText(`=${left.numerator}${by}${right.numerator}=`),
    ...items(result, house),
  ]);
  return finishFraction(result, { problem, house, decisions }, { pad, solve });
}
