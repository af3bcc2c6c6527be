import { type Change, equalAdditions, makingUp, Stuck, subtractionByDecomposition } from "../../methods";
import type { Decimal } from "../../number";
import type { Problem } from "../../problem";
import type { PatternsOf, Split } from "../errorPattern";
import { decidesIn } from "../otherwise";
import { decimalProblem, mostPlaces, pointBetween, twoDecimals, wholeFrom } from "../parts";
import { becomes, unpaid } from "../procedures/exchanges";

const byDecomposition = decidesIn(subtractionByDecomposition);
const withPayments = decidesIn(equalAdditions, makingUp);
const IN_COLUMNS = [subtractionByDecomposition.id, equalAdditions.id, makingUp.id];

/** A nought next door becomes nine, and that is all. */
function nineAndStop(standing: readonly number[], needy: number): readonly Change[] | undefined {
  const [top = 0, next] = [standing[needy], standing[needy + 1]];
  return next === 0 ? [becomes(needy + 1, 0, 9), becomes(needy, top, top + 10)] : undefined;
}

/** The columns of an exchange across noughts, each of which becomes `crossed`; none where there are none. */
function across(standing: readonly number[], needy: number, crossed: number): readonly Change[] | undefined {
  const lender = standing.findIndex((count, column) => column > needy && count > 0);
  const [lent, top] = [standing[lender], standing[needy]];
  if (lent === undefined || top === undefined) throw new Stuck("across: there is no column to borrow from");
  if (lender === needy + 1) return undefined;
  const between = Array.from({ length: lender - needy - 1 }, (_, index) =>
    becomes(lender - 1 - index, 0, crossed),
  );
  return [becomes(lender, lent, lent - 1), ...between, becomes(needy, top, top + 10)];
}

/** Every nought at the end becomes nine, the last one too. */
function allNines(standing: readonly number[], needy: number): readonly Change[] | undefined {
  if (needy !== 0 || standing[0] !== 0 || standing[1] !== 0) return undefined;
  const changes = across(standing, needy, 9);
  return changes?.map((change) => (change.column === 0 ? becomes(0, 0, 9) : change));
}

const isUntouchedNought = (
  top: number,
  bottom: number,
  { altered }: { readonly altered: boolean },
): boolean => top === 0 && bottom > 0 && !altered;

/** The difference of the wholes, and that of what stands after the points, as whole numbers. */
function inHalves(problem: Problem): Split | undefined {
  const [minuend, subtrahend] = twoDecimals(problem, "subtract") ?? [];
  if (minuend === undefined || subtrahend === undefined) return undefined;
  if (minuend.fraction === "" && subtrahend.fraction === "") return undefined;
  const [upper, lower] = [wholeFrom(minuend.fraction), wholeFrom(subtrahend.fraction)];
  const turned = BigInt(minuend.fraction || "0") < BigInt(subtrahend.fraction || "0");
  return {
    parts: [
      decimalProblem("subtract", [wholeFrom(minuend.whole), wholeFrom(subtrahend.whole)]),
      decimalProblem("subtract", turned ? [lower, upper] : [upper, lower]),
    ],
    joins: pointBetween,
  };
}

const rightFlush = (numeral: Decimal, all: readonly Decimal[]): number =>
  numeral.fraction.length - mostPlaces(all);

