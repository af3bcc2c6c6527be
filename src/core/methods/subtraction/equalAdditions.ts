import type { Mark } from "../../board";
import type { Place } from "../../number";
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

type EqualAdditionsReason =
  /** Ten of this place are added above, and one of the next place below. */
  | {
      readonly kind: "addTenToBoth";
      readonly place: Place;
      readonly top: number;
      readonly taken: number;
      readonly raised: number;
    }
  | ({ readonly kind: "differenceWithOwed" } & PaidPlace);

type Why = SettingOutReason | EqualAdditionsReason | AnswerReason;

/** Where the upper digit is too small, both numbers grow by the same: ten of the place above, one of the next below. */
export const equalAdditions: Method<"equal-additions", Why, DecimalProblem, PaidDifferenceDecisions> = {
  id: "equal-additions",
  sample: "5.03 − 2.65",
  bench: { small: "<1.1> - <1.1>", usual: "<3.2> - <3.2>", largest: "<15.15> - <15.15>" },
  sound: SOUND_PAID_DIFFERENCE,
  takes: (problem) =>
    problem.op === "subtract" ? taken(problem, workEqualAdditions) : otherOperation("subtract"),
};

/** Equal additions with any decisions in the columns; only sound ones are sure to reach the right answer. */
function workEqualAdditions(
  problem: Asks<DecimalProblem, "subtract">,
  { house, decisions }: WorkRules<PaidDifferenceDecisions>,
): MethodResult<Why> {
  const writes = house.carryPlace !== "unwritten";
  const set = differenceSetting(problem, writes, { house, decisions });
  const { setting } = set;

  const raise = ({ place, top, taken, raised, pays }: PaidPlace): StepToDraw<EqualAdditionsReason> => {
    const col = colOf(place);
    const reason = { kind: "addTenToBoth", place, top, taken, raised } as const;
    const ten: Mark = set.isOpen(place)
      ? { kind: "small", col, row: 0, position: "low", text: String(raised) }
      : { kind: "small", col, row: 0, position: "corner", text: "1" };
    return {
      stage: "work",
      reason,
      draw: () => (writes ? [ten, ...(pays > 0 ? [set.payment(place, pays)] : [])] : []),
      focus: [col, col - 1],
    };
  };

  const columnSteps = (column: PaidPlace): readonly StepToDraw<SettingOutReason | EqualAdditionsReason>[] => {
    const difference: StepToDraw<EqualAdditionsReason> = {
      stage: "work",
      reason: { kind: "differenceWithOwed", ...column },
      draw: () => answerDigit(setting, column, column.blank),
      focus: [colOf(column.place)],
    };
    const point = reachesPoint(setting, column.place, house) ? [pointStep(setting, "whenReached")] : [];
    return [...(column.raised > column.top ? [raise(column)] : []), difference, ...point];
  };
  return paidDifference(problem, set, columnSteps, { house, decisions });
}
