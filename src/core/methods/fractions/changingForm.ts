import type { HouseRules } from "../../house";
import { commonFactor, type Fraction, fraction, type Numeral } from "../../number";
import type { Asks, FractionProblem } from "../../problem";
import { type Method, type MethodResult, otherOperation, type Solve, taken } from "../contract/method";
import { nameStep } from "../squares/answer";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import { finishFraction } from "./fractionEnd";
import {
  equivalentOf,
  type FractionPad,
  type FractionWhy,
  oneFraction,
  reduceSteps,
  startFractions,
} from "./fractionSteps";

/** One number written otherwise: simplified, over another denominator, mixed or improper, as a fraction or a decimal. */
export const changingForm: Method<"changing-form", FractionWhy, FractionProblem, FractionDecisions> = {
  id: "changing-form",
  sample: "17/5 as a mixed number",
  bench: {
    small: "simplify <1-4>/<2-5>",
    usual: "simplify <1-12>/<2-13>",
    largest: "simplify <1-9900>/<2-9901>",
  },
  sound: SOUND_FRACTIONS,
  takes: (problem) =>
    problem.op === "rewrite" ? taken(problem, workChangingForm) : otherOperation("rewrite"),
};

/** A number in another form, with any decisions; only sound ones are sure to reach the right answer. */
function workChangingForm<Inner>(
  problem: Asks<FractionProblem, "rewrite">,
  house: HouseRules,
  decisions: FractionDecisions,
  solve: Solve<Inner>,
): MethodResult<FractionWhy | Inner> {
  const [numeral] = problem.operands;
  const pad = startFractions<Inner>(problem, house);
  const end = (value: Numeral): MethodResult<FractionWhy | Inner> =>
    finishFraction(pad, value, { problem, house, decisions }, solve);
  const { form } = problem;
  if (form.kind !== "overDenominator" && form.kind !== "overNumerator") {
    const proper = numeral.kind === "mixed" && numeral.whole > 0n && numeral.numerator < numeral.denominator;
    const keeps = proper && (form.kind === "asMixed" || form.kind === "simplest");
    return end(keeps ? numeral : oneFraction(pad, numeral, house, decisions));
  }
  const start = oneFraction(pad, numeral, house, decisions);
  const denominator =
    form.kind === "overDenominator"
      ? form.denominator
      : (start.denominator * form.numerator) / start.numerator;
  const answer = overDenominator(pad, start, denominator, house, decisions);
  pad.take(() => [nameStep(answer, undefined)]);
  return { answer, onPaper: pad.onPaper };
}

/** A fraction over another denominator: made shorter first where that is no multiple of its own. */
function overDenominator<Inner>(
  pad: FractionPad<Inner>,
  before: Fraction,
  denominator: bigint,
  house: HouseRules,
  decisions: FractionDecisions,
): Fraction {
  if (denominator % before.denominator === 0n)
    return equivalentOf(pad, before, denominator, house, decisions);
  const by = commonFactor(before.numerator, before.denominator);
  const shortest = fraction(before.numerator / by, before.denominator / by);
  const wholeWay = before.denominator % denominator === 0n;
  const shorter = reduceSteps(pad, before, house, {
    ...decisions,
    reducesBy: () => (wholeWay ? before.denominator / denominator : by),
  });
  return equivalentOf(pad, wholeWay ? shorter : shortest, denominator, house, decisions);
}
