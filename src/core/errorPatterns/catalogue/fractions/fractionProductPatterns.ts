import { multiplyingAcross, turningOver } from "../../../methods";
import { fraction, isWhole, type Numeral, wholeNumeral } from "../../../number";
import { operandsOf, type Problem, withOperands } from "../../../problem";
import type { PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, wholeIn } from "../../contract/parts";
import {
  acrossOnly,
  CANCELS_AFTER,
  digitStruck,
  flipped,
  formOnly,
  hasMixed,
  improperTask,
  inFractions,
  isOf,
  likePartsOnly,
  onlyFractions,
  overOne,
  ownDivisors,
  partByPart,
  scalesUp,
  simplifies,
  topForgotten,
  topsDivide,
  turnedOver,
  turningOnly,
  wholeOnBoth,
} from "./fractionActs";

const total = (numbers: readonly bigint[]): bigint => numbers.reduce((sum, one) => sum + one, 0n);

/** Tops and bottoms each divided, and what is left over of either dropped. */
function dividedAcross(problem: Problem): Split | undefined {
  if (!onlyFractions("divide")(problem)) return undefined;
  const [first, second] = operandsOf(problem).flatMap((one) => (one.kind === "fraction" ? [one] : []));
  if (first === undefined || second === undefined || second.numerator === 0n) return undefined;
  const rests = first.numerator % second.numerator > 0n || first.denominator % second.denominator > 0n;
  if (!rests || first.numerator < second.numerator || first.denominator < second.denominator)
    return undefined;
  const shared = (count: bigint, by: bigint) =>
    decimalProblem("divide", [wholeNumeral(count), wholeNumeral(by)], { kind: "withRemainder" });
  return {
    parts: [shared(first.numerator, second.numerator), shared(first.denominator, second.denominator)],
    joins: ([above, below]) => {
      const [over, under] = [wholeIn(above), wholeIn(below)];
      return over === undefined || under === undefined ? undefined : fraction(BigInt(over), BigInt(under));
    },
  };
}

/** A fraction of a number with the fraction turned over. */
function partTurnedOver(problem: Problem): Problem | undefined {
  if (problem.kind !== "fractions" || problem.op !== "multiply") return undefined;
  const operands: readonly Numeral[] = problem.operands;
  const part = operands.find(({ kind }) => kind === "fraction");
  if (operands.length !== 2 || part?.kind !== "fraction" || !operands.some(isWhole)) return undefined;
  if (part.numerator === 0n || part.numerator >= part.denominator) return undefined;
  const turned = fraction(part.denominator, part.numerator);
  return withOperands(
    problem,
    operands.map((one) => (one === part ? turned : one)),
  );
}

