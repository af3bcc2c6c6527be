import type { FractionProblem, Relation } from "../../problem";
import type { OnPad, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { nameStep } from "../squares/answer";
import { joined, padText } from "../squares/pad";
import { alike, type CommonBy } from "./alikeParts";
import type { FractionDecisions } from "./fractionDecisions";
import { asFractions, type FractionPad, type FractionWhy, items } from "./fractionSteps";

/** Numbers over one denominator, so that their numerators say how they lie. */
export function workOrder<Inner>(
  by: CommonBy,
  problem: FractionProblem,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): MethodResult<FractionWhy | Inner> {
  const { operands } = problem;
  const parts = alike(by, asFractions(operands, { house, decisions, pad }), { house, decisions, pad });
  const [first, second] = parts;
  const [left, right] = operands;
  if (problem.op === "compare" && first && second && left && right) {
    const relation: Relation =
      first.numerator < second.numerator ? "<" : first.numerator > second.numerator ? ">" : "=";
    pad.line("work", { kind: "compareParts", numerals: operands, parts, relation }, () => [
      ...items(first, house),
      padText(relation),
      ...items(second, house),
    ]);
    const answer = { kind: "comparison", left, right, relation } as const;
    pad.line("answer", { kind: "nameAnswer", answer }, () => [
      ...items(left, house),
      padText(relation),
      ...items(right, house),
    ]);
    return { answer, onPaper: pad.onPaper };
  }
  const order = parts
    .map((one, index) => ({ one, numeral: operands[index] ?? one }))
    .sort((a, b) => Number(a.one.numerator - b.one.numerator));
  const ordered = order.map(({ numeral }) => numeral);
  pad.line("work", { kind: "orderParts", ordered, parts: order.map(({ one }) => one) }, () =>
    joined(
      order.map(({ one }) => items(one, house)),
      "<",
    ),
  );
  const answer = { kind: "ordered", quantities: ordered } as const;
  pad.take(() => [nameStep(answer, undefined)]);
  return { answer, onPaper: pad.onPaper };
}
