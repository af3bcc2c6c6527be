import type { Mark } from "../board";
import type { HouseRules } from "../house";
import type { Place } from "../number";
import type { Problem } from "../problem";
import { type AnswerReason, answerSteps, frontPlace } from "./answer";
import { differenceSetting } from "./differenceSetting";
import type { Method, WorkingBy } from "./method";
import { type PaymentHabits, SOUND_PAYMENTS, subtractWithPayments } from "./payments";
import { colOf, pointStep, reachesPoint, type SettingOutReason, setOutSteps } from "./settingOut";
import type { Step } from "./step";

export type MakingUpReason = {
  readonly kind: "makeUp";
  readonly place: Place;
  readonly top: number;
  readonly bottom: number | undefined;
  readonly owed: number;
  /** What the lower count comes to with what it owed. */
  readonly taken: number;
  /** What it is made up to: the upper count, or ten more. */
  readonly raised: number;
  readonly written: number;
  readonly carried: number;
  /** A zero in front of the number, which is not written. */
  readonly blank: boolean;
};

type Why = SettingOutReason | MakingUpReason | AnswerReason;

/** The lower number is made up to the upper, digit by digit: what goes with it, with a carry to the lower number. */
export const makingUp: Method<Why> = {
  id: "making-up",
  refuses: (problem) =>
    problem.op === "subtract" ? undefined : { kind: "otherOperation", worksOn: "subtract" },
  work: (problem, house) => workMakingUp(problem, house, SOUND_PAYMENTS),
};

/** Making up with any habits in the columns; only sound ones are sure to reach the right answer. */
export function workMakingUp(problem: Problem, house: HouseRules, habits: PaymentHabits): WorkingBy<Why> {
  const writes = house.carryPlace !== "unwritten";
  const { setting, belowZero, minuend, subtrahend, swap, placeOf } = differenceSetting(
    problem,
    house,
    writes,
  );
  const columns = subtractWithPayments(minuend, subtrahend, setting.places.length, () => 10, habits);
  const answer = columns.map((column) => ({ place: placeOf(column.column), written: column.written }));
  const front = frontPlace(answer);

  const work = columns.flatMap((column): readonly Step<Why>[] => {
    const { top, bottom, owed, taken, raised, written, pays } = column;
    const place = placeOf(column.column);
    const col = colOf(place);
    const blank = place > front;
    const digit: Mark = {
      kind: "glyph",
      col,
      row: setting.answerRow,
      text: String(written),
      look: "written",
    };
    const carry: Mark = {
      kind: "small",
      col: col - 1,
      row: setting.ruleRow - 1,
      seat: "high",
      text: String(pays),
    };
    const step: Step<MakingUpReason> = {
      stage: "work",
      reason: { kind: "makeUp", place, top, bottom, owed, taken, raised, written, carried: pays, blank },
      marks: [...(blank ? [] : [digit]), ...(pays > 0 && writes ? [carry] : [])],
      focus: [col],
    };
    return reachesPoint(setting, place, house) ? [step, pointStep(setting, "whenReached")] : [step];
  });
  const end = answerSteps(setting, answer, problem, house, belowZero);
  return {
    problem,
    method: "making-up",
    house,
    layout: setting.layout,
    steps: [...swap, ...setOutSteps(setting, "subtract", house), ...work, ...end.steps],
    answer: end.answer,
  };
}
