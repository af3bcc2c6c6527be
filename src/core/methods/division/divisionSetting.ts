import type { Mark, PaperLayout } from "../../board";
import type { HouseRules } from "../../house";
import { type Decimal, digitAt, fromCount, lowestPlace, ONES, type Place, placesFrom } from "../../number";
import { signOf } from "../../problem";
import type { StepToDraw } from "../contract/step";
import type { Quotient } from "../procedures/quotientDigits";
import { numeralLine } from "../squares/placeParts";
import { layoutOf } from "../squares/settingOut";
import { digitCol, numeralMarks, textMarks, textWidth } from "../squares/writtenNumber";
import type { DivisionPlan } from "./divisionPlan";

export type DivisionSettingReason =
  | {
      /** Dividend and divisor multiplied by the same, as above and below a bar. */
      readonly kind: "scaleBoth";
      readonly dividend: Decimal;
      readonly divisor: Decimal;
      readonly power: number;
      readonly newDividend: Decimal;
      readonly newDivisor: bigint;
    }
  | {
      readonly kind: "writeDivision";
      readonly dividend: Decimal;
      readonly divisor: bigint;
      readonly frame: HouseRules["divisionLayout"];
    }
  | { readonly kind: "quotientPoint"; readonly when: "first" | "whenReached" };

/** Squared paper for a division: where the digits of dividend and quotient stand. */
export interface DivisionSetting {
  layout(): PaperLayout;
  readonly quotientRow: number;
  /** The grid line of the quotient's point. */
  readonly quotientLine: number;
  steps(): readonly StepToDraw<DivisionSettingReason>[];
  /** A frame round the finished quotient. */
  readonly frame: Mark;
  readonly pointStep: (when: "first" | "whenReached") => StepToDraw<DivisionSettingReason>;
}

/**
 * Sets a division out: the scaling first where the divisor was not whole, then divisor and dividend in
 * the house's frame. `under` has the quotient written beneath the dividend where the frame is a corner.
 */
export function divisionSetting(
  plan: DivisionPlan,
  quotient: Quotient,
  house: HouseRules,
  under: boolean,
): DivisionSetting {
  const { newDividend, newDivisor } = plan;
  const first = quotient.digits[0]?.place ?? ONES;
  const last = quotient.digits.at(-1)?.place ?? ONES;
  const lowest = Math.min(lowestPlace(newDividend), last);
  const highest = newDividend.whole.length - 1;
  const right = digitCol(0, lowest) + 1;
  const left = digitCol(0, highest);
  const divisorText = newDivisor.toString();
  const corner = house.divisionLayout === "corner";
  const inCorner = corner && !under;
  const quotientRow = corner ? 1 : -1;
  const quotientLine = inCorner ? right + first + 1 : 0;
  const frameMarks = (): readonly Mark[] =>
    corner
      ? cornerMarks(left, right, divisorText.length, first - last + 1, under)
      : [
          { kind: "upright", line: left, row: 0, to: 1, look: "curved" },
          { kind: "rule", row: 0, from: left, to: right, strokes: 1 },
        ];
  const divisorFrom = corner ? right : left - divisorText.length;
  const write = (): StepToDraw<DivisionSettingReason> => ({
    stage: "setOut",
    reason: {
      kind: "writeDivision",
      dividend: newDividend,
      divisor: newDivisor,
      frame: house.divisionLayout,
    },
    draw: () => [
      ...numeralMarks(newDividend, 0, 0),
      ...frameMarks(),
      ...textMarks(divisorText, divisorFrom, 0),
    ],
    focus: [],
  });
  const top = Math.max(first, ONES);
  return {
    layout: () => ({
      ...layoutOf({ places: placesFrom(Math.min(lowest, ONES), highest) }),
      plumbs: [{ line: 0, from: plan.power > 0 ? -1 : "top" }],
    }),
    quotientRow,
    quotientLine,
    steps: () => (plan.power > 0 ? [scaleStep(plan, house, left - divisorText.length), write()] : [write()]),
    frame: {
      kind: "frame",
      col: digitCol(quotientLine, top),
      row: quotientRow,
      width: top - last + 1,
      height: 1,
    },
    pointStep: (when) => ({
      stage: "point",
      reason: { kind: "quotientPoint", when },
      draw: () => [{ kind: "point", line: quotientLine, row: quotientRow, look: "written" }],
      focus: [],
    }),
  };
}