/** Of products and quotients of fractions and mixed numbers, and of their forms. */
export const FRACTION_PRODUCT_PATTERNS: PatternsOf = [
  {
    id: "mixed-part-by-part",
    example: ["2 1/3 × 3 1/2", "6 1/6"],
    frequency: 2,
    lookAlikes: [],
    splits: partByPart,
  },
  {
    id: "frac-mul-bottom-kept",
    example: ["2/5 × 3/5", "6/5"],
    frequency: 2,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    rules: CANCELS_AFTER,
    decides: acrossOnly({ factors: overOne, acrossUnder: ([first = 1n]) => first }),
  },
  {
    id: "frac-mul-flips-second",
    example: ["2/3 × 4/5", "10/12"],
    frequency: 2,
    lookAlikes: [],
    reads: turnedOver,
    methods: [turningOver.id, multiplyingAcross.id],
  },
  {
    id: "frac-mul-whole-on-both",
    example: ["3 × 2/7", "6/21"],
    frequency: 1,
    lookAlikes: [],
    reads: wholeOnBoth,
    rules: CANCELS_AFTER,
  },
  {
    id: "frac-div-no-flip",
    example: ["3/4 ÷ 2/3", "6/12"],
    frequency: 3,
    lookAlikes: ["frac-div-bottom-kept"],
    needs: isOf("divide"),
    decides: turningOnly({ turnsOver: (divisor) => divisor }),
  },
  {
    id: "frac-div-flips-first",
    example: ["5/6 ÷ 1/3", "6/15"],
    frequency: 2,
    lookAlikes: ["frac-div-bottom-kept"],
    needs: isOf("divide"),
    decides: turningOnly({
      turnsOver: (divisor) => divisor,
      dividend: flipped,
    }),
  },
  {
    id: "frac-div-bottom-kept",
    example: ["6/7 ÷ 2/7", "3/7"],
    frequency: 2,
    lookAlikes: ["frac-div-no-flip", "frac-div-flips-first"],
    needs: (problem) => onlyFractions("divide")(problem) && topsDivide(problem),
    decides: likePartsOnly({ likeUnder: (count, denominator) => count * denominator }),
  },
  {
    id: "simplify-strikes-digit",
    example: ["simplify 25/45", "2/4"],
    frequency: 2,
    lookAlikes: [],
    needs: simplifies,
    decides: formOnly({ shortens: digitStruck }),
  },
  {
    id: "simplify-own-divisors",
    example: ["simplify 6/9", "3/3"],
    frequency: 1,
    lookAlikes: [],
    needs: simplifies,
    decides: formOnly({ shortens: ownDivisors }),
  },
  {
    id: "improper-whole-plus-top",
    example: ["2 3/4 as an improper fraction", "5/4"],
    frequency: 3,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    decides: inFractions({ improper: ({ whole, numerator }) => whole + numerator }),
  },
  {
    id: "improper-top-bottom-swapped",
    example: ["2 3/4 as an improper fraction", "10/4"],
    frequency: 1,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    decides: inFractions({
      improper: ({ whole, numerator, denominator }) => whole * numerator + denominator,
    }),
  },
  {
    id: "mixed-remainder-in-front",
    example: ["17/5 as a mixed number", "2 3/5"],
    frequency: 1,
    lookAlikes: [],
    needs: improperTask,
    decides: formOnly({
      countsOut: (numerator, denominator) =>
        numerator % denominator === 0n
          ? { whole: numerator / denominator, rest: 0n }
          : { whole: numerator % denominator, rest: numerator / denominator },
    }),
  },
  {
    id: "frac-times-whole-divides-only",
    example: ["3/4 × 20", "5"],
    frequency: 2,
    lookAlikes: [],
    reads: topForgotten,
  },
  {
    id: "frac-div-flips-both",
    example: ["2/3 ÷ 4/5", "15/8"],
    frequency: 1,
    lookAlikes: [],
    needs: isOf("divide"),
    decides: turningOnly({
      dividend: flipped,
    }),
  },
  {
    id: "frac-mul-bottoms-added",
    example: ["1/2 × 1/3", "1/5"],
    frequency: 1,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    rules: CANCELS_AFTER,
    decides: acrossOnly({ acrossUnder: total }),
  },
  {
    id: "frac-mul-tops-added",
    example: ["2/3 × 4/5", "6/15"],
    frequency: 1,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    rules: CANCELS_AFTER,
    decides: acrossOnly({ across: total }),
  },
  {
    id: "improper-whole-in-front",
    example: ["2 3/4 as an improper fraction", "23/4"],
    frequency: 2,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    decides: inFractions({ improper: ({ whole, numerator }) => BigInt(`${whole}${numerator}`) }),
  },
  {
    id: "equiv-factor-written",
    example: ["2/3 = ?/12", "4"],
    frequency: 2,
    lookAlikes: ["frac-old-tops"],
    needs: scalesUp,
    decides: formOnly({ scales: (_, by) => by }),
  },
  {
    id: "frac-mul-flips-first",
    example: ["3/5 × 2/7", "10/21"],
    frequency: 1,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    rules: CANCELS_AFTER,
    decides: acrossOnly({
      factors: ([first, ...rest]) => (first === undefined ? rest : [flipped(first), ...rest]),
    }),
  },
  {
    id: "frac-mul-all-added",
    example: ["2/3 × 3/4", "5/7"],
    frequency: 2,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    rules: CANCELS_AFTER,
    decides: acrossOnly({ across: total, acrossUnder: total }),
  },
  {
    id: "frac-div-rests-dropped",
    example: ["7/8 ÷ 2/3", "3/2"],
    frequency: 1,
    lookAlikes: [],
    splits: dividedAcross,
  },
  {
    id: "frac-of-turned-over",
    example: ["2/3 × 12", "18"],
    frequency: 2,
    lookAlikes: [],
    reads: partTurnedOver,
  },
  {
    id: "improper-whole-times-top",
    example: ["3 2/5 as an improper fraction", "6/5"],
    frequency: 1,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    decides: inFractions({ improper: ({ whole, numerator }) => whole * numerator }),
  },
];
