import type { Mark, PaperLayout } from "../../board";
import type { HouseRules } from "../../house";
import {
  type Decimal,
  digitAt,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  significantDigits,
  withoutLeadingZeros,
} from "../../number";
import { type DecimalProblem, type SignedOperation, signOf } from "../../problem";
import type { StepToDraw } from "../contract/step";
import type { MethodResult } from "../contract/working";
import { type AnswerReason, finishAnswer } from "./answer";
import { numeralLine, partOf, placeParts } from "./placeParts";
import { numeralMarks, textMarks, textWidth } from "./writtenNumber";

export type ExpandedReason =
  | {
      readonly kind: "pullApart";
      readonly numeral: Decimal;
      readonly parts: readonly Decimal[];
      readonly first: boolean;
    }
  | { readonly kind: "expandedRule"; readonly op: SignedOperation }
  | { readonly kind: "pushTogether"; readonly parts: readonly Decimal[]; readonly answer: Decimal };

/** The most digits a number may have on one side of its point: more would not fit beside one another. */
export const MOST_PLACES = 5;

/** Whether numbers reach over too many places to be pulled apart on one page. */
export const isTooWideToExpand = ({ operands }: DecimalProblem): boolean =>
  operands.some(
    ({ whole, fraction }) => significantDigits(whole).length > MOST_PLACES || fraction.length > MOST_PLACES,
  );

/** Squared paper on which every place has a block of squares wide enough for its true values. */
export interface ExpandedSetting {
  readonly places: readonly Place[];
  readonly layout: PaperLayout;
  /** The marks of so many of a place, in its block on a row. */
  readonly partMarks: (count: number, place: Place, row: number) => readonly Mark[];
  /** The squares that so many of a place fill, from the right end of its block. */
  readonly squaresOf: (count: number, place: Place) => readonly number[];
  /** The plus sign before a place's block on a row; none before the first of a row. */
  readonly plus: (place: Place, row: number) => Mark;
  /** The grid lines from the left edge of the blocks to their right edge. */
  readonly edges: { readonly from: number; readonly to: number };
  readonly colsOf: (place: Place) => readonly number[];
}

/** So many of a place as it is written: nothing of any place is 0. */
const writtenPart = (count: number, place: Place): string =>
  count === 0 ? "0" : numeralLine(partOf(count, place));

/** The places that some numbers reach over, smallest first. */
export function placesOf(numerals: readonly Decimal[]): readonly Place[] {
  const lowest = Math.min(ONES, ...numerals.map(lowestPlace));
  const highest = Math.max(ONES, ...numerals.map((numeral) => highestPlace(withoutFrontZeros(numeral))));
  return placesFrom(lowest, highest);
}

/**
 * Blocks for some places, with the numbers as given to the left of them on the plumb line. `spare` is
 * how many squares more than one of its digits a whole place needs: one where ten of it are regrouped into it.
 */
export function expandedSetting(places: readonly Place[], spare: number): ExpandedSetting {
  const lowest = Math.min(...places);
  const highest = Math.max(...places);
  const width = (place: Place): number => (place >= ONES ? place + 1 + spare : 1 - place);
  const start = 1 - lowest;
  const lefts = new Map<Place, number>();
  let left = start + 1;
  for (const place of [...places].reverse()) {
    lefts.set(place, left);
    left += width(place) + 1;
  }
  const leftOf = (place: Place): number => lefts.get(place) ?? start + 1;
  const rightOf = (place: Place): number => leftOf(place) + width(place);
  return {
    places,
    layout: {
      columns: places.map((place) => ({ place, col: rightOf(place) - 1 })),
      plumbs: [{ line: 0, from: "top" }],
    },
    partMarks: (count, place, row) => {
      const text = writtenPart(count, place);
      return textMarks(text, rightOf(place) - textWidth(text), row);
    },
    squaresOf: (count, place) => {
      const squares = textWidth(writtenPart(count, place));
      return Array.from({ length: squares }, (_, index) => rightOf(place) - squares + index);
    },
    plus: (place, row) => ({ kind: "glyph", col: leftOf(place) - 1, row, text: "+", look: "written" }),
    edges: { from: leftOf(highest), to: rightOf(lowest) },
    colsOf: (place) => Array.from({ length: width(place) }, (_, index) => leftOf(place) + index),
  };
}

