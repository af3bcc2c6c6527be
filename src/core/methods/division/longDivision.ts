import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { type Decimal, ONES, type Place, TENTHS } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  divideByDigits,
  type Quotient,
  type QuotientDecisions,
  type QuotientDigit,
  SOUND_QUOTIENTS,
} from "../procedures/quotientDigits";
import type { AnswerReason } from "../squares/answer";
import { digitCol } from "../squares/writtenNumber";
import { type DivisionEndReason, divisionEnd } from "./divisionEnd";
import { type DivisionPlan, planDivision, type ScalingDecisions, SOUND_SCALING } from "./divisionPlan";
import {
  appendedMarks,
  type DivisionSetting,
  type DivisionSettingReason,
  dividendDigit,
  divisionSetting,
  quotientMark,
} from "./divisionSetting";

export type LongDivisionReason =
  /** The first digits of the dividend that the divisor goes into. */
  | { readonly kind: "takePart"; readonly part: bigint; readonly divisor: bigint; readonly digits: number }
  | {
      readonly kind: "howMany";
      readonly part: bigint;
      readonly divisor: bigint;
      readonly digit: number;
      readonly place: Place;
    }
  | {
      readonly kind: "multiplyBack";
      readonly digit: number;
      readonly divisor: bigint;
      readonly product: bigint;
      readonly place: Place;
    }
  | {
      readonly kind: "subtractBack";
      readonly part: bigint;
      readonly product: bigint;
      readonly rest: bigint;
      readonly divisor: bigint;
      readonly place: Place;
    }
  | {
      readonly kind: "bringDown";
      readonly rest: bigint;
      readonly digit: number;
      readonly part: bigint;
      readonly place: Place;
      readonly appended: boolean;
    };

type Why = DivisionSettingReason | LongDivisionReason | DivisionEndReason | AnswerReason;

/** The decisions of a division: the scaling, each digit of the quotient, and how it ends. */
export interface DivisionDecisions extends ScalingDecisions, QuotientDecisions {
  /** The plan as it is followed. */
  follows(plan: DivisionPlan): DivisionPlan;
  readonly ends: typeof divisionEnd;
}

export const SOUND_DIVISION: DivisionDecisions = {
  ...SOUND_SCALING,
  ...SOUND_QUOTIENTS,
  follows: (plan) => plan,
  ends: divisionEnd,
};

/** The divisor made whole; then for each digit: how many times, multiply, subtract, bring down, with every line written. */
export const longDivision: Method<"long-division", Why, DecimalProblem, DivisionDecisions> = {
  id: "long-division",
  sample: "8.61 ÷ 0.7",
  bench: {
    small: "<1.1> ÷ <1.0> to 2 places",
    usual: "<3.2> ÷ <2.0> to 2 places",
    largest: "<15.15> ÷ <1.15> to 15 places",
  },
  sound: SOUND_DIVISION,
  takes: (problem) => (problem.op === "divide" ? taken(problem, workLongDivision) : otherOperation("divide")),
};

/** Long division with any decisions; only sound ones are sure to reach the right answer. */
function workLongDivision(
  problem: Asks<DecimalProblem, "divide">,
  { house, decisions }: WorkRules<DivisionDecisions>,
): MethodResult<Why> {
  const plan = decisions.follows(planDivision(problem, { house, decisions }));
  const quotient = divideByDigits(plan.newDividend, plan.newDivisor, plan.stop, decisions);
  const setting = divisionSetting(plan, quotient, house, false);
  const lines = quotient.digits.filter((digit, index) => takesAway(digit, index, house)).length;
  const free = Math.max(2 * lines + 2, setting.quotientRow + 2);
  const end = decisions.ends(plan, quotient, setting, free, problem, house);
  return {
    answer: end.answer,
    onPaper: () => ({
      layout: setting.layout(),
      steps: [
        ...setting.steps(),
        ...(house.pointTime === "first" && hasDecimals(quotient) ? [setting.pointStep("first")] : []),
        ...digitSteps(plan, quotient, setting, house),
        ...end.steps(),
      ],
    }),
  };
}

