import { type Exchange, equalAdditions, makingUp, Stuck, subtractionByDecomposition } from "../../../methods";
import { compareDecimals, type Decimal, movedBy } from "../../../number";
import { type Problem, withOperands } from "../../../problem";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, pointBetween, twoDecimals, wholeOfDigits } from "../../contract/parts";
import { becomes, unpaid } from "../../procedures/exchanges";
import { countedFromLongest, leftFlush, rightFlush } from "../../procedures/flush";

const byDecomposition = overrideIn(subtractionByDecomposition);
const withPayments = overrideIn(equalAdditions, makingUp);
const IN_COLUMNS = [subtractionByDecomposition.id, equalAdditions.id, makingUp.id];

/** A zero next door becomes nine, and that is all. */
function nineAndStop(standing: readonly number[], needy: number): readonly Exchange[] | undefined {
  const [top = 0, next] = [standing[needy], standing[needy + 1]];
  return next === 0 ? [becomes(needy + 1, 0, 9), becomes(needy, top, top + 10)] : undefined;
}

/** The columns of an exchange across zeros, each of which becomes `crossed`; none where there are none. */
function across(
  standing: readonly number[],
  needy: number,
  crossed: number,
): readonly Exchange[] | undefined {
  const lender = standing.findIndex((count, column) => column > needy && count > 0);
  const [lent, top] = [standing[lender], standing[needy]];
  if (lent === undefined || top === undefined) throw new Stuck("across: there is no column to borrow from");
  if (lender === needy + 1) return undefined;
  const between = Array.from({ length: lender - needy - 1 }, (_, index) =>
    becomes(lender - 1 - index, 0, crossed),
  );
  return [becomes(lender, lent, lent - 1), ...between, becomes(needy, top, top + 10)];
}

/** Every zero at the end becomes nine, the last one too. */
function allNines(standing: readonly number[], needy: number): readonly Exchange[] | undefined {
  if (needy !== 0 || standing[0] !== 0 || standing[1] !== 0) return undefined;
  const changes = across(standing, needy, 9);
  return changes?.map((change) => (change.column === 0 ? becomes(0, 0, 9) : change));
}

const isUntouchedZero = (top: number, bottom: number, { altered }: { readonly altered: boolean }): boolean =>
  top === 0 && bottom > 0 && !altered;

/** The difference of the wholes, and that of what stands after the points, as whole numbers. */
function inHalves(problem: Problem): Split | undefined {
  const [minuend, subtrahend] = twoDecimals(problem, "subtract") ?? [];
  if (minuend === undefined || subtrahend === undefined) return undefined;
  if (minuend.fraction === "" && subtrahend.fraction === "") return undefined;
  const [upper, lower] = [wholeOfDigits(minuend.fraction), wholeOfDigits(subtrahend.fraction)];
  const turned = BigInt(minuend.fraction || "0") < BigInt(subtrahend.fraction || "0");
  return {
    parts: [
      decimalProblem("subtract", [wholeOfDigits(minuend.whole), wholeOfDigits(subtrahend.whole)]),
      decimalProblem("subtract", turned ? [lower, upper] : [upper, lower]),
    ],
    joins: pointBetween,
  };
}

/** Whether the minuend stays the larger when both numbers begin at the same left edge, and they would not begin there anyway. */
function staysLarger(problem: Problem): boolean {
  const [minuend, subtrahend] = twoDecimals(problem, "subtract") ?? [];
  if (minuend === undefined || subtrahend === undefined) return false;
  if (minuend.whole.length === subtrahend.whole.length) return false;
  const all = [minuend, subtrahend];
  const standing = all.map((one) => movedBy(one, leftFlush(one, all)));
  return (
    standing[0] !== undefined && standing[1] !== undefined && compareDecimals(standing[0], standing[1]) > 0
  );
}

/** A difference read with another subtrahend; none where nothing would be left. */
function withSubtrahend(
  problem: Problem,
  reads: (subtrahend: Decimal, minuend: Decimal) => Decimal | undefined,
): Problem | undefined {
  const [minuend, subtrahend] = twoDecimals(problem, "subtract") ?? [];
  const read = minuend && subtrahend && reads(subtrahend, minuend);
  if (minuend === undefined || read === undefined || compareDecimals(minuend, read) < 0) return undefined;
  return withOperands(problem, [minuend, read]);
}

