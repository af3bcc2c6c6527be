import type { Reason } from "../methods";
import type { ClaimsTable, KnownBeside } from "./claimsTable";
import { isOneDigit, sumOf } from "./counts";

const split = (sum: {
  readonly total: number;
  readonly written: number;
  readonly carriedOut: number;
}): boolean => sum.written + 10 * sum.carriedOut === sum.total && isOneDigit(sum.written);

/** Whether what comes in is what the column before gave, from which the next one takes in. */
function chained(
  { chains }: KnownBeside,
  chain: "columns" | "diagonals" | "parts",
  sum: { readonly carriedIn: number; readonly carriedOut: number },
): boolean {
  const held = chains[chain] === sum.carriedIn;
  chains[chain] = sum.carriedOut;
  return held;
}

const payment = (paid: Extract<Reason, { kind: "differenceWithOwed" | "makeUp" }>): readonly boolean[] => [
  paid.taken === (paid.bottom ?? 0) + paid.owed,
  paid.taken + paid.written === paid.raised,
  isOneDigit(paid.written),
];

const taken = ({ top, bottom, written }: Extract<Reason, { kind: "difference" | "partDifference" }>) => [
  top - (bottom ?? 0) === written,
  isOneDigit(written),
];

/** Claims about small counts in columns, each with what came from the column before. */
export const COLUMN_CLAIMS = {
  columnSum: (reason, known) => [
    chained(known, "columns", reason),
    reason.total === sumOf(reason.parts) + reason.carriedIn,
    split(reason),
  ],
  diagonalSum: (reason, known) => [
    chained(known, "diagonals", reason),
    reason.total === sumOf(reason.parts) + reason.carriedIn,
    split(reason),
  ],
  partSum: (reason, known) => [
    chained(known, "parts", reason),
    reason.total === sumOf(reason.parts) + reason.carriedIn,
    split(reason),
  ],
  digitProduct: (reason, { chains }) => {
    const held = chains.products === reason.carriedIn;
    chains.products = reason.carriedOut;
    const made = reason.total === reason.digit * reason.by + reason.carriedIn;
    const ends = reason.last ? reason.carriedOut === 0 && reason.written === reason.total : split(reason);
    return [held, made, ends, isOneDigit(reason.digit), isOneDigit(reason.by)];
  },
  cellProduct: (reason) => [
    10 * reason.tens + reason.ones === reason.digit * reason.by,
    isOneDigit(reason.tens),
    isOneDigit(reason.ones),
  ],
  difference: taken,
  partDifference: taken,
  addTenToBoth: (reason, { chains }) => {
    chains.owed = 1;
    return [reason.top < reason.taken, reason.raised === reason.top + 10];
  },
  differenceWithOwed: (reason, { chains }) => {
    const held = reason.owed === chains.paying;
    chains.paying = chains.owed;
    chains.owed = 0;
    return [held, ...payment(reason)];
  },
  makeUp: (reason, { chains }) => {
    const held = reason.owed === chains.columns;
    chains.columns = reason.pays;
    return [held, reason.raised === reason.top + 10 * reason.pays, ...payment(reason)];
  },
  comparePlace: (reason) => [reason.decides === (reason.upper !== reason.lower)],
} satisfies Partial<ClaimsTable>;
