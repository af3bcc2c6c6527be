import type { CountedWorking } from "../methods";
import { operandsOf } from "../problem";
import {
  type ChainFeatures,
  type ComparingFeatures,
  chainFeatures,
  comparingFeatures,
  type FractionFeatures,
  fractionFeatures,
  type MeasureFeatures,
  type MoneyFeatures,
  measureFeatures,
  moneyFeatures,
  type SignFeatures,
  signFeatures,
} from "./kindFeatures";

/** Traits read off a working: what makes this problem easy or hard by this method. */
export interface Features {
  /** How many numbers are set out. */
  readonly numbers: number;
  /** How many columns or diagonals are added or subtracted. */
  readonly columns: number;
  /** Totals, of columns and of products, that carry into the next. */
  readonly carries: number;
  /** The largest number carried, 0 where none is. */
  readonly largestCarry: number;
  /** Places with too little on top, each helped by an exchange, by adding to both numbers or by a carry below. */
  readonly exchanges: number;
  /** Whether an exchange had to cross a column that was empty. */
  readonly acrossZeros: boolean;
  /** Whole numbers among decimals, whose point is not written. */
  readonly hiddenPoints: number;
  /** Whether the numbers differ in how many places they have after the point. */
  readonly ragged: boolean;
  /** Whether the answer lies below zero. */
  readonly belowZero: boolean;
  /** Zeros at the end of the answer that were dropped. */
  readonly droppedZeros: number;
  /** Products of two digits, or of two parts. */
  readonly digitProducts: number;
  /** Zeros put in front of a product so that the point has a place. */
  readonly paddedZeros: number;
  /** How many places both numbers of a division were moved. */
  readonly placesMoved: number;
  /** Digits of the quotient, and how many of them inside it are zero. */
  readonly quotientDigits: number;
  readonly quotientZeros: number;
  /** Whether a quotient leaves something over. */
  readonly leftOver: boolean;
  /** Zeros appended to the dividend. */
  readonly appendedZeros: number;
  /** Digits in the repetend. */
  readonly recurring: number;
  /** What only problems of some kinds have; none of others. */
  readonly fractions?: FractionFeatures;
  readonly signs?: SignFeatures;
  readonly money?: MoneyFeatures;
  readonly measures?: MeasureFeatures;
  readonly chain?: ChainFeatures;
  readonly comparing?: ComparingFeatures;
}

/** The features that only a problem of its kind has. */
function ofItsKind(
  working: CountedWorking,
  reasons: CountedWorking["steps"][number]["reason"][],
): Partial<Pick<Features, "fractions" | "signs" | "money" | "measures" | "chain" | "comparing">> {
  const { kind, op } = working.problem;
  const comparing =
    op === "compare" || op === "order" ? { comparing: comparingFeatures(working, reasons) } : {};
  switch (kind) {
    case "decimals":
      return comparing;
    case "fractions":
      return { fractions: fractionFeatures(working, reasons), ...comparing };
    case "signed":
      return { signs: signFeatures(working, reasons) };
    case "money":
      return { money: moneyFeatures(working, reasons) };
    case "measures":
      return { measures: measureFeatures(working, reasons) };
    case "quantities":
      return comparing;
    case "chain":
      return { chain: chainFeatures(reasons) };
  }
}

/** Counts a working's features off its steps; nothing is worked out again. */
export function featuresOf(working: CountedWorking): Features {
  const reasons = working.steps.map((step) => step.reason);
  const operands = operandsOf(working.problem);
  const sums = reasons.filter(
    ({ kind }) => kind === "columnSum" || kind === "diagonalSum" || kind === "partSum",
  );
  const carried = reasons.flatMap((reason) =>
    "carriedOut" in reason && reason.carriedOut > 0 ? [Number(reason.carriedOut)] : [],
  );
  const exchanges = reasons.filter((reason) => reason.kind === "exchange");
  const partExchanges = reasons.filter((reason) => reason.kind === "partExchange");
  const differences = reasons.filter(
    ({ kind }) =>
      kind === "difference" ||
      kind === "differenceWithOwed" ||
      kind === "makeUp" ||
      kind === "partDifference",
  );
  const payments = reasons.filter(
    (reason) => reason.kind === "addTenToBoth" || (reason.kind === "makeUp" && reason.pays > 0),
  );
  const quotient = reasons.filter((reason) => reason.kind === "howMany" || reason.kind === "shareInHead");
  const padded = reasons.find((reason) => reason.kind === "padProduct");
  const scaled = reasons.find((reason) => reason.kind === "scaleBoth");
  const repetend = reasons.find((reason) => reason.kind === "repetendFound");
  return {
    numbers: operands.length,
    columns: sums.length + differences.length,
    carries: carried.length,
    largestCarry: Math.max(0, ...carried),
    exchanges: exchanges.length + partExchanges.length + payments.length,
    acrossZeros:
      exchanges.some(({ crossed, receiver, needy }) => crossed.length > 0 || receiver.place !== needy) ||
      partExchanges.some(({ changes, needy }) => changes.length > 2 || changes.at(-1)?.place !== needy),
    hiddenPoints: reasons.filter((reason) => reason.kind === "hiddenPoint").length,
    ragged:
      new Set(operands.map((operand) => (operand.kind === "decimal" ? operand.fraction.length : 0))).size > 1,
    belowZero: reasons.some((reason) => reason.kind === "signBelowZero"),
    droppedZeros: reasons.find((reason) => reason.kind === "dropZeros")?.zeros ?? 0,
    digitProducts: reasons.filter(
      ({ kind }) => kind === "digitProduct" || kind === "cellProduct" || kind === "areaProduct",
    ).length,
    paddedZeros: padded?.zeros ?? 0,
    placesMoved: scaled?.power ?? 0,
    quotientDigits: quotient.length,
    quotientZeros: quotient.slice(1, -1).filter(({ digit }) => digit === 0).length,
    leftOver: working.answer.kind === "remainder",
    appendedZeros: reasons.filter((reason) => "appended" in reason && reason.appended).length,
    recurring: repetend?.repetend.length ?? 0,
    ...ofItsKind(working, reasons),
  };
}
