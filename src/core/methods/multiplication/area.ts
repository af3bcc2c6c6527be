import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import {
  type Decimal,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  withoutTrailingZeros,
} from "../../number";
import { type DecimalProblem, signOf } from "../../problem";
import type { ColumnAdditionReason } from "../addition/columnSum";
import { addPile } from "../addition/sumOnPlumb";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import { type AdditionDecisions, SOUND_ADDITION } from "../procedures/columnSums";
import { type AnswerReason, finishAnswer } from "../squares/answer";
import { numeralLine, type PlacePart, partOf, placeParts } from "../squares/placeParts";
import { digitCol, numeralMarks, textMarks, textWidth } from "../squares/writtenNumber";
import { type TwoFactors, twoFactorsOf } from "./twoFactors";

export type AreaReason =
  | {
      readonly kind: "partAlong";
      readonly numeral: Decimal;
      readonly parts: readonly Decimal[];
      readonly side: "top" | "left";
    }
  | {
      readonly kind: "areaProduct";
      readonly across: PlacePart;
      readonly down: PlacePart;
      readonly product: Decimal;
      /** What the two digits make, and the place it counts. */
      readonly made: number;
      readonly place: Place;
    }
  | { readonly kind: "pileUp"; readonly products: readonly Decimal[] };

type Why = AreaReason | ColumnAdditionReason | AnswerReason;

/** The decisions of an area: what two parts make and which place that counts, and how the parts are added. */
export interface AreaDecisions {
  makes(digit: number, by: number): number;
  counts(place: Place, byPlace: Place): Place;
  readonly sums: AdditionDecisions;
}

export const SOUND_AREA: AreaDecisions = {
  makes: (digit, by) => digit * by,
  counts: (place, byPlace) => place + byPlace,
  sums: SOUND_ADDITION,
};

/** The most digits other than zero a factor may have: five by five parts fill a page. */
const MOST_PARTS = 5;

/** A rectangle whose sides are the factors pulled apart by place; each part of it a product, all added. */
export const area: Method<"area", Why, DecimalProblem, AreaDecisions, "twoFactors" | "manyParts"> = {
  id: "area",
  sample: "12.5 × 4",
  bench: {
    small: "<2.1> × <1.1>",
    usual: "<2.1> × <1.1>",
    largest: "<1-9>00<1-9>00<1-9>00<1-9>.5 × <1-9>00<1-9>00<1-9>00<1-9>.5",
  },
  sound: SOUND_AREA,
  takes: (problem) => {
    if (problem.op !== "multiply") return otherOperation("multiply");
    const two = twoFactorsOf(problem);
    if (two === undefined) return refused("twoFactors");
    return two.factors.some((factor) => placeParts(factor).length > MOST_PARTS)
      ? refused("manyParts", MOST_PARTS)
      : taken(two, workArea);
  },
};

/** The product of two parts: what their digits make, and the place it counts. */
interface PartProduct {
  readonly part: PlacePart;
  readonly by: PlacePart;
  readonly made: number;
  readonly place: Place;
  readonly product: Decimal;
}

/** An area with any decisions; only sound ones are sure to reach the right answer. */
function workArea(
  { factors: [top, left], form }: TwoFactors,
  { house, decisions }: WorkRules<AreaDecisions>,
): MethodResult<Why> {
  const across = placeParts(top);
  const down = placeParts(left);
  const products = down.map((by) =>
    across.map((part): PartProduct => {
      const made = decisions.makes(part.digit, by.digit);
      const place = decisions.counts(part.place, by.place);
      return { part, by, made, place, product: withoutTrailingZeros(partOf(made, place)) };
    }),
  );
  const numerals = products.flat().map(({ product }) => product);
  const rectangle = rectangleOf(across, products);
  // One row for the carries, and two above it for the names of the places.
  const firstRow = rectangle.rowOf(down.length) + 3;
  const pile = { numerals, line: 0, aboveRow: firstRow - 1, ruleRow: firstRow + numerals.length };
  const sum = addPile(pile, { house, decisions: decisions.sums });
  const end = finishAnswer(
    sum.full,
    { row: sum.row, line: 0, closes: (row) => sum.rule(row, 2) },
    { form },
    house,
  );
  const onPaper = (): OnPaper<Why> => {
    const points: readonly Mark[] = sum.full.point
      ? [{ kind: "point", line: 0, row: sum.row, look: "written" }]
      : [];
    const lowest = Math.min(ONES, ...numerals.map(lowestPlace));
    const highest = Math.max(ONES, sum.full.whole.length - 1, ...numerals.map(highestPlace));
    return {
      layout: {
        columns: placesFrom(lowest, highest).map((place) => ({ place, col: digitCol(0, place) })),
        plumbs: [{ line: 0, from: firstRow - 1 }],
      },
      steps: [
        ...sideSteps([top, left], [across, down], rectangle, house),
        ...productSteps(products, rectangle),
        {
          stage: "work",
          reason: { kind: "pileUp", products: numerals },
          draw: () => [
            ...numerals.flatMap((product, index) => numeralMarks(product, 0, firstRow + index)),
            {
              kind: "glyph",
              col: digitCol(0, highest) - 1,
              row: pile.ruleRow - 1,
              text: "+",
              look: "written",
            },
            sum.rule(pile.ruleRow, 1),
            ...points,
          ],
          focus: [],
        },
        ...sum.steps(),
        ...end.steps(),
      ],
    };
  };
  return { answer: end.answer, onPaper };
}

