import type { Working } from "../methods";
import { asFraction, type Decimal, fromCount, type Numeral, opposite } from "../number";
import {
  type Answer,
  AS_IT_COMES,
  type FractionProblem,
  fractionsOf,
  isAmount,
  isMeasure,
  type MeasureProblem,
  MOST_FRACTION_DIGITS,
  type MoneyProblem,
  measuresOf,
  moneyProblem,
  type Problem,
  type SignedProblem,
  signedOf,
  type Term,
} from "../problem";
import { type Amount, amountOf, type Measure, MINOR_PLACES, type Quantity } from "../quantity";
import { mapOneOrMore } from "../tuples";

/** The problem that leads back from an answer, what has to be added to it, and what it leads back to. */
export interface Undoing {
  readonly problem: Problem;
  readonly plus: Quantity | undefined;
  readonly expected: Quantity;
}

/** What undoes a problem that is not one of plain decimals; none where no one step does. */
export function undoing({ problem, answer }: Working): Undoing | undefined {
  switch (problem.kind) {
    case "fractions":
      return undoFractions(problem, answer);
    case "signed":
      return undoSigned(problem, answer);
    case "money":
      return undoMoney(problem, answer);
    case "measures":
      return undoMeasures(problem, answer);
    case "decimals":
    case "quantities":
    case "chain":
      return undefined;
  }
}

const isNumber = (answer: Answer): answer is Extract<Answer, Numeral> =>
  answer.kind === "decimal" || answer.kind === "fraction" || answer.kind === "mixed";

const undone = (problem: Problem | undefined, expected: Quantity, plus?: Quantity): Undoing | undefined =>
  problem && { problem, plus, expected };

/** Whether a number can be typed, and so worked on a board of its own. */
function isTypable(numeral: Numeral): boolean {
  if (numeral.kind === "decimal") return true;
  const { numerator, denominator } = asFraction(numeral);
  return [numerator, denominator].every((part) => String(part).length <= MOST_FRACTION_DIGITS);
}

function undoFractions(problem: FractionProblem, answer: Answer): Undoing | undefined {
  const { op, operands } = problem;
  const [first, second] = operands;
  if (!isNumber(answer) || !isTypable(answer)) return undefined;
  const back = (
    by: FractionProblem["op"],
    numbers: readonly Numeral[],
    expected: Numeral,
  ): Undoing | undefined => undone(fractionsOf(by, numbers, AS_IT_COMES), expected);
  switch (op) {
    case "add":
      return second !== undefined && operands.length === 2
        ? back("subtract", [answer, second], first)
        : undefined;
    case "subtract":
      if (second === undefined) return undefined;
      return answer.negative
        ? back("add", [opposite(answer), first], second)
        : back("add", [answer, second], first);
    case "multiply":
      return second !== undefined && operands.length === 2 && asFraction(second).numerator > 0n
        ? back("divide", [answer, second], first)
        : undefined;
    case "divide":
      return second === undefined ? undefined : back("multiply", [answer, second], first);
    case "rewrite":
      if (first.kind === "mixed" && answer.kind === "fraction")
        return {
          problem: { kind: "fractions", op, operands: [answer], form: { kind: "asMixed" } },
          plus: undefined,
          expected: first,
        };
      return first.kind === "fraction" && answer.kind === "mixed"
        ? {
            problem: { kind: "fractions", op, operands: [answer], form: { kind: "asFraction" } },
            plus: undefined,
            expected: first,
          }
        : undefined;
    case "compare":
    case "order":
      return undefined;
  }
}

function undoSigned(problem: SignedProblem, answer: Answer): Undoing | undefined {
  if (!isNumber(answer) || !isTypable(answer)) return undefined;
  switch (problem.op) {
    case "terms": {
      const more = mapOneOrMore(
        problem.more,
        ({ join, numeral }): Term => ({
          join: join === "add" ? "subtract" : "add",
          numeral,
        }),
      );
      return undone({ ...problem, first: answer, more, form: AS_IT_COMES }, problem.first);
    }
    case "multiply":
    case "divide": {
      const [first, second, ...more] = problem.operands;
      if (more.length > 0 || asFraction(second).numerator === 0n) return undefined;
      const by = problem.op === "multiply" ? "divide" : "multiply";
      return undone(signedOf(by, [answer, second], AS_IT_COMES), first);
    }
  }
}

