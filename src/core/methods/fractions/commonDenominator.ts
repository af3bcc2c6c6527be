import type { HouseRules } from "../../house";
import { compareNumerals, type Fraction, isWhole, type Numeral } from "../../number";
import type { Asks, FractionProblem } from "../../problem";
import { failed } from "../../result";
import {
  type BenchProblems,
  type Method,
  type MethodRefusal,
  otherOperation,
  taken,
} from "../contract/method";
import type { OnPad, WorkContext, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { padText } from "../squares/pad";
import { alike, type CommonBy, combined, largeFactors, longLists } from "./alikeParts";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import { finishFraction } from "./fractionEnd";
import { asFractions, type FractionPad, type FractionWhy, items, startFractions } from "./fractionSteps";
import { workOrder } from "./orderingParts";
import { workApart } from "./wholesApart";

/** Fractions added, subtracted, compared or put in order over a common denominator, which is found in one of three ways. */
const method = <Id extends string, Because extends string>(
  id: Id,
  by: CommonBy,
  sample: string,
  bench: BenchProblems,
  tooMuch: (problem: FractionProblem) => MethodRefusal<Because> | undefined,
): Method<Id, FractionWhy, FractionProblem, FractionDecisions, Because> => ({
  id,
  sample,
  bench,
  sound: SOUND_FRACTIONS,
  takes: (problem) => {
    if (!isOverCommon(problem)) return otherOperation("add", "subtract", "compare", "order");
    const refusal = tooMuch(problem);
    return refusal === undefined
      ? taken(problem, (asked, context) => workCommonDenominator(by, asked, context))
      : failed(refusal);
  },
});

const TWO = { small: "<1-4>/<2-5> + <1-4>/<2-5>", usual: "<1-12>/<2-13> + <1-12>/<2-13>" } as const;
const SIX = Array.from({ length: 6 }, () => "<1-9900>/<2-9901>").join(" + ");

export const denominatorsByMultiples = method(
  "denominators-by-multiples",
  "multiples",
  "2/3 + 3/4",
  {
    small: "<1-9>/<2-4> + <1-9>/3",
    usual: "<1-9>/<2-4> + <1-9>/12",
    largest: "<1-83>/84 + <1-95>/96",
  },
  longLists,
);

export const denominatorsByFactors = method(
  "denominators-by-factors",
  "factors",
  "5/12 − 7/18",
  {
    ...TWO,
    largest: SIX,
  },
  largeFactors,
);

export const denominatorsByProduct = method(
  "denominators-by-product",
  "product",
  "2/5 + 1/4",
  {
    ...TWO,
    largest: SIX,
  },
  (): undefined => undefined,
);

type OverCommon = Asks<FractionProblem, "add" | "subtract" | "compare" | "order">;

const isOverCommon = (problem: FractionProblem): problem is OverCommon =>
  problem.op !== "multiply" && problem.op !== "divide" && problem.op !== "rewrite";

/** Fractions over a common denominator with any decisions; only sound ones are sure to reach the right answer. */
function workCommonDenominator<Inner>(
  by: CommonBy,
  problem: OverCommon,
  { house, decisions, solve }: WorkContext<FractionDecisions, Inner>,
): MethodResult<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const { op } = problem;
  if (op === "compare" || op === "order") return workOrder(by, problem, { house, decisions, pad });
  const below = op === "subtract" && isBelowZero(problem.operands);
  const operands = below ? [...problem.operands].reverse() : problem.operands;
  const [larger, smaller] = operands;
  if (below && larger !== undefined && smaller !== undefined) {
    pad.line("setOut", { kind: "swapFractions", larger, smaller }, () => [
      ...items(larger, house),
      padText("−"),
      ...items(smaller, house),
    ]);
  }
  const mixed = operands.some(({ kind }) => kind === "mixed");
  const beside = decisions.setsApart && operands.some(({ kind }) => kind !== "fraction");
  // From a whole number one whole is cut into parts: 5 is 4 8/8, and nothing need be made improper.
  const fromWhole =
    op === "subtract" && larger !== undefined && isWhole(larger) && smaller?.kind === "fraction";
  const apart =
    ((house.mixedNumbers === "apart" && mixed) || beside || fromWhole) && operands.every(isProper);
  const sums = op === "subtract" ? "subtract" : "add";
  const value = apart
    ? workApart(by, operands, sums, { house, decisions, pad })
    : workImproper(by, operands, sums, { house, decisions, pad });
  return finishFraction(value, { problem, house, decisions, negative: below }, { pad, solve });
}

/** Whether the part beside a whole number is less than a whole. */
const isProper = (numeral: Numeral): boolean =>
  numeral.kind !== "mixed" || numeral.numerator < numeral.denominator;

const isBelowZero = ([first, second]: readonly Numeral[]): boolean =>
  first !== undefined && second !== undefined && compareNumerals(first, second) < 0;

/** Every number as one fraction, then like parts together. */
function workImproper<Inner>(
  by: CommonBy,
  operands: readonly Numeral[],
  op: "add" | "subtract",
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  const parts = alike(by, asFractions(operands, { house, decisions, pad }), { house, decisions, pad });
  return combined(parts, op, { house, decisions, pad });
}

/** The methods of a common denominator in the order in which a house takes them: its own, then those that take more. */
export const denominatorMethods = (house: HouseRules) =>
  [
    {
      multiples: denominatorsByMultiples.id,
      factors: denominatorsByFactors.id,
      product: denominatorsByProduct.id,
    }[house.commonDenominator],
    denominatorsByFactors.id,
    denominatorsByProduct.id,
  ] as const;
