import type { HouseRules } from "../../house";
import { answerOf } from "../../methods";
import {
  commonFactor,
  countedIn,
  type Decimal,
  fromCount,
  isWhole,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import {
  type Answer,
  exactAnswer,
  type FractionProblem,
  operandsOf,
  type Problem,
  withOperands,
  writeProblem,
} from "../../problem";
import { type Measure, type Quantity, rateBetween } from "../../quantity";
import { mapOneOrMore } from "../../tuples";
import type { ErrorPattern } from "../contract/errorPattern";
import { EXAMPLES } from "../examples";

type FractionRewrite = Extract<FractionProblem, { readonly op: "rewrite" }>;

/** How many changed problems are tried at most. */
const MOST_TRIED = 200;

/**
 * Problems like this one that a tutor would set, the nearest first: the same in its build with other numbers, and then
 * the examples of these patterns that are of its kind.
 */
export function* similarProblems(
  problem: Problem,
  house: HouseRules,
  patterns: readonly ErrorPattern[],
): Generator<Problem> {
  const right = answerOf(problem, house);
  const given = writeProblem(problem, house);
  const seen = new Set<string>([given]);
  const ofItsKind = patterns
    .flatMap(({ id }) => EXAMPLES.get(id)?.problem ?? [])
    .filter((example) => isAlike(problem, example));
  for (const candidates of [changed(problem, right), ofItsKind])
    for (const candidate of candidates) {
      const line = writeProblem(candidate, house);
      if (seen.has(line)) continue;
      seen.add(line);
      if (isNatural(candidate, house, { problem, right })) yield candidate;
    }
}

/** Whether an example is of the kind of problem that the learner has before them: whole numbers where these are whole. */
function isAlike(problem: Problem, example: Problem): boolean {
  const wholes = (one: Problem): boolean =>
    operandsOf(one).every((operand) => operand.kind !== "decimal" || isWhole(operand));
  return problem.kind === example.kind && problem.op === example.op && (!wholes(problem) || wholes(example));
}

/** A problem that is to be varied, and its right answer. */
interface Asked {
  readonly problem: Problem;
  readonly right: Answer;
}

/** Whether a tutor would set a problem beside another one: its numbers are as natural, and so is its answer. */
function isNatural(candidate: Problem, house: HouseRules, { problem, right }: Asked): boolean {
  if (candidate.op === "compare" && exactAnswer(candidate).n === 0n) return false;
  return answersAlike(answerOf(candidate, house), right, candidate, problem);
}

/** Whether every number of a changed problem looks as the one does in whose place it stands. */
function keepsItsLooks(candidate: Problem, problem: Problem): boolean {
  const before = operandsOf(problem);
  return operandsOf(candidate).every((quantity, index) => isAsNatural(quantity, before[index]));
}

/** Whether a number looks as the one does in whose place it stands: below one if that is, in lowest terms, its small units too few for a large one. */
function isAsNatural(quantity: Quantity, before: Quantity | undefined): boolean {
  switch (quantity.kind) {
    case "fraction":
    case "mixed": {
      const { numerator, denominator } = quantity;
      const was =
        before?.kind === "fraction" || before?.kind === "mixed" ? before : { numerator: 1n, denominator: 2n };
      const isBelowOne = was.numerator < was.denominator;
      const isShort = commonFactor(was.numerator, was.denominator) === 1n;
      return (
        (!isBelowOne || numerator < denominator) &&
        (!isShort || commonFactor(numerator, denominator) === 1n) &&
        (isBelowOne || numerator > denominator)
      );
    }
    case "measure":
      return hasFewSmallUnits(quantity);
    case "decimal":
      return before?.kind !== "decimal" || !isWhole(before) || isWhole(quantity);
    case "amount":
      return true;
  }
}

/** Whether there are fewer of each small unit than make one of the larger. */
const hasFewSmallUnits = ({ parts }: Measure): boolean =>
  parts.every(({ unit, count }, index) => {
    const larger = parts[index - 1];
    const rate = larger === undefined ? undefined : rateBetween(larger.unit, unit);
    return rate === undefined || BigInt(count.whole || "0") < rate;
  });

/** Whether two answers are of one kind: whole if the other is, below zero only if it is, without end only if it is. */
function answersAlike(answer: Answer, right: Answer, candidate: Problem, problem: Problem): boolean {
  const isBelow = (one: Problem): boolean => exactAnswer(one).s < 0n;
  // Which of two is the larger may turn round.
  const hasSign = problem.kind !== "signed" && problem.op !== "compare" && problem.op !== "order";
  if (hasSign && isBelow(candidate) !== isBelow(problem)) return false;
  switch (answer.kind) {
    case "decimal":
      if (right.kind !== "decimal") return right.kind === "fraction" || right.kind === "mixed";
      return answer.fraction.length <= (right.fraction === "" ? 0 : right.fraction.length + 1);
    case "recurring":
      return right.kind === "recurring" && answer.repetend.length <= 2;
    case "fraction":
    case "mixed":
      return right.kind === "fraction" || right.kind === "mixed";
    case "measure":
    case "amount":
      return exactAnswer(candidate).s > 0n;
    default:
      return true;
  }
}

/** A whole number that something is taken from, with a zero more: a hundred for ten. */
function withZeroMore(problem: Problem): Problem | undefined {
  if (problem.op !== "subtract") return undefined;
  const [first, ...others] = operandsOf(problem);
  if (first?.kind === "decimal" && isWhole(first))
    return withOperands(problem, [{ ...first, whole: `${first.whole}0` }, ...others]);
  if (first?.kind !== "amount" || first.of !== "major" || /[1-9]/.test(first.numeral.fraction))
    return undefined;
  const numeral = { ...first.numeral, whole: `${first.numeral.whole}0` };
  return withOperands(problem, [{ ...first, numeral }, ...others]);
}

/** The problem with its digits moved on, each by steps of its own: the same in its build, other in its numbers. */
function* changed(problem: Problem, right: Answer): Generator<Problem> {
  for (let nth = 1; nth <= MOST_TRIED; nth++) {
    const dividing = withQuotient(problem, right, nth);
    if (dividing !== undefined && keepsItsLooks(dividing, problem)) yield dividing;
    const candidate = withDigits(problem, nth);
    if (candidate === undefined || !keepsItsLooks(candidate, problem)) continue;
    yield candidate;
    const longer = nth % 10 === 1 ? withZeroMore(candidate) : undefined;
    if (longer !== undefined) yield longer;
  }
}

/** Digits that are moved on, each by steps of its own; zeros stay, and so does a power of ten until all else was tried. */
function movedOn(nth: number): (numeral: Decimal) => Decimal {
  let at = 0;
  const digit = (text: string): string => {
    at += 1;
    const moved = (Number(text) + nth * (at * 2 + 1) + Math.floor(nth / 10) * at) % 9;
    return String(moved + 1);
  };
  const digits = (text: string): string => text.replace(/[1-9]/g, digit);
  return (numeral) =>
    nth < MOST_TRIED / 2 && /^10+$/.test(numeral.whole) && numeral.fraction === ""
      ? numeral
      : { ...numeral, whole: digits(numeral.whole), fraction: digits(numeral.fraction) };
}

/** A division that comes out as the given one does, made from a quotient and a divisor with other digits. */
function withQuotient(problem: Problem, right: Answer, nth: number): Problem | undefined {
  if (problem.kind !== "decimals" || problem.op !== "divide" || right.kind !== "decimal") return undefined;
  const decimal = movedOn(nth);
  const [dividend, divisor] = problem.operands;
  const [by, quotient] = [decimal(divisor), decimal(right)];
  const places = by.fraction.length + quotient.fraction.length;
  const count = countedIn(by, by.fraction.length) * countedIn(quotient, quotient.fraction.length);
  const made = withoutTrailingZeros(fromCount(count, places));
  return made.whole.length > dividend.whole.length + 1 ? undefined : withOperands(problem, [made, by]);
}

function withDigits(problem: Problem, nth: number): Problem | undefined {
  const decimal = movedOn(nth);
  const digits = (count: bigint): bigint => BigInt(decimal({ ...wholeNumeral(count), point: true }).whole);
  const part = (quantity: Quantity): Quantity => {
    switch (quantity.kind) {
      case "decimal":
        return decimal(quantity);
      case "fraction":
        return { ...quantity, numerator: digits(quantity.numerator) };
      case "mixed":
        return { ...quantity, whole: digits(quantity.whole) };
      case "amount":
        return { ...quantity, numeral: decimal(quantity.numeral) };
      case "measure":
        return {
          ...quantity,
          parts: mapOneOrMore(quantity.parts, (one) => ({ ...one, count: decimal(one.count) })),
        };
    }
  };
  const moved = withOperands(problem, operandsOf(problem).map(part));
  if (moved?.kind === "fractions" && moved.op === "rewrite") return reachable(problem, moved);
  return moved?.kind === "decimals" && exactAnswer(problem).s >= 0n ? ordered(moved) : moved;
}

/** A form that is asked for and can be reached: a numerator that is wanted grows or shrinks as the one that is given. */
function reachable(before: Problem, moved: FractionRewrite): Problem | undefined {
  const [was] = operandsOf(before);
  const [is] = moved.operands;
  const { form } = moved;
  if (form.kind !== "overNumerator" || was?.kind !== "fraction" || is.kind !== "fraction") return moved;
  const wanted = is.numerator * form.numerator;
  return was.numerator > 0n && wanted % was.numerator === 0n
    ? { ...moved, form: { kind: "overNumerator", numerator: wanted / was.numerator } }
    : undefined;
}

/** Only differences that stay above zero, so that nothing else comes in. */
function ordered(problem: Extract<Problem, { kind: "decimals" }>): Problem | undefined {
  if (problem.op !== "subtract") return problem;
  const [first, second] = problem.operands;
  const size = ({ whole, fraction }: Decimal): bigint => BigInt(`${whole}${fraction.padEnd(20, "0")}` || "0");
  return size(first) > size(second) ? problem : undefined;
}