function undoMoney(problem: MoneyProblem, answer: Answer): Undoing | undefined {
  const { op, operands, currency } = problem;
  if (op === "pay") return answer.kind === "handed" ? undoHanding(problem, operands[0], answer) : undefined;
  const [first, second] = operands;
  const back = (
    by: MoneyProblem["op"],
    numbers: readonly (Amount | Decimal)[],
    expected: Quantity,
    plus?: Quantity,
  ): Undoing | undefined =>
    undone(moneyProblem(by, numbers, { currency, without: [] }, AS_IT_COMES), expected, plus);
  switch (op) {
    case "add":
      return answer.kind === "amount" && operands.length === 2
        ? back("subtract", [answer, second], first)
        : undefined;
    case "subtract":
      return answer.kind === "amount" && !answer.numeral.negative
        ? back("add", [answer, second], first)
        : undefined;
    case "multiply": {
      const [amount, times] = isAmount(first) ? [first, second] : [second, first];
      return answer.kind === "amount" &&
        times.kind === "decimal" &&
        asFraction(times).numerator > 0n &&
        times.fraction === ""
        ? back("divide", [answer, times], amount)
        : undefined;
    }
    case "divide":
      if (answer.kind === "share") return back("multiply", [answer.each, second], first, answer.left);
      if (answer.kind === "amount") return back("multiply", [answer, second], first);
      if (answer.kind === "timesLeft") return back("multiply", [second, answer.times], first, answer.left);
      return answer.kind === "decimal" && answer.fraction === ""
        ? back("multiply", [second, answer], first)
        : undefined;
    case "enough":
      return undefined;
  }
}

/** Price and what comes back make what was handed over. */
function undoHanding(
  problem: MoneyProblem,
  price: Amount,
  { pieces, back, currency }: Extract<Answer, { kind: "handed" }>,
): Undoing {
  const total = pieces.reduce((sum, piece) => sum + piece, 0);
  return {
    problem: { ...problem, op: "add", operands: [price, back], without: [], form: AS_IT_COMES },
    plus: undefined,
    expected: amountOf(currency, fromCount(BigInt(total), MINOR_PLACES)),
  };
}

function undoMeasures(problem: MeasureProblem, answer: Answer): Undoing | undefined {
  const { op, operands } = problem;
  const [first, second] = operands;
  const back = (
    by: MeasureProblem["op"],
    numbers: readonly (Measure | Decimal)[],
    expected: Quantity,
    plus?: Quantity,
  ): Undoing | undefined => undone(measuresOf(by, numbers, AS_IT_COMES), expected, plus);
  switch (op) {
    case "add":
      return answer.kind === "measure" && operands.length === 2 && second !== undefined
        ? back("subtract", [answer, second], first)
        : undefined;
    case "subtract":
      if (answer.kind !== "measure" || second === undefined) return undefined;
      return answer.negative
        ? back("add", [{ ...answer, negative: false }, first], second)
        : back("add", [answer, second], first);
    case "multiply": {
      if (second === undefined || answer.kind !== "measure") return undefined;
      const [measure, times] = isMeasure(first) ? [first, second] : [second, first];
      return times.kind === "decimal" && asFraction(times).numerator > 0n
        ? back("divide", [answer, times], measure)
        : undefined;
    }
    case "divide":
      if (second === undefined) return undefined;
      if (answer.kind === "measure") return back("multiply", [answer, second], first);
      if (answer.kind === "measureLeft") return back("multiply", [answer.each, second], first, answer.left);
      if (answer.kind === "timesLeft") return back("multiply", [second, answer.times], first, answer.left);
      return answer.kind === "decimal" && answer.fraction === ""
        ? back("multiply", [second, answer], first)
        : undefined;
    case "rewrite":
      if (!isMeasure(first) || answer.kind !== "measure") return undefined;
      return {
        problem: {
          kind: "measures",
          op,
          operands: [answer],
          form: { kind: "inUnits", units: mapOneOrMore(first.parts, ({ unit }) => unit) },
        },
        plus: undefined,
        expected: first,
      };
  }
}
