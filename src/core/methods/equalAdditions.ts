import type { Mark } from "../board";
import type { HouseRules } from "../house";
import type { Place } from "../number";
import type { Problem } from "../problem";
import { type AnswerReason, answerSteps, frontPlace } from "./answer";
import { differenceSetting } from "./differenceSetting";
import type { Method, WorkingBy } from "./method";
import { type PaidColumn, type PaymentHabits, SOUND_PAYMENTS, subtractWithPayments } from "./payments";
import { colOf, pointStep, reachesPoint, type SettingOutReason, setOutSteps } from "./settingOut";
import type { Step } from "./step";

export type EqualAdditionsReason =
  /** Ten of this place are added above, and one of the next place below. */
  | {
      readonly kind: "addTenToBoth";
      readonly place: Place;
      readonly top: number;
      readonly taken: number;
      readonly raised: number;
    }
  | {
      readonly kind: "differenceWithOwed";
      readonly place: Place;
      readonly raised: number;
      readonly bottom: number | undefined;
      readonly owed: number;
      readonly taken: number;
      readonly written: number;
      /** A zero in front of the number, which is not written. */
      readonly blank: boolean;
    };

type Why = SettingOutReason | EqualAdditionsReason | AnswerReason;

/** Where the upper digit is too small, both numbers grow by the same: ten of the place above, one of the next below. */
export const equalAdditions: Method<Why> = {
  id: "equal-additions",
  refuses: (problem) =>
    problem.op === "subtract" ? undefined : { kind: "otherOperation", worksOn: "subtract" },
  work: (problem, house) => workEqualAdditions(problem, house, SOUND_PAYMENTS),
};

/** Equal additions with any habits in the columns; only sound ones are sure to reach the right answer. */
export function workEqualAdditions(
  problem: Problem,
  house: HouseRules,
  habits: PaymentHabits,
): WorkingBy<Why> {
  const written = house.carryPlace !== "unwritten";
  const { setting, belowZero, minuend, subtrahend, swap, placeOf } = differenceSetting(
    problem,
    house,
    written,
  );
  const columns = subtractWithPayments(minuend, subtrahend, setting.places.length, () => 10, habits);
  const answer = columns.map((column) => ({ place: placeOf(column.column), written: column.written }));
  const front = frontPlace(answer);

  const raise = ({ column, top, taken, raised, pays }: PaidColumn): Step<EqualAdditionsReason> => {
    const place = placeOf(column);
    const col = colOf(place);
    const ten: Mark =
      minuend[column] === undefined
        ? { kind: "small", col, row: 0, seat: "low", text: String(raised) }
        : { kind: "small", col, row: 0, seat: "corner", text: "1" };
    const payment: Mark = {
      kind: "small",
      col: col - 1,
      row: setting.ruleRow - 1,
      seat: "high",
      text: String(pays),
    };
    return {
      stage: "work",
      reason: { kind: "addTenToBoth", place, top, taken, raised },
      marks: written ? [ten, payment] : [],
      focus: [col, col - 1],
    };
  };

  const work = columns.flatMap((column): readonly Step<Why>[] => {
    const place = placeOf(column.column);
    const blank = place > front;
    const { raised, bottom, owed, taken, written: digit } = column;
    const difference: Step<EqualAdditionsReason> = {
      stage: "work",
      reason: { kind: "differenceWithOwed", place, raised, bottom, owed, taken, written: digit, blank },
      marks: blank
        ? []
        : [
            {
              kind: "glyph",
              col: colOf(place),
              row: setting.answerRow,
              text: String(digit),
              look: "written",
            },
          ],
      focus: [colOf(place)],
    };
    const point = reachesPoint(setting, place, house) ? [pointStep(setting, "whenReached")] : [];
    return [...(column.pays > 0 ? [raise(column)] : []), difference, ...point];
  });
  const end = answerSteps(setting, answer, problem, house, belowZero);
  return {
    problem,
    method: "equal-additions",
    house,
    layout: setting.layout,
    steps: [...swap, ...setOutSteps(setting, "subtract", house), ...work, ...end.steps],
    answer: end.answer,
  };
}
