import type { HouseRules } from "../../house";
import { sameAnswer } from "../../marking";
import { answerOf } from "../../methods";
import { type Decimal, isWhole } from "../../number";
import { type Answer, exactAnswer, operandsOf, type Problem, readProblem, withOperands } from "../../problem";
import type { Quantity } from "../../quantity";
import { mapOneOrMore } from "../../tuples";
import type { ErrorPattern } from "../contract/errorPattern";
import type { PatternId } from "../contract/patternIds";
import { patternsNamed } from "../errorPatterns";
import { patternsFor } from "../explaining/patternResults";
import { wrongWorking } from "../wrongWorking";

/** How many changed problems are tried at most. */
const MOST_TRIED = 120;

const EXAMPLE_NOTATION = { decimalMark: "point", grouping: "none", currency: "USD" } as const;

/** A problem that tells two explanations apart, with what each of them would answer. */
export interface Separating {
  readonly problem: Problem;
  readonly answers: readonly [one: Answer, other: Answer];
}

/**
 * A problem like this one on which two explanations lead to different answers, so that the answer to it tells
 * them apart; none where none of those tried does. The nearest to the problem comes first. A slip would not
 * come again, so that it is told from a pattern by any problem on which that shows.
 */
export function separatingProblem(
  problem: Problem,
  house: HouseRules,
  one: readonly PatternId[],
  other: readonly PatternId[],
): Separating | undefined {
  const [first, second] = [patternsNamed(one), patternsNamed(other)];
  if (first === undefined && second !== undefined) {
    const turned = separatingProblem(problem, house, other, one);
    return turned && { problem: turned.problem, answers: [turned.answers[1], turned.answers[0]] };
  }
  if (first === undefined) return undefined;
  const ofItsKind = examples([...first, ...(second ?? [])]).filter((example) => isAlike(problem, example));
  const candidates = [...changed(problem), ...ofItsKind].filter((candidate) => isNatural(candidate, house));
  // First one on which the first account shows; else one on which the other does, and the first leaves it right.
  for (const shows of second === undefined ? (["one"] as const) : (["one", "other"] as const))
    for (const candidate of candidates) {
      const answers = separatedBy(candidate, house, first, second ?? [], shows);
      if (answers !== undefined) return { problem: candidate, answers };
    }
  return undefined;
}

/** A problem like another one, on which these patterns would show again: what they would answer to it, and the right answer. */
export interface Twin {
  readonly problem: Problem;
  readonly answers: readonly [shown: Answer, right: Answer];
}

/** A twin to set next where one account is sure; of a slip any problem of the same build, to see that it does not come again. */
export function twinProblem(
  problem: Problem,
  house: HouseRules,
  patterns: readonly PatternId[],
): Twin | undefined {
  if (patternsNamed(patterns) !== undefined) return separatingProblem(problem, house, patterns, []);
  const twin = changed(problem).find((candidate) => isNatural(candidate, house));
  if (twin === undefined) return undefined;
  const right = answerOf(twin, house);
  return { problem: twin, answers: [right, right] };
}

/** Whether an example is of the kind of problem that the learner has before them: whole numbers where these are whole. */
function isAlike(problem: Problem, example: Problem): boolean {
  const wholes = (one: Problem): boolean =>
    operandsOf(one).every((operand) => operand.kind !== "decimal" || isWhole(operand));
  return problem.kind === example.kind && problem.op === example.op && (!wholes(problem) || wholes(example));
}

/** Whether a tutor would set a problem: its answer is no measure or amount below zero, and goes on for ever only in a few digits. */
function isNatural(problem: Problem, house: HouseRules): boolean {
  const right = answerOf(problem, house);
  switch (right.kind) {
    case "measure":
      return !right.negative && exactAnswer(problem).s > 0n;
    case "amount":
      return exactAnswer(problem).s > 0n;
    case "recurring":
      return right.repetend.length <= 2;
    default:
      return true;
  }
}

/** What two learners with these patterns answer to a problem, where the one that is to show goes wrong and they don't agree. */
function separatedBy(
  problem: Problem,
  house: HouseRules,
  one: readonly ErrorPattern[],
  other: readonly ErrorPattern[],
  shows: "one" | "other",
): Separating["answers"] | undefined {
  const known = patternsFor(problem);
  if (![...one, ...other].every((pattern) => known.includes(pattern))) return undefined;
  const right = answerOf(problem, house);
  // A pattern that does not come in leaves the answer right, which tells them apart as well; so does a slip.
  const answered = (patterns: readonly ErrorPattern[]): Answer =>
    (patterns.length === 0 ? undefined : wrongWorking(problem, house, patterns)?.answer) ?? right;
  const [first, second] = [answered(one), answered(other)];
  return sameAnswer(problem, right, shows === "one" ? first : second) || sameAnswer(problem, first, second)
    ? undefined
    : [first, second];
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
