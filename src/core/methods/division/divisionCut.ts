import type { HouseRules } from "../../house";
import { type Decimal, lowestPlace } from "../../number";
import { AS_IT_COMES } from "../../problem";
import type { Step } from "../contract/step";
import { Stuck } from "../contract/stuck";
import type { Quotient } from "../procedures/quotientDigits";
import { type AnswerReason, finishAnswer } from "../squares/answer";
import { numeralMarks } from "../squares/writtenNumber";
import type { End } from "./divisionEnd";
import type { DivisionPlan } from "./divisionPlan";
import { type DivisionSetting, quotientNumeral } from "./divisionSetting";

/**
 * How a division ends: as it is planned, or, faultily, where the written digits of the dividend are used up;
 * what is left is then forgotten, or set behind the point as it is.
 */
export type DivisionEnds = "asPlanned" | "whereDigitsEnd" | "restBehindPoint";

/** A plan that stops where the dividend's written digits are used up. */
export const cutPlan = (plan: DivisionPlan): DivisionPlan => ({
  ...plan,
  stop: { kind: "place", place: Math.min(0, lowestPlace(plan.newDividend)) },
});

/** The last steps of a division that was cut short; stuck where nothing was left over, or nothing would be written. */
export function cutEnd(
  ends: DivisionEnds,
  quotient: Quotient,
  setting: DivisionSetting,
  house: HouseRules,
): End {
  const cut = quotientNumeral(quotient);
  const rest = quotient.digits.at(-1)?.rest ?? 0n;
  if (rest === 0n) throw new Stuck("cutEnd: nothing is left over");
  const full: Decimal =
    ends === "restBehindPoint" ? { ...cut, fraction: `${cut.fraction}${rest}`, point: true } : cut;
  if (/^0*$/.test(full.whole + full.fraction)) throw new Stuck("cutEnd: nothing would be written");
  const named = finishAnswer(
    full,
    { row: setting.quotientRow, line: setting.quotientLine, closes: () => setting.frame },
    { form: AS_IT_COMES },
    house,
  );
  const { fraction } = full;
  const tail: readonly Step<AnswerReason>[] =
    ends === "restBehindPoint"
      ? [
          {
            stage: "answer",
            reason: { kind: "nameAnswer", answer: full },
            marks: numeralMarks(
              { ...full, whole: "", fraction, point: cut.fraction === "" },
              setting.quotientLine,
              setting.quotientRow,
            ).filter(({ kind }) => kind !== "point" || cut.fraction === ""),
            focus: [],
          },
        ]
      : [];
  return { steps: [...tail, ...named.steps], answer: named.answer };
}
