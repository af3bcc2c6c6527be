import {
  below,
  isSimplest,
  minus,
  over,
  type Ratio,
  ratio,
  right,
  same,
  size,
  sizeOf,
  times,
  valueOfAnswer,
  valueOfExpression,
  valueOfQuantity,
} from "../claims";
import type { Working } from "../methods";
import { type Answer, type DecimalProblem, operandsOf, type Problem } from "../problem";
import { currencyOf, type UnitId } from "../quantity";

type Asked = Exclude<Problem, DecimalProblem>;

/** What is wrong with the answer to a problem of fractions, signed numbers, money, measures, or a chain of them. */
export function wrongQuantity(problem: Asked, { answer, house }: Working): string | undefined {
  return wrongValue(problem, answer) ?? wrongParts(problem, answer) ?? wrongWish(problem, answer, house);
}

const unless = (holds: boolean, fault: string): string | undefined => (holds ? undefined : fault);

/** What a problem divides by in the end; one where it does not. */
function divisorOf(problem: Asked): Ratio {
  if (problem.op === "divide")
    return valueOfQuantity(
      problem.operands[1] ?? { kind: "decimal", negative: false, whole: "1", fraction: "", point: false },
    );
  if (
    problem.kind !== "chain" ||
    problem.expression.kind !== "operation" ||
    problem.expression.op !== "divide"
  )
    return ratio(1);
  return valueOfExpression(problem.expression.right);
}

function wrongValue(problem: Asked, answer: Answer): string | undefined {
  const exact = right(problem);
  const said = valueOfAnswer(answer, divisorOf(problem));
  switch (answer.kind) {
    case "comparison": {
      const relation = exact.over < 0n ? "<" : exact.over > 0n ? ">" : "=";
      return unless(answer.relation === relation, "they lie otherwise");
    }
    case "ordered": {
      const rising = answer.quantities.map(valueOfQuantity);
      const given = operandsOf(problem);
      const kept = given.map(valueOfQuantity).every((one) => rising.some((other) => same(one, other)));
      const ordered = rising.every((one, index) => !below(one, rising[index - 1] ?? one));
      return unless(kept && ordered && rising.length === given.length, "they are not in order");
    }
    case "rounded":
    case "roundedAmount": {
      const places = answer.kind === "rounded" ? answer.numeral.fraction.length : 2;
      return unless(isHalfOff(exact, said, places, problem), "it is not rounded to its last place");
    }
    default:
      return unless(same(said, exact), `${said.over}/${said.under} is not ${exact.over}/${exact.under}`);
  }
}

/** Half of the last place off at most; a whole number may be rounded to tens or hundreds, which the wish says. */
function isHalfOff(exact: Ratio, said: Ratio, places: number, { form }: Asked): boolean {
  const place = form.kind === "toPlace" ? form.place : -places;
  const unit = place >= 0 ? ratio(10n ** BigInt(place)) : ratio(1n, 10n ** BigInt(-place));
  return !below(unit, times(size(minus(said, exact)), ratio(2)));
}

/** What is wrong inside an answer, whatever was wished for. */
function wrongParts(problem: Asked, answer: Answer): string | undefined {
  const divisor = divisorOf(problem);
  switch (answer.kind) {
    case "mixed":
      return unless(
        answer.numerator < answer.denominator && (answer.whole === 0n || isSimplest(answer)),
        "the mixed number is not in simplest form",
      );
    case "measure":
      return wrongMeasure(answer.parts);
    case "measureLeft":
      return (
        wrongMeasure(answer.each.parts) ??
        leftIsLess(valueOfQuantity(answer.left), sizeOf(answer.left.parts[0]?.unit ?? "m"), divisor)
      );
    case "share":
      return (
        leftIsLess(valueOfQuantity(answer.left), ratio(1, 100), divisor) ?? wrongAmount(answer.each.numeral)
      );
    case "timesLeft":
      return unless(
        answer.times.fraction === "" && below(valueOfQuantity(answer.left), divisor),
        "it goes in once more",
      );
    case "amount":
      return wrongAmount(answer.numeral);
    case "roundedAmount":
      return wrongAmount(answer.amount.numeral);
    case "handed": {
      const { notes } = currencyOf(answer.currency);
      return unless(
        answer.pieces.every((piece) => notes.includes(piece)) && valueOfQuantity(answer.back).over >= 0n,
        "there are no such notes",
      );
    }
    case "decimal":
      return unless(answer.fraction === "" || answer.point, "its point is missing");
    default:
      return undefined;
  }
}

