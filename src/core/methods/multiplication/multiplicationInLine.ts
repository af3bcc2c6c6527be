import { type Decimal, highestPlace, lowestPlace, ONES, placesFrom } from "../../number";
import type { DecimalProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { AnswerReason } from "../squares/answer";
import { layoutOf } from "../squares/settingOut";
import { type InLineReason, inLineSteps, wholeMultiplier, writeMultiplicand } from "./inLineBlock";
import { type BlockDecisions, SOUND_BLOCK } from "./productBlock";
import type { BlockReason } from "./productReason";
import { twoFactorsOf } from "./twoFactors";

type Why = InLineReason | BlockReason | AnswerReason;

/** A number on the plumb line multiplied by a whole number under it: every row keeps its point on the line. */
export const multiplicationInLine: Method<
  "multiplication-in-line",
  Why,
  DecimalProblem,
  BlockDecisions,
  "twoFactors" | "wholeMultiplier"
> = {
  id: "multiplication-in-line",
  sample: "12.75 × 14",
  bench: { small: "<1.1> × <1.0>", usual: "<3.2> × <2.0>", largest: "<15.15> × <15.0>" },
  sound: SOUND_BLOCK,
  takes: (problem) => {
    if (problem.op !== "multiply") return otherOperation("multiply");
    const two = twoFactorsOf(problem);
    if (two === undefined) return refused("twoFactors");
    const factors = wholeMultiplier(two.factors);
    return factors === undefined
      ? refused("wholeMultiplier")
      : taken({ ...factors, form: two.form }, workInLine);
  },
};

/** A number on the plumb line and a whole one to multiply it by, and the form their product is wanted in. */
interface InLineProblem extends Pick<DecimalProblem, "form"> {
  readonly multiplicand: Decimal;
  readonly multiplier: Decimal;
}

/** Multiplication in line with any decisions in its rows. */
function workInLine(
  { multiplicand, multiplier, form }: InLineProblem,
  { house, decisions }: WorkRules<BlockDecisions>,
): MethodResult<Why> {
  const { steps, answer } = inLineSteps(multiplicand, multiplier, 0, { form }, { house, decisions });
  const highest = highestPlace(multiplicand) + Math.max(1, multiplier.whole.length);
  const places = placesFrom(Math.min(ONES, lowestPlace(multiplicand)), highest);
  return {
    answer,
    onPaper: () => ({
      layout: layoutOf({ places }),
      steps: [writeMultiplicand(multiplicand, 0), ...steps()],
    }),
  };
}
