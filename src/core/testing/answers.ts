import Exact from "decimal.js";
import { asText } from "../asText";
import type { Working } from "../methods";
import type { Decimal } from "../number";
import type { Answer, DecimalProblem } from "../problem";
import { wrongQuantity } from "./quantityAnswers";

/** Another library than the core's own, wide enough for every digit that can come out. */
export const Wide = Exact.clone({ precision: 240, toExpNeg: -1000, toExpPos: 1000 });

/** The numeral as any program would read it. */
export const plainText = (numeral: Decimal): string =>
  `${numeral.negative ? "-" : ""}${numeral.whole || "0"}${numeral.fraction && `.${numeral.fraction}`}`;

export const wide = (numeral: Decimal): Exact => new Wide(plainText(numeral));

/** What is wrong with a working's answer, in value by another library or in the form that was wanted; none where it is right. */
export function wrongAnswer(working: Working): string | undefined {
  const { problem, answer } = working;
  return problem.kind === "decimals"
    ? (wrongValue(problem, answer) ?? wrongForm(problem, working))
    : wrongQuantity(problem, working);
}

function wrongValue({ op, operands }: DecimalProblem, answer: Answer): string | undefined {
  const [first, ...rest] = operands.map(wide);
  if (first === undefined) return "there are no operands";
  const fault = (holds: boolean, right: string): string | undefined =>
    holds ? undefined : `${asText(answer)} is not ${right}`;
  const [divisor = first] = rest;
  if (answer.kind === "comparison") {
    const order = first.comparedTo(divisor);
    return fault(answer.relation === (order < 0 ? "<" : order > 0 ? ">" : "="), "how they lie");
  }
  if (answer.kind === "ordered") {
    const sorted = operands.map(wide).sort((one, other) => one.comparedTo(other));
    const given = answer.quantities.map((one) => (one.kind === "decimal" ? wide(one) : undefined));
    return fault(
      given.length === sorted.length && sorted.every((one, index) => given[index]?.equals(one)),
      "in order",
    );
  }
  if (op !== "divide") {
    const right = rest.reduce((sum, next) => combined(op, sum, next), first);
    if (answer.kind === "decimal") return fault(right.equals(wide(answer)), right.toFixed());
    if (answer.kind !== "rounded") return `${answer.kind} is no form of it`;
    return fault(isRounded(right, answer.numeral), right.toFixed());
  }
  switch (answer.kind) {
    case "decimal":
      return fault(wide(answer).times(divisor).equals(first), "the quotient");
    case "rounded":
      return fault(isRounded(first.dividedBy(divisor), answer.numeral), "the rounded quotient");
    case "remainder": {
      const [quotient, left] = [wide(answer.quotient), wide(answer.remainder)];
      const fits = quotient.isInteger() && left.greaterThan(0) && left.lessThan(divisor);
      return fault(fits && quotient.times(divisor).plus(left).equals(first), "quotient and remainder");
    }
    case "mixed": {
      const { whole, numerator, denominator } = answer;
      const improper = new Wide((whole * denominator + numerator).toString());
      const proper = numerator > 0n && numerator < denominator && common(numerator, denominator) === 1n;
      return fault(
        proper && improper.times(divisor).equals(first.times(denominator.toString())),
        "the mixed number",
      );
    }
    case "recurring": {
      const { whole, fixed, repetend } = answer;
      const nines = new Wide(10).pow(fixed.length + repetend.length).minus(new Wide(10).pow(fixed.length));
      const parts = new Wide(whole + fixed + repetend).minus(whole + fixed);
      const shortest =
        !/^(.+)\1+$/.test(repetend) && !/^(0+|9+)$/.test(repetend) && fixed.at(-1) !== repetend.at(-1);
      return fault(shortest && parts.times(divisor).equals(first.times(nines)), "the recurring quotient");
    }
    default:
      return `${answer.kind} is no form of it`;
  }
}

function combined(op: DecimalProblem["op"], sum: Exact, next: Exact): Exact {
  if (op === "add") return sum.plus(next);
  return op === "multiply" ? sum.times(next) : sum.minus(next);
}

