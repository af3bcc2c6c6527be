import {
  asFraction,
  type Decimal,
  fromCount,
  type Numeral,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import {
  type Answer,
  AS_IT_COMES,
  type DecimalForm,
  type DecimalProblem,
  type Problem,
  type SignedOperation,
} from "../../problem";
import { isTwo, type Two } from "../../tuples";

/** The two decimals of such an operation; none where the problem is another one. */
export function twoDecimals(problem: Problem, op: SignedOperation): readonly [Decimal, Decimal] | undefined {
  if (problem.kind !== "decimals" || problem.op !== op) return undefined;
  const operands: readonly Decimal[] = problem.operands;
  return isTwo(operands) ? operands : undefined;
}

/** A whole number from its digits; none at all are a zero. */
export const wholeOfDigits = (digits: string): Decimal => wholeNumeral(BigInt(digits || "0"));

/** A problem with two decimals, its answer as it comes. */
export const decimalProblem = (
  op: SignedOperation,
  operands: Two<Decimal>,
  form: DecimalForm = AS_IT_COMES,
): DecimalProblem =>
  op === "add" || op === "multiply"
    ? { kind: "decimals", op, operands, form }
    : { kind: "decimals", op, operands, form };

/** The whole number in an answer, without what was left over. */
export function wholeIn(answer: Answer | undefined): string | undefined {
  if (answer?.kind === "remainder") return answer.quotient.whole || "0";
  return answer?.kind === "decimal" && answer.fraction === "" && !answer.negative
    ? answer.whole || "0"
    : undefined;
}

/** Two whole numbers with a point between them. */
export function pointBetween([whole, fraction]: readonly Answer[]): Decimal | undefined {
  const [before, after] = [wholeIn(whole), wholeIn(fraction)];
  if (before === undefined || after === undefined) return undefined;
  return { kind: "decimal", negative: false, whole: before, fraction: after, point: true };
}

/** The most decimal places among numbers. */
export const mostPlaces = (all: readonly Decimal[]): number =>
  Math.max(...all.map(({ fraction }) => fraction.length));

/** Whether a number is worth nothing. */
export const isNothing = (numeral: Numeral): boolean => asFraction(numeral).numerator === 0n;

/** A decimal answer written otherwise; other answers, and those that stay the same, are nothing. */
export function decimalRewritten(
  answer: Answer,
  writes: (numeral: Decimal) => Decimal | undefined,
): Answer | undefined {
  if (answer.kind !== "decimal") return undefined;
  const after = writes(withoutTrailingZeros(answer));
  return after === undefined || (after.whole === answer.whole && after.fraction === answer.fraction)
    ? undefined
    : { ...after, point: after.fraction !== "" };
}

/** A count of the minor unit in the major one. */
export const inHundredths = (count: bigint): Decimal => fromCount(count, 2);

/** The smallest prime that divides a number; the number itself where it is one or nothing. */
export function smallestPrime(number: bigint): bigint {
  for (let prime = 2n; prime * prime <= number; prime++) if (number % prime === 0n) return prime;
  return number < 1n ? 1n : number;
}
