import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { compareDecimals, type Decimal, movedBy, ONES, type Place } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { ColumnRow } from "../procedures/columnSums";
import {
  type PaidPlace,
  type PaymentDecisions,
  SOUND_PAYMENTS,
  subtractWithPayments,
} from "../procedures/payments";
import type { AnswerReason, Written } from "../squares/answer";
import { columnWorking } from "../squares/columnWorking";
import {
  colOf,
  countsIn,
  NO_FREE_ROWS,
  type Setting,
  type SettingDecisions,
  type SettingOutReason,
  SOUND_SETTING,
  settingOf,
} from "../squares/settingOut";

/** A difference set out with the larger number on top, as every column method of subtracting begins. */
export interface DifferenceSetting {
  readonly setting: Setting;
  readonly belowZero: boolean;
  readonly minuend: ColumnRow;
  readonly subtrahend: ColumnRow;
  /** The step that says why the numbers change places, where they do. */
  readonly swap: readonly StepToDraw<SettingOutReason>[];
  readonly placeOf: (column: number) => Place;
  /** Whether the upper number has nothing written in a place, not even a filler. */
  readonly isOpen: (place: Place) => boolean;
  /** What is owed by the place after this one, written small under its lower digit. */
  readonly payment: (place: Place, pays: number) => Mark;
}

/** The decisions of a difference worked with payments: how the numbers line up, and what each column does. */
export interface PaidDifferenceDecisions extends SettingDecisions, PaymentDecisions {}

export const SOUND_PAID_DIFFERENCE: PaidDifferenceDecisions = { ...SOUND_SETTING, ...SOUND_PAYMENTS };

/** Sets a difference out; `paymentRow` leaves a row free between the lower number and the rule. */
export function differenceSetting(
  problem: Asks<DecimalProblem, "subtract">,
  paymentRow: boolean,
  { house, decisions }: WorkRules<SettingDecisions>,
): DifferenceSetting {
  const [first, second] = problem.operands;
  const belowZero = compareDecimals(first, second) < 0;
  // The larger one goes on top as the two stand, which is their value where they stand in line.
  const standing = (numeral: Decimal): Decimal => {
    const by = decisions.lineUp(numeral, [first, second]);
    return by === 0 ? numeral : movedBy(numeral, by);
  };
  const turned = compareDecimals(standing(first), standing(second)) < 0;
  const [minuend, subtrahend] = turned ? [second, first] : [first, second];
  const setting = settingOf(
    [
      { role: "minuend", numeral: minuend },
      { role: "subtrahend", numeral: subtrahend },
    ],
    ONES,
    { ...NO_FREE_ROWS, aboveRule: paymentRow },
    decisions,
  );
  const [above, below] = setting.rows;
  if (above === undefined || below === undefined) throw new Error("differenceSetting: two rows are set out");
  const lowest = Math.min(...setting.places);
  const upper = countsIn(setting, above, house);
  return {
    setting,
    belowZero,
    minuend: upper,
    subtrahend: countsIn(setting, below, house),
    swap: turned ? [swapStep(minuend, subtrahend)] : [],
    placeOf: (column) => lowest + column,
    isOpen: (place) => upper[place - lowest] === undefined,
    payment: (place, pays) => ({
      kind: "small",
      col: colOf(place) - 1,
      row: setting.ruleRow - 1,
      position: "high",
      text: String(pays),
    }),
  };
}

const swapStep = (larger: Decimal, smaller: Decimal): StepToDraw<SettingOutReason> => ({
  stage: "setOut",
  reason: { kind: "swapForBelowZero", larger, smaller },
  focus: [],
});

/** The whole working of a difference: set out, worked, and its answer named. */
export function differenceWorking<Why>(
  problem: Asks<DecimalProblem, "subtract">,
  house: HouseRules,
  { setting, swap, belowZero }: DifferenceSetting,
  written: readonly Written[],
  work: (front: Place) => readonly StepToDraw<Why>[],
): MethodResult<Why | SettingOutReason | AnswerReason> {
  const columns = { op: "subtract", written, belowZero, before: swap, movedToFront: false } as const;
  return columnWorking(setting, columns, work, problem, house);
}

/** The whole working of a difference with payments, whose columns are told by `steps`, smallest place first. */
export function paidDifference<Why>(
  problem: Asks<DecimalProblem, "subtract">,
  set: DifferenceSetting,
  steps: (column: PaidPlace) => readonly StepToDraw<Why>[],
  { house, decisions }: WorkRules<PaymentDecisions>,
): MethodResult<Why | SettingOutReason | AnswerReason> {
  const { minuend, subtrahend, setting, placeOf } = set;
  const paid = subtractWithPayments(minuend, subtrahend, setting.places.length, () => 10, decisions);
  const written = paid.map(({ column, written }) => ({ place: placeOf(column), written }));
  return differenceWorking(problem, house, set, written, (front) =>
    paid.flatMap(({ column, ...rest }) => {
      const place = placeOf(column);
      return steps({ ...rest, place, blank: place > front });
    }),
  );
}
