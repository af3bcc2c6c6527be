import type { HouseRules } from "../../house";
import { asFraction, type Fraction, fraction, type Numeral, unsigned, wholeNumeral } from "../../number";
import {
  type Answer,
  type AnswerForm,
  belowZero,
  type DecimalProblem,
  type FractionProblem,
  signOf,
  writeAnswer,
} from "../../problem";
import type { InHouse, OnPad, Solving, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { nameStep } from "../squares/answer";
import { padText } from "../squares/pad";
import type { FractionDecisions } from "./fractionDecisions";
import {
  countedOut,
  type FractionPad,
  type FractionWhy,
  improperOf,
  items,
  mixedOf,
  reduceSteps,
} from "./fractionSteps";

/** Whether a fraction above one is to be written as a mixed number in the end. */
const endsMixed = (form: AnswerForm, house: HouseRules): boolean =>
  form.kind === "asMixed" || (form.kind === "asItComes" && house.fractionAnswers === "mixed");

interface End {
  readonly problem: FractionProblem;
  readonly house: HouseRules;
  readonly decisions: FractionDecisions;
  /** Whether the answer lies below zero. */
  readonly negative?: boolean;
}

/** The last steps of a working with fractions: simplest form, wholes counted out, the form that was wanted, its sign, its name. */
export function finishFraction<Inner>(
  value: Numeral,
  { problem, house, decisions, negative = false }: End,
  { pad, solve }: Solving<Inner> & OnPad<FractionPad<Inner>>,
): MethodResult<FractionWhy | Inner> {
  const { form } = problem;
  const done = (answer: Answer): MethodResult<FractionWhy | Inner> => ({
    answer,
    onPaper: pad.onPaper,
  });
  const size = inForm(value, form, { house, decisions, pad });
  const end = negative ? { ...size, negative: true } : size;
  if (negative) {
    pad.line("answer", { kind: "signFraction", answer: end }, () => items(end, house));
  }
  if (form.kind === "asDecimal" || form.kind === "toPlace") {
    if (end.kind === "decimal" && form.kind === "asDecimal") {
      pad.take(() => [nameStep(end, undefined)]);
      return done(end);
    }
    return done(dividedOut(asFraction(end), form, { house, pad, solve }));
  }
  pad.take(() => [nameStep(end, undefined)]);
  return done(end);
}

function inForm<Inner>(
  value: Numeral,
  form: AnswerForm,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Numeral {
  if (value.kind === "decimal") return value;
  if (value.kind === "mixed") {
    const part = reduceSteps(fraction(value.numerator, value.denominator), { house, decisions, pad });
    const shorter = mixedOf(value.whole, part);
    if (part.denominator !== value.denominator) {
      const why: FractionWhy = { kind: "joinWholeAndPart", whole: value.whole, part, result: shorter };
      pad.line("answer", why, () => [padText("="), ...items(shorter, house)]);
    }
    const improper =
      form.kind === "asFraction" || (form.kind === "asItComes" && house.fractionAnswers === "improper");
    return improper && shorter.kind === "mixed"
      ? improperOf(shorter, { house, decisions, pad }, "answer")
      : shorter;
  }
  const shortest = reduceSteps(value, { house, decisions, pad });
  const untouched = form.kind === "simplest" && shortest === value && value.numerator > 0n;
  if (untouched && value.denominator > 1n) pad.mark("answer", { kind: "simplestAlready", value });
  if (shortest.numerator === 0n || shortest.denominator === 1n)
    return countedOut(shortest, { house, decisions, pad });
  return shortest.numerator > shortest.denominator && endsMixed(form, house)
    ? countedOut(shortest, { house, decisions, pad })
    : shortest;
}

/** The decimal of a fraction: its numerator divided by its denominator, on a page of its own. */
function dividedOut<Inner>(
  value: Fraction,
  form: AnswerForm,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<FractionPad<Inner>>,
): Answer {
  const problem: DecimalProblem = {
    kind: "decimals",
    op: "divide",
    operands: [wholeNumeral(value.numerator), wholeNumeral(value.denominator)],
    form: form.kind === "toPlace" ? form : { kind: "exactly" },
  };
  pad.goOn("answer", { kind: "divideOut", fraction: unsigned(value), problem }, () => [
    padText(`=${value.numerator}${signOf("divide", house)}${value.denominator}`),
  ]);
  const working = solve(problem, house);
  pad.aside(working, "answer");
  const answer = value.negative ? belowZero(working.answer) : working.answer;
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    padText(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return answer;
}
