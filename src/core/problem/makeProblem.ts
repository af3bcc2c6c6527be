import type { Decimal, Numeral } from "../number";
import type { Amount, Measure, Quantity } from "../quantity";
import { isOne, isOneOrMore, isTwo, isTwoOrMore, mapTwo, mapTwoOrMore } from "../tuples";
import type { Branch, Expression } from "./expression";
import type { Join } from "./operation";
import {
  type AnswerForm,
  AS_IT_COMES,
  type DecimalForm,
  type DecimalProblem,
  type FractionProblem,
  type MeasureProblem,
  type MoneyProblem,
  type Problem,
  type QuantitiesProblem,
  type SignedProblem,
  type TermsProblem,
} from "./problem";

export const isDecimal = (quantity: Quantity): quantity is Decimal => quantity.kind === "decimal";
export const isAmount = (quantity: Quantity): quantity is Amount => quantity.kind === "amount";
export const isMeasure = (quantity: Quantity): quantity is Measure => quantity.kind === "measure";
export const isNumeral = (quantity: Quantity): quantity is Numeral =>
  quantity.kind === "decimal" || quantity.kind === "fraction" || quantity.kind === "mixed";

/** An amount or a measure, and how often it is taken, whichever was named first. */
export function thingAndTimes<Thing extends Amount | Measure>(
  pair: readonly [Thing, Decimal] | readonly [Decimal, Thing],
): { readonly thing: Thing; readonly times: Decimal } {
  const isFirst = (one: typeof pair): one is readonly [Thing, Decimal] => one[0].kind !== "decimal";
  return isFirst(pair) ? { thing: pair[0], times: pair[1] } : { thing: pair[1], times: pair[0] };
}

/** A problem with decimals; none where the operation takes another number of them. */
export function decimalsOf(
  op: DecimalProblem["op"],
  operands: readonly Decimal[],
  form: DecimalForm,
): DecimalProblem | undefined {
  switch (op) {
    case "add":
    case "multiply":
    case "order":
      return isTwoOrMore(operands) ? { kind: "decimals", op, operands, form } : undefined;
    case "subtract":
    case "divide":
    case "compare":
      return isTwo(operands) ? { kind: "decimals", op, operands, form } : undefined;
    case "round":
      return isOne(operands) && form.kind === "toPlace"
        ? { kind: "decimals", op, operands, form }
        : undefined;
  }
}

/** The same problem with each of its decimals made another one, and its answer as it comes; a number that is rounded keeps its place. */
export function mapDecimals(problem: DecimalProblem, make: (numeral: Decimal) => Decimal): DecimalProblem {
  switch (problem.op) {
    case "add":
    case "multiply":
    case "order":
      return { ...problem, operands: mapTwoOrMore(problem.operands, make), form: AS_IT_COMES };
    case "subtract":
    case "divide":
    case "compare":
      return { ...problem, operands: mapTwo(problem.operands, make), form: AS_IT_COMES };
    case "round":
      return { ...problem, operands: [make(problem.operands[0])] };
  }
}

/** A problem with fractions; none where the operation takes another number of them. */
export function fractionsOf(
  op: FractionProblem["op"],
  operands: readonly Numeral[],
  form: AnswerForm,
): FractionProblem | undefined {
  switch (op) {
    case "add":
    case "multiply":
    case "order":
      return isTwoOrMore(operands) ? { kind: "fractions", op, operands, form } : undefined;
    case "subtract":
    case "divide":
    case "compare":
      return isTwo(operands) ? { kind: "fractions", op, operands, form } : undefined;
    case "rewrite":
      return isOne(operands) ? { kind: "fractions", op, operands, form } : undefined;
  }
}

/** Terms with a sign before each but the first; none where there are not two or more, each with its sign. */
export function termsOf(
  [first, ...rest]: readonly Numeral[],
  joins: readonly Join[],
  form: AnswerForm,
): TermsProblem | undefined {
  const more = rest.flatMap((numeral, index) => {
    const join = joins[index];
    return join === undefined ? [] : [{ join, numeral }];
  });
  return first !== undefined && isOneOrMore(more) && more.length === rest.length
    ? { kind: "signed", op: "terms", first, more, form }
    : undefined;
}

/** A product or quotient of signed numbers; none where the operation takes another number of them. */
export function signedOf(
  op: "multiply" | "divide",
  operands: readonly Numeral[],
  form: AnswerForm,
): SignedProblem | undefined {
  if (op === "multiply") return isTwoOrMore(operands) ? { kind: "signed", op, operands, form } : undefined;
  return isTwo(operands) ? { kind: "signed", op, operands, form } : undefined;
}

