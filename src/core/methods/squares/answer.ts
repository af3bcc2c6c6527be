import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import {
  compareDecimals,
  type Decimal,
  digitAt,
  ONES,
  type Place,
  roundTo,
  withoutTrailingZeros,
} from "../../number";
import type { Answer, DecimalProblem } from "../../problem";
import type { StepToDraw } from "../contract/step";
import { ruleAt, type Setting } from "./settingOut";
import { digitCol, numeralMarks } from "./writtenNumber";

export type AnswerReason =
  | { readonly kind: "dropZeros"; readonly before: Decimal; readonly after: Decimal; readonly zeros: number }
  | { readonly kind: "fillPlaces"; readonly before: Decimal; readonly after: Decimal; readonly place: Place }
  | {
      readonly kind: "roundAnswer";
      readonly before: Decimal;
      readonly after: Decimal;
      readonly place: Place;
      /** The digit after the place, which decides; what stood at the place before. */
      readonly next: number;
      readonly kept: number;
      readonly up: boolean;
    }
  | { readonly kind: "signBelowZero"; readonly answer: Decimal }
  | { readonly kind: "nameAnswer"; readonly answer: Answer };

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
    : [
        {
          kind: "glyph",
          col: digitCol(0, place),
          row: setting.answerRow,
          text: String(written),
          look: "written",
        },
      ];

/** The numeral that the written columns make, read off as they stand. */
export function numeralOf(columns: readonly Written[], negative: boolean): Decimal {
  const front = frontPlace(columns);
  const digits = (shown: (place: Place) => boolean): string =>
    columns
      .filter(({ place }) => shown(place))
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

/** Where an answer stands: its row, the grid line its point is on or would be, and the rule that closes it. */
export interface AnswerPosition {
  readonly row: number;
  readonly line: number;
  readonly closes: (row: number) => Mark;
}

/** The last steps of a column working, whose answer hangs on the plumb line. */
export const answerSteps = (
  setting: Setting,
  columns: readonly Written[],
  problem: DecimalProblem,
  house: HouseRules,
  belowZero: boolean,
): AnswerEnd =>
  finishAnswer(
    numeralOf(
      columns.map(({ place, written }) => ({ place: place + setting.pointLine, written })),
      belowZero,
    ),
    { row: setting.answerRow, line: setting.pointLine, closes: (row) => ruleAt(setting, row, 2) },
    problem,
    house,
  );

interface AnswerEnd {
  readonly steps: readonly StepToDraw<AnswerReason>[];
  readonly answer: Answer;
}

/**
 * The last steps of a working that ends in one numeral: its sign where it lies below zero; rounded or
 * filled up where a place is wanted, else zeros dropped where the house drops them; named. A numeral that
 * `goesOn` was cut off before its end, so that rounding it is never exact.
 */
export function finishAnswer(
  full: Decimal,
  position: AnswerPosition,
  { form }: Pick<DecimalProblem, "form">,
  house: HouseRules,
  goesOn = false,
): AnswerEnd {
  const signed = full.negative ? [signStep(full, position)] : [];
  if (form.kind === "toPlace") {
    const { step, answer } = toPlace(full, form.place, position, goesOn);
    const row = answer.kind === "rounded" ? position.row + 1 : position.row;
    return { steps: [...signed, ...step, nameStep(answer, position.closes(row + 1))], answer };
  }
  const shortest = withoutTrailingZeros(full);
  const zeros = full.fraction.length - shortest.fraction.length;
  if (house.trailingZeros === "kept" || zeros === 0) {
    return { steps: [...signed, nameStep(full, position.closes(position.row + 1))], answer: full };
  }
  return {
    steps: [
      dropStep(full, shortest, zeros, position),
      ...signed,
      nameStep(shortest, position.closes(position.row + 1)),
    ],
    answer: shortest,
  };
}

function signStep(answer: Decimal, { line, row }: AnswerPosition): StepToDraw<AnswerReason> {
  const col = digitCol(line, answer.whole.length);
  return {
    stage: "answer",
    reason: { kind: "signBelowZero", answer },
    draw: () => [{ kind: "glyph", col, row, text: "−", look: "written" }],
    focus: [],
  };
}

/** The step that names an answer, with the mark that closes it, if one does. */
export const nameStep = (answer: Answer, closing: Mark | undefined): StepToDraw<AnswerReason> => ({
  stage: "answer",
  reason: { kind: "nameAnswer", answer },
  draw: () => (closing ? [closing] : []),
  focus: [],
});

/** A numeral brought to a place: rounded on a row of its own where it goes further, filled with zeros where it ends sooner. */
function toPlace(
  full: Decimal,
  place: Place,
  { row, line }: AnswerPosition,
  goesOn: boolean,
): { readonly step: readonly StepToDraw<AnswerReason>[]; readonly answer: Answer } {
  if (place <= -full.fraction.length) {
    const after: Decimal = { ...full, fraction: full.fraction.padEnd(-place, "0"), point: place < ONES };
    const marks: Mark[] = Array.from(
      { length: after.fraction.length - full.fraction.length },
      (_, index) => ({
        kind: "glyph",
        col: digitCol(line, -full.fraction.length - 1 - index),
        row,
        text: "0",
        look: "filler",
      }),
    );
    if (marks.length === 0) return { step: [], answer: full };
    if (!full.point) marks.push({ kind: "point", line, row, look: "written" });
    const reason = { kind: "fillPlaces", before: full, after, place } as const;
    return { step: [{ stage: "answer", reason, draw: () => marks, focus: [] }], answer: after };
  }
  const after = roundTo(full, place);
  if (!goesOn && compareDecimals(after, full) === 0) {
    const zeros = full.fraction.length - after.fraction.length;
    return { step: zeros > 0 ? [dropStep(full, after, zeros, { row, line })] : [], answer: after };
  }
  return { step: [roundStep(full, after, place, line, row)], answer: { kind: "rounded", numeral: after } };
}

/** The step that strikes zeros at the end, and the point where nothing is left after it. */
function dropStep(
  before: Decimal,
  after: Decimal,
  zeros: number,
  { row, line }: Pick<AnswerPosition, "row" | "line">,
): StepToDraw<AnswerReason> {
  return {
    stage: "answer",
    reason: { kind: "dropZeros", before, after, zeros },
    draw: () => [
      ...Array.from(
        { length: zeros },
        (_, index): Mark => ({
          kind: "strike",
          col: digitCol(line, index - before.fraction.length),
          row,
          target: "square",
        }),
      ),
      ...(after.point ? [] : [{ kind: "strike", col: line, row, target: "point" } as const]),
    ],
    focus: [],
  };
}

/** The step that rounds a numeral to one of its places, written with ≈ in the row under it. */
export function roundStep(
  before: Decimal,
  after: Decimal,
  place: Place,
  line: number,
  row: number,
): StepToDraw<AnswerReason> {
  const next = digitAt(before, place - 1) ?? 0;
  const kept = digitAt(before, place) ?? 0;
  const widest = Math.max(after.whole.length, before.whole.length) + (before.negative ? 1 : 0);
  const sign: Mark[] = after.negative
    ? [{ kind: "glyph", col: digitCol(line, after.whole.length), row: row + 1, text: "−", look: "written" }]
    : [];
  return {
    stage: "answer",
    reason: { kind: "roundAnswer", before, after, place, next, kept, up: next >= 5 },
    draw: () => [
      { kind: "glyph", col: digitCol(line, widest), row: row + 1, text: "≈", look: "written" },
      ...sign,
      ...numeralMarks(after, line, row + 1),
    ],
    focus: [digitCol(line, place - 1)],
  };
}