/** Where the rectangle and its parts stand: left of the plumb line's numbers as far as it can, in rows of its own above them. */
interface Rectangle {
  /** Its first column, and of each part across, its own and how wide it is. */
  readonly start: number;
  readonly lefts: readonly number[];
  readonly widths: readonly number[];
  /** How high a part is, and the first row of each down. */
  readonly height: number;
  rowOf(down: number): number;
  /** A numeral in the middle of a part across, in any row. */
  centred(numeral: Decimal, across: number, row: number): readonly Mark[];
}

function rectangleOf(across: readonly PlacePart[], products: readonly (readonly PartProduct[])[]): Rectangle {
  const height = products.length <= 2 ? 3 : 1;
  const widths = across.map(
    ({ numeral }, index) =>
      Math.max(
        2,
        ...[numeral, ...products.map((row) => row[index]?.product ?? numeral)].map((one) =>
          textWidth(numeralLine(one)),
        ),
      ) + 1,
  );
  const before = (index: number): number => widths.slice(0, index).reduce((sum, width) => sum + width, 0);
  const start = -Math.ceil(before(widths.length) / 2);
  const lefts = widths.map((_, index) => start + before(index));
  return {
    start,
    lefts,
    widths,
    height,
    rowOf: (down) => 1 + down * height,
    centred: (numeral, index, row) => {
      const text = numeralLine(numeral);
      const room = (widths[index] ?? 0) - textWidth(text);
      return textMarks(text, (lefts[index] ?? 0) + Math.floor(room / 2), row);
    },
  };
}

/** The factors pulled apart along two sides. */
function sideSteps(
  [top, left]: readonly [Decimal, Decimal],
  [across, down]: readonly [readonly PlacePart[], readonly PlacePart[]],
  { start, height, rowOf, centred }: Rectangle,
  house: HouseRules,
): readonly StepToDraw<Why>[] {
  const middle = Math.floor(height / 2);
  const parts = (from: readonly PlacePart[]) => from.map(({ numeral }) => numeral);
  return [
    {
      stage: "setOut",
      reason: { kind: "partAlong", numeral: top, parts: parts(across), side: "top" },
      draw: () => across.flatMap(({ numeral }, index) => centred(numeral, index, 0)),
      focus: [],
    },
    {
      stage: "setOut",
      reason: { kind: "partAlong", numeral: left, parts: parts(down), side: "left" },
      draw: () => [
        { kind: "glyph", col: start - 1, row: 0, text: signOf("multiply", house), look: "written" },
        ...down.flatMap(({ numeral }, index) => {
          const text = numeralLine(numeral);
          return textMarks(text, start - 1 - textWidth(text), rowOf(index) + middle);
        }),
      ],
      focus: [],
    },
  ];
}

/** Each part of the rectangle: its frame with its product in it. */
const productSteps = (
  products: readonly (readonly PartProduct[])[],
  { lefts, widths, height, rowOf, centred }: Rectangle,
): readonly StepToDraw<Why>[] =>
  products.flatMap((row, down) =>
    row.map(({ part, by, made, place, product }, index) => ({
      stage: "work",
      reason: { kind: "areaProduct", across: part, down: by, product, made, place },
      draw: () => [
        { kind: "frame", col: lefts[index] ?? 0, row: rowOf(down), width: widths[index] ?? 0, height },
        ...centred(product, index, rowOf(down) + Math.floor(height / 2)),
      ],
      focus: [],
    })),
  );
