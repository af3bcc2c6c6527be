import { type Exchange, Stuck, subtractionByDecomposition } from "../../../methods";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternsOf } from "../../contract/errorPattern";
import { becomes, unpaid } from "../../procedures/exchanges";

const byDecomposition = overrideIn(subtractionByDecomposition);

/** Ten more for the column that needs them, taken from the largest column, which pays one. */
function fromLeftmost(standing: readonly number[], needy: number): readonly Exchange[] {
  const first = standing.reduce((last, count, column) => (count > 0 ? column : last), -1);
  const [lent, top] = [standing[first], standing[needy]];
  if (lent === undefined || top === undefined || first <= needy)
    throw new Stuck("fromLeftmost: the first digit can't pay");
  return [becomes(first, lent, lent - 1), becomes(needy, top, top + 10)];
}

/** Ten more for the column that needs them, and one more for the column that gave them. */
function lenderGrows(standing: readonly number[], needy: number): readonly Exchange[] {
  const [top = 0, next] = [standing[needy], standing[needy + 1]];
  if (next === undefined) throw new Stuck("lenderGrows: there is no column to borrow from");
  return [becomes(needy + 1, next, next + 1), becomes(needy, top, top + 10)];
}

const oneDigit = (count: number): number => {
  if (count > 9) throw new Stuck("a column would hold ten");
  return count;
};

/** A column as it stands, with what was written in it before any exchange. */
interface Column {
  readonly given: number | undefined;
  readonly altered: boolean;
}

/** Whether a zero stands on top that nothing has altered yet. */
const isFreshZero = (top: number, bottom: number, { altered }: Column): boolean =>
  top === 0 && bottom > 0 && !altered;

/** Whether a zero stands on top that was asked to lend. */
const askedZero = (top: number, { given, altered }: Column): boolean =>
  top === 0 && altered && (given ?? 0) === 0;

/** Every zero on the way becomes nine, and the digit behind them pays nothing. */
function zerosToNines(standing: readonly number[], needy: number): readonly Exchange[] | undefined {
  const lender = standing.findIndex((count, column) => column > needy && count > 0);
  const top = standing[needy];
  // Behind one zero this is the same as a zero that becomes nine, and there it stops.
  if (lender <= needy + 2 || top === undefined) return undefined;
  const between = Array.from({ length: lender - needy - 1 }, (_, index) => becomes(lender - 1 - index, 0, 9));
  return [...between, becomes(needy, top, top + 10)];
}

/** Errors in who lends a ten, and who pays for it. */
export const LENDING_PATTERNS: PatternsOf = [
  {
    id: "sub-stops-at-zero",
    example: ["503 − 247", "346"],
    frequency: 2,
    lookAlikes: ["sub-borrow-unpaid"],
    decides: byDecomposition({
      exchanges: (standing, needy, rateOf) =>
        standing[needy + 1] === 0 ? unpaid(standing, needy, rateOf) : undefined,
      fallsShort: (top, bottom, at) => !askedZero(top, at) && top < bottom,
      leaves: (top, bottom, at) => (askedZero(top, at) ? bottom : top - bottom),
    }),
  },
  {
    id: "sub-leftmost-lends",
    example: ["743 − 218", "435"],
    frequency: 1,
    lookAlikes: ["sub-jump-over-zero"],
    decides: byDecomposition({ exchanges: fromLeftmost }),
  },
  {
    id: "sub-lending-adds",
    example: ["72 − 36", "56"],
    frequency: 1,
    lookAlikes: [],
    decides: byDecomposition({
      exchanges: lenderGrows,
      leaves: (top, bottom) => oneDigit(top - bottom),
    }),
  },
  {
    id: "sub-zero-top-writes-zero",
    example: ["705 − 231", "504"],
    frequency: 2,
    lookAlikes: ["sub-stuck-writes-zero"],
    decides: byDecomposition({
      fallsShort: (top, bottom, at) => !isFreshZero(top, bottom, at) && top < bottom,
      leaves: (top, bottom, at) => (isFreshZero(top, bottom, at) ? 0 : top - bottom),
    }),
  },
  {
    id: "sub-lends-only-once",
    example: ["625 − 348", "337"],
    frequency: 2,
    lookAlikes: [],
    decides: byDecomposition({
      fallsShort: (top, bottom, { altered }) => !altered && top < bottom,
      leaves: (top, bottom) => Math.abs(top - bottom),
    }),
  },
  {
    id: "sub-zeros-to-nines-unpaid",
    example: ["8001 − 2345", "6656"],
    frequency: 2,
    lookAlikes: [],
    decides: byDecomposition({ exchanges: zerosToNines }),
  },
];
