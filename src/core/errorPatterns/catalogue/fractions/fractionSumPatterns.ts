import { commonFactor } from "../../../number";
import { operandsOf, type Problem } from "../../../problem";
import { isTwo } from "../../../tuples";
import type { PatternsOf } from "../../contract/errorPattern";
import {
  apart,
  combinesGap,
  fromWhole,
  gap,
  hasMixed,
  isOf,
  makingAlike,
  mixedFromMixed,
  onlyFirstScaled,
  onlySecondScaled,
  unlike,
  wholeAsTop,
} from "./fractionActs";

/** Whether a whole may have to be regrouped. */
const needsWhole = (problem: Problem): boolean => hasMixed("subtract")(problem) || fromWhole(problem);

/** Whether the product of the bottoms is more than the least number that both go into. */
const sharesFactor = (problem: Problem): boolean => {
  if (!isOf("add", "subtract")(problem) || !unlike(problem)) return false;
  const under = operandsOf(problem).flatMap((one) => (one.kind === "fraction" ? [one.denominator] : []));
  return isTwo(under) && commonFactor(under[0], under[1]) > 1n;
};

/** Of sums and differences of fractions and mixed numbers. */
export const FRACTION_SUM_PATTERNS: PatternsOf = [
  {
    id: "frac-straight-across",
    example: ["2/5 + 1/3", "3/8"],
    frequency: 3,
    lookAlikes: ["frac-old-tops", "frac-larger-bottom"],
    needs: isOf("add", "subtract"),
    ...apart({
      makesAlike: false,
      needsWhole: () => false,
      combines: combinesGap,
      combinesUnder: (unders, op) =>
        op === "add" ? unders.reduce((all, one) => all + one, 0n) : gap(unders[0] ?? 0n, unders[1] ?? 0n),
    }),
  },
  {
    id: "frac-old-tops",
    example: ["3/4 + 1/6", "4/12"],
    frequency: 3,
    lookAlikes: ["frac-straight-across", "frac-larger-bottom", "equiv-factor-written"],
    needs: unlike,
    rules: { mixedNumbers: "apart" },
    decides: makingAlike({ scales: (numerator) => numerator }),
  },
  {
    id: "frac-add-to-both",
    example: ["2/3 = ?/12", "11"],
    frequency: 2,
    lookAlikes: [],
    needs: unlike,
    rules: { mixedNumbers: "apart" },
    decides: makingAlike({
      scales: (numerator, by, denominator) => numerator + denominator * by - denominator,
    }),
  },
  {
    id: "mixed-small-from-big",
    example: ["5 1/4 − 2 3/4", "3 2/4"],
    frequency: 3,
    lookAlikes: [],
    needs: mixedFromMixed,
    ...apart({ needsWhole: () => false, combines: combinesGap }),
  },
  {
    id: "mixed-borrow-ten",
    example: ["4 1/5 − 1 3/5", "2 8/5"],
    frequency: 3,
    lookAlikes: ["mixed-fraction-copied"],
    needs: needsWhole,
    ...apart({ regroups: (numerator) => numerator + 10n }),
  },
  {
    id: "mixed-borrow-unpaid",
    example: ["6 1/8 − 2 3/8", "4 6/8"],
    frequency: 2,
    lookAlikes: ["mixed-fraction-copied"],
    needs: needsWhole,
    ...apart({ lendsWhole: (whole) => whole }),
  },
  {
    id: "mixed-fraction-copied",
    example: ["6 − 2 3/8", "4 3/8"],
    frequency: 2,
    lookAlikes: ["mixed-borrow-unpaid", "mixed-borrow-ten"],
    needs: fromWhole,
    ...apart({ needsWhole: () => false, combines: (_, [, bottom = 0n]) => bottom }),
  },
  {
    id: "mixed-carry-forgotten",
    example: ["2 3/4 + 1 3/4", "3 2/4"],
    frequency: 3,
    lookAlikes: [],
    needs: hasMixed("add"),
    ...apart({ givesWholes: () => 0n }),
  },
  {
    id: "frac-larger-bottom",
    example: ["1/4 + 2/3", "3/4"],
    frequency: 2,
    lookAlikes: ["frac-only-first-converted", "frac-straight-across", "frac-old-tops"],
    needs: (problem) => isOf("add", "subtract")(problem) && unlike(problem),
    ...apart({
      makesAlike: false,
      needsWhole: () => false,
      combinesUnder: (unders) => unders.reduce((most, one) => (one > most ? one : most), 1n),
    }),
  },
  {
    id: "frac-only-first-converted",
    example: ["1/2 + 2/5", "7/10"],
    frequency: 2,
    lookAlikes: ["frac-larger-bottom", "frac-only-second-converted"],
    reads: onlyFirstScaled,
  },
  {
    id: "frac-whole-as-top",
    example: ["3 − 1/4", "2/4"],
    frequency: 2,
    lookAlikes: [],
    reads: wholeAsTop,
  },
  {
    id: "mixed-carry-ten",
    example: ["2 7/8 + 1 5/8", "4 2/8"],
    frequency: 1,
    lookAlikes: [],
    needs: hasMixed("add"),
    ...apart({
      countsOut: (numerator, denominator) => {
        const by = numerator >= 10n ? 10n : denominator;
        return { whole: numerator / by, rest: numerator % by };
      },
    }),
  },
  {
    id: "mixed-borrow-one-part",
    example: ["7 1/5 − 3 2/5", "3"],
    frequency: 2,
    lookAlikes: [],
    needs: hasMixed("subtract"),
    ...apart({ regroups: (numerator) => numerator + 1n }),
  },
  {
    id: "frac-tops-over-product",
    example: ["1/4 + 1/6", "2/24"],
    frequency: 2,
    lookAlikes: [],
    needs: sharesFactor,
    ...apart({
      makesAlike: false,
      needsWhole: () => false,
      combines: combinesGap,
      combinesUnder: (unders) => unders.reduce((all, one) => all * one, 1n),
    }),
  },
  {
    id: "frac-only-second-converted",
    example: ["1/2 + 2/3", "5/6"],
    frequency: 1,
    lookAlikes: ["frac-only-first-converted"],
    reads: onlySecondScaled,
  },
  {
    id: "mixed-paid-part-copied",
    example: ["5 − 2 1/4", "2 1/4"],
    frequency: 2,
    lookAlikes: [],
    needs: fromWhole,
    ...apart({ combines: (_, [, bottom = 0n]) => bottom }),
  },
];
