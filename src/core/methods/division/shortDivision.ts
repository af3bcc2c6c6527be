import type { Mark } from "../../board";
import { digitsOf, movedBy, type Place, TENTHS } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { divideByDigits, type QuotientDigit } from "../procedures/quotientDigits";
import type { AnswerReason } from "../squares/answer";
import { digitCol } from "../squares/writtenNumber";
import type { DivisionEndReason } from "./divisionEnd";
import { planDivision } from "./divisionPlan";
import { appendedMarks, type DivisionSettingReason, divisionSetting, quotientMark } from "./divisionSetting";
import { type DivisionDecisions, hasDecimals, SOUND_DIVISION } from "./longDivision";

export type ShortDivisionReason = {
  /** A part shared in the head; what is left goes small before the next digit. */
  readonly kind: "shareInHead";
  readonly part: bigint;
  readonly divisor: bigint;
  readonly digit: number;
  readonly rest: bigint;
  readonly place: Place;
  /** Whether the part ends in a zero that was appended to the dividend. */
  readonly appended: boolean;
  readonly last: boolean;
};

type Why = DivisionSettingReason | ShortDivisionReason | DivisionEndReason | AnswerReason;

/** The largest whole divisor whose multiples are known by heart. */
const MOST_DIVISOR = 12;

/** Division in the head, digit by digit; only what is left is written, small before the next digit. */
export const shortDivision: Method<"short-division", Why, DecimalProblem, DivisionDecisions, "largeDivisor"> =
  {
    id: "short-division",
    sample: "8.61 ÷ 7",
    bench: {
      small: "<1.1> ÷ <2-11> to 2 places",
      usual: "<3.2> ÷ <2-11> to 2 places",
      largest: "<15.15> ÷ <2-11> to 15 places",
    },
    sound: SOUND_DIVISION,
    takes: (problem) => {
      if (problem.op !== "divide") return otherOperation("divide");
      const [, divisor] = problem.operands;
      const whole = BigInt(digitsOf(movedBy(divisor, divisor.fraction.length)));
      return whole > BigInt(MOST_DIVISOR)
        ? refused("largeDivisor", MOST_DIVISOR)
        : taken(problem, workShortDivision);
    },
  };

/** Short division with any decisions; only sound ones are sure to reach the right answer. */
function workShortDivision(
  problem: Asks<DecimalProblem, "divide">,
  { house, decisions }: WorkRules<DivisionDecisions>,
): MethodResult<Why> {
  const plan = decisions.follows(planDivision(problem, { house, decisions }));
  const quotient = divideByDigits(plan.newDividend, plan.newDivisor, plan.stop, decisions);
  const setting = divisionSetting(plan, quotient, house, true);
  const { newDividend, newDivisor } = plan;
  const digitSteps = (digit: QuotientDigit, index: number): readonly StepToDraw<Why>[] => {
    const { place, part, rest, appended } = digit;
    const last = index === quotient.digits.length - 1;
    const small: readonly Mark[] =
      rest > 0n && !last
        ? [{ kind: "small", col: digitCol(0, place - 1), row: 0, position: "corner", text: rest.toString() }]
        : [];
    const step: StepToDraw<Why> = {
      stage: "work",
      reason: {
        kind: "shareInHead",
        part,
        divisor: newDivisor,
        digit: digit.digit,
        rest,
        place,
        appended,
        last,
      },
      draw: () => [
        ...(appended ? appendedMarks(newDividend, place) : []),
        quotientMark(setting, place, digit.digit),
        ...small,
      ],
      focus: [digitCol(0, place)],
    };
    return place === TENTHS && house.pointTime === "whenReached"
      ? [setting.pointStep("whenReached"), step]
      : [step];
  };
  const end = decisions.ends(plan, quotient, setting, Math.max(2, setting.quotientRow + 2), problem, house);
  return {
    answer: end.answer,
    onPaper: () => ({
      layout: setting.layout(),
      steps: [
        ...setting.steps(),
        ...(house.pointTime === "first" && hasDecimals(quotient) ? [setting.pointStep("first")] : []),
        ...quotient.digits.flatMap(digitSteps),
        ...end.steps(),
      ],
    }),
  };
}
