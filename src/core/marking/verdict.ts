import type { HouseRules } from "../house";
import { commonFactor, endsAsDecimal, significantDigits } from "../number";
import {
  type Answer,
  answerValueOf,
  divisorOf,
  exactAnswer,
  fractionOf,
  isRight,
  type Problem,
  roundedTo,
  writeAnswer,
} from "../problem";
import { type Measure, MINOR_PLACES, rateBetween, type UnitId } from "../quantity";
import { handAsMuch, payTheSame } from "./handed";
import type { LearnerAnswer } from "./learnerAnswer";

/** What an answer of the right value still lacks. */
export const FORM_FAULTS = [
  /** Its unit, or the sign of its money, was left out. */
  "unitMissing",
  "notSimplified",
  /** A quotient that is only written as a fraction: what it comes to is not worked out. */
  "notWorked",
  /** A fraction above one where a mixed number is wanted. */
  "improper",
  /** A part of one or more beside the whole of a mixed number. */
  "partAboveOne",
  /** A mixed number where one fraction is wanted. */
  "mixed",
  "trailingZeros",
  /** Zeros in front that nobody writes, or a point with nothing after it. */
  "stray",
  /** An amount without both places of its minor unit, or a large one counted in it. */
  "moneyPlaces",
  /** Too many of a smaller unit, or other units than were wanted. */
  "notRegrouped",
  "notRounded",
  /** Rounded where the exact value was wanted. */
  "rounded",
  /** What is left over can be shared once more: it is as much as is divided by, or dollars that go into cents. */
  "goesOnceMore",
  /** A share, and nothing said of what is left over of it. */
  "restMissing",
  /** In order, but from the other end. */
  "fromLargest",
  /** Another form than the one that is wanted: a decimal for a fraction, no remainder. */
  "otherForm",
] as const;
export type FormFault = (typeof FORM_FAULTS)[number];

export type Verdict =
  | { readonly kind: "right" }
  /** The right value in an unfinished form. */
  | { readonly kind: "form"; readonly faults: readonly FormFault[] }
  | { readonly kind: "wrong" };

const form = (...faults: readonly FormFault[]): Verdict => ({ kind: "form", faults });

/** What a given answer is, beside the answer that the working of its problem ends in. */
export function verdictOf(
  problem: Problem,
  expected: Answer,
  given: LearnerAnswer,
  house: HouseRules,
): Verdict {
  const { answer, bare } = given;
  if (!sameAnswer(problem, expected, answer)) {
    if (isRounding(problem, expected) && problem.op !== "round" && isRight(problem, answer))
      return form("notRounded");
    if (isRoundedElsewhere(problem, expected, answer)) return form("notRounded");
    if (expected.kind === "handed" && answer.kind === "handed" && payTheSame(answer, expected))
      return form("otherForm");
    if (expected.kind === "share" && answer.kind === "amount") {
      if (answerValueOf(answer, undefined).equals(answerValueOf(expected.each, undefined)))
        return form("restMissing");
      if (answerValueOf(answer, undefined).equals(roundedTo(exactAnswer(problem), -MINOR_PLACES)))
        return form("rounded");
    }
    if (bare && answer.kind === "amount" && isRight(problem, { ...answer, of: "minor" }))
      return form("unitMissing");
    if (
      answer.kind === "ordered" &&
      isRight(problem, { ...answer, quantities: [...answer.quantities].reverse() })
    )
      return form("fromLargest");
    return isRoundedFrom(problem, expected, answer) ? form("rounded") : { kind: "wrong" };
  }
  if (leavesTooMuch(problem, answer)) return form("goesOnceMore");
  const faults = formFaults(problem, expected, given, house);
  return faults.length === 0 ? { kind: "right" } : form(...faults);
}

/** The least places of a decimal that is taken for a rounded one: one place is as often a guess. */
const LEAST_PLACES = 2;