/** The divisor stands right of the dividend; under it, or under the dividend, the quotient. */
function cornerMarks(
  left: number,
  right: number,
  divisor: number,
  quotient: number,
  under: boolean,
): readonly Mark[] {
  return under
    ? [
        { kind: "upright", line: right, row: 0, to: 1, look: "straight" },
        { kind: "rule", row: 1, from: left, to: right, strokes: 1 },
      ]
    : [
        { kind: "upright", line: right, row: 0, to: 2, look: "straight" },
        { kind: "rule", row: 1, from: right, to: right + Math.max(divisor, quotient), strokes: 1 },
      ];
}

/** The row under the bar of the scaling: as far above the quotient as the names of the places need. */
const SCALE_ROW = -4;

/** `7.2 × 100 over 0.08 × 100` is `720 over 8`: the same multiplication above and below a bar. */
export function scaleStep(
  plan: DivisionPlan,
  house: HouseRules,
  from: number,
): StepToDraw<DivisionSettingReason> {
  const { dividend, divisor, power, newDividend, newDivisor } = plan;
  const times = `${signOf("multiply", house)}1${"0".repeat(power)}`;
  const [above, below] = [numeralLine(withOnes(dividend)) + times, numeralLine(withOnes(divisor)) + times];
  const [newAbove, newBelow] = [numeralLine(newDividend), newDivisor.toString()];
  const width = Math.max(textWidth(above), textWidth(below));
  const newWidth = Math.max(textWidth(newAbove), textWidth(newBelow));
  const second = from + width + 2;
  const centred = (text: string, at: number, room: number, row: number): readonly Mark[] =>
    textMarks(text, at + Math.floor((room - textWidth(text)) / 2), row);
  const { power: scaled, ...numbers } = { power, dividend, divisor, newDividend, newDivisor };
  return {
    stage: "setOut",
    reason: { kind: "scaleBoth", power: scaled, ...numbers },
    draw: () => [
      ...centred(above, from, width, SCALE_ROW - 1),
      { kind: "rule", row: SCALE_ROW, from, to: from + width, strokes: 1 },
      ...centred(below, from, width, SCALE_ROW),
      // The sign of equality, at the height of the bar.
      { kind: "rule", row: SCALE_ROW, from: from + width + 0.7, to: from + width + 1.3, strokes: 2 },
      ...centred(newAbove, second, newWidth, SCALE_ROW - 1),
      { kind: "rule", row: SCALE_ROW, from: second, to: second + newWidth, strokes: 1 },
      ...centred(newBelow, second, newWidth, SCALE_ROW),
    ],
    focus: [],
  };
}

const withOnes = (numeral: Decimal): Decimal => ({ ...numeral, whole: numeral.whole || "0" });

/** The numeral that the digits of a quotient make. */
export function quotientNumeral(quotient: Quotient): Decimal {
  const last = Math.min(ONES, quotient.digits.at(-1)?.place ?? ONES);
  const digits = quotient.digits.map(({ digit }) => digit).join("");
  return fromCount(BigInt(digits), -last);
}

/** The mark of a digit of the quotient. */
export const quotientMark = (setting: DivisionSetting, place: Place, digit: number): Mark => ({
  kind: "glyph",
  col: digitCol(setting.quotientLine, place),
  row: setting.quotientRow,
  text: String(digit),
  look: "written",
});

/** A zero appended to the dividend, with the dividend's point where that was not written. */
export function appendedMarks(dividend: Decimal, place: Place): readonly Mark[] {
  const zero: Mark = { kind: "glyph", col: digitCol(0, place), row: 0, text: "0", look: "filler" };
  const opens = !dividend.point && place === -1;
  return opens ? [zero, { kind: "point", line: 0, row: 0, look: "written" }] : [zero];
}

/** The digit of the dividend at a place; 0 beyond its end. */
export const dividendDigit = (dividend: Decimal, place: Place): number => digitAt(dividend, place) ?? 0;
