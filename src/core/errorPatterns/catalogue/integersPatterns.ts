import { signRule } from "../../methods";
import { compareNumerals, isZero, type Numeral, unsigned } from "../../number";
import {
  AS_IT_COMES,
  isNumeral,
  type Join,
  operandsOf,
  type Problem,
  termsOf,
  withOperands,
} from "../../problem";
import type { PatternsOf } from "../errorPattern";
import { decidesIn } from "../otherwise";

const bySigns = decidesIn(signRule);
const BY_SIGNS = [signRule.id];

const termsOfTwo = (
  problem: Problem,
): { readonly left: Numeral; readonly join: Join; readonly right: Numeral } | undefined => {
  if (problem.op !== "terms") return undefined;
  const [second, more] = problem.more;
  return more === undefined ? { left: problem.first, join: second.join, right: second.numeral } : undefined;
};

/** Two terms read with other signs: the join between them, and either number. None where they are read as they stand. */
function twoTerms(
  problem: Problem,
  reads: (
    left: Numeral,
    join: Join,
    right: Numeral,
  ) => readonly [left: Numeral, join: Join, right: Numeral] | undefined,
): Problem | undefined {
  const two = termsOfTwo(problem);
  const read = two && reads(two.left, two.join, two.right);
  return read === undefined ? undefined : termsOf([read[0], read[2]], [read[1]], problem.form);
}

/** Whether both are below zero and are put together: −a − b, −a + (−b). */
const twoMinuses = (left: Numeral, join: Join, right: Numeral): boolean =>
  left.negative && (join === "add") === right.negative && !isZero(right);

/** The smaller taken from the larger, whichever stood first. */
function turnedRound(problem: Problem): Problem | undefined {
  if (problem.kind !== "decimals" || problem.op !== "subtract") return undefined;
  const [first, second] = problem.operands;
  return compareNumerals(first, second) < 0
    ? { kind: "decimals", op: "subtract", operands: [second, first], form: problem.form }
    : undefined;
}

/** All numbers by their size alone. */
function unread(problem: Problem): Problem | undefined {
  if (problem.kind !== "signed") return undefined;
  const operands = operandsOf(problem).filter(isNumeral);
  return operands.some(({ negative }) => negative)
    ? withOperands(problem, operands.map(unsigned))
    : undefined;
}

/** The last two of three terms taken together first. */
function laterFirst(problem: Problem): Problem | undefined {
  if (problem.op !== "terms") return undefined;
  const [second, third, more] = problem.more;
  if (third === undefined || more !== undefined || second.join !== "subtract") return undefined;
  const leaf = (quantity: Numeral) => ({ kind: "quantity", at: 0, quantity }) as const;
  const [left, right] = [leaf(second.numeral), leaf(third.numeral)];
  const inner = { kind: "operation", at: 0, op: third.join, left, right } as const;
  return {
    kind: "chain",
    op: "chain",
    expression: { kind: "operation", at: 0, op: "subtract", left: leaf(problem.first), right: inner },
    form: AS_IT_COMES,
  };
}

const unlikeSigns = (left: Numeral, right: Numeral): boolean => left.negative !== right.negative;

const sumBelow = (left: Numeral, right: Numeral): boolean =>
  compareNumerals(unsigned(left), unsigned(right)) >= 0 ? left.negative : right.negative;

/** Whether a number is added whose sign is another, with nothing subtracted. */
const addsUnlike = (problem: Problem): boolean => {
  const two = termsOfTwo(problem);
  return two?.join === "add" && two.left.negative !== two.right.negative;
};

const likeMinuses = (problem: Problem): boolean => {
  const two = termsOfTwo(problem);
  return two !== undefined && twoMinuses(two.left, two.join, two.right);
};

/** Whether a sum of unlike signs comes about: as it stands, or once a negative number is taken away. */
const endsUnlike = (problem: Problem): boolean => {
  if (problem.op !== "terms") return false;
  const [left, { join, numeral: right }] = [problem.first, problem.more[0]];
  return join === "add" ? left.negative !== right.negative : left.negative && right.negative;
};

