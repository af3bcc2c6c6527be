import type { Mark } from "../board";
import type { HouseRules } from "../house";
import { type Decimal, ONES, type Place, withoutTrailingZeros } from "../number";
import { colOf, ruleAt, type Setting } from "./settingOut";
import type { Step } from "./step";

export type AnswerReason =
  | { readonly kind: "dropZeros"; readonly before: Decimal; readonly after: Decimal; readonly zeros: number }
  | { readonly kind: "signBelowZero"; readonly answer: Decimal }
  | { readonly kind: "nameAnswer"; readonly answer: Decimal };

/** What was written in the answer's column of a place. */
export interface Written {
  readonly place: Place;
  readonly written: number;
}

/** The largest place whose digit is written: zeros in front of the ones are not. */
export const frontPlace = (columns: readonly Written[]): Place =>
  Math.max(ONES, ...columns.filter(({ written }) => written !== 0).map(({ place }) => place));

/** The mark of a digit of the answer; a zero in front of the number is not written. */
export const answerDigit = (
  setting: Setting,
  { place, written }: Written,
  blank: boolean,
): readonly Mark[] =>
  blank
    ? []
    : [{ kind: "glyph", col: colOf(place), row: setting.answerRow, text: String(written), look: "written" }];

/** The numeral that the written columns make, read off as they stand. */
function numeralOf(columns: readonly Written[], negative: boolean): Decimal {
  const front = frontPlace(columns);
  const digits = (wanted: (place: Place) => boolean): string =>
    columns
      .filter(({ place }) => wanted(place))
      .sort((a, b) => b.place - a.place)
      .map(({ written }) => String(written))
      .join("");
  const fraction = digits((place) => place < ONES);
  return {
    kind: "decimal",
    negative,
    whole: digits((place) => place >= ONES && place <= front),
    fraction,
    point: fraction !== "",
  };
}

/**
 * The last steps of a column working: zeros dropped where the house drops them, the sign of an
 * answer below zero, the answer named. Gives the steps and the answer in its final form.
 */
export function answerSteps(
  setting: Setting,
  columns: readonly Written[],
  house: HouseRules,
  belowZero: boolean,
): { readonly steps: readonly Step<AnswerReason>[]; readonly answer: Decimal } {
  const steps: Step<AnswerReason>[] = [];
  const row = setting.answerRow;
  const full = numeralOf(columns, belowZero);
  const shortest = withoutTrailingZeros(full);
  const zeros = full.fraction.length - shortest.fraction.length;
  const answer = house.trailingZeros === "dropped" ? shortest : full;
  if (answer !== full && zeros > 0) {
    const marks: Mark[] = Array.from({ length: zeros }, (_, index) => ({
      kind: "strike",
      col: colOf(index - full.fraction.length),
      row,
      target: "square",
    }));
    if (!answer.point) marks.push({ kind: "strike", col: 0, row, target: "point" });
    steps.push({
      stage: "answer",
      reason: { kind: "dropZeros", before: full, after: answer, zeros },
      marks,
      focus: [],
    });
  }
  const front = colOf(frontPlace(columns));
  if (belowZero) {
    steps.push({
      stage: "answer",
      reason: { kind: "signBelowZero", answer },
      marks: [{ kind: "glyph", col: front - 1, row, text: "−", look: "written" }],
      focus: [],
    });
  }
  steps.push({
    stage: "answer",
    reason: { kind: "nameAnswer", answer },
    marks: [ruleAt(setting, row + 1, 2)],
    focus: [],
  });
  return { steps, answer };
}
