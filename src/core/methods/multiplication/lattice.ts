import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { type Decimal, fromCount, type Place, withoutLeadingZeros } from "../../number";
import type { DecimalProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import {
  type AdditionDecisions,
  addInColumns,
  type ColumnRow,
  type ColumnSum,
  SOUND_ADDITION,
} from "../procedures/columnSums";
import { type AnswerReason, finishAnswer } from "../squares/answer";
import { numeralMarks } from "../squares/writtenNumber";
import type { MadeProduct } from "./columnMultiplication";
import { digitsFromOnes } from "./inLineBlock";
import { carryPosition, exitOf, type Grid, gridMarks, pointWays, sideMarks, topMarks } from "./latticeGrid";
import { type TwoFactors, twoFactorsOf } from "./twoFactors";

export type LatticeReason =
  | { readonly kind: "writeAlongside"; readonly numeral: Decimal; readonly side: "top" | "right" }
  | { readonly kind: "drawLattice"; readonly across: number; readonly down: number }
  | {
      readonly kind: "cellProduct";
      readonly digit: number;
      readonly by: number;
      /** What the two digits count. */
      readonly place: Place;
      readonly byPlace: Place;
      readonly tens: number;
      readonly ones: number;
    }
  | {
      readonly kind: "diagonalSum";
      /** The diagonal, counted from the lower right corner. */
      readonly nth: number;
      /** What everything between two diagonals counts. */
      readonly place: Place;
      readonly parts: readonly number[];
      readonly carriedIn: number;
      readonly total: number;
      readonly written: number;
      readonly carriedOut: number;
    }
  | { readonly kind: "latticePoint"; readonly places: number; readonly hidden: boolean }
  | { readonly kind: "readLattice"; readonly answer: Decimal };

type Why = LatticeReason | AnswerReason;

/** The decisions of a lattice: what a square makes, what each diagonal writes and carries, where the point goes. */
export interface LatticeDecisions {
  makes(digit: number, by: number): number;
  readonly sums: AdditionDecisions;
  productPlaces(places: readonly number[], made: MadeProduct): number;
}

export const SOUND_LATTICE: LatticeDecisions = {
  makes: (digit, by) => digit * by,
  sums: SOUND_ADDITION,
  productPlaces: (places) => places.reduce((sum, count) => sum + count, 0),
};

/** One factor along the top, one down the right; a square for each two digits, cut by a diagonal; the diagonals added. */
export const lattice: Method<"lattice", Why, DecimalProblem, LatticeDecisions, "twoFactors"> = {
  id: "lattice",
  sample: "12.5 × 0.46",
  bench: { small: "<1.1> × <1.1>", usual: "<2.1> × <2.1>", largest: "<15.15> × <15.15>" },
  sound: SOUND_LATTICE,
  takes: (problem) => {
    if (problem.op !== "multiply") return otherOperation("multiply");
    const two = twoFactorsOf(problem);
    return two === undefined ? refused("twoFactors") : taken(two, workLattice);
  },
};

/** A lattice with any decisions; only sound ones are sure to reach the right answer. */
function workLattice(
  { factors: [top, side], form }: TwoFactors,
  { house, decisions }: WorkRules<LatticeDecisions>,
): MethodResult<Why> {
  const topDigits = [...digitsFromOnes(top)].map(Number);
  const sideDigits = [...digitsFromOnes(side)].map(Number);
  const grid: Grid = { across: topDigits.length, down: sideDigits.length };
  const fractions = [top.fraction.length, side.fraction.length] as const;
  const cells = cellsOf([topDigits, sideDigits], fractions, grid, decisions);
  const diagonals = diagonalsOf(cells, grid);
  const sums = addInColumns([...rowsOf(diagonals)], diagonals.length, () => 10, decisions.sums).slice(
    0,
    diagonals.length,
  );
  const digits = [...sums]
    .reverse()
    .map(({ written }) => written)
    .join("");
  const places = decisions.productPlaces(fractions, {
    digits: withoutLeadingZeros(digits),
    factors: [top, side],
  });
  const full = tidy(fromCount(BigInt(digits), places));
  const row = grid.down + 4;
  const line =
    -Math.ceil((grid.across - full.whole.length - full.fraction.length) / 2) - full.fraction.length;
  const edges = { from: line - full.whole.length - 1, to: line + full.fraction.length + 1 };
  const closes = (under: number): Mark => ({ kind: "rule", row: under, ...edges, strokes: 2 });
  const end = finishAnswer(full, { row, line, closes }, { form }, house);
  const pointed = top.fraction !== "" || side.fraction !== "";
  const onPaper = (): OnPaper<Why> => ({
    layout: { columns: [], plumbs: [], digitsUnderDigits: true },
    steps: [
      {
        stage: "setOut",
        reason: { kind: "writeAlongside", numeral: top, side: "top" },
        draw: () => topMarks(topDigits, top, grid, pointed, house),
        focus: [],
      },
      {
        stage: "setOut",
        reason: { kind: "writeAlongside", numeral: side, side: "right" },
        draw: () => sideMarks(sideDigits, side, pointed),
        focus: [],
      },
      {
        stage: "setOut",
        reason: { kind: "drawLattice", ...grid },
        draw: () => gridMarks(grid),
        focus: [],
      },
      ...cells.map(cellStep),
      ...sums.map((sum) => diagonalStep(sum, fractions[0] + fractions[1], grid, house)),
      ...(pointed
        ? [
            {
              stage: "point",
              reason: { kind: "latticePoint", places, hidden: !top.point || !side.point },
              draw: () => pointWays(grid, top, side, places),
              focus: [],
            } as const,
          ]
        : []),
      {
        stage: "answer",
        reason: { kind: "readLattice", answer: full },
        draw: () => numeralMarks(full, line, row),
        focus: [],
      },
      ...end.steps(),
    ],
  });
  return { answer: end.answer, onPaper };
}

/** A square of the lattice: the two digits it is for, and the tens and ones of what they make. */
interface Cell {
  readonly col: number;
  readonly row: number;
  readonly digit: number;
  readonly by: number;
  readonly place: Place;
  readonly byPlace: Place;
  readonly tens: number;
  readonly ones: number;
}

const cellsOf = (
  [top, side]: readonly [readonly number[], readonly number[]],
  [topPlaces, sidePlaces]: readonly [number, number],
  { across, down }: Grid,
  { makes }: Pick<LatticeDecisions, "makes">,
): readonly Cell[] =>
  side.flatMap((by, row) =>
    top.map((digit, col): Cell => {
      const made = makes(digit, by);
      const place = across - 1 - col - topPlaces;
      const byPlace = down - 1 - row - sidePlaces;
      const [tens, ones] = [Math.floor(made / 10), made % 10];
      return { col: col - across, row: row + 1, digit, by, place, byPlace, tens, ones };
    }),
  );

/** What stands between two diagonals, from the lower right corner: the ones of its squares, and the tens of those right of and below them. */
function diagonalsOf(cells: readonly Cell[], { across, down }: Grid): readonly (readonly number[])[] {
  const diagonals: number[][] = Array.from({ length: across + down }, () => []);
  for (const { col, row, tens, ones } of cells) {
    const nth = down - row + (-1 - col);
    diagonals[nth]?.push(ones);
    diagonals[nth + 1]?.push(tens);
  }
  return diagonals;
}

/** A diagonal added: what is written where it leaves the lattice, and carried to the next. `places` are those of both factors behind the point. */
function diagonalStep(
  { column, ...sum }: ColumnSum,
  places: number,
  grid: Grid,
  house: HouseRules,
): StepToDraw<Why> {
  const carries = sum.carriedOut > 0 && house.carryPlace !== "unwritten";
  return {
    stage: "work",
    reason: { kind: "diagonalSum", nth: column, place: column - places, ...sum },
    draw: () => [
      { kind: "glyph", ...exitOf(grid, column), text: String(sum.written), look: "written" },
      ...(carries
        ? [{ kind: "small", ...carryPosition(grid, column + 1), text: String(sum.carriedOut) } as const]
        : []),
    ],
    focus: [],
  };
}

const cellStep = ({ col, row, ...made }: Cell): StepToDraw<Why> => ({
  stage: "work",
  reason: { kind: "cellProduct", ...made },
  draw: () => [
    { kind: "small", col, row, position: "tens", text: String(made.tens) },
    { kind: "small", col, row, position: "ones", text: String(made.ones) },
  ],
  focus: [col],
});

/** The diagonals as rows to be added in columns: the nth number of each diagonal in the nth row. */
function rowsOf(diagonals: readonly (readonly number[])[]): readonly ColumnRow[] {
  const most = Math.max(...diagonals.map((parts) => parts.length));
  return Array.from({ length: most }, (_, row) => diagonals.map((parts) => parts[row]));
}

/** The numeral without zeros in front of its ones. */
const tidy = (numeral: Decimal): Decimal => ({ ...numeral, whole: withoutLeadingZeros(numeral.whole) });
