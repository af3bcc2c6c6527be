import type { HouseRules } from "../house";
import { compareDecimals, type Decimal, ONES, type Place } from "../number";
import type { Problem } from "../problem";
import type { Row } from "./columnSums";
import { countsIn, NO_FREE_ROWS, type Setting, type SettingOutReason, settingOf } from "./settingOut";
import type { Step } from "./step";

/** A difference set out with the larger number on top, as every column method of subtracting begins. */
export interface DifferenceSetting {
  readonly setting: Setting;
  readonly belowZero: boolean;
  readonly minuend: Row;
  readonly subtrahend: Row;
  /** The step that says why the numbers change places, where they do. */
  readonly swap: readonly Step<SettingOutReason>[];
  readonly placeOf: (column: number) => Place;
}

/** Sets a difference out; `paymentRow` leaves a row free between the lower number and the rule. */
export function differenceSetting(
  problem: Problem,
  house: HouseRules,
  paymentRow: boolean,
): DifferenceSetting {
  const [first, second] = problem.operands;
  if (first === undefined || second === undefined)
    throw new Error("differenceSetting: two operands are needed");
  const belowZero = compareDecimals(first, second) < 0;
  const [minuend, subtrahend] = belowZero ? [second, first] : [first, second];
  const setting = settingOf(
    [
      { role: "minuend", numeral: minuend },
      { role: "subtrahend", numeral: subtrahend },
    ],
    ONES,
    { ...NO_FREE_ROWS, aboveRule: paymentRow },
  );
  const lowest = Math.min(...setting.places);
  return {
    setting,
    belowZero,
    minuend: countsIn(setting, minuend, house),
    subtrahend: countsIn(setting, subtrahend, house),
    swap: belowZero ? [swapStep(minuend, subtrahend)] : [],
    placeOf: (column) => lowest + column,
  };
}

const swapStep = (larger: Decimal, smaller: Decimal): Step<SettingOutReason> => ({
  stage: "setOut",
  reason: { kind: "swapForBelowZero", larger, smaller },
  marks: [],
  focus: [],
});
