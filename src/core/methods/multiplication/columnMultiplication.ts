import type { Mark } from "../../board";
import { type Decimal, digitsOf, fromCount, leadingPlace } from "../../number";
import { type Asks, type DecimalProblem, signOf } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { digitsUp } from "../procedures/digitProducts";
import { type AnswerReason, finishAnswer } from "../squares/answer";
import { numeralMarks } from "../squares/writtenNumber";
import {
  type BlockDecisions,
  type ProductBlock,
  SOUND_BLOCK,
  type WorkedBlock,
  workBlock,
} from "./productBlock";
import type { BlockReason } from "./productReason";

export type ColumnMultiplicationReason =
  | {
      readonly kind: "writeFactor";
      readonly numeral: Decimal;
      /** Which of the factors it is, from 0, as they are written down. */
      readonly nth: number;
      readonly ignoresPoint: boolean;
    }
  /** The product so far is multiplied by one more factor. */
  | { readonly kind: "nextFactor"; readonly numeral: Decimal; readonly product: string }
  | { readonly kind: "countPlaces"; readonly places: readonly number[]; readonly total: number }
  | { readonly kind: "padProduct"; readonly product: string; readonly zeros: number; readonly places: number }
  | { readonly kind: "pointByCounting"; readonly answer: Decimal; readonly places: number };

type Why = ColumnMultiplicationReason | BlockReason | AnswerReason;

/** The decisions of column multiplication: those of its rows, how two factors are multiplied, and how many places the product gets. */
export interface ColumnMultiplicationDecisions extends BlockDecisions {
  /** How two factors are multiplied. */
  works(block: ProductBlock, rules: WorkRules<BlockDecisions>): WorkedBlock;
  productPlaces(places: readonly number[], made: MadeProduct): number;
}

/** A product before its point is placed: its digits, and the factors it came from. */
export interface MadeProduct {
  readonly digits: string;
  readonly factors: readonly Decimal[];
}

export const SOUND_COLUMN_MULTIPLICATION: ColumnMultiplicationDecisions = {
  ...SOUND_BLOCK,
  works: workBlock,
  productPlaces: (places) => places.reduce((sum, count) => sum + count, 0),
};

/** The factors as whole numbers, one under the other at the right; the places counted, and the point set at the end. */
export const columnMultiplication: Method<
  "column-multiplication",
  Why,
  DecimalProblem,
  ColumnMultiplicationDecisions
> = {
  id: "column-multiplication",
  sample: "12.5 × 0.46",
  bench: { small: "<1.1> × <1.1>", usual: "<2.1> × <2.1>", largest: "<15.15> × <15.15>" },
  sound: SOUND_COLUMN_MULTIPLICATION,
  takes: (problem) =>
    problem.op === "multiply" ? taken(problem, workColumnMultiplication) : otherOperation("multiply"),
};

