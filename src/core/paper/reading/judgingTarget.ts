import Exact from "fraction.js";
import {
  exactAnswer,
  fractionOf,
  isAmount,
  operandsOf,
  type Problem,
  type ProblemKind,
  partialValues,
} from "../../problem";
import { currencyOf, type Quantity } from "../../quantity";

/** A value as text, so that it can be sent: a whole number over another. */
export interface ValueText {
  readonly over: string;
  readonly under: string;
}

/** What a paper is read against: the problem's numbers, and what it comes to. */
export interface JudgingTarget {
  readonly kind: ProblemKind;
  readonly op: Problem["op"];
  /** The numbers of the problem, in their order, with their digits as they are written bare: "53.2", "2 1/3". */
  readonly numbers: readonly (ValueText & { readonly text: string })[];
  /** Which of them are taken away from those before. */
  readonly taken: readonly boolean[];
  /** What it comes to before any rounding; none where that is no number. */
  readonly value: ValueText | undefined;
  /** What a sound working may come to on the way, whatever the order. */
  readonly partials: readonly ValueText[];
  /** The place the answer is rounded to, so that it may differ from the value; none where it is wanted exactly. */
  readonly place: number | undefined;
  /** Whether a quotient is wanted with what is left over. */
  readonly withRest: boolean;
  /** Whether bars between numbers are those of fractions. */
  readonly fractions: boolean;
  /** The answer as it is wanted, where its form is part of the question: a fraction made simple, a mixed number. */
  readonly wanted?: string;
  /** The signs of the money that is counted: of its major and of its minor unit. */
  readonly money: { readonly sign: string; readonly minorSign: string } | undefined;
}

/** A problem as its paper is read. */
export function judgingTarget(problem: Problem): JudgingTarget {
  const operands = operandsOf(problem);
  const isNumber = !["compare", "order", "enough", "pay", "round"].includes(problem.op);
  const amount = operands.find(isAmount);
  return {
    kind: problem.kind,
    op: problem.op,
    numbers: operands.map((operand) => ({ ...valueText(fractionOf(operand)), text: bareText(operand) })),
    taken:
      problem.op === "terms"
        ? [false, ...problem.more.map(({ join }) => join === "subtract")]
        : operands.map((_, nth) => problem.op === "subtract" && nth > 0),
    value: isNumber ? valueText(exactAnswer(problem)) : undefined,
    partials: isNumber ? partialValues(problem).map(valueText) : [],
    place: problem.form.kind === "toPlace" ? problem.form.place : undefined,
    withRest: problem.form.kind === "withRemainder",
    fractions:
      problem.kind === "fractions" ||
      FRACTIONS.includes(problem.form.kind) ||
      operands.some(({ kind }) => kind === "fraction" || kind === "mixed"),
    money: amount === undefined ? undefined : currencyOf(amount.currency),
  };
}

/** The forms of answers that have bars. */
const FRACTIONS: readonly Problem["form"]["kind"][] = [
  "asMixed",
  "asFraction",
  "simplest",
  "overDenominator",
  "overNumerator",
];

const valueText = (value: Exact): ValueText => ({ over: String(value.s * value.n), under: String(value.d) });

export const valueFrom = ({ over, under }: ValueText): Exact => new Exact(BigInt(over), BigInt(under));

/** A quantity by its digits alone. */
function bareText(quantity: Quantity): string {
  switch (quantity.kind) {
    case "decimal":
      return `${quantity.whole || "0"}${quantity.fraction === "" ? "" : `.${quantity.fraction}`}`;
    case "fraction":
      return `${quantity.numerator}/${quantity.denominator}`;
    case "mixed":
      return `${quantity.whole} ${quantity.numerator}/${quantity.denominator}`;
    case "amount":
      return bareText(quantity.numeral);
    case "measure":
      return quantity.parts.map(({ count }) => bareText(count)).join(" ");
  }
}