/** Whether a numeral is a value rounded, and not that value itself. Places left of the ones are told by trying. */
function isRounded(right: Exact, numeral: Decimal): boolean {
  const units = numeral.fraction === "" ? [0, 1, 2, 3] : [-numeral.fraction.length];
  return units.some((place) => {
    const unit = new Wide(10).pow(place);
    return right
      .abs()
      .dividedBy(unit)
      .toDecimalPlaces(0, Exact.ROUND_HALF_UP)
      .times(unit)
      .equals(wide(numeral).abs());
  });
}

const common = (a: bigint, b: bigint): bigint => (b === 0n ? a : common(b, a % b));

/** The numeral an answer is written with, where it is one. */
const numeralOf = (answer: Answer): Decimal | undefined =>
  answer.kind === "decimal" ? answer : answer.kind === "rounded" ? answer.numeral : undefined;

/** Methods that build their answer from numbers of their own, and so decide themselves which zeros stand at its end. */
const OWN_ZEROS = ["counting-up", "area", "multiples-of-ten", "shift"];

function wrongForm(problem: DecimalProblem, { house, answer, method }: Working): string | undefined {
  const numeral = numeralOf(answer);
  const { op, operands, form } = problem;
  if (numeral && !/^(0|[1-9]\d*)$/.test(numeral.whole)) return `${numeral.whole} begins with a zero`;
  if (numeral && numeral.point !== (numeral.fraction !== "")) return "a point stands without decimals";
  const whole = numeral?.fraction === "";
  switch (form.kind) {
    case "toPlace":
      return numeral?.fraction.length === Math.max(0, -form.place) ? undefined : "it is not to the place";
    case "withRemainder":
      return answer.kind === "remainder" || whole ? undefined : "it has no remainder";
    case "asMixed":
      return answer.kind === "mixed" || whole ? undefined : "it is no mixed number";
    case "exactly":
      return isExact(answer, operands) ? undefined : "it is not exact";
    case "asItComes":
      break;
  }
  if (op === "divide") return wrongEnding(problem, answer, house.divisionEnding, method);
  if (numeral === undefined) return undefined;
  if (house.trailingZeros === "dropped")
    return numeral.fraction.endsWith("0") ? "a zero at the end was not dropped" : undefined;
  if (OWN_ZEROS.includes(method)) return undefined;
  const counts = operands.map(({ fraction }) => fraction.length);
  const places = op === "multiply" ? counts.reduce((sum, count) => sum + count, 0) : Math.max(...counts);
  return numeral.fraction.length === places ? undefined : "a zero at the end is missing";
}

/** Exact, or rounded because its digits go on for more than forty places. */
function isExact(answer: Answer, [dividend, divisor]: readonly Decimal[]): boolean {
  if (answer.kind === "decimal" || answer.kind === "recurring") return true;
  if (answer.kind !== "rounded" || dividend === undefined || divisor === undefined) return false;
  const digits = wide(dividend).dividedBy(wide(divisor)).toFixed(120).split(".")[1] ?? "";
  return !Array.from({ length: 41 }, (_, fixed) => fixed).some((fixed) =>
    Array.from({ length: 40 - fixed }, (_, repetend) => repetend + 1).some((repetend) =>
      [...digits].every((digit, at) => at < fixed + repetend || at > 115 || digit === digits[at - repetend]),
    ),
  );
}

function wrongEnding(
  { operands }: DecimalProblem,
  answer: Answer,
  ending: Working["house"]["divisionEnding"],
  method: Working["method"],
): string | undefined {
  const decimals = operands.some(({ fraction }) => fraction !== "");
  const exact = method === "shift" || ending === "exact" || (decimals && ending !== "twoPlaces");
  const integer = answer.kind === "decimal" && !/[^0]/.test(answer.fraction);
  if (exact) return isExact(answer, operands) ? undefined : "it is not exact";
  switch (ending) {
    case "remainder":
      return answer.kind === "remainder" || integer ? undefined : "it has no remainder";
    case "mixed":
      return answer.kind === "mixed" || integer ? undefined : "it is no mixed number";
    case "twoPlaces":
      return (numeralOf(answer)?.fraction.length ?? 9) <= 2 || answer.kind === "decimal"
        ? undefined
        : "it goes beyond two places";
  }
}