export const INTEGERS_PATTERNS: PatternsOf = [
  {
    id: "int-sizes-added-minus",
    name: "Unlike signs: sizes added, minus kept",
    does: "Adding a positive and a negative: add the sizes and put a minus in front.",
    shows: "sum of a positive and a negative",
    example: ["−7 + 3", "−10"],
    apart: "from int-minus-unread: sign of the answer",
    remedy: "counters in two colours: pair off opposites",
    knownFrom: "Tatsuoka (1983); Birenbaum & Tatsuoka (1983); detached minus: Herscovics & Linchevski (1994)",
    common: 2,
    lookAlikes: [],
    needs: addsUnlike,
    decides: bySigns({
      addsSizes: () => true,
      sumBelow: (left, right) => unlikeSigns(left, right) || left.negative,
    }),
  },
  {
    id: "int-first-sign-rules",
    name: "The first number decides the sign",
    does: "Adding unlike signs (or subtracting a negative from a negative, after the signs are merged): take the difference of sizes and give it the sign of the number written first.",
    shows: "unlike signs, second number larger in size",
    example: ["−3 + 8", "−5"],
    apart: "exchange the addends: 8 + (-3) comes out right",
    remedy: "number line: start at -3, move 8 right, where are you relative to 0?",
    knownFrom: "Birenbaum & Tatsuoka (1983) for sign-choice rules",
    common: 2,
    lookAlikes: ["int-minus-unread"],
    needs: endsUnlike,
    decides: bySigns({
      sumBelow: (left, right) => (unlikeSigns(left, right) ? left.negative : sumBelow(left, right)),
    }),
  },
  {
    id: "int-swaps-to-subtract",
    name: "Small minus large turned round",
    does: "A subtraction of a larger from a smaller non-negative number is done the other way and answered as positive.",
    shows: "small − large, both non-negative",
    example: ["4 − 9", "5"],
    apart: "from a dropped sign: -8 + 3 is unaffected",
    remedy: "thermometer: start at 4, go down 9",
    knownFrom: "Murray (1985); Bishop et al. (2014); Bofferding (2014)",
    common: 3,
    lookAlikes: [],
    reads: turnedRound,
  },
  {
    id: "int-two-minuses-make-plus",
    name: "Two minuses anywhere make a plus",
    does: "In -a - b and in -a + (-b), the two minus signs are cancelled and the sizes added as a positive.",
    shows: "negative minus positive; negative plus negative",
    example: ["−6 − 2", "8"],
    apart: "from int-minus-unread: use -6 - 2, where that one gives 4",
    remedy: "debts: owing 6 and owing 2 more",
    knownFrom: "Küchemann (1981, in Hart); Ryan & Williams (2007)",
    common: 3,
    lookAlikes: ["int-minus-unread"],
    reads: (problem) =>
      twoTerms(problem, (left, join, right) =>
        twoMinuses(left, join, right) ? [unsigned(left), "add", unsigned(right)] : undefined,
      ),
    methods: BY_SIGNS,
  },
  {
    id: "int-second-minus-skipped",
    name: "Minus a minus read as one minus",
    does: "a - (-b) is worked as a - b.",
    shows: "subtracting a negative",
    example: ["5 − (−3)", "2"],
    apart:
      "no single problem separates it from int-operation-changed-only; follow with -9 - 4, which only that one spoils",
    remedy: "remove 3 negative counters: add zero pairs first",
    knownFrom: "Küchemann (1981, in Hart); Vlassis (2004)",
    common: 2,
    lookAlikes: ["int-operation-changed-only", "int-minus-unread"],
    reads: (problem) =>
      twoTerms(problem, (left, join, right) =>
        join === "subtract" && right.negative ? [left, "subtract", unsigned(right)] : undefined,
      ),
    methods: BY_SIGNS,
  },
  {
    id: "int-operation-changed-only",
    name: "Subtract becomes add, the number keeps its sign",
    does: "In a - b with a negative number present, the minus is changed to plus and the second number left as it stands: -9 - 4 becomes -9 + 4, and 5 - (-3) becomes 5 + (-3).",
    shows: "subtraction with at least one negative",
    example: ["−9 − 4", "−5"],
    apart: "from int-like-signs-subtracted: -4 - 9 gives 5 here, -5 there",
    remedy: "write both changes in one move: add the opposite",
    knownFrom: "Birenbaum & Tatsuoka (1983); classroom lore",
    common: 2,
    lookAlikes: ["int-second-minus-skipped", "int-like-signs-subtracted", "int-minus-unread"],
    reads: (problem) =>
      twoTerms(problem, (left, join, right) =>
        join === "subtract" && (left.negative || right.negative) ? [left, "add", right] : undefined,
      ),
    methods: BY_SIGNS,
  },
  {
    id: "int-minus-times-minus-is-minus",
    name: "Two negatives multiply to a negative",
    does: "Product or quotient of two negatives is given a minus.",
    shows: "both numbers negative, × or ÷",
    example: ["−4 × (−6)", "−24"],
    apart: "from int-bigger-number-gives-sign: test -3 x 8",
    remedy: "pattern: 2 x -6, 1 x -6, 0 x -6, -1 x -6",
    knownFrom: "Küchemann (1981, in Hart); classroom lore",
    common: 3,
    lookAlikes: ["int-bigger-number-gives-sign"],
    decides: bySigns({
      productBelow: (negatives) => negatives > 0,
    }),
  },
  {
    id: "int-bigger-number-gives-sign",
    name: "The larger number lends its sign to the product",
    does: "In × and ÷ the result takes the sign of the number larger in size (the addition rule).",
    shows: "× and ÷: both negative, or unlike signs with the positive one larger",
    example: ["−3 × 8", "24"],
    apart:
      "never alone on one problem: both negative it equals int-minus-times-minus-is-minus, unlike signs it equals int-minus-unread; a pair of problems is needed",
    remedy: "sort sign rules by operation; repeated addition of -3",
    knownFrom: "classroom lore (rule transfer from addition)",
    common: 1,
    lookAlikes: ["int-minus-times-minus-is-minus", "int-minus-unread"],
    decides: bySigns({
      productBelow: (negatives, [left, right]) =>
        left === undefined || right === undefined || compareNumerals(unsigned(left), unsigned(right)) === 0
          ? negatives % 2 === 1
          : sumBelow(left, right),
    }),
  },
  {
    id: "int-like-signs-subtracted",
    name: "Two negatives: sizes subtracted",
    does: "For -a + (-b) and -a - b, take the difference of the sizes and put a minus in front (0 when the sizes are equal).",
    shows: "negative plus negative; negative minus positive",
    example: ["−7 + (−2)", "−5"],
    apart: "from int-operation-changed-only: use addition, which that one gets right",
    remedy: "two-colour counters: nothing pairs off",
    knownFrom: "Birenbaum & Tatsuoka (1983)",
    common: 2,
    lookAlikes: ["int-minus-unread", "int-operation-changed-only"],
    needs: likeMinuses,
    decides: bySigns({
      addsSizes: () => false,
      sumBelow: () => true,
    }),
  },
  {
    id: "int-minus-unread",
    name: "The minus of the number is not read",
    does: "Both numbers are taken by size only; the operation between them is done as usual.",
    shows: "any negative number",
    example: ["−8 + 3", "11"],
    apart: "also spoils × and ÷, always towards positive",
    remedy: "place -8 on a number line before working",
    knownFrom: "Murray (1985); Bofferding (2014)",
    common: 3,
    lookAlikes: [
      "int-first-sign-rules",
      "int-two-minuses-make-plus",
      "int-second-minus-skipped",
      "int-bigger-number-gives-sign",
      "int-like-signs-subtracted",
      "int-operation-changed-only",
    ],
    reads: unread,
    methods: BY_SIGNS,
  },
  {
    id: "int-later-terms-first",
    name: "The last two terms are done first",
    does: "In a ± b ± c, work out b ± c first with the sign between them, then apply the first sign.",
    shows: "three terms with a minus first",
    example: ["12 − 5 + 3", "4"],
    apart: "needs three terms; two-term work is sound",
    remedy: "read as steps along a line; box each term with its own sign",
    knownFrom: "Herscovics & Linchevski (1994); Linchevski & Livneh (1999)",
    common: 2,
    lookAlikes: [],
    reads: laterFirst,
  },
];
