import type { HouseRules } from "../house";
import { commonFactor } from "../number";
import {
  type Answer,
  answerValueOf,
  divisorOf,
  type exactAnswer,
  isRight,
  type Problem,
  writeAnswer,
} from "../problem";
import { type Measure, rateBetween } from "../quantity";
import type { Given } from "./givenAnswer";

/** What an answer of the right value still lacks. */
export const FORM_FAULTS = [
  /** Its unit, or the sign of its money, was left out. */
  "unitMissing",
  "notSimplified",
  /** A fraction above one where a mixed number or a whole one is wanted, or a part above one beside a whole. */
  "improper",
  /** A mixed number where one fraction is wanted. */
  "mixed",
  "trailingZeros",
  "noLeadingZero",
  /** An amount without both places of its minor unit, or a large one counted in it. */
  "moneyPlaces",
  /** Too many of a smaller unit, or other units than were wanted. */
  "notRegrouped",
  "notRounded",
  /** Another form than the one that is wanted: a decimal for a fraction, no remainder. */
  "otherForm",
] as const;
export type FormFault = (typeof FORM_FAULTS)[number];

export type Verdict =
  | { readonly kind: "right" }
  /** The right value in an unfinished form. */
  | { readonly kind: "form"; readonly faults: readonly FormFault[] }
  | { readonly kind: "wrong" };

/** What a given answer is, beside the answer that the working of its problem ends in. */
export function verdictOf(problem: Problem, expected: Answer, given: Given, house: HouseRules): Verdict {
  if (!sameAnswer(problem, expected, given.answer)) {
    return isRounding(problem, expected) && isRight(problem, given.answer)
      ? { kind: "form", faults: ["notRounded"] }
      : { kind: "wrong" };
  }
  const faults = formFaults(problem, expected, given, house);
  return faults.length === 0 ? { kind: "right" } : { kind: "form", faults };
}

const isRounding = (problem: Problem, expected: Answer): boolean =>
  expected.kind === "rounded" || expected.kind === "roundedAmount" || problem.form.kind === "toPlace";

/** Whether two answers to a problem say the same, however they are written. */
export function sameAnswer(problem: Problem, one: Answer, other: Answer): boolean {
  if (one.kind === "comparison" || other.kind === "comparison")
    return one.kind === "comparison" && other.kind === "comparison" && one.relation === other.relation;
  if (one.kind === "sufficiency" && other.kind === "sufficiency") {
    const said = answerValueOf(other, undefined);
    return one.enough === other.enough && (said.n === 0n || said.equals(answerValueOf(one, undefined)));
  }
  if (one.kind === "ordered" || other.kind === "ordered") {
    if (one.kind !== "ordered" || other.kind !== "ordered" || one.numerals.length !== other.numerals.length)
      return false;
    return one.numerals.every((numeral, index) => {
      const beside = other.numerals[index];
      return (
        beside !== undefined && answerValueOf(numeral, undefined).equals(answerValueOf(beside, undefined))
      );
    });
  }
  if (one.kind === "handed") return answerValueOf(one.back, undefined).equals(answerValue(problem, other));
  return answerValue(problem, one).equals(answerValue(problem, other));
}

/** What an answer is worth as one to this problem; a remainder as its share of the divisor. */
export const answerValue = (problem: Problem, answer: Answer): ReturnType<typeof exactAnswer> =>
  answerValueOf(answer, divisorOf(problem));

function formFaults(
  problem: Problem,
  expected: Answer,
  { answer, bare }: Given,
  house: HouseRules,
): readonly FormFault[] {
  const faults: FormFault[] = bare && answer.kind !== "sufficiency" ? ["unitMissing"] : [];
  // What is written just as the working ends needs no more looking at, but for its unit.
  if (writeAnswer(answer, house) === writeAnswer(unrounded(expected), house)) return faults;
  switch (answer.kind) {
    case "decimal":
      return [...faults, ...decimalFaults(problem, expected, answer, house)];
    case "fraction": {
      const { numerator, denominator } = answer;
      if (problem.form.kind === "overDenominator" || problem.form.kind === "overNumerator")
        return [...faults, "otherForm"];
      if (expected.kind === "decimal" && expected.fraction !== "") return [...faults, "otherForm"];
      const shortens = commonFactor(numerator, denominator) > 1n;
      const above = numerator >= denominator && (expected.kind === "mixed" || expected.kind === "decimal");
      return [
        ...faults,
        ...(shortens ? (["notSimplified"] as const) : []),
        ...(above ? (["improper"] as const) : []),
        ...(!shortens && !above && expected.kind !== "fraction" ? (["otherForm"] as const) : []),
      ];
    }
    case "mixed": {
      const { numerator, denominator } = answer;
      const shortens = commonFactor(numerator, denominator) > 1n;
      return [
        ...faults,
        ...(shortens ? (["notSimplified"] as const) : []),
        ...(numerator >= denominator ? (["improper"] as const) : []),
        ...(expected.kind === "fraction" ? (["mixed"] as const) : []),
      ];
    }
    case "amount": {
      const { numeral, of } = answer;
      const places = of === "major" && numeral.fraction !== "" && numeral.fraction.length !== 2;
      const many = of === "minor" && numeral.whole.replace(/^0+/, "").length > 2;
      const lone = of === "major" && numeral.whole === "";
      return [
        ...faults,
        ...(places || many ? (["moneyPlaces"] as const) : []),
        ...(lone ? (["noLeadingZero"] as const) : []),
      ];
    }
    case "measure":
      return expected.kind === "measure" && !regrouped(answer, expected)
        ? [...faults, "notRegrouped"]
        : faults;
    case "remainder":
    case "recurring":
      return expected.kind === answer.kind || expected.kind === "rounded" ? faults : [...faults, "otherForm"];
    default:
      return faults;
  }
}

/** A rounded answer as the plain one that a learner writes. */
const unrounded = (answer: Answer): Answer =>
  answer.kind === "rounded" ? answer.numeral : answer.kind === "roundedAmount" ? answer.amount : answer;

function decimalFaults(
  problem: Problem,
  expected: Answer,
  numeral: Extract<Answer, { kind: "decimal" }>,
  house: HouseRules,
): readonly FormFault[] {
  const faults: FormFault[] = numeral.whole === "" ? ["noLeadingZero"] : [];
  const plain = unrounded(expected);
  if (plain.kind !== "decimal") return [...faults, "otherForm"];
  const more = numeral.fraction.length > plain.fraction.length;
  const keeps = house.trailingZeros === "kept" && problem.form.kind !== "toPlace";
  if (more && numeral.fraction.endsWith("0") && !keeps) return [...faults, "trailingZeros"];
  const short = problem.form.kind === "toPlace" && numeral.fraction.length < plain.fraction.length;
  return short ? [...faults, "notRounded"] : faults;
}

/** Whether a measure stands in the units of another, with no more of a smaller one than make one of the next. */
function regrouped({ parts }: Measure, form: Measure): boolean {
  const known = parts.every(({ unit, count }) => isZero(count.whole + count.fraction) || has(form, unit));
  return (
    known &&
    parts.every(({ unit, count }, index) => {
      const larger = parts[index - 1];
      const rate = larger === undefined ? undefined : rateBetween(larger.unit, unit);
      return rate === undefined || BigInt(count.whole || "0") < rate;
    })
  );
}

const isZero = (digits: string): boolean => /^0*$/.test(digits);

const has = ({ parts }: Measure, unit: string): boolean => parts.some((part) => part.unit === unit);
