import { type Notation, ONES, placeName } from "../number";
import {
  type Amount,
  amountOf,
  type CurrencyId,
  type currencyOf,
  fromMinorPiece,
  inMajor,
  type Quantity,
  unitOf,
  writeQuantity,
} from "../quantity";
import { type Expression, needsBrackets } from "./expression";
import type { SignedOperation } from "./operation";
import type { AnswerForm, Problem } from "./problem";

/** How problems are written: numbers, and the signs of multiplying and dividing. */
export interface ProblemNotation extends Notation {
  readonly timesSign: "cross" | "dot";
  readonly divideSign: "obelus" | "colon";
  readonly onesTerm: "ones" | "units";
  readonly currency: CurrencyId;
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

/** A quantity after a sign: in brackets where it has a sign of its own. */
const afterSign = (quantity: Quantity, notation: Notation): string => {
  const text = writeQuantity(quantity, notation);
  return text.startsWith("−") ? `(${text})` : text;
};

/** The problem in one line, in the notation of the house: `40.3 + 7.865 + 12`, `25 ÷ 4 with remainder`, `round 3.748 to tenths`. */
export function writeProblem(problem: Problem, notation: ProblemNotation): string {
  return writeUnformed(problem, notation) + writeForm(problem.form, notation);
}

/** The problem without the form its answer is wanted in. */
export function writeUnformed(given: Problem, notation: ProblemNotation): string {
  const problem = withCurrency(given, notation.currency);
  const written = problem.operands.map((operand) => writeQuantity(operand, notation));
  const joined = (signs: readonly SignedOperation[]): string =>
    problem.operands
      .map((operand, index) => {
        const sign = signs[index - 1];
        return sign === undefined
          ? writeQuantity(operand, notation)
          : `${signOf(sign, notation)} ${afterSign(operand, notation)}`;
      })
      .join(" ");
  const { op } = problem;
  switch (op) {
    case "round":
      return `round ${written.join(" ")}`;
    case "compare":
      return `compare ${written.join(" and ")}`;
    case "order":
      return `order ${written.join("; ")}`;
    case "rewrite":
      return written.join(" ");
    case "enough": {
      const [have = "", ...costs] = written;
      return `is ${have} enough for ${costs.join(" + ")}`;
    }
    case "pay":
      return `pay ${written.join(" ")}${writeWithout(problem)}`;
    case "terms":
      return joined(problem.joins);
    case "chain":
      return writeExpression(problem.expression, notation);
    case "add":
    case "subtract":
    case "multiply":
    case "divide": {
      const body = joined(problem.operands.map(() => op));
      return problem.kind === "money" ? body + writeWithout(problem) : body;
    }
  }
}

/** Cents and pence don't say whose they are: where a problem has only such and they are not the house's, they are written with their sign. */
function withCurrency(problem: Problem, currency: CurrencyId): Problem {
  const operands: readonly Quantity[] = problem.operands;
  const amounts = operands.filter((operand): operand is Amount => operand.kind === "amount");
  if (amounts.every((amount) => amount.of === "major" || amount.currency === currency)) return problem;
  if (amounts.some((amount) => amount.of === "major")) return problem;
  if (problem.kind === "chain") return { ...problem, expression: inSigns(problem.expression) };
  if (problem.kind !== "money") return problem;
  return {
    ...problem,
    operands: problem.operands.map((operand) => (operand.kind === "amount" ? inSign(operand) : operand)),
  };
}

const inSign = (amount: Amount): Amount => amountOf(amount.currency, inMajor(amount));

const inSigns = (expression: Expression): Expression =>
  expression.kind === "operation"
    ? { ...expression, left: inSigns(expression.left), right: inSigns(expression.right) }
    : expression.quantity.kind === "amount"
      ? { ...expression, quantity: inSign(expression.quantity) }
      : expression;

/** An expression in one line, with the brackets it needs. */
export function writeExpression(expression: Expression, notation: ProblemNotation, first = true): string {
  if (expression.kind === "quantity") {
    return first ? writeQuantity(expression.quantity, notation) : afterSign(expression.quantity, notation);
  }
  const { op, left, right } = expression;
  const side = (part: Expression, which: "left" | "right"): string =>
    needsBrackets(part, op, which)
      ? `(${writeExpression(part, notation)})`
      : writeExpression(part, notation, which === "left" && first);
  return `${side(left, "left")} ${signOf(op, notation)} ${side(right, "right")}`;
}

/** What a till has run short of, with the space before it. */
const writeWithout = ({
  without,
  currency,
}: {
  readonly without: readonly number[];
  readonly currency: Parameters<typeof currencyOf>[0];
}): string =>
  without.length === 0
    ? ""
    : ` without ${without.map((value) => fromMinorPiece(value, currency)).join(", ")}`;

/** How a wanted form is written after a problem, with the space before it; empty where the house decides. */
export function writeForm(form: AnswerForm, notation: Pick<ProblemNotation, "onesTerm">): string {
  switch (form.kind) {
    case "asItComes":
      return "";
    case "toPlace":
      return ` to ${form.place === ONES ? notation.onesTerm : `${placeName(form.place, "")}s`}`;
    case "withRemainder":
      return " with remainder";
    case "exactly":
      return " exactly";
    case "asMixed":
      return " as a mixed number";
    case "asFraction":
      return " as a fraction";
    case "asDecimal":
      return " as a decimal";
    case "simplest":
      return " in simplest form";
    case "overDenominator":
      return ` = ?/${form.denominator}`;
    case "overNumerator":
      return ` = ${form.numerator}/?`;
    case "inUnits":
      return ` in ${form.units.map((unit) => unitOf(unit).symbol).join(" and ")}`;
  }
}
