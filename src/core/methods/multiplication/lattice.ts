import type { HouseRules } from "../../house";
import { type Decimal, fromCount, type Place, withoutLeadingZeros } from "../../number";
import type { DecimalProblem } from "../../problem";
import {
  type Method,
  type MethodResult,
  type OnPaper,
  otherOperation,
  refused,
  taken,
} from "../contract/method";
import type { StepToDraw } from "../contract/step";
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
  house: HouseRules,
  decisions: LatticeDecisions,
): MethodResult<Why> {
  const topDigits = [...digitsFromOnes(top)].map(Number);
  const sideDigits = [...digitsFromOnes(side)].map(Number);
  const grid: Grid = { across: topDigits.length, down: sideDigits.length };
  const pointed = top.fraction !== "" || side.fraction !== "";
  const diagonals: number[][] = Array.from({ length: grid.across + grid.down }, () => []);

  const cells = sideDigits.flatMap((by, row) =>
    topDigits.map((digit, col): Cell => {
      const made = decisions.makes(digit, by);
      const [tens, ones] = [Math.floor(made / 10), made % 10];
      const nth = grid.down - 1 - row + (grid.across - 1 - col);
      diagonals[nth]?.push(ones);
      diagonals[nth + 1]?.push(tens);
      const place = grid.across - 1 - col - top.fraction.length;
      const byPlace = grid.down - 1 - row - side.fraction.length;
      return { col: col - grid.across, row: row + 1, digit, by, place, byPlace, tens, ones };
    }),
  );

  const sums = addInColumns([...rowsOf(diagonals)], diagonals.length, () => 10, decisions.sums).slice(
    0,
    diagonals.length,
  );
  const diagonalStep = ({ column, ...sum }: ColumnSum): StepToDraw<Why> => {
    const at = exitOf(grid, column);
    const carries = sum.carriedOut > 0 && house.carryPlace !== "unwritten";
    return {
      stage: "work",
      reason: {
        kind: "diagonalSum",
        nth: column,
        place: column - top.fraction.length - side.fraction.length,
        ...sum,
      },
      draw: () => [
        { kind: "glyph", ...at, text: String(sum.written), look: "written" },
        ...(carries
          ? [{ kind: "small", ...carryPosition(grid, column + 1), text: String(sum.carriedOut) } as const]
          : []),
      ],
      focus: [],
    };
  };

  const digits = [...sums]
    .reverse()
    .map(({ written }) => written)
    .join("");
  const places = decisions.productPlaces([top.fraction.length, side.fraction.length], {
    digits: withoutLeadingZeros(digits),
    factors: [top, side],
  });
  const full = tidy(fromCount(BigInt(digits), places));
  const pointStep: StepToDraw<Why> = {
    stage: "point",
    reason: { kind: "latticePoint", places, hidden: !top.point || !side.point },
    draw: () => pointWays(grid, top, side, places),
    focus: [],
  };
  const answerRow = grid.down + 4;
  const line =
    -Math.ceil((grid.across - full.whole.length - full.fraction.length) / 2) - full.fraction.length;
  const end = finishAnswer(
    full,
    {
      row: answerRow,
      line,
      closes: (row) => ({
        kind: "rule",
        row,
        from: line - full.whole.length - 1,
        to: line + full.fraction.length + 1,
        strokes: 2,
      }),
    },
    { form },
    house,
  );
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
      ...sums.map(diagonalStep),
      ...(pointed ? [pointStep] : []),
      {
        stage: "answer",
        reason: { kind: "readLattice", answer: full },
        draw: () => numeralMarks(full, line, answerRow),
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
