import type { HouseRules } from "../../house";
import type { Place } from "../../number";
import type { DecimalProblem, SignedOperation } from "../../problem";
import type { StepToDraw } from "../contract/step";
import type { MethodResult } from "../contract/working";
import { type AnswerReason, answerSteps, frontPlace, type Written } from "./answer";
import { layoutOf, type Setting, type SettingOutReason, setOutSteps } from "./settingOut";

/** What a working in columns has beside its setting: what its columns came to, and what is said before they are set out. */
interface Columns {
  readonly op: SignedOperation;
  readonly written: readonly Written[];
  readonly belowZero: boolean;
  readonly before: readonly StepToDraw<SettingOutReason>[];
  /** Whether the first number set out was not the first one given. */
  readonly movedToFront: boolean;
}

/** The whole working of a method in columns: set out, worked column by column, its answer named. `work` is told the largest place whose digit is written. */
export function columnWorking<Why>(
  setting: Setting,
  { op, written, belowZero, before, movedToFront }: Columns,
  work: (front: Place) => readonly StepToDraw<Why>[],
  problem: Pick<DecimalProblem, "form">,
  house: HouseRules,
): MethodResult<Why | SettingOutReason | AnswerReason> {
  const end = answerSteps(setting, written, problem, house, belowZero);
  return {
    answer: end.answer,
    onPaper: () => ({
      layout: layoutOf(setting),
      steps: [
        ...before,
        ...setOutSteps(setting, op, house, movedToFront),
        ...work(frontPlace(written)),
        ...end.steps(),
      ],
    }),
  };
}
