import Exact from "fraction.js";
import type { Decimal } from "../number";
import type { Quantity } from "../quantity";
import type { Answer } from "./answer";
import type { Expression } from "./expression";
import type { SignedOperation } from "./operation";
import { operandsOf, type Problem } from "./problem";
import { fractionOf } from "./quantityValue";

function computed(op: SignedOperation, left: Exact, right: Exact): Exact {
  switch (op) {
    case "add":
      return left.add(right);
    case "subtract":
      return left.sub(right);
    case "multiply":
      return left.mul(right);
    case "divide":
      return left.div(right);
  }
}

/** What an expression is worth. Its divisors must not be zero. */
export const exactValue = (expression: Expression): Exact =>
  expression.kind === "quantity"
    ? fractionOf(expression.quantity)
    : computed(expression.op, exactValue(expression.left), exactValue(expression.right));

/**
 * The value a problem must come to before any rounding, by the library's own arithmetic: the second
 * opinion on every working. A comparison comes to the difference of its numbers, and so does the question
 * whether there is enough; an order and a payment to their first number.
 */
export function exactAnswer(problem: Problem): Exact {
  const known = ANSWERS.get(problem);
  if (known !== undefined) return known;
  const value = workedOut(problem);
  ANSWERS.set(problem, value);
  return value;
}

/** Exact answers, each worked out once: every working of a problem is held against it. */
const ANSWERS = new WeakMap<Problem, Exact>();

function workedOut(problem: Problem): Exact {
  if (problem.kind === "chain") return exactValue(problem.expression);
  if (problem.op === "terms")
    return problem.more.reduce(
      (left, { join, numeral }) => computed(join, left, fractionOf(numeral)),
      fractionOf(problem.first),
    );
  const [operand, ...others] = problem.operands;
  const [first, rest] = [fractionOf(operand), others.map(fractionOf)];
  const { op } = problem;
  switch (op) {
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return rest.reduce((left, right) => computed(op, left, right), first);
    case "compare":
    case "enough":
      return rest.reduce((left, right) => left.sub(right), first);
    case "round":
    case "order":
    case "rewrite":
    case "pay":
      return first;
  }
}

/** Exactly what an answer says it is worth; a quotient with a remainder needs its divisor, and a comparison is worth its difference. */
export function answerValueOf(answer: Answer, divisor: Quantity | undefined): Exact {
  const shared = (left: Quantity): Exact => {
    if (divisor === undefined) throw new Error("answerValueOf: a remainder without a divisor");
    return fractionOf(left).div(fractionOf(divisor));
  };
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
      return fractionOf(answer);
    case "rounded":
      return fractionOf(answer.numeral);
    case "roundedAmount":
      return fractionOf(answer.amount);
    case "remainder":
      return fractionOf(answer.quotient).add(shared(answer.remainder));
    case "recurring": {
      const { negative, whole, fixed, repetend } = answer;
      const shift = 10n ** BigInt(fixed.length);
      const nines = 10n ** BigInt(repetend.length) - 1n;
      const size = new Exact(BigInt(whole + fixed), shift).add(new Exact(BigInt(repetend), shift * nines));
      return negative ? size.neg() : size;
    }
    case "comparison":
      return fractionOf(answer.left).sub(fractionOf(answer.right));
    case "ordered": {
      const [first] = answer.quantities;
      return first === undefined ? new Exact(0) : fractionOf(first);
    }
    case "share":
    case "measureLeft":
      return fractionOf(answer.each).add(shared(answer.left));
    case "timesLeft":
      return fractionOf(answer.times).add(shared(answer.left));
    case "sufficiency": {
      const difference = fractionOf(answer.difference);
      return answer.enough ? difference : difference.neg();
    }
    case "handed": {
      const handed = new Exact(
        answer.pieces.reduce((sum, piece) => sum + piece, 0),
        100,
      );
      return handed.sub(fractionOf(answer.back));
    }
  }
}

/** What a problem divides by, if it does. */
export const divisorOf = (problem: Problem): Quantity | undefined =>
  problem.op === "divide"
    ? problem.operands[1]
    : problem.kind === "chain" &&
        problem.expression.kind === "operation" &&
        problem.expression.op === "divide"
      ? quantityOfValue(problem.expression.right)
      : undefined;

const quantityOfValue = (expression: Expression): Quantity | undefined => {
  if (expression.kind === "quantity") return expression.quantity;
  const { s, n, d } = exactValue(expression);
  return { kind: "fraction", negative: s < 0n, numerator: n, denominator: d };
};

/** Whether an answer is right: its value is the exact one, or that one rounded where it is a rounded answer. */
export function isRight(problem: Problem, answer: Answer): boolean {
  const exact = exactAnswer(problem);
  const divisor = divisorOf(problem);
  if (answer.kind === "comparison") {
    return answer.relation === (exact.s < 0n ? "<" : exact.n === 0n ? "=" : ">");
  }
  if (answer.kind === "ordered") return isOrdered(problem, answer.quantities);
  if (answer.kind === "roundedAmount")
    return isRounded(answerValueOf(answer, divisor), exact, new Exact(1n, 100n));
  if (answer.kind !== "rounded") return answerValueOf(answer, divisor).equals(exact);
  return isRounded(answerValueOf(answer, divisor), exact, unitOfPlace(problem, answer.numeral));
}

/** Half of a unit off at most, and a half goes away from zero. */
function isRounded(value: Exact, exact: Exact, unit: Exact): boolean {
  const off = value
    .sub(exact)
    .mul(exact.s < 0n ? -1n : 1n)
    .mul(2n);
  return off.compare(unit) <= 0 && off.add(unit).compare(0n) > 0;
}

/** Whether quantities are those of the problem, each no larger than the next. */
function isOrdered(problem: Problem, quantities: readonly Quantity[]): boolean {
  const values = quantities.map(fractionOf);
  const rising = values.every((value, index) => value.compare(values[index + 1] ?? value) <= 0);
  const given = operandsOf(problem)
    .map(fractionOf)
    .sort((a, b) => a.compare(b));
  return (
    rising &&
    given.length === values.length &&
    given.every((value, index) => value.equals(values[index] ?? -1))
  );
}

/** What one of the last place of a rounded answer is worth: the wanted place, or the last one written. */
const unitOfPlace = ({ form }: Problem, numeral: Decimal): Exact =>
  new Exact(10).pow(form.kind === "toPlace" ? form.place : -numeral.fraction.length) ?? new Exact(1);

/** A value rounded to a place, halves away from zero. */
export function roundedTo(exact: Exact, place: number): Exact {
  const unit = new Exact(10).pow(place) ?? new Exact(1);
  const { s, n, d } = exact.div(unit);
  const size = (2n * n + d) / (2n * d);
  return new Exact(s < 0n ? -size : size).mul(unit);
}
