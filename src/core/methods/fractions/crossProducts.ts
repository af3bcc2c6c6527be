import { type Fraction, fraction } from "../../number";
import { type Asks, type FractionProblem, type Relation, signOf } from "../../problem";
import { mapTwo } from "../../tuples";
import { type Method, otherOperation, taken } from "../contract/method";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { padText } from "../squares/pad";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import { type FractionWhy, items, oneFraction, startFractions } from "./fractionSteps";

export type CrossProductsReason =
  /** One numerator times the other's denominator. */
  | {
      readonly kind: "crossProduct";
      readonly numerator: bigint;
      readonly denominator: bigint;
      readonly product: bigint;
      readonly first: boolean;
    }
  /** Why that is enough: both over the product of the denominators. */
  | {
      readonly kind: "overBoth";
      readonly fractions: readonly [Fraction, Fraction];
      readonly widened: readonly [Fraction, Fraction];
    }
  | {
      readonly kind: "compareProducts";
      readonly products: readonly [bigint, bigint];
      readonly relation: Relation;
    };

/** The decisions of cross products: what a numerator is multiplied by, and how a mixed number is made improper. */
export interface CrossProductsDecisions extends FractionDecisions {
  crosses(numerator: bigint, other: Fraction): bigint;
}

const SOUND_CROSSING: CrossProductsDecisions = {
  ...SOUND_FRACTIONS,
  crosses: (numerator, { denominator }) => numerator * denominator,
};

/** Two fractions compared, or shown to be equal, by multiplying each numerator by the other's denominator. */
export const crossProducts: Method<
  "cross-products",
  FractionWhy | CrossProductsReason,
  FractionProblem,
  CrossProductsDecisions
> = {
  id: "cross-products",
  sample: "compare 5/8 and 7/12",
  bench: {
    small: "compare <1-4>/<2-5> and <1-4>/<2-5>",
    usual: "compare <1-12>/<2-13> and <1-12>/<2-13>",
    largest: "compare <1-9900>/<2-9901> and <1-9900>/<2-9901>",
  },
  sound: SOUND_CROSSING,
  takes: (problem) =>
    problem.op === "compare" ? taken(problem, workCrossProducts) : otherOperation("compare"),
};

function workCrossProducts(
  problem: Asks<FractionProblem, "compare">,
  { house, decisions }: WorkRules<CrossProductsDecisions>,
): MethodResult<FractionWhy | CrossProductsReason> {
  const pad = startFractions<CrossProductsReason>(problem, house);
  const [left, right] = problem.operands;
  const [a, b] = mapTwo(problem.operands, (one) => oneFraction(one, { house, decisions, pad }));
  const times = signOf("multiply", house);
  const products = [decisions.crosses(a.numerator, b), decisions.crosses(b.numerator, a)] as const;
  const cross = (over: Fraction, under: Fraction, product: bigint, first: boolean) =>
    [
      "work",
      { kind: "crossProduct", numerator: over.numerator, denominator: under.denominator, product, first },
      () => [padText(`${over.numerator}${times}${under.denominator}=${product}`)],
    ] as const;
  pad.line(...cross(a, b, products[0], true));
  pad.line(...cross(b, a, products[1], false));
  const under = a.denominator * b.denominator;
  const widened = [fraction(products[0], under), fraction(products[1], under)] as const;
  pad.line("work", { kind: "overBoth", fractions: [a, b], widened }, () => [
    ...items(a, house),
    padText("="),
    ...items(widened[0], house),
    padText("  "),
    ...items(b, house),
    padText("="),
    ...items(widened[1], house),
  ]);
  const relation: Relation = products[0] < products[1] ? "<" : products[0] > products[1] ? ">" : "=";
  pad.line("work", { kind: "compareProducts", products, relation }, () => [
    padText(`${products[0]}${relation}${products[1]}`),
  ]);
  const answer = { kind: "comparison", left, right, relation } as const;
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    ...items(left, house),
    padText(relation),
    ...items(right, house),
  ]);
  return { answer, onPaper: pad.onPaper };
}