export const SUBTRACTION_PATTERNS: PatternsOf = [
  {
    id: "sub-column-gap",
    name: "The smaller digit is taken from the larger in each column",
    does: "Align on the point, treat blanks as 0, and in every column write the difference between the two digits whichever is on top. No borrowing ever.",
    shows: "some lower digit larger than the digit above it",
    example: ["53.2 − 17.8", "44.6"],
    apart:
      "from sub-borrow-unpaid: they agree in a column only when the gap is 5; from sub-zero-top-copied: use a non-zero top digit",
    remedy: "act it out: from 2 things can 8 be taken? then trade a ten",
    knownFrom: "Buswell & John (1926); Brown & Burton (1978); Young & O'Shea (1981); VanLehn (1990)",
    common: 3,
    lookAlikes: ["sub-zero-top-copied", "sub-tail-brought-down", "sub-two-halves", "sub-borrow-unpaid"],
    decides: byDecomposition({
      fallsShort: () => false,
      leaves: (top, bottom) => Math.abs(top - bottom),
    }),
  },
  {
    id: "sub-borrow-unpaid",
    name: "Takes a ten and never pays for it",
    does: "Where the top digit is too small, add ten to it and subtract, but leave the next column untouched. Under equal additions this is the same act: ten on the top, no one added below; the answers are identical on every problem.",
    shows: "some lower digit larger than the digit above it",
    example: ["6.24 − 3.58", "3.76"],
    apart: "from sub-overhang-pay-lost: that one pays as long as there is a lower digit to the left",
    remedy: "record the trade on both columns at once; check by adding back",
    knownFrom: "Brown & Burton (1978); Young & O'Shea (1981); VanLehn (1990)",
    common: 3,
    lookAlikes: ["sub-overhang-pay-lost", "sub-column-gap"],
    decides: [...byDecomposition({ exchanges: unpaid }), ...withPayments({ pays: () => 0 })],
  },
  {
    id: "sub-zero-top-copied",
    name: "Nought take a digit leaves that digit",
    does: "Borrow correctly in general, but when the top digit is 0 (written or filled in) and has not been altered by an earlier borrow, write the lower digit itself and do not borrow.",
    shows: "an undisturbed 0, or a blank to be filled with 0, above a non-zero digit",
    example: ["705 − 231", "534"],
    apart:
      "from sub-column-gap: add a column such as 3 over 7; from sub-tail-brought-down: use a zero written in the middle of the top number",
    remedy: "empty plate: none there, take 3, impossible; trade first",
    knownFrom: "Brown & Burton (1978); Young & O'Shea (1981); VanLehn (1990)",
    common: 3,
    lookAlikes: ["sub-column-gap", "sub-tail-brought-down", "sub-two-halves"],
    decides: byDecomposition({
      fallsShort: (top, bottom, at) => !isUntouchedNought(top, bottom, at) && top < bottom,
      leaves: (top, bottom, at) => (isUntouchedNought(top, bottom, at) ? bottom : top - bottom),
    }),
  },
  {
    id: "sub-stuck-writes-zero",
    name: "Cannot be done, so nought",
    does: "In each column where the lower digit is larger write 0; otherwise subtract. No borrowing.",
    shows: "some lower digit larger than the digit above it",
    example: ["53.2 − 17.8", "40.0"],
    apart: "zeros appear in the answer exactly under the stuck columns",
    remedy: "compare with an addition check; revisit trading",
    knownFrom: "Buswell & John (1926); Brown & VanLehn (1980); VanLehn (1990)",
    common: 2,
    lookAlikes: [],
    decides: byDecomposition({
      fallsShort: () => false,
      leaves: (top, bottom) => Math.max(0, top - bottom),
    }),
  },
  {
    id: "sub-zero-to-nine-stop",
    name: "A borrowed-from nought becomes nine and nobody pays",
    does: "When the neighbour to borrow from is 0, change it to 9 and stop there: the digit further left is not reduced. Otherwise borrow normally.",
    shows: "borrowing from a 0",
    example: ["403 − 127", "376"],
    apart:
      "too large by one in the column beyond the zero; sub-zero-to-ten is too large by one in the zero's own column (504 - 138: 466 against 376)",
    remedy: "trade a hundred for ten tens, then one of those tens: three written steps",
    knownFrom: "Brown & Burton (1978); VanLehn (1990)",
    common: 2,
    lookAlikes: ["money-change-dollar-too-many", "sub-overhang-pay-lost"],
    decides: byDecomposition({
      exchanges: nineAndStop,
    }),
  },
  {
    id: "sub-jump-over-zero",
    name: "Borrows past the nought",
    does: "When a column needs to borrow, take one from the nearest non-zero top digit to the left, skipping zeros and leaving them 0; give ten to the needy column. A skipped zero that later needs help borrows the same way again.",
    shows: "borrowing across one or more zeros",
    example: ["504 − 138", "276"],
    apart: "from sub-pays-twice: no error at all without zeros",
    remedy: "money: break a hundred into ten tens before any ones can be made",
    knownFrom: "Brown & Burton (1978); Brown & VanLehn (1980)",
    common: 2,
    lookAlikes: [],
    decides: byDecomposition({
      exchanges: (standing, needy) => across(standing, needy, 0),
    }),
  },
  {
    id: "sub-zero-to-ten",
    name: "The nought in between becomes ten, not nine",
    does: "Borrow across zeros and reduce the digit beyond correctly, but leave each zero crossed at 10 instead of 9.",
    shows: "borrowing across a zero that stands over a non-zero digit",
    example: ["504 − 138", "376"],
    apart:
      "from sub-zero-to-nine-stop: there the zero column is right and the digit beyond it is one too large",
    remedy: "count the tens left after one has been broken up: nine",
    knownFrom: "VanLehn (1990)",
    common: 2,
    lookAlikes: ["money-digit-complements"],
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
    name: "Pays for one ten two times",
    does: "Each time ten is added to a top digit, take one from the next top digit and also add one to the next lower digit (decomposition and equal additions mixed).",
    shows: "any borrowing",
    example: ["83 − 27", "46"],
    apart: "from an off-by-one fact slip: occurs in every column left of a borrow",
    remedy: "choose one method and cross out the other; check by adding",
    knownFrom: "Buswell & John (1926) list taking two away after a single borrowing",
    common: 2,
    lookAlikes: [],
    decides: byDecomposition({
      pays: () => 1,
    }),
  },
  {
    id: "sub-right-flush",
    name: "Numbers pushed against the right margin",
    does: "Write the last digits in one column, ignore the points, subtract the smaller whole number from the larger, mark off as many places as the longer decimal has.",
    shows: "unequal numbers of decimal places",
    example: ["15.6 − 0.34", "1.22"],
    apart: "from sub-two-halves: look at the whole part, which that one always gets as a plain difference",
    remedy: "align on the ones digit, fill the gaps with zeros",
    knownFrom: "Hiebert & Wearne (1985, 1986)",
    common: 2,
    lookAlikes: [],
    decides: [...byDecomposition({ lineUp: rightFlush }), ...withPayments({ lineUp: rightFlush })],
  },
  {
    id: "sub-two-halves",
    name: "Two whole-number differences with a dot between them",
    does: "Subtract the whole parts. Separately take the smaller from the larger of the strings after the points, read as whole numbers (blank is 0, leading zeros ignored). Join with a point; nothing is borrowed between the halves.",
    shows: "decimal parts of unequal length, or a larger decimal part below",
    example: ["9.4 − 3.15", "6.11"],
    apart:
      "from sub-tail-brought-down: the same whenever the top is whole (unless the copied digits begin with 0); give both numbers decimals of unequal length",
    remedy: "read each decimal in tenths and hundredths; shade both on a hundred grid",
    knownFrom: "classroom lore (separate-numbers view: Brown, M. 1981; Steinle & Stacey 1998)",
    common: 3,
    lookAlikes: ["sub-zero-top-copied", "sub-tail-brought-down", "sub-column-gap"],
    methods: IN_COLUMNS,
    splits: inHalves,
  },
  {
    id: "sub-tail-brought-down",
    name: "Digits with nothing above them are copied down",
    does: "Where the lower number has more places, copy its surplus digits into the answer. Subtract the remaining columns correctly.",
    shows: "lower number with more decimal places, including a whole number on top",
    example: ["20.8 − 3.25", "17.65"],
    apart:
      "from sub-zero-top-copied: put a written 0 over a digit elsewhere in the top number; from sub-column-gap: include a paired column that needs borrowing",
    remedy: "fill the empty places with zeros and ask what is really there",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: ["sub-zero-top-copied", "sub-two-halves", "sub-column-gap"],
    rules: { emptyPlaces: "gaps" },
    decides: byDecomposition({
      fallsShort: (top, bottom, { given }) => given !== undefined && top < bottom,
      leaves: (top, bottom, { given }) => (given === undefined ? bottom : top - bottom),
    }),
  },
  {
    id: "sub-stops-at-short",
    name: "Stops when the lower number runs out",
    does: "Subtract correctly, borrowing when needed, as far as the first digit of the lower number; leave the remaining top digits out of the answer.",
    shows: "top number with more whole digits than the lower number",
    example: ["684 − 51", "33"],
    apart: "from a miscopied answer: the missing digits are always those with nothing below",
    remedy: "estimate: 684 take away about 50; write 0 in the empty cells",
    knownFrom: "Brown & Burton (1978); VanLehn (1990)",
    common: 2,
    lookAlikes: [],
    rules: { emptyPlaces: "gaps" },
    decides: byDecomposition({
      leaves: (top, bottom, { beyond }) => (beyond ? 0 : top - bottom),
    }),
  },
  {
    id: "sub-all-nines",
    name: "Every nought turns into nine, the last one too",
    does: "When the top number ends in two or more zeros (written or filled in) and a borrow runs through them, change all of them to 9, including the last, which should become 10. Reduce the next digit correctly. The answer is one too small in the last place.",
    shows: "round tops such as 10.00, 500, 8 - 3.45",
    example: ["10 − 6.43", "3.56"],
    apart: "from an off-by-one fact slip: recurs on every round top number",
    remedy: "nine tenths and ten hundredths make one whole: build it; check by adding back",
    knownFrom: "classroom lore (common in change-giving)",
    common: 1,
    lookAlikes: [],
    decides: byDecomposition({
      exchanges: allNines,
    }),
  },
  {
    id: "sub-complement-only",
    name: "Ten minus the lower digit, top digit forgotten",
    does: "Complementary method: where the top digit is too small, write ten minus the lower digit and forget to add the top digit; pay by adding one to the next lower digit (a 9 becomes 10, which is subtracted from or complemented as 10).",
    shows: "a stuck column with a non-zero top digit",
    example: ["74 − 28", "42"],
    apart: "the answer is too small by exactly the stuck top digits; zero tops hide it",
    remedy: "say both steps: up to ten, then on to the top digit",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    decides: withPayments({ leaves: (raised, taken, top) => (raised > top ? 10 - taken : top - taken) }),
  },
  {
    id: "sub-overhang-pay-lost",
    name: "No lower digit, so no payment",
    does: "Equal additions done properly, except that a payment due in a column with no lower digit is dropped and the top digit copied.",
    shows: "top number longer on the left, with a borrow from its overhanging digit",
    example: ["352 − 87", "365"],
    apart: "from sub-borrow-unpaid: inner payments are kept; use two borrows",
    remedy: "write the paid one under the empty cell, it is a real lower digit",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: ["sub-borrow-unpaid", "sub-zero-to-nine-stop"],
    rules: { emptyPlaces: "gaps" },
    decides: withPayments({ pays: (next) => (next === undefined ? 0 : 1) }),
  },
];
