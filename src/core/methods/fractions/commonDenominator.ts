import type { HouseRules } from "../../house";
import { compareNumerals, type Fraction, type Numeral } from "../../number";
import type { FractionProblem } from "../../problem";
import { type Method, type MethodId, type Solve, type WorkingBy, worksOnly } from "../contract/method";
import { text } from "../squares/pad";
import { alike, combined, refusedDenominators, type Way } from "./alikeParts";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import {
  asFractions,
  type FractionPad,
  type FractionWhy,
  finishFraction,
  items,
  startFractions,
} from "./fractionSteps";
import { workOrder } from "./orderingParts";
import { workApart } from "./wholesApart";

const METHOD_OF: Readonly<Record<Way, MethodId>> = {
  multiples: "denominators-by-multiples",
  factors: "denominators-by-factors",
  product: "denominators-by-product",
};

/** Fractions added, subtracted, compared or put in order over a common denominator, which is found in one of three ways. */
const method = (way: Way): Method<FractionWhy, FractionProblem> => ({
  id: METHOD_OF[way],
  refuses: (problem) =>
    worksOnly("add", "subtract", "compare", "order")(problem) ?? refusedDenominators(way, problem),
  work: (problem, house, solve) => workCommonDenominator(way, problem, house, SOUND_FRACTIONS, solve),
});

export const denominatorsByMultiples = method("multiples");

export const denominatorsByFactors = method("factors");

export const denominatorsByProduct = method("product");

/** Fractions over a common denominator with any decisions; only sound ones are sure to reach the right answer. */
export function workCommonDenominator<Inner>(
  way: Way,
  problem: FractionProblem,
  house: HouseRules,
  decisions: FractionDecisions,
  solve: Solve<Inner>,
): WorkingBy<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const { op } = problem;
  if (op === "compare" || op === "order")
    return workOrder(way, METHOD_OF[way], problem, house, decisions, pad);
  const below = op === "subtract" && isBelowZero(problem.operands);
  const operands = below ? [...problem.operands].reverse() : problem.operands;
  const [larger, smaller] = operands;
  if (below && larger !== undefined && smaller !== undefined) {
    pad.line("setOut", { kind: "swapFractions", larger, smaller }, [
      ...items(larger, house),
      text("−"),
      ...items(smaller, house),
    ]);
  }
  const mixed = operands.some(({ kind }) => kind === "mixed");
  const beside = decisions.setsApart && operands.some(({ kind }) => kind !== "fraction");
  const apart = ((house.mixedNumbers === "apart" && mixed) || beside) && operands.every(isProper);
  const sums = op === "subtract" ? "subtract" : "add";
  const value = apart
    ? workApart(way, operands, sums, house, decisions, pad)
    : workImproper(way, operands, sums, house, decisions, pad);
  return finishFraction(
    pad,
    value,
    { problem, method: METHOD_OF[way], house, decisions, negative: below },
    solve,
  );
}

/** Whether the part beside a whole number is less than a whole. */
const isProper = (numeral: Numeral): boolean =>
  numeral.kind !== "mixed" || numeral.numerator < numeral.denominator;

const isBelowZero = ([first, second]: readonly Numeral[]): boolean =>
  first !== undefined && second !== undefined && compareNumerals(first, second) < 0;

/** Every number as one fraction, then like parts together. */
function workImproper<Inner>(
  way: Way,
  operands: readonly Numeral[],
  op: "add" | "subtract",
  house: HouseRules,
  decisions: FractionDecisions,
  pad: FractionPad<Inner>,
): Fraction {
  const parts = alike(way, asFractions(pad, operands, house, decisions), house, decisions, pad);
  return combined(parts, op, house, decisions, pad);
}

/** The ways to a common denominator in the order in which a house takes them: its own, then those that take more. */
export const denominatorMethods = (house: HouseRules): readonly MethodId[] => [
  METHOD_OF[house.commonDenominator],
  METHOD_OF.factors,
  METHOD_OF.product,
];
