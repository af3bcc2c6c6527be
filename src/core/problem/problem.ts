import { type Decimal, type Notation, writeDecimal } from "../number";

/** Adding takes two to ten addends; subtracting takes the minuend, then the subtrahend. */
export type Operation = "add" | "subtract";

/** What is asked: an operation on quantities, in the order they were given. */
export interface Problem {
  readonly op: Operation;
  readonly operands: readonly Decimal[];
}

export const MOST_ADDENDS = 10;

/** The sign of each operation as it is written on the board. */
export const SIGNS: Readonly<Record<Operation, string>> = { add: "+", subtract: "−" };

/** The problem in one line, in the notation of the house: `40.3 + 7.865 + 12`. */
export const writeProblem = (problem: Problem, notation: Notation): string =>
  problem.operands.map((operand) => writeDecimal(operand, notation)).join(` ${SIGNS[problem.op]} `);