/** A problem with money; none where the operation makes no sense of these amounts and numbers. */
export function moneyProblem(
  op: MoneyProblem["op"],
  operands: readonly (Amount | Decimal)[],
  till: Pick<MoneyProblem, "currency" | "without">,
  form: AnswerForm,
): MoneyProblem | undefined {
  const { currency, without } = till;
  const asked = { kind: "money", currency, without, form } as const;
  const amounts = operands.filter(isAmount);
  const [first, second] = operands;
  const two = isTwo(operands);
  switch (op) {
    case "add":
    case "enough":
      return amounts.length === operands.length && isTwoOrMore(amounts)
        ? { ...asked, op, operands: amounts }
        : undefined;
    case "subtract":
      return two && isTwo(amounts) ? { ...asked, op, operands: amounts } : undefined;
    case "pay":
      return isOne(operands) && isOne(amounts) ? { ...asked, op, operands: amounts } : undefined;
    case "multiply":
      if (!two || first === undefined || second === undefined) return undefined;
      if (first.kind === "amount" && second.kind === "decimal")
        return { ...asked, op, operands: [first, second] };
      return first.kind === "decimal" && second.kind === "amount"
        ? { ...asked, op, operands: [first, second] }
        : undefined;
    case "divide":
      return two && first?.kind === "amount" && second !== undefined
        ? { ...asked, op, operands: [first, second] }
        : undefined;
  }
}

/** A problem with measures; none where the operation makes no sense of these measures and numbers. */
export function measuresOf(
  op: MeasureProblem["op"],
  operands: readonly (Measure | Decimal)[],
  form: AnswerForm,
): MeasureProblem | undefined {
  const measures = operands.filter(isMeasure);
  const [first, second] = operands;
  const two = isTwo(operands);
  switch (op) {
    case "add":
      return measures.length === operands.length && isTwoOrMore(measures)
        ? { kind: "measures", op, operands: measures, form }
        : undefined;
    case "subtract":
      return two && isTwo(measures) ? { kind: "measures", op, operands: measures, form } : undefined;
    case "rewrite":
      return isOne(operands) && isOne(measures)
        ? { kind: "measures", op, operands: measures, form }
        : undefined;
    case "multiply":
      if (!two || first === undefined || second === undefined) return undefined;
      if (first.kind === "measure" && second.kind === "decimal")
        return { kind: "measures", op, operands: [first, second], form };
      return first.kind === "decimal" && second.kind === "measure"
        ? { kind: "measures", op, operands: [first, second], form }
        : undefined;
    case "divide":
      return two && first?.kind === "measure" && second !== undefined
        ? { kind: "measures", op, operands: [first, second], form }
        : undefined;
  }
}

/**
 * Quantities of one kind to be compared or put in order: numbers that are not below zero as decimals or fractions,
 * all else as quantities. None where there are too few of them, or too many.
 */
export function comparedOf(
  op: QuantitiesProblem["op"],
  operands: readonly Quantity[],
): Extract<Problem, { op: "compare" | "order" }> | undefined {
  if (operands.every(isNumeral) && operands.every(({ negative }) => !negative)) {
    const asked = operands.every(isDecimal)
      ? decimalsOf(op, operands, AS_IT_COMES)
      : fractionsOf(op, operands, AS_IT_COMES);
    return asked?.op === "compare" || asked?.op === "order" ? asked : undefined;
  }
  return quantitiesProblem(op, operands);
}

function quantitiesProblem(
  op: QuantitiesProblem["op"],
  operands: readonly Quantity[],
): QuantitiesProblem | undefined {
  if (op === "compare")
    return isTwo(operands) ? { kind: "quantities", op, operands, form: AS_IT_COMES } : undefined;
  return isTwoOrMore(operands) ? { kind: "quantities", op, operands, form: AS_IT_COMES } : undefined;
}

/** The same problem asked of other quantities; none where it makes no sense of them. Whether it can be computed is not looked at. */
export function withOperands(problem: Problem, operands: readonly Quantity[]): Problem | undefined {
  switch (problem.kind) {
    case "decimals":
      return operands.every(isDecimal) ? decimalsOf(problem.op, operands, problem.form) : undefined;
    case "fractions":
      return operands.every(isNumeral) ? fractionsOf(problem.op, operands, problem.form) : undefined;
    case "signed":
      if (!operands.every(isNumeral)) return undefined;
      return problem.op === "terms"
        ? termsOf(
            operands,
            problem.more.map(({ join }) => join),
            problem.form,
          )
        : signedOf(problem.op, operands, problem.form);
    case "money":
      return operands.every((one) => isAmount(one) || isDecimal(one))
        ? moneyProblem(problem.op, operands, problem, problem.form)
        : undefined;
    case "measures":
      return operands.every((one) => isMeasure(one) || isDecimal(one))
        ? measuresOf(problem.op, operands, problem.form)
        : undefined;
    case "quantities":
      return quantitiesProblem(problem.op, operands);
    case "chain":
      return { ...problem, expression: withLeaves(problem.expression, [...operands]) };
  }
}

/** A tree with other quantities at its leaves, from left to right; those that are not given stay. */
function withLeaves(branch: Branch, quantities: Quantity[]): Branch {
  const side = (part: Expression): Expression =>
    part.kind === "operation"
      ? withLeaves(part, quantities)
      : { ...part, quantity: quantities.shift() ?? part.quantity };
  const left = side(branch.left);
  return { ...branch, left, right: side(branch.right) };
}