/** Column multiplication with any decisions; only sound ones are sure to reach the right answer. */
function workColumnMultiplication(
  problem: Asks<DecimalProblem, "multiply">,
  { house, decisions }: WorkRules<ColumnMultiplicationDecisions>,
): MethodResult<Why> {
  const factors = house.addendOrder === "longestFirst" ? longestFirst(problem.operands) : problem.operands;
  const [first, ...rest] = factors;
  if (first === undefined) throw new Error("workColumnMultiplication: a problem without factors");
  const ignoresPoint = factors.some(({ fraction }) => fraction !== "");
  const made: (() => readonly StepToDraw<Why>[])[] = [() => [writeFactor(first, 0, 0, ignoresPoint)]];
  let product = digitsUp(digitsOf(first));
  let row = 0;
  rest.forEach((factor, index) => {
    const by = digitsUp(digitsOf(factor));
    const from =
      -Math.max(
        product.length + by.length,
        first.whole.length + first.fraction.length,
        factor.whole.length + factor.fraction.length,
      ) - 1;
    const [so, at] = [product, row];
    made.push(() => {
      const written = writeFactor(factor, index + 1, at + 1, ignoresPoint);
      const step: StepToDraw<Why> = {
        reason: written.reason,
        focus: written.focus,
        stage: index > 0 ? "work" : "setOut",
        draw: () => [
          ...(written.draw?.() ?? []),
          { kind: "glyph", col: from, row: at + 1, text: signOf("multiply", house), look: "written" },
          { kind: "rule", row: at + 2, from, to: 0, strokes: 1 },
        ],
      };
      // A third factor comes in the middle of the work.
      return index > 0 ? [nextFactor(factor, so), step] : [step];
    });
    const block = decisions.works(
      {
        top: product,
        by,
        lowest: 0,
        byLowest: 0,
        ruleRow: row + 2,
        line: 0,
        // Above a product there is no free row: a second block carries in its own rows.
        carries:
          house.carryPlace === "unwritten"
            ? { kind: "unwritten" }
            : house.carryPlace === "above" && index === 0
              ? { kind: "above", row: -1 }
              : { kind: "corner" },
        from,
        ...(ignoresPoint ? { readAs: digitsOf(factor) } : {}),
      },
      { house, decisions },
    );
    made.push(block.steps);
    product = block.product;
    row = block.resultRow;
  });

  const digits = [...product].reverse().join("");
  const counted = factors.map(({ fraction }) => fraction.length);
  const places = decisions.productPlaces(counted, { digits, factors });
  const full = fromCount(BigInt(digits), places);
  const resultRow = row;
  if (ignoresPoint) made.push(() => pointSteps(digits, counted, places, full, resultRow));
  const left = -Math.max(digits.length, full.whole.length + places) - 1;
  const end = finishAnswer(
    full,
    { row, line: 0 - places, closes: (at) => ({ kind: "rule", row: at, from: left, to: 0, strokes: 2 }) },
    problem,
    house,
  );
  return {
    answer: end.answer,
    onPaper: () => ({
      layout: { columns: [], plumbs: [], digitsUnderDigits: true },
      steps: [...made, end.steps].flatMap((steps) => steps()),
    }),
  };
}

/** The step that says that the product so far, its smallest digit first, is multiplied by one more factor. */
const nextFactor = (numeral: Decimal, product: readonly number[]): StepToDraw<Why> => ({
  stage: "work",
  reason: { kind: "nextFactor", numeral, product: [...product].reverse().join("") },
  focus: [],
});

/** The factor with most digits on top, so that there are fewer rows, and a zero below; equal ones stay as they were given. */
const longestFirst = (factors: readonly Decimal[]): readonly Decimal[] => {
  const rows = (factor: Decimal): number =>
    leadingPlace(factor) === undefined ? 0 : digitsOf(factor).length;
  return [...factors].sort((a, b) => rows(b) - rows(a));
};

const writeFactor = (numeral: Decimal, nth: number, row: number, ignoresPoint: boolean): StepToDraw<Why> => ({
  stage: "setOut",
  reason: { kind: "writeFactor", numeral, nth, ignoresPoint },
  draw: () => numeralMarks(numeral, 0 - numeral.fraction.length, row),
  focus: [],
});

/** The places counted, zeros put in front where there are too few digits, and the point set from the right. */
function pointSteps(
  digits: string,
  counted: readonly number[],
  places: number,
  full: Decimal,
  row: number,
): readonly StepToDraw<ColumnMultiplicationReason>[] {
  const zeros = Math.max(0, places + 1 - digits.length);
  const steps: StepToDraw<ColumnMultiplicationReason>[] = [
    { stage: "point", reason: { kind: "countPlaces", places: counted, total: places }, focus: [] },
  ];
  if (zeros > 0) {
    steps.push({
      stage: "point",
      reason: { kind: "padProduct", product: digits, zeros, places },
      draw: () =>
        Array.from({ length: zeros }, (_, index) => ({
          kind: "glyph",
          col: -digits.length - 1 - index,
          row,
          text: "0",
          look: "filler",
        })),
      focus: [],
    });
  }
  steps.push({
    stage: "point",
    reason: { kind: "pointByCounting", answer: full, places },
    draw: () => [
      ...Array.from(
        { length: places },
        (_, index): Mark => ({ kind: "hop", row, from: 0 - index, to: -index - 1 }),
      ),
      ...(places > 0 ? [{ kind: "point", line: 0 - places, row, look: "written" } as const] : []),
    ],
    focus: [],
  });
  return steps;
}
