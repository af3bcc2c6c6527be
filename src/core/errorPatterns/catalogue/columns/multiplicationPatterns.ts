import { columnMultiplication, lattice, SOUND_ADDITION, SOUND_PRODUCTS } from "../../../methods";
import { bareDigits, type Decimal, significantDigits, zerosAtEnd } from "../../../number";
import type { Problem } from "../../../problem";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternAct, PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, pointBetween, twoDecimals, wholeOfDigits } from "../../contract/parts";
import { workStraightDown } from "../../procedures/straightDown";

const inColumns = overrideIn(columnMultiplication);
const inALattice = overrideIn(lattice);
const AS_GIVEN = { addendOrder: "asGiven" } as const;

const sum = (places: readonly number[]): number => places.reduce((all, count) => all + count, 0);

/** Another rule for the places of a product, in columns and in a lattice. */
const places = (
  rule: (
    counted: readonly number[],
    made: { readonly digits: string; readonly factors: readonly Decimal[] },
  ) => number,
): Pick<PatternAct, "decides"> => ({
  decides: [...inColumns({ productPlaces: rule }), ...inALattice({ productPlaces: rule })],
});

/** Whole part times whole part and end times end, with a point between; a whole number multiplies both parts of the other. */
function inHalves(problem: Problem): Split | undefined {
  const [first, second] = twoDecimals(problem, "multiply") ?? [];
  if (first === undefined || second === undefined) return undefined;
  if (first.fraction === "" && second.fraction === "") return undefined;
  const end = (numeral: Decimal): Decimal =>
    wholeOfDigits(numeral.fraction === "" ? numeral.whole : numeral.fraction);
  return {
    parts: [
      decimalProblem("multiply", [wholeOfDigits(first.whole), wholeOfDigits(second.whole)]),
      decimalProblem("multiply", [end(first), end(second)]),
    ],
    joins: pointBetween,
  };
}

/** Whether one factor has decimals and the other is a whole multiple of ten. */
function byMultipleOfTen(problem: Problem): boolean {
  const factors = twoDecimals(problem, "multiply") ?? [];
  const tens = ({ whole, fraction }: Decimal): boolean => fraction === "" && whole.endsWith("0");
  return factors.some(tens) && factors.some(({ fraction }) => fraction !== "");
}

/** Whether the lower factor has two digits or more, zeros in front and at the end not counted. */
const severalRows = (problem: Problem): boolean => {
  const lower = twoDecimals(problem, "multiply")?.[1];
  return lower !== undefined && bareDigits(lower.whole + lower.fraction).length > 1;
};

/** Whether both factors have two digits or more. */
const longFactors = (problem: Problem): boolean =>
  (twoDecimals(problem, "multiply") ?? []).every(
    ({ whole, fraction }) => significantDigits(whole + fraction).length > 1,
  );

/** Whether there are three digits or more in all. */
const severalDigits = (problem: Problem): boolean =>
  (twoDecimals(problem, "multiply") ?? [])
    .map(({ whole, fraction }) => significantDigits(whole + fraction).length)
    .reduce((all, count) => all + count, 0) > 2;

