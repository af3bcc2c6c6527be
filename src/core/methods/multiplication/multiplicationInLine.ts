import type { HouseRules } from "../../house";
import { highestPlace, lowestPlace, ONES, placesFrom } from "../../number";
import type { DecimalProblem } from "../../problem";
import { because, type Method, type Refusal, type Worked, worksOnly } from "../contract/method";
import type { AnswerReason } from "../squares/answer";
import { layoutOf } from "../squares/settingOut";
import { type InLineReason, inLineSteps, wholeMultiplier, writeMultiplicand } from "./inLineBlock";
import { type BlockDecisions, type BlockReason, SOUND_BLOCK } from "./productBlock";

type Why = InLineReason | BlockReason | AnswerReason;

const onlyMultiplies = worksOnly("multiply");

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
  refuses: (problem): Refusal<"twoFactors" | "wholeMultiplier"> | undefined => {
    if (problem.op !== "multiply") return onlyMultiplies(problem);
    if (problem.operands.length > 2) return because("twoFactors");
    return wholeMultiplier(problem) === undefined ? because("wholeMultiplier") : undefined;
  },
  work: workInLine,
};

/** Multiplication in line with any decisions in its rows. */
export function workInLine(
  problem: DecimalProblem,
  house: HouseRules,
  decisions: BlockDecisions,
): Worked<Why> {
  const factors = wholeMultiplier(problem);
  if (factors === undefined) throw new Error("workInLine: one factor must be whole");
  const { multiplicand, multiplier } = factors;
  const { steps, answer } = inLineSteps(multiplicand, multiplier, 0, problem, house, decisions);
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
