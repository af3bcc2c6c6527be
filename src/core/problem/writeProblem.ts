import { type Notation, ONES, type Part, partsText, sign, words } from "../number";
import {
  amountOf,
  type CurrencyId,
  inMajor,
  pieceName,
  type Quantity,
  quantityParts,
  unitOf,
} from "../quantity";
import { FORM_WORDS, inUnitsWords, LINE_WORDS, placeName, toPlaceWords } from "../vocabulary";
import { type Expression, needsBrackets } from "./expression";
import { isAmount, withOperands } from "./makeProblem";
import type { SignedOperation } from "./operation";
import { type AnswerForm, type MoneyProblem, operandsOf, type Problem } from "./problem";

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

/** The problem in one line, in the notation of the house: `40.3 + 7.865 + 12`, `25 ÷ 4 with remainder`, `round 3.748 to tenths`. */
export function writeProblem(problem: Problem, notation: ProblemNotation): string {
  return writeUnformed(problem, notation) + writeForm(problem.form, notation);
}

/** The problem in one line without the form its answer is wanted in. */
export const writeUnformed = (problem: Problem, notation: ProblemNotation): string =>
  partsText(problemParts(problem, notation));

/** What a problem is made of, without the form its answer is wanted in. */
export function problemParts(given: Problem, notation: ProblemNotation): readonly Part[] {
  const problem = withCurrency(given, notation.currency);
  const { op } = problem;
  switch (op) {
    case "round":
    case "compare":
    case "order":
      return [words(LINE_WORDS[op]), ...numbersParts(problem, notation)];
    case "rewrite":
      return numbersParts(problem, notation);
    case "enough": {
      const [have, ...costs] = problem.operands;
      return [
        words(LINE_WORDS.is),
        ...quantityParts(have, notation),
        words(LINE_WORDS.enoughFor),
        ...joined(
          costs,
          costs.slice(1).map(() => "add" as const),
          notation,
        ),
      ];
    }
    case "pay":
      return [
        words(LINE_WORDS.pay),
        ...quantityParts(problem.operands[0], notation),
        ...withoutParts(problem),
      ];
    case "terms":
      return joined(
        operandsOf(problem),
        problem.more.map(({ join }) => join),
        notation,
      );
    case "chain":
      return expressionParts(problem.expression, notation);
    case "add":
    case "subtract":
    case "multiply":
    case "divide": {
      const signs = problem.operands.slice(1).map(() => op);
      const body = joined(problem.operands, signs, notation);
      return problem.kind === "money" ? [...body, ...withoutParts(problem)] : body;
    }
  }
}

/** The numbers of a problem that no sign joins: two that are compared have "and" between them, several a semicolon. */
export function numbersParts(problem: Problem, notation: Notation): readonly Part[] {
  const between = words(problem.op === "compare" ? LINE_WORDS.and : "; ");
  return operandsOf(problem).flatMap((operand, index) => [
    ...(index > 0 ? [between] : []),
    ...quantityParts(operand, notation),
  ]);
}

/** Quantities with signs between them; one below zero stands in brackets after a sign. */
const joined = (
  quantities: readonly Quantity[],
  signs: readonly SignedOperation[],
  notation: ProblemNotation,
): readonly Part[] =>
  quantities.flatMap((quantity, index) => {
    const before = signs[index - 1];
    return before === undefined
      ? quantityParts(quantity, notation)
      : [sign(signOf(before, notation)), ...afterSign(quantity, notation)];
  });

const isBelowZero = (quantity: Quantity): boolean =>
  quantity.kind === "amount" ? quantity.numeral.negative : quantity.negative;

const bracketed = (parts: readonly Part[]): readonly Part[] => [
  { kind: "bracket", text: "(" },
  ...parts,
  { kind: "bracket", text: ")" },
];

/** A quantity after a sign: in brackets where it has a sign of its own. */
const afterSign = (quantity: Quantity, notation: Notation): readonly Part[] =>
  isBelowZero(quantity) ? bracketed(quantityParts(quantity, notation)) : quantityParts(quantity, notation);

/** Cents and pence don't say whose they are: where a problem has only such and they are not the house's, they are written with their sign. */
function withCurrency(problem: Problem, currency: CurrencyId): Problem {
  const operands = operandsOf(problem);
  const amounts = operands.filter(isAmount);
  if (amounts.every((amount) => amount.of === "major" || amount.currency === currency)) return problem;
  if (amounts.some((amount) => amount.of === "major")) return problem;
  return withOperands(problem, operands.map(inSign)) ?? problem;
}

const inSign = (quantity: Quantity): Quantity =>
  quantity.kind === "amount" ? amountOf(quantity.currency, inMajor(quantity)) : quantity;

function expressionParts(expression: Expression, notation: ProblemNotation, first = true): readonly Part[] {
  if (expression.kind === "quantity")
    return first ? quantityParts(expression.quantity, notation) : afterSign(expression.quantity, notation);
  const { op, left, right } = expression;
  const side = (part: Expression, which: "left" | "right"): readonly Part[] =>
    needsBrackets(part, op, which)
      ? bracketed(expressionParts(part, notation))
      : expressionParts(part, notation, which === "left" && first);
  return [...side(left, "left"), sign(signOf(op, notation)), ...side(right, "right")];
}

/** An expression in one line, with the brackets it needs. */
export const writeExpression = (expression: Expression, notation: ProblemNotation): string =>
  partsText(expressionParts(expression, notation));

/** What a till has run short of. */
const withoutParts = ({ without, currency }: MoneyProblem): readonly Part[] =>
  without.length === 0
    ? []
    : [words(LINE_WORDS.without + without.map((value) => pieceName(value, currency)).join(", "))];

/** How a wanted form is written after a problem, with the space before it; empty where the house decides. */
export function writeForm(form: AnswerForm, notation: Pick<ProblemNotation, "onesTerm">): string {
  switch (form.kind) {
    case "asItComes":
    case "withRemainder":
    case "exactly":
    case "asMixed":
    case "asFraction":
    case "asDecimal":
    case "simplest":
      return FORM_WORDS[form.kind];
    case "toPlace":
      return toPlaceWords(form.place === ONES ? notation.onesTerm : `${placeName(form.place, "")}s`);
    case "overDenominator":
      return ` = ?/${form.denominator}`;
    case "overNumerator":
      return ` = ${form.numerator}/?`;
    case "inUnits":
      return inUnitsWords(form.units.map((unit) => unitOf(unit).symbol));
  }
}
