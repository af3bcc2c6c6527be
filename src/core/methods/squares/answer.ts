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
  let [whole, fraction] = ["", ""];
  for (const { place, written } of [...columns].sort((a, b) => b.place - a.place)) {
    if (place < ONES) fraction += written;
    else if (place <= front) whole += written;
  }
  return { kind: "decimal", negative, whole, fraction, point: fraction !== "" };
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
  problem: Pick<DecimalProblem, "form">,
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

/** How a working ends: its answer, and the last steps, made when the paper is looked at. */
export interface AnswerEnd<Why = AnswerReason> {
  readonly answer: Answer;
  steps(): readonly StepToDraw<Why>[];
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
  const signed = () => (full.negative ? [signStep(full, position)] : []);
  const named = (answer: Answer, row = position.row) => nameStep(answer, position.closes(row + 1));
  if (form.kind === "toPlace") {
    const { answer, steps } = toPlace(full, form.place, position, goesOn);
    const row = answer.kind === "rounded" ? position.row + 1 : position.row;
    return { answer, steps: () => [...signed(), ...steps(), named(answer, row)] };
  }
  const shortest = withoutTrailingZeros(full);
  const zeros = full.fraction.length - shortest.fraction.length;
  if (house.trailingZeros === "kept" || zeros === 0) {
    return { answer: full, steps: () => [...signed(), named(full)] };
  }
  return {
    answer: shortest,
    steps: () => [dropStep(full, shortest, zeros, position), ...signed(), named(shortest)],
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
function toPlace(full: Decimal, place: Place, { row, line }: AnswerPosition, goesOn: boolean): AnswerEnd {
  if (place <= -full.fraction.length) {
    const after: Decimal = { ...full, fraction: full.fraction.padEnd(-place, "0"), point: place < ONES };
    const zeros = after.fraction.length - full.fraction.length;
    if (zeros === 0) return { answer: full, steps: () => [] };
    return { answer: after, steps: () => [fillStep(full, after, place, line, row)] };
  }
  const after = roundTo(full, place);
  if (!goesOn && compareDecimals(after, full) === 0) {
    const zeros = full.fraction.length - after.fraction.length;
    return { answer: after, steps: () => (zeros > 0 ? [dropStep(full, after, zeros, { row, line })] : []) };
  }
  return {
    answer: { kind: "rounded", numeral: after },
    steps: () => [roundStep(full, after, place, line, row)],
  };
}

/** The step that fills a numeral up with zeros to a place. */
const fillStep = (
  before: Decimal,
  after: Decimal,
  place: Place,
  line: number,
  row: number,
): StepToDraw<AnswerReason> => ({
  stage: "answer",
  reason: { kind: "fillPlaces", before, after, place },
  draw: () => [
    ...Array.from(
      { length: after.fraction.length - before.fraction.length },
      (_, index): Mark => ({
        kind: "glyph",
        col: digitCol(line, -before.fraction.length - 1 - index),
        row,
        text: "0",
        look: "filler",
      }),
    ),
    ...(before.point ? [] : [{ kind: "point", line, row, look: "written" } as const]),
  ],
  focus: [],
});

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