export const MULTIPLICATION_PATTERNS: PatternsOf = [
  {
    id: "mul-keep-places",
    example: ["0.4 × 0.7", "2.8"],
    frequency: 3,
    lookAlikes: ["mul-no-filler-zeros", "mul-point-from-left"],
    ...places((counted) => (counted.includes(0) ? sum(counted) : Math.max(...counted))),
  },
  {
    id: "mul-trailing-zero-dropped",
    example: ["0.5 × 0.6", "0.03"],
    frequency: 1,
    lookAlikes: ["mul-zero-on-the-end", "mul-point-from-left", "mul-zeros-short"],
    ...places((counted, { digits }) => sum(counted) + zerosAtEnd(digits)),
  },
  {
    id: "mul-no-filler-zeros",
    example: ["1.2 × 0.004", "0.48"],
    frequency: 2,
    lookAlikes: ["mul-keep-places", "mul-two-halves"],
    ...places((counted, { digits }) => Math.min(sum(counted), digits.length)),
  },
  {
    id: "mul-point-from-left",
    example: ["5.12 × 3.1", "158.72"],
    frequency: 2,
    lookAlikes: ["mul-trailing-zero-dropped", "mul-zero-on-the-end", "mul-keep-places"],
    ...places((counted, { digits }) =>
      digits.length > sum(counted) && sum(counted) > 0 ? digits.length - sum(counted) : sum(counted),
    ),
  },
  {
    id: "mul-two-halves",
    example: ["2.5 × 3.4", "6.20"],
    frequency: 3,
    lookAlikes: ["mul-no-filler-zeros", "mul-zero-on-the-end", "mul-only-whole-part"],
    methods: [columnMultiplication.id],
    splits: inHalves,
  },
  {
    id: "mul-zero-on-the-end",
    example: ["3.7 × 20", "7.40"],
    frequency: 2,
    lookAlikes: ["mul-trailing-zero-dropped", "mul-point-from-left", "mul-two-halves"],
    needs: byMultipleOfTen,
    rules: { trailingZeros: "kept" },
    ...places(
      (counted, { factors }) =>
        sum(counted) + sum(factors.map(({ whole, fraction }) => (fraction === "" ? zerosAtEnd(whole) : 0))),
    ),
  },
  {
    id: "mul-row-not-shifted",
    example: ["23 × 14", "115"],
    frequency: 3,
    lookAlikes: ["mul-zeros-short"],
    needs: severalRows,
    rules: AS_GIVEN,
    decides: inColumns({
      opens: () => 0,
    }),
  },
  {
    id: "mul-carry-before",
    example: ["46 × 3", "158"],
    frequency: 2,
    lookAlikes: [],
    rules: AS_GIVEN,
    decides: inColumns({
      products: { ...SOUND_PRODUCTS, makes: (digit, by, carriedIn) => (digit + carriedIn) * by },
    }),
  },
  {
    id: "mul-carry-dropped",
    example: ["4.6 × 3", "12.8"],
    frequency: 3,
    lookAlikes: ["money-digit-complements", "money-change-dollar-too-many"],
    rules: AS_GIVEN,
    decides: inColumns({
      products: { ...SOUND_PRODUCTS, carries: () => 0 },
    }),
  },
  {
    id: "mul-straight-down",
    example: ["34 × 21", "64"],
    frequency: 2,
    lookAlikes: ["mul-straight-down-full"],
    rules: AS_GIVEN,
    decides: inColumns({
      works: workStraightDown,
    }),
    needs: longFactors,
  },
  {
    id: "mul-lattice-wrong-half",
    example: ["2.3 × 4.6", "82.58"],
    frequency: 1,
    lookAlikes: ["shift-one-over", "point-left-out", "mul-double-digit"],
    decides: inALattice({
      makes: (digit, by) => (digit * by < 10 ? digit * by * 10 : digit * by),
    }),
    needs: severalDigits,
  },
  {
    id: "mul-lattice-no-carry",
    example: ["68 × 47", "2196"],
    frequency: 1,
    lookAlikes: ["mul-rows-not-carried"],
    decides: inALattice({
      sums: {
        ...SOUND_ADDITION,
        writes: (total, { last }) => (last ? total : total % 10),
        carries: () => 0,
      },
    }),
  },
  {
    id: "mul-carry-swapped",
    example: ["27 × 4", "162"],
    frequency: 1,
    lookAlikes: [],
    rules: AS_GIVEN,
    decides: inColumns({
      products: {
        ...SOUND_PRODUCTS,
        writes: (total) => (total < 10 ? total : Math.floor(total / 10)),
        carries: (total) => (total < 10 ? 0 : total % 10),
      },
    }),
  },
  {
    id: "mul-rows-not-carried",
    example: ["95 × 58", "4410"],
    frequency: 1,
    lookAlikes: ["mul-lattice-no-carry"],
    needs: severalRows,
    rules: AS_GIVEN,
    decides: inColumns({
      sums: { ...SOUND_ADDITION, writes: (total, { last }) => (last ? total : total % 10), carries: () => 0 },
    }),
  },
];
