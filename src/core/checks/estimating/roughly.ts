import { asFraction, fraction, isZero, leadingPlace } from "../../number";
import {
  AS_IT_COMES,
  type ChainProblem,
  type DecimalProblem,
  type Expression,
  exactAnswer,
  exactValue,
  type FractionProblem,
  fractionsOf,
  isAmount,
  isMeasure,
  isNumeral,
  operandsOf,
  type Problem,
  type SignedProblem,
  withOperands,
} from "../../problem";
import { amountOf, type Quantity } from "../../quantity";
import { easyNumber, leading, roughAmount, simplified, toHalves, toWhole } from "./easyNumbers";
import { firstDigits } from "./figures";
import type { Estimate } from "./roughAnswer";
import { roughMeasures } from "./roughMeasures";
import { roughMoney } from "./roughMoney";

/** The estimate of a problem that is not one of plain decimals; none where none helps. */
export function roughlyOf(problem: Exclude<Problem, DecimalProblem>): Estimate | undefined {
  switch (problem.kind) {
    case "fractions":
      return roughFractions(problem);
    case "signed":
      return roughSigned(problem);
    case "money":
      return roughMoney(problem);
    case "measures":
      return roughMeasures(problem);
    case "quantities":
      return undefined;
    case "chain":
      return roughChain(problem);
  }
}

function roughFractions(problem: FractionProblem): Estimate | undefined {
  const { op, operands } = problem;
  if (op === "compare" || op === "order" || op === "rewrite") return undefined;
  const easyFor = op === "add" || op === "subtract" ? toHalves : toWhole;
  const rounded = operands.map((operand) => easyFor(operand));
  if (op === "multiply" || op === "divide") {
    if (rounded.some(isZero)) return undefined;
  }
  const easy = fractionsOf(op, rounded, AS_IT_COMES);
  if (easy === undefined) return undefined;
  const { s, n, d } = exactAnswer(easy);
  return { rounding: "benchmarks", rounded: easy, result: simplified(fraction(s * n, d)) };
}

/** The largest whole number that needs no estimate: it is computed with in the head anyway. */
const IN_THE_HEAD = 20n;

function roughSigned(problem: SignedProblem): Estimate | undefined {
  const operands = operandsOf(problem).filter(isNumeral);
  const small = operands.every((operand) => {
    const { numerator, denominator } = asFraction(operand);
    return denominator === 1n && numerator <= IN_THE_HEAD;
  });
  if (small) return undefined;
  const rounded = operands.map(leading);
  if (problem.op === "divide" && rounded.slice(1).some(isZero)) return undefined;
  const easy = withOperands({ ...problem, form: AS_IT_COMES }, rounded);
  if (easy === undefined) return undefined;
  const result = easyNumber(exactAnswer(easy));
  const fractions = operands.some(({ kind }) => kind !== "decimal");
  return { rounding: fractions ? "benchmarks" : "leadingDigit", rounded: easy, result };
}

const easyQuantity = (quantity: Quantity): Quantity => {
  switch (quantity.kind) {
    case "decimal":
      return (leadingPlace(quantity) ?? 0) > 0 ? firstDigits(quantity) : leading(quantity);
    case "fraction":
    case "mixed":
      return leading(quantity);
    case "amount":
      return roughAmount(quantity);
    case "measure":
      return quantity;
  }
};

/** Every number made easy, the brackets kept. Measures among them are not estimated. */
function roughChain(problem: ChainProblem): Estimate | undefined {
  const operands = operandsOf(problem);
  const amount = operands.find(isAmount);
  if (operands.some(isMeasure)) return undefined;
  const rounded = withOperands({ ...problem, form: AS_IT_COMES }, operands.map(easyQuantity));
  if (rounded?.kind !== "chain" || dividesByZero(rounded.expression)) return undefined;
  const value = easyNumber(exactAnswer(rounded));
  if (amount === undefined) return { rounding: "leadingDigit", rounded, result: value };
  return value.kind === "decimal"
    ? { rounding: "wholeMoney", rounded, result: amountOf(amount.currency, value) }
    : undefined;
}

const dividesByZero = (expression: Expression): boolean =>
  expression.kind === "operation" &&
  (dividesByZero(expression.left) ||
    dividesByZero(expression.right) ||
    (expression.op === "divide" && exactValue(expression.right).n === 0n));
