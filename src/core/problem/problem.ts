import { type Decimal, type Notation, ONES, type Place, placeName, writeDecimal } from "../number";

/**
 * What is to be done. Adding takes two to ten addends, multiplying two or three factors; subtracting
 * the minuend, then the subtrahend; dividing the dividend, then the divisor; comparing two numbers;
 * rounding takes one, and its place is the wanted form.
 */
export const OPERATIONS = ["add", "subtract", "multiply", "divide", "round", "compare"] as const;
export type Operation = (typeof OPERATIONS)[number];

/** The operations that are written with a sign between their numbers. */
export type SignedOperation = Exclude<Operation, "round" | "compare">;

/** The form in which the answer is wanted; `asItComes` leaves it to the house. */
export type AnswerForm =
  | { readonly kind: "asItComes" }
  | { readonly kind: "toPlace"; readonly place: Place }
  /** These three are forms of a quotient. */
  | { readonly kind: "withRemainder" }
  | { readonly kind: "asMixed" }
  | { readonly kind: "exactly" };

export const AS_IT_COMES: AnswerForm = { kind: "asItComes" };

/** What is asked: an operation on quantities, in the order they were given, and the form of the answer. */
export interface Problem {
  readonly op: Operation;
  readonly operands: readonly Decimal[];
  readonly wanted: AnswerForm;
}

/** The most numbers an operation takes. */
export const MOST_OPERANDS: Readonly<Record<Operation, number>> = {
  add: 10,
  subtract: 2,
  multiply: 3,
  divide: 2,
  round: 1,
  compare: 2,
};

/** How problems are written: numbers, and the signs of multiplying and dividing. */
export interface ProblemNotation extends Notation {
  readonly timesSign: "cross" | "dot";
  readonly divideSign: "obelus" | "colon";
  readonly onesTerm: "ones" | "units";
}

/** The sign of an operation as the house writes it. */
export function signOf(
  op: SignedOperation,
  notation: Pick<ProblemNotation, "timesSign" | "divideSign">,
): string {
  switch (op) {
    case "add":
      return "+";
    case "subtract":
      return "−";
    case "multiply":
      return notation.timesSign === "cross" ? "×" : "·";
    case "divide":
      return notation.divideSign === "obelus" ? "÷" : ":";
  }
}

/** The problem in one line, in the notation of the house: `40.3 + 7.865 + 12`, `25 ÷ 4 with remainder`, `round 3.748 to tenths`. */
export function writeProblem({ op, operands, wanted }: Problem, notation: ProblemNotation): string {
  const numbers = operands.map((operand) => writeDecimal(operand, notation));
  const form = writeForm(wanted, notation);
  switch (op) {
    case "round":
      return `round ${numbers.join(" ")}${form}`;
    case "compare":
      return `compare ${numbers.join(" and ")}`;
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return numbers.join(` ${signOf(op, notation)} `) + form;
  }
}

/** How a wanted form is written after a problem, with the space before it; empty where the house decides. */
export function writeForm(wanted: AnswerForm, notation: Pick<ProblemNotation, "onesTerm">): string {
  switch (wanted.kind) {
    case "asItComes":
      return "";
    case "toPlace":
      return ` to ${wanted.place === ONES ? notation.onesTerm : `${placeName(wanted.place, "")}s`}`;
    case "withRemainder":
      return " with remainder";
    case "asMixed":
      return " as a mixed number";
    case "exactly":
      return " exactly";
  }
}