/** Whether a digit takes anything away: a zero does not, and its lines are written only where the house writes rows of zeros. */
const takesAway = ({ digit }: QuotientDigit, index: number, house: HouseRules): boolean =>
  digit !== 0 || (index > 0 && house.zeroRows === "written");

/** Whether a quotient has decimals. */
export const hasDecimals = ({ digits }: Quotient): boolean => (digits.at(-1)?.place ?? ONES) < ONES;

/** The steps of all digits. */
function digitSteps(
  plan: DivisionPlan,
  quotient: Quotient,
  setting: DivisionSetting,
  house: HouseRules,
): readonly StepToDraw<Why>[] {
  const { newDividend, newDivisor } = plan;
  const steps: StepToDraw<Why>[] = [];
  let row = 0;
  quotient.digits.forEach((digit, index) => {
    const { place } = digit;
    const previous = quotient.digits[index - 1];
    if (previous === undefined) steps.push(...takePart(digit, newDividend, newDivisor));
    else {
      if (place === TENTHS && house.pointTime === "whenReached") steps.push(setting.pointStep("whenReached"));
      steps.push(bringDown(previous, digit, newDividend, row));
    }
    steps.push({
      stage: "work",
      reason: { kind: "howMany", part: digit.part, divisor: newDivisor, digit: digit.digit, place },
      draw: () => [quotientMark(setting, place, digit.digit)],
      focus: partCols(digit),
    });
    if (!takesAway(digit, index, house)) return;
    steps.push(...takeAway(digit, newDivisor, row + 1));
    row += 2;
  });
  return steps;
}

/** Where the first digit alone is too small, the step that says how many are taken. */
function takePart(
  { part, place }: QuotientDigit,
  dividend: Decimal,
  divisor: bigint,
): readonly StepToDraw<Why>[] {
  const digits = dividend.whole.length - place;
  if (digits === 1) return [];
  const focus = Array.from({ length: digits }, (_, index) => digitCol(0, place + index));
  return [{ stage: "work", reason: { kind: "takePart", part, divisor, digits }, focus }];
}

function bringDown(
  previous: QuotientDigit,
  { place, part, appended }: QuotientDigit,
  dividend: Decimal,
  row: number,
): StepToDraw<Why> {
  const digit = dividendDigit(dividend, place);
  const down: readonly Mark[] =
    row === 0
      ? []
      : [
          {
            kind: "glyph",
            col: digitCol(0, place),
            row,
            text: String(digit),
            look: appended ? "filler" : "written",
          },
        ];
  return {
    stage: "work",
    reason: { kind: "bringDown", rest: previous.rest, digit, part, place, appended },
    draw: () => [...(appended ? appendedMarks(dividend, place) : []), ...down],
    focus: [digitCol(0, place)],
  };
}

/** The product written under the part, and what it leaves. */
function takeAway(digit: QuotientDigit, divisor: bigint, row: number): readonly StepToDraw<Why>[] {
  const { part, product, rest, place } = digit;
  const width = Math.max(product.toString().length, part.toString().length);
  const from = digitCol(0, place) + 1 - width;
  const marks = (value: bigint, at: number): readonly Mark[] => {
    const text = value.toString();
    return [...text].map((character, index) => ({
      kind: "glyph",
      col: digitCol(0, place) + 1 - text.length + index,
      row: at,
      text: character,
      look: "written",
    }));
  };
  return [
    {
      stage: "work",
      reason: { kind: "multiplyBack", digit: digit.digit, divisor, product, place },
      draw: () => [...marks(product, row), { kind: "glyph", col: from - 1, row, text: "−", look: "written" }],
      focus: partCols(digit),
    },
    {
      stage: "work",
      reason: { kind: "subtractBack", part, product, rest, divisor, place },
      draw: () => [
        { kind: "rule", row: row + 1, from, to: digitCol(0, place) + 1, strokes: 1 },
        ...marks(rest, row + 1),
      ],
      focus: partCols(digit),
    },
  ];
}

/** The columns that a part stands in. */
const partCols = ({ part, place }: QuotientDigit): readonly number[] =>
  Array.from({ length: part.toString().length }, (_, index) => digitCol(0, place + index));