const withoutFrontZeros = (numeral: Decimal): Decimal => ({
  ...numeral,
  whole: withoutLeadingZeros(numeral.whole),
});

/** What an expanded working has beside its setting: the numbers that are pulled apart, and what is pushed together again. */
interface Expanded {
  readonly op: SignedOperation;
  readonly numerals: readonly Decimal[];
  readonly counts: readonly { readonly place: Place; readonly written: number }[];
  readonly full: Decimal;
  readonly answerRow: number;
}

/** The steps of an expanded working: every number pulled apart, ruled off, worked place by place, pushed together, and the answer. */
export function expandedWorking<Why>(
  setting: ExpandedSetting,
  { op, numerals, counts, full, answerRow }: Expanded,
  work: () => readonly StepToDraw<Why>[],
  problem: Pick<DecimalProblem, "form">,
  house: HouseRules,
): MethodResult<Why | ExpandedReason | AnswerReason> {
  const edges = { from: -full.whole.length - 1, to: Math.max(1, full.fraction.length) };
  const closes = (row: number): Mark => ({ kind: "rule", row, ...edges, strokes: 2 });
  const end = finishAnswer(full, { row: answerRow, line: 0, closes }, problem, house);
  return {
    answer: end.answer,
    onPaper: () => ({
      layout: setting.layout,
      steps: [
        ...numerals.map((numeral, row) => pullApart(setting, numeral, row)),
        ruleOff(setting, op, numerals, house),
        ...work(),
        pushTogether(counts, { ...full, negative: false }, answerRow),
        ...end.steps(),
      ],
    }),
  };
}

/** The step that writes a number and pulls it apart beside itself. */
function pullApart(setting: ExpandedSetting, numeral: Decimal, row: number): StepToDraw<ExpandedReason> {
  const parts = placeParts(numeral);
  return {
    stage: "setOut",
    reason: { kind: "pullApart", numeral, parts: parts.map((part) => part.numeral), first: row === 0 },
    draw: () => [
      ...numeralMarks(numeral, 0, row),
      { kind: "glyph", col: 0 - Math.min(ONES, ...setting.places), row, text: "=", look: "written" },
      ...parts.flatMap(({ digit, place }, index) => [
        ...setting.partMarks(digit, place, row),
        ...(index > 0 ? [setting.plus(place, row)] : []),
      ]),
    ],
    focus: [],
  };
}

/** The sign of the operation before the numbers, and a rule under all parts. */
const ruleOff = (
  { edges }: ExpandedSetting,
  op: SignedOperation,
  numerals: readonly Decimal[],
  house: HouseRules,
): StepToDraw<ExpandedReason> => ({
  stage: "setOut",
  reason: { kind: "expandedRule", op },
  draw: () => [
    {
      kind: "glyph",
      col: -Math.max(...numerals.map(({ whole }) => whole.length)) - 1,
      row: numerals.length - 1,
      text: signOf(op, house),
      look: "written",
    },
    { kind: "rule", row: numerals.length, from: edges.from, to: edges.to, strokes: 1 },
  ],
  focus: [],
});

/** The step that pushes the parts of the answer together again, on the plumb line. */
const pushTogether = (
  counts: Expanded["counts"],
  answer: Decimal,
  row: number,
): StepToDraw<ExpandedReason> => ({
  stage: "answer",
  reason: {
    kind: "pushTogether",
    parts: counts.filter(({ written }) => written > 0).map(({ place, written }) => partOf(written, place)),
    answer,
  },
  draw: () => numeralMarks(answer, 0, row),
  focus: [],
});

/** What a number has in each of some places; none where it has no digit. */
export const countsOf = (places: readonly Place[], numeral: Decimal): readonly (number | undefined)[] =>
  places.map((place) => digitAt(numeral, place));