/** What is left over counts less than it was shared among, or there would be one more for each. */
function leftIsLess(left: Ratio, unit: Ratio, divisor: Ratio): string | undefined {
  return unless(left.over > 0n && below(over(left, unit), divisor), "too much is left over");
}

const wrongAmount = (numeral: { readonly whole: string; readonly fraction: string }): string | undefined =>
  unless(numeral.fraction.length === 2 && numeral.whole !== "", "an amount has two places");

/** Every count but that of the smallest unit is whole, and less than makes one of the next unit. */
function wrongMeasure(
  parts: readonly { readonly unit: UnitId; readonly count: Parameters<typeof valueOfQuantity>[0] }[],
): string | undefined {
  for (const [index, { unit, count }] of parts.entries()) {
    const [larger, last] = [parts[index - 1]?.unit, index === parts.length - 1];
    const value = valueOfQuantity(count);
    if (!last && value.over % value.under !== 0n) return "a larger unit is not whole";
    if (larger !== undefined && !below(value, over(sizeOf(larger), sizeOf(unit))))
      return `too many of ${unit}`;
  }
  return undefined;
}

/** Whether the answer is in the form that was wished for, or that the house ends it in. */
function wrongWish(problem: Asked, answer: Answer, house: Working["house"]): string | undefined {
  const { form } = problem;
  const number = answer.kind === "decimal" || answer.kind === "fraction" || answer.kind === "mixed";
  switch (form.kind) {
    case "overDenominator":
      return unless(
        answer.kind === "fraction" && answer.denominator === form.denominator,
        "it is over another denominator",
      );
    case "overNumerator":
      return unless(
        answer.kind === "fraction" && answer.numerator === form.numerator,
        "it has another numerator",
      );
    case "asDecimal":
      return unless(
        answer.kind === "decimal" || answer.kind === "recurring" || answer.kind === "rounded",
        "it is no decimal",
      );
    case "toPlace": {
      const numeral =
        answer.kind === "rounded" ? answer.numeral : answer.kind === "decimal" ? answer : undefined;
      return unless(numeral?.fraction.length === Math.max(0, -form.place), "it is not to the place");
    }
    case "asFraction":
      return unless(
        (answer.kind === "fraction" || isWhole(answer)) && isShort(answer),
        "it is no fraction in simplest form",
      );
    case "asMixed":
      return unless(number && isShort(answer) && isProper(answer), "it is no mixed number");
    case "simplest":
      return unless(number && isShort(answer), "it is not in simplest form");
    case "inUnits": {
      const parts =
        answer.kind === "measure" ? answer.parts : answer.kind === "measureLeft" ? answer.each.parts : [];
      // What does not come out even in the wanted units stays in a smaller one.
      const [last] = form.units.slice(-1);
      const fits = parts.every(
        ({ unit }, index) =>
          form.units.includes(unit) ||
          (index === parts.length - 1 && last !== undefined && below(sizeOf(unit), sizeOf(last))),
      );
      return unless(parts.length > 0 && fits, "it is in other units");
    }
    case "asItComes": {
      if (problem.kind !== "fractions" || !number) return undefined;
      if (!isShort(answer)) return "it is not in simplest form";
      return unless(
        house.fractionAnswers === "mixed" ? isProper(answer) : answer.kind !== "mixed",
        "the house ends it otherwise",
      );
    }
    case "withRemainder":
    case "exactly":
      return undefined;
  }
}

const isWhole = (answer: Answer): boolean => answer.kind === "decimal" && answer.fraction === "";
const isShort = (answer: Answer): boolean =>
  answer.kind === "decimal" ||
  (answer.kind === "fraction" && isSimplest(answer)) ||
  (answer.kind === "mixed" && (answer.whole === 0n || isSimplest(answer)));
const isProper = (answer: Answer): boolean =>
  answer.kind !== "fraction" || answer.numerator < answer.denominator;
