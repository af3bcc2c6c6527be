import type { Working } from "../methods";

/** Traits read off a working: what makes this problem easy or hard by this method. */
interface Features {
  /** How many numbers are set out. */
  readonly numbers: number;
  /** How many columns are worked. */
  readonly columns: number;
  /** Columns whose total carries into the next. */
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
}

/** Counts a working's features off its steps; nothing is worked out again. */
export function featuresOf(working: Working): Features {
  const reasons = working.steps.map((step) => step.reason);
  const sums = reasons.filter((reason) => reason.kind === "columnSum");
  const exchanges = reasons.filter((reason) => reason.kind === "exchange");
  const differences = reasons.filter(
    ({ kind }) => kind === "difference" || kind === "differenceWithOwed" || kind === "makeUp",
  );
  const payments = reasons.filter(
    (reason) => reason.kind === "addTenToBoth" || (reason.kind === "makeUp" && reason.pays > 0),
  );
  const dropped = reasons.find((reason) => reason.kind === "dropZeros");
  return {
    numbers: reasons.filter((reason) => reason.kind === "writeOperand").length,
    columns: sums.length + differences.length,
    carries: sums.filter((sum) => sum.carriedOut > 0).length,
    largestCarry: Math.max(0, ...sums.map((sum) => sum.carriedOut)),
    exchanges: exchanges.length + payments.length,
    acrossZeros: exchanges.some(
      (exchange) => exchange.crossed.length > 0 || exchange.receiver.place !== exchange.needy,
    ),
    hiddenPoints: reasons.filter((reason) => reason.kind === "hiddenPoint").length,
    ragged: new Set(working.problem.operands.map((operand) => operand.fraction.length)).size > 1,
    belowZero: reasons.some((reason) => reason.kind === "signBelowZero"),
    droppedZeros: dropped?.zeros ?? 0,
  };
}
