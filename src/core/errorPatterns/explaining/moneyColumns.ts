import type { Decimal } from "../../number";
import { type Answer, decimalsOf, type Problem } from "../../problem";
import { type Amount, amountOf, inMajor, MINOR_PLACES } from "../../quantity";

/** The columns inside a money problem, as money in columns works them; none for other problems. */
export function columnsInside(problem: Problem): Problem | undefined {
  if (problem.kind !== "money" || problem.op === "enough" || problem.op === "pay" || problem.op === "divide")
    return undefined;
  const given: readonly (Amount | Decimal)[] = problem.operands;
  const operands = given.map((operand) => (operand.kind === "amount" ? inMajor(operand) : operand));
  if (problem.op === "multiply" && given[0]?.kind === "decimal") operands.reverse();
  return decimalsOf(problem.op, operands, { kind: "toPlace", place: -MINOR_PLACES });
}

/** A number that was worked out in the columns of money, as the amount it is. */
export function inMoney(problem: Problem, answer: Answer): Answer {
  if (problem.kind !== "money") return answer;
  return answer.kind === "decimal" ? amountOf(problem.currency, answer) : answer;
}
