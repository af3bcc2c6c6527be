import { multiplyingAcross, turningOver } from "../../methods";
import { fraction } from "../../number";
import type { PatternsOf } from "../errorPattern";
import {
  acrossOnly,
  CANCELS_AFTER,
  digitStruck,
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
  simplifies,
  topsDivide,
  turnedOver,
  turningOnly,
  wholeOnBoth,
} from "./fractionActs";

/** Of products and quotients of fractions and mixed numbers, and of their forms. */
export const FRACTION_PRODUCT_PATTERNS: PatternsOf = [
  {
    id: "mixed-part-by-part",
    example: ["2 1/3 × 3 1/2", "6 1/6"],
    common: 2,
    lookAlikes: [],
    splits: partByPart,
  },
  {
    id: "frac-mul-bottom-kept",
    example: ["2/5 × 3/5", "6/5"],
    common: 2,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    rules: CANCELS_AFTER,
    decides: acrossOnly({ factors: overOne, acrossUnder: ([first = 1n]) => first }),
  },
  {
    id: "frac-mul-flips-second",
    example: ["2/3 × 4/5", "10/12"],
    common: 2,
    lookAlikes: [],
    reads: turnedOver,
    methods: [turningOver.id, multiplyingAcross.id],
  },
  {
    id: "frac-mul-whole-on-both",
    example: ["3 × 2/7", "6/21"],
    common: 1,
    lookAlikes: [],
    reads: wholeOnBoth,
    rules: CANCELS_AFTER,
  },
  {
    id: "frac-div-no-flip",
    example: ["3/4 ÷ 2/3", "6/12"],
    common: 3,
    lookAlikes: [],
    needs: isOf("divide"),
    decides: turningOnly({ turnsOver: (divisor) => divisor }),
  },
  {
    id: "frac-div-flips-first",
    example: ["5/6 ÷ 1/3", "6/15"],
    common: 2,
    lookAlikes: [],
    needs: isOf("divide"),
    decides: turningOnly({
      turnsOver: (divisor) => divisor,
      dividend: ({ numerator, denominator }) => fraction(denominator, numerator),
    }),
  },
  {
    id: "frac-div-bottom-kept",
    example: ["6/7 ÷ 2/7", "3/7"],
    common: 2,
    lookAlikes: [],
    needs: (problem) => onlyFractions("divide")(problem) && topsDivide(problem),
    decides: likePartsOnly({ likeUnder: (count, denominator) => count * denominator }),
  },
  {
    id: "simplify-strikes-digit",
    example: ["simplify 25/45", "2/4"],
    common: 2,
    lookAlikes: [],
    needs: simplifies,
    decides: formOnly({ shortens: digitStruck }),
  },
  {
    id: "simplify-own-divisors",
    example: ["simplify 6/9", "3/3"],
    common: 1,
    lookAlikes: [],
    needs: simplifies,
    decides: formOnly({ shortens: ownDivisors }),
  },
  {
    id: "improper-whole-plus-top",
    example: ["2 3/4 as an improper fraction", "5/4"],
    common: 3,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    decides: inFractions({ improper: ({ whole, numerator }) => whole + numerator }),
  },
  {
    id: "improper-top-bottom-swapped",
    example: ["2 3/4 as an improper fraction", "10/4"],
    common: 1,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    decides: inFractions({
      improper: ({ whole, numerator, denominator }) => whole * numerator + denominator,
    }),
  },
  {
    id: "mixed-remainder-in-front",
    example: ["17/5 as a mixed number", "2 3/5"],
    common: 1,
    lookAlikes: [],
    needs: improperTask,
    decides: formOnly({
      countsOut: (numerator, denominator) =>
        numerator % denominator === 0n
          ? { whole: numerator / denominator, rest: 0n }
          : { whole: numerator % denominator, rest: numerator / denominator },
    }),
  },
];