/** One digit taken away from every digit. */
const loneDigitRepeated = (problem: Problem): Problem | undefined =>
  withSubtrahend(problem, (lone, { whole, fraction }) => {
    if (!/^[1-9]$/.test(lone.whole) || lone.fraction !== "" || whole.length + fraction.length < 2)
      return undefined;
    const repeated = (digits: string): string => lone.whole.repeat(digits.length);
    return { ...lone, whole: repeated(whole), fraction: repeated(fraction), point: fraction !== "" };
  });

/** The first digit of the subtrahend written in front of it until it is as long as the minuend. */
const firstDigitRepeated = (problem: Problem): Problem | undefined =>
  withSubtrahend(problem, (subtrahend, minuend) => {
    const { whole, fraction } = subtrahend;
    const short = minuend.whole.length - whole.length;
    const first = whole[0];
    if (short < 1 || first === undefined || first === "0" || whole.length + fraction.length < 2)
      return undefined;
    return { ...subtrahend, whole: first.repeat(short) + whole };
  });

export const SUBTRACTION_PATTERNS: PatternsOf = [
  {
    id: "sub-column-gap",
    example: ["53.2 − 17.8", "44.6"],
    frequency: 3,
    lookAlikes: ["sub-zero-top-copied", "sub-tail-brought-down", "sub-two-halves", "sub-borrow-unpaid"],
    decides: byDecomposition({
      fallsShort: () => false,
      leaves: (top, bottom) => Math.abs(top - bottom),
    }),
  },
  {
    id: "sub-borrow-unpaid",
    example: ["6.24 − 3.58", "3.76"],
    frequency: 3,
    lookAlikes: ["sub-overhang-pay-lost", "sub-column-gap", "sub-stops-at-zero"],
    decides: [...byDecomposition({ exchanges: unpaid }), ...withPayments({ pays: () => 0 })],
  },
  {
    id: "sub-zero-top-copied",
    example: ["705 − 231", "534"],
    frequency: 3,
    lookAlikes: ["sub-column-gap", "sub-tail-brought-down", "sub-two-halves"],
    decides: byDecomposition({
      fallsShort: (top, bottom, at) => !isUntouchedZero(top, bottom, at) && top < bottom,
      leaves: (top, bottom, at) => (isUntouchedZero(top, bottom, at) ? bottom : top - bottom),
    }),
  },
  {
    id: "sub-stuck-writes-zero",
    example: ["53.2 − 17.8", "40.0"],
    frequency: 2,
    lookAlikes: ["sub-zero-top-writes-zero"],
    decides: byDecomposition({
      fallsShort: () => false,
      leaves: (top, bottom) => Math.max(0, top - bottom),
    }),
  },
  {
    id: "sub-zero-to-nine-stop",
    example: ["403 − 127", "376"],
    frequency: 2,
    lookAlikes: ["money-change-dollar-too-many", "sub-overhang-pay-lost"],
    decides: byDecomposition({
      exchanges: nineAndStop,
    }),
  },
  {
    id: "sub-jump-over-zero",
    example: ["504 − 138", "276"],
    frequency: 2,
    lookAlikes: ["sub-leftmost-lends", "sub-minus-zero-is-zero"],
    decides: byDecomposition({
      exchanges: (standing, needy) => across(standing, needy, 0),
    }),
  },
  {
    id: "sub-zero-to-ten",
    example: ["504 − 138", "376"],
    frequency: 2,
    lookAlikes: ["money-digit-complements", "money-change-dollar-too-many"],
    decides: byDecomposition({
      exchanges: (standing, needy) => across(standing, needy, 10),
      leaves: (top, bottom) => {
        if (top - bottom > 9) throw new Stuck("a column would hold ten");
        return top - bottom;
      },
    }),
  },
  {
    id: "sub-pays-twice",
    example: ["83 − 27", "46"],
    frequency: 2,
    lookAlikes: ["sub-minus-zero-is-zero"],
    decides: byDecomposition({
      pays: () => 1,
    }),
  },
  {
    id: "sub-right-flush",
    example: ["15.6 − 0.34", "1.22"],
    frequency: 2,
    lookAlikes: [],
    decides: [...byDecomposition({ lineUp: rightFlush }), ...withPayments({ lineUp: rightFlush })],
  },
  {
    id: "sub-two-halves",
    example: ["9.4 − 3.15", "6.11"],
    frequency: 3,
    lookAlikes: ["sub-zero-top-copied", "sub-tail-brought-down", "sub-column-gap"],
    methods: IN_COLUMNS,
    splits: inHalves,
  },
  {
    id: "sub-tail-brought-down",
    example: ["20.8 − 3.25", "17.65"],
    frequency: 1,
    lookAlikes: ["sub-zero-top-copied", "sub-two-halves", "sub-column-gap"],
    rules: { emptyPlaces: "gaps" },
    decides: byDecomposition({
      fallsShort: (top, bottom, { given }) => given !== undefined && top < bottom,
      leaves: (top, bottom, { given }) => (given === undefined ? bottom : top - bottom),
    }),
  },
  {
    id: "sub-stops-at-short",
    example: ["684 − 51", "33"],
    frequency: 2,
    lookAlikes: ["sub-stutter"],
    rules: { emptyPlaces: "gaps" },
    decides: byDecomposition({
      leaves: (top, bottom, { beyond }) => (beyond ? 0 : top - bottom),
    }),
  },
  {
    id: "sub-all-nines",
    example: ["10 − 6.43", "3.56"],
    frequency: 1,
    lookAlikes: ["comp-wrong-way"],
    decides: byDecomposition({
      exchanges: allNines,
    }),
  },
  {
    id: "sub-complement-only",
    example: ["74 − 28", "42"],
    frequency: 1,
    lookAlikes: ["comp-wrong-way"],
    decides: withPayments({ leaves: (raised, taken, top) => (raised > top ? 10 - taken : top - taken) }),
  },
  {
    id: "sub-overhang-pay-lost",
    example: ["352 − 87", "365"],
    frequency: 1,
    lookAlikes: ["sub-borrow-unpaid", "sub-zero-to-nine-stop"],
    rules: { emptyPlaces: "gaps" },
    decides: withPayments({ pays: (next) => (next === undefined ? 0 : 1) }),
  },
  {
    id: "sub-minus-zero-is-zero",
    example: ["587 − 204", "303"],
    frequency: 2,
    lookAlikes: ["sub-jump-over-zero", "sub-pays-twice"],
    rules: { emptyPlaces: "gaps" },
    decides: byDecomposition({
      leaves: (top, bottom, { below }) => (below === 0 && bottom === 0 ? 0 : top - bottom),
    }),
  },
  {
    id: "sub-equal-copied",
    example: ["586 − 382", "284"],
    frequency: 1,
    lookAlikes: [],
    rules: { emptyPlaces: "gaps" },
    decides: byDecomposition({
      leaves: (top, bottom, { below }) => (below !== undefined && top === bottom ? top : top - bottom),
    }),
  },
  {
    id: "sub-left-flush",
    example: ["347 − 25", "97"],
    frequency: 2,
    lookAlikes: [],
    needs: staysLarger,
    decides: [
      ...byDecomposition({ lineUp: leftFlush, pointLine: countedFromLongest }),
      ...withPayments({ lineUp: leftFlush, pointLine: countedFromLongest }),
    ],
  },
  {
    id: "sub-one-digit-everywhere",
    example: ["796 − 3", "463"],
    frequency: 2,
    lookAlikes: [],
    methods: IN_COLUMNS,
    reads: loneDigitRepeated,
  },
  {
    id: "sub-stutter",
    example: ["586 − 41", "145"],
    frequency: 1,
    lookAlikes: ["sub-stops-at-short"],
    methods: IN_COLUMNS,
    reads: firstDigitRepeated,
  },
];
