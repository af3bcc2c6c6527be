import { signRule } from "../../methods";
import { compareNumerals, type Decimal, isZero, type Numeral, unsigned, wholeNumeral } from "../../number";
import {
  AS_IT_COMES,
  isNumeral,
  type Join,
  operandsOf,
  type Problem,
  termsOf,
  withOperands,
} from "../../problem";
import { overrideIn } from "../contract/decisionOverride";
import type { PatternsOf, Split } from "../contract/errorPattern";
import { decimalProblem, twoDecimals } from "../contract/parts";

const bySigns = overrideIn(signRule);
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

/** Two whole numbers or decimals whose difference is below zero. */
function belowZero(problem: Problem): readonly [Decimal, Decimal] | undefined {
  const two = twoDecimals(problem, "subtract");
  return two !== undefined && compareNumerals(...two) < 0 ? two : undefined;
}

/** The sizes added, and a minus before the sum. */
function addedBelowZero(problem: Problem): Split | undefined {
  const two = belowZero(problem);
  return (
    two && {
      inTurn: true,
      parts: [decimalProblem("add", two)],
      joins: ([sum]) => (sum?.kind === "decimal" ? { ...sum, negative: true } : undefined),
    }
  );
}

export const INTEGERS_PATTERNS: PatternsOf = [
  {
    id: "int-sizes-added-minus",
    example: ["−7 + 3", "−10"],
    frequency: 2,
    lookAlikes: [],
    needs: addsUnlike,
    decides: bySigns({
      addsSizes: () => true,
      sumBelow: (left, right) => unlikeSigns(left, right) || left.negative,
    }),
  },
  {
    id: "int-first-sign-rules",
    example: ["−3 + 8", "−5"],
    frequency: 2,
    lookAlikes: ["int-minus-unread", "int-minus-wins"],
    needs: endsUnlike,
    decides: bySigns({
      sumBelow: (left, right) => (unlikeSigns(left, right) ? left.negative : sumBelow(left, right)),
    }),
  },
  {
    id: "int-swaps-to-subtract",
    example: ["4 − 9", "5"],
    frequency: 3,
    lookAlikes: [],
    reads: turnedRound,
  },
  {
    id: "int-two-minuses-make-plus",
    example: ["−6 − 2", "8"],
    frequency: 3,
    lookAlikes: ["int-minus-unread"],
    reads: (problem) =>
      twoTerms(problem, (left, join, right) =>
        twoMinuses(left, join, right) ? [unsigned(left), "add", unsigned(right)] : undefined,
      ),
    methods: BY_SIGNS,
  },
  {
    id: "int-second-minus-skipped",
    example: ["5 − (−3)", "2"],
    frequency: 2,
    lookAlikes: ["int-operation-changed-only", "int-minus-unread"],
    reads: (problem) =>
      twoTerms(problem, (left, join, right) =>
        join === "subtract" && right.negative ? [left, "subtract", unsigned(right)] : undefined,
      ),
    methods: BY_SIGNS,
  },
  {
    id: "int-operation-changed-only",
    example: ["−9 − 4", "−5"],
    frequency: 2,
    lookAlikes: ["int-second-minus-skipped", "int-like-signs-subtracted", "int-minus-unread"],
    reads: (problem) =>
      twoTerms(problem, (left, join, right) =>
        join === "subtract" && (left.negative || right.negative) ? [left, "add", right] : undefined,
      ),
    methods: BY_SIGNS,
  },
  {
    id: "int-minus-times-minus-is-minus",
    example: ["−4 × (−6)", "−24"],
    frequency: 3,
    lookAlikes: ["int-bigger-number-gives-sign"],
    decides: bySigns({
      productBelow: (negatives) => negatives > 0,
    }),
  },
  {
    id: "int-bigger-number-gives-sign",
    example: ["−3 × 8", "24"],
    frequency: 1,
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
    example: ["−7 + (−2)", "−5"],
    frequency: 2,
    lookAlikes: ["int-minus-unread", "int-operation-changed-only"],
    needs: likeMinuses,
    decides: bySigns({
      addsSizes: () => false,
      sumBelow: () => true,
    }),
  },
  {
    id: "int-minus-unread",
    example: ["−8 + 3", "11"],
    frequency: 3,
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
    example: ["12 − 5 + 3", "4"],
    frequency: 2,
    lookAlikes: [],
    reads: laterFirst,
  },
  {
    id: "int-below-zero-added",
    example: ["3 − 8", "−11"],
    frequency: 1,
    lookAlikes: [],
    splits: addedBelowZero,
  },
  {
    id: "int-nothing-below-zero",
    example: ["4 − 9", "0"],
    frequency: 2,
    lookAlikes: [],
    writes: (_, problem) => (belowZero(problem) === undefined ? undefined : wholeNumeral(0n)),
    atOnce: true,
  },
  {
    id: "int-minus-wins",
    example: ["8 + (−3)", "−5"],
    frequency: 2,
    lookAlikes: ["int-first-sign-rules"],
    needs: addsUnlike,
    decides: bySigns({ sumBelow: (left, right) => left.negative || right.negative }),
  },
];