/** Whether a decimal is an unending value rounded rightly to the places it has, where the exact value was wanted. */
function isRoundedFrom(problem: Problem, expected: Answer, answer: Answer): boolean {
  if (answer.kind !== "decimal" || answer.fraction.length < LEAST_PLACES || isRounding(problem, expected))
    return false;
  if (expected.kind === "comparison" || expected.kind === "ordered" || expected.kind === "sufficiency")
    return false;
  const exact = exactAnswer(problem);
  const endless = !endsAsDecimal({ numerator: exact.n, denominator: exact.d }, LONGEST_DECIMAL);
  return endless && answerValue(problem, answer).equals(roundedTo(exact, -answer.fraction.length));
}

/** Whether a quotient that was to be rounded is rounded rightly, but to more places than were asked for. */
function isRoundedElsewhere(problem: Problem, expected: Answer, answer: Answer): boolean {
  if (answer.kind !== "decimal" || problem.op === "round" || problem.form.kind !== "toPlace") return false;
  if (!isRounding(problem, expected) || answer.fraction.length <= -problem.form.place) return false;
  const exact = exactAnswer(problem);
  return answerValue(problem, answer).equals(roundedTo(exact, -answer.fraction.length));
}

/** A value that has not ended after so many places does not end. */
const LONGEST_DECIMAL = 60;

/** How many of the small money make one of the large. */
const MINOR = 10n ** BigInt(MINOR_PLACES);

/** Whether a remainder is as large as what was divided by, or larger. */
function leavesTooMuch(problem: Problem, answer: Answer): boolean {
  const divisor = divisorOf(problem);
  if (answer.kind === "remainder" && divisor !== undefined)
    return fractionOf(answer.remainder).abs().compare(fractionOf(divisor).abs()) >= 0;
  // Dollars that are left over can be shared in cents.
  if (answer.kind === "share" && divisor !== undefined)
    return fractionOf(answer.left).mul(MINOR).compare(fractionOf(divisor)) >= 0;
  return false;
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
    if (
      one.kind !== "ordered" ||
      other.kind !== "ordered" ||
      one.quantities.length !== other.quantities.length
    )
      return false;
    return one.quantities.every((quantity, index) => {
      const beside = other.quantities[index];
      return (
        beside !== undefined && answerValueOf(quantity, undefined).equals(answerValueOf(beside, undefined))
      );
    });
  }
  if (one.kind === "handed") {
    const back = other.kind === "handed" ? other.back : other;
    const asMuch = other.kind !== "handed" || handAsMuch(one, other);
    return asMuch && answerValueOf(one.back, undefined).equals(answerValue(problem, back));
  }
  return answerValue(problem, one).equals(answerValue(problem, other));
}

/** What an answer is worth as one to this problem; a remainder as its share of the divisor. */
export const answerValue = (problem: Problem, answer: Answer): ReturnType<typeof exactAnswer> =>
  answerValueOf(answer, divisorOf(problem));

