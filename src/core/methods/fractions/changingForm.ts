import { commonFactor, type Fraction, fraction, type Numeral } from "../../number";
import type { Asks, FractionProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { OnPad, WorkContext, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
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
  { house, decisions, solve }: WorkContext<FractionDecisions, Inner>,
): MethodResult<FractionWhy | Inner> {
  const [numeral] = problem.operands;
  const pad = startFractions<Inner>(problem, house);
  const end = (value: Numeral): MethodResult<FractionWhy | Inner> =>
    finishFraction(value, { problem, house, decisions }, { pad, solve });
  const { form } = problem;
  if (form.kind !== "overDenominator" && form.kind !== "overNumerator") {
    const proper = numeral.kind === "mixed" && numeral.whole > 0n && numeral.numerator < numeral.denominator;
    const keeps = proper && (form.kind === "asMixed" || form.kind === "simplest");
    return end(keeps ? numeral : oneFraction(numeral, { house, decisions, pad }));
  }
  const start = oneFraction(numeral, { house, decisions, pad });
  const denominator =
    form.kind === "overDenominator"
      ? form.denominator
      : (start.denominator * form.numerator) / start.numerator;
  const answer = overDenominator(start, denominator, { house, decisions, pad });
  pad.take(() => [nameStep(answer, undefined)]);
  return { answer, onPaper: pad.onPaper };
}

/** A fraction over another denominator: made shorter first where that is no multiple of its own. */
function overDenominator<Inner>(
  before: Fraction,
  denominator: bigint,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  if (denominator % before.denominator === 0n)
    return equivalentOf(before, denominator, { house, decisions, pad });
  const by = commonFactor(before.numerator, before.denominator);
  const shortest = fraction(before.numerator / by, before.denominator / by);
  const wholeWay = before.denominator % denominator === 0n;
  const shorter = reduceSteps(before, {
    house,
    decisions: {
      ...decisions,
      reducesBy: () => (wholeWay ? before.denominator / denominator : by),
    },
    pad,
  });
  return equivalentOf(wholeWay ? shorter : shortest, denominator, { house, decisions, pad });
}
