import type { HouseRules } from "../../house";
import { sameAnswer } from "../../marking";
import { answerOf } from "../../methods";
import type { Decimal } from "../../number";
import { operandsOf, type Problem, readProblem, withOperands } from "../../problem";
import type { Quantity } from "../../quantity";
import { mapOneOrMore } from "../../tuples";
import type { ErrorPattern } from "../errorPattern";
import { patternsNamed } from "../errorPatterns";
import { patternsFor } from "../explaining/wrongWays";
import type { PatternId } from "../patternIds";
import { wrongWorking } from "../wrongWorking";

/** How many changed problems are tried at most. */
const MOST_TRIED = 120;

const EXAMPLE_NOTATION = { decimalMark: "point", grouping: "none", currency: "USD" } as const;

/**
 * A problem like this one on which two explanations lead to different wrong answers, so that the answer to it
 * tells them apart; none where none of those tried does. The nearest to the problem comes first.
 */
export function separatingProblem(
  problem: Problem,
  house: HouseRules,
  one: readonly PatternId[],
  other: readonly PatternId[],
): Problem | undefined {
  const [first, second] = [patternsNamed(one), patternsNamed(other)];
  if (first === undefined || second === undefined) return undefined;
  return [...changed(problem), ...examples([...first, ...second])].find((candidate) =>
    separates(candidate, house, first, second),
  );
}

function separates(
  problem: Problem,
  house: HouseRules,
  one: readonly ErrorPattern[],
  other: readonly ErrorPattern[],
): boolean {
  const known = patternsFor(problem);
  if (![...one, ...other].every((pattern) => known.includes(pattern))) return false;
  const [first, second] = [wrongWorking(problem, house, one), wrongWorking(problem, house, other)];
  if (first === undefined) return false;
  const right = answerOf(problem, house);
  if (sameAnswer(problem, right, first.answer)) return false;
  // A pattern that does not come in leaves the answer right, which tells them apart as well.
  return second === undefined || !sameAnswer(problem, first.answer, second.answer);
}

const examples = (patterns: readonly ErrorPattern[]): readonly Problem[] =>
  patterns.flatMap(({ example: [line] }) => {
    const read = readProblem(line, EXAMPLE_NOTATION);
    return read.ok ? [read.value] : [];
  });

/** The problem with its digits moved on, each by steps of its own: the same in its build, other in its numbers. */
function changed(problem: Problem): readonly Problem[] {
  if (problem.kind === "chain") return [];
  return Array.from({ length: MOST_TRIED }, (_, nth) => withDigits(problem, nth + 1)).filter(
    (candidate): candidate is Problem => candidate !== undefined,
  );
}

function withDigits(problem: Problem, nth: number): Problem | undefined {
  let at = 0;
  const digit = (text: string): string => {
    at += 1;
    const moved = (Number(text) + nth * (at * 2 + 1) + Math.floor(nth / 10) * at) % 9;
    return String(moved + 1);
  };
  const digits = (text: string): string => text.replace(/[1-9]/g, digit);
  const decimal = (numeral: Decimal): Decimal => ({
    ...numeral,
    whole: digits(numeral.whole),
    fraction: digits(numeral.fraction),
  });
  const part = (quantity: Quantity): Quantity => {
    switch (quantity.kind) {
      case "decimal":
        return { ...quantity, whole: digits(quantity.whole), fraction: digits(quantity.fraction) };
      case "fraction":
        return { ...quantity, numerator: BigInt(digits(String(quantity.numerator))) };
      case "mixed":
        return { ...quantity, whole: BigInt(digits(String(quantity.whole))) };
      case "amount":
        return { ...quantity, numeral: decimal(quantity.numeral) };
      case "measure":
        return {
          ...quantity,
          parts: mapOneOrMore(quantity.parts, (one) => ({ ...one, count: decimal(one.count) })),
        };
    }
  };
  if (problem.kind === "chain") return undefined;
  const moved = withOperands(problem, operandsOf(problem).map(part));
  return moved?.kind === "decimals" ? ordered(moved) : moved;
}

/** Only differences that stay above zero, so that nothing else comes in. */
function ordered(problem: Extract<Problem, { kind: "decimals" }>): Problem | undefined {
  if (problem.op !== "subtract") return problem;
  const [first, second] = problem.operands;
  const size = ({ whole, fraction }: Decimal): bigint => BigInt(`${whole}${fraction.padEnd(20, "0")}` || "0");
  return size(first) > size(second) ? problem : undefined;
}