function formFaults(
  problem: Problem,
  expected: Answer,
  { answer, bare }: LearnerAnswer,
  house: HouseRules,
): readonly FormFault[] {
  const faults: FormFault[] = bare && answer.kind !== "sufficiency" ? ["unitMissing"] : [];
  // A quotient that is asked for in no form may be a fraction, a mixed number, a decimal or have a remainder.
  const anyForm = problem.op === "divide" && problem.kind === "decimals" && problem.form.kind === "asItComes";
  // "3 0/2" is a whole number with nothing beside it.
  if (answer.kind === "mixed" && answer.numerator === 0n) return [...faults, "notSimplified"];
  // What is written just as the working ends needs no more looking at, but for its unit.
  if (writeAnswer(answer, house) === writeAnswer(unrounded(expected), house)) return faults;
  if (anyForm && (answer.kind === "mixed" || answer.kind === "remainder" || answer.kind === "recurring"))
    return faults;
  if (anyForm && answer.kind === "fraction" && expected.kind !== "rounded")
    return commonFactor(answer.numerator, answer.denominator) > 1n || answer.denominator === 1n
      ? [...faults, "notWorked"]
      : faults;
  switch (answer.kind) {
    case "decimal":
      return [...faults, ...decimalFaults(problem, expected, answer, anyForm)];
    case "fraction": {
      const { numerator, denominator } = answer;
      if (problem.form.kind === "overDenominator" || problem.form.kind === "overNumerator")
        return [...faults, "otherForm"];
      if (expected.kind === "decimal" && expected.fraction !== "") return [...faults, "otherForm"];
      const shortens = commonFactor(numerator, denominator) > 1n || denominator === 1n;
      const above = numerator > denominator && expected.kind === "mixed";
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
        ...(numerator >= denominator ? (["partAboveOne"] as const) : []),
        ...(expected.kind === "fraction" ? (["mixed"] as const) : []),
      ];
    }
    case "amount": {
      const { numeral, of } = answer;
      const places = of === "major" && numeral.fraction !== "" && numeral.fraction.length !== 2;
      const many = of === "minor" && significantDigits(numeral.whole).length > 2;
      return places || many ? [...faults, "moneyPlaces"] : faults;
    }
    case "measure":
      return expected.kind === "measure" &&
        !(regrouped(answer, expected) && inAskedUnits(problem, answer, expected))
        ? [...faults, "notRegrouped"]
        : faults;
    case "remainder":
    case "recurring":
      return expected.kind === answer.kind || expected.kind === "rounded" ? faults : [...faults, "otherForm"];
    case "rounded":
    case "comparison":
    case "ordered":
    case "roundedAmount":
    case "share":
    case "measureLeft":
    case "timesLeft":
    case "sufficiency":
    case "handed":
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
  anyForm: boolean,
): readonly FormFault[] {
  const stray = /^0\d/.test(numeral.whole) || (numeral.point && numeral.fraction === "");
  const faults: FormFault[] = stray ? ["stray"] : [];
  const plain = unrounded(expected);
  if (plain.kind !== "decimal") return anyForm ? faults : [...faults, "otherForm"];
  // Zeros at the end say how far a number was worked: where a place was asked for, they must be just as many.
  if (problem.form.kind !== "toPlace") return faults;
  const more = numeral.fraction.length - plain.fraction.length;
  return more === 0 ? faults : [...faults, more > 0 ? "trailingZeros" : "notRounded"];
}

/** Whether a measure has its larger units where they were asked for: 147 oz is not in lb and oz. */
const inAskedUnits = ({ form: { kind } }: Problem, { parts }: Measure, asked: Measure): boolean =>
  kind !== "inUnits" || asked.parts.every(({ unit }) => parts.some((part) => part.unit === unit));

/** Whether a measure stands in the units of another, with no more of a smaller one than make one of the next. */
function regrouped({ parts }: Measure, form: Measure): boolean {
  const known = parts.every(({ unit, count }) => isZero(count.whole + count.fraction) || has(form, unit));
  return (
    known &&
    parts.every(({ unit, count }, index) => {
      // Where nothing larger is written, what the working ends in says whether something larger is wanted.
      const larger = parts[index - 1] ?? form.parts[form.parts.findIndex((part) => part.unit === unit) - 1];
      const rate = larger === undefined ? undefined : rateBetween(larger.unit, unit);
      return (
        (rate === undefined || BigInt(count.whole || "0") < rate) &&
        (isZero(count.fraction) || inTens(unit, form))
      );
    })
  );
}

/** Whether a part of a unit may be written as a decimal: the next smaller unit that is wanted is a tenth, hundredth or thousandth of it. */
function inTens(unit: UnitId, { parts }: Measure): boolean {
  const next = parts[parts.findIndex((part) => part.unit === unit) + 1];
  const rate = next === undefined ? undefined : rateBetween(unit, next.unit);
  return rate === undefined || /^10*$/.test(String(rate));
}

const isZero = (digits: string): boolean => /^0*$/.test(digits);

const has = ({ parts }: Measure, unit: UnitId): boolean => parts.some((part) => part.unit === unit);
