import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { PaidPlace } from "../procedures/payments";
import { type AnswerReason, answerDigit } from "../squares/answer";
import { colOf, pointStep, reachesPoint, type SettingOutReason } from "../squares/settingOut";
import {
  differenceSetting,
  type PaidDifferenceDecisions,
  paidDifference,
  SOUND_PAID_DIFFERENCE,
} from "./differenceSetting";

/** The lower count, with what it owes, is made up to the upper one, or to ten more; what it `pays` is carried below. */
type MakingUpReason = { readonly kind: "makeUp" } & PaidPlace;

type Why = SettingOutReason | MakingUpReason | AnswerReason;

/** The lower number is made up to the upper, digit by digit: what goes with it, with a carry to the lower number. */
export const makingUp: Method<"making-up", Why, DecimalProblem, PaidDifferenceDecisions> = {
  id: "making-up",
  sample: "5.03 − 2.65",
  bench: { small: "<1.1> - <1.1>", usual: "<3.2> - <3.2>", largest: "<15.15> - <15.15>" },
  sound: SOUND_PAID_DIFFERENCE,
  takes: (problem) => (problem.op === "subtract" ? taken(problem, workMakingUp) : otherOperation("subtract")),
};

/** Making up with any decisions in the columns; only sound ones are sure to reach the right answer. */
function workMakingUp(
  problem: Asks<DecimalProblem, "subtract">,
  { house, decisions }: WorkRules<PaidDifferenceDecisions>,
): MethodResult<Why> {
  const writes = house.carryPlace !== "unwritten";
  const set = differenceSetting(problem, writes, { house, decisions });
  const { setting } = set;

  const columnSteps = (column: PaidPlace): readonly StepToDraw<SettingOutReason | MakingUpReason>[] => {
    const { place, pays, blank } = column;
    const step: StepToDraw<MakingUpReason> = {
      stage: "work",
      reason: { kind: "makeUp", ...column },
      draw: () => [
        ...answerDigit(setting, column, blank),
        ...(pays > 0 && writes ? [set.payment(place, pays)] : []),
      ],
      focus: [colOf(place)],
    };
    return reachesPoint(setting, place, house) ? [step, pointStep(setting, "whenReached")] : [step];
  };
  return paidDifference(problem, set, columnSteps, { house, decisions });
}
