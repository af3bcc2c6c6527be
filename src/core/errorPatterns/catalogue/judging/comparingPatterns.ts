import {
  compareDecimals,
  compareNumerals,
  cutTo,
  type Decimal,
  type Fraction,
  significantDigits,
  unsigned,
} from "../../../number";
import { type Answer, isNumeral, operandsOf, type Problem, type Relation } from "../../../problem";
import type { Quantity } from "../../../quantity";
import type { ErrorPattern, PatternsOf } from "../../contract/errorPattern";

/** How two numbers lie to each other for a learner: below zero, zero or above; none where the pattern says nothing of them. */
type Compares<N> = (left: N, right: N) => number | undefined;

const relationOf = (lies: number): Relation => (lies < 0 ? "<" : lies > 0 ? ">" : "=");

/** Numbers put in order by a rule, the smallest first; none where the rule says nothing of two of them. */
function orderedBy(numerals: readonly Quantity[], lies: Compares<Quantity>): readonly Quantity[] | undefined {
  const all = numerals.flatMap((one, index) => numerals.slice(index + 1).map((other) => lies(one, other)));
  if (all.some((one) => one === undefined)) return undefined;
  return [...numerals].sort((one, other) => lies(one, other) ?? 0);
}

/** The answer to a comparison, or to an order, by another rule than value. */
const answersBy =
  (lies: Compares<Quantity>): NonNullable<ErrorPattern["writes"]> =>
  (answer: Answer, problem: Problem) => {
    if (answer.kind === "ordered") {
      const ordered = orderedBy(operandsOf(problem), lies);
      return ordered === undefined ? undefined : { ...answer, quantities: ordered };
    }
    if (answer.kind !== "comparison") return undefined;
    const between = lies(answer.left, answer.right);
    return between === undefined ? undefined : { ...answer, relation: relationOf(between) };
  };

/** A rule for decimals above zero: whole numbers among them, no fractions. */
const ofDecimals =
  (lies: Compares<Decimal>): Compares<Quantity> =>
  (left, right) =>
    left.kind === "decimal" && right.kind === "decimal" && !left.negative && !right.negative
      ? lies(left, right)
      : undefined;

/** A rule for fractions above zero. */
const ofFractions =
  (lies: Compares<Fraction>): Compares<Quantity> =>
  (left, right) =>
    left.kind === "fraction" && right.kind === "fraction" && !left.negative && !right.negative
      ? lies(left, right)
      : undefined;

const between = (left: bigint, right: bigint): number => (left < right ? -1 : left > right ? 1 : 0);

const count = (digits: string): bigint => BigInt(digits || "0");

/** A rule for what stands after the points, where the whole parts are the same; else these decide. */
const byEnds = (lies: (left: string, right: string) => number): Compares<Quantity> =>
  ofDecimals((left, right) =>
    count(left.whole) === count(right.whole)
      ? lies(left.fraction, right.fraction)
      : between(count(left.whole), count(right.whole)),
  );

const asWholes = (left: string, right: string): number => between(count(left), count(right));

const longerIsLarger = byEnds(asWholes);

const shorterIsLarger = byEnds((left, right) =>
  left.length === right.length ? asWholes(left, right) : between(BigInt(right.length), BigInt(left.length)),
);

const hasPoint = ({ fraction }: Decimal): boolean => fraction !== "";

const pointIgnored = ofDecimals((left, right) =>
  hasPoint(left) || hasPoint(right)
    ? between(count(left.whole + left.fraction), count(right.whole + right.fraction))
    : undefined,
);

const zeroMakesSmall = byEnds((left, right) => {
  const [first, second] = [left.startsWith("0"), right.startsWith("0")];
  return first === second ? asWholes(left, right) : first ? -1 : 1;
});

const zeroNotSeen = ofDecimals((left, right) => {
  const bare = (numeral: Decimal): Decimal => ({ ...numeral, fraction: significantDigits(numeral.fraction) });
  return compareDecimals(bare(left), bare(right));
});

const largerTailIsSmaller = byEnds((left, right) => asWholes(right, left));

const twoPlacesOnly = ofDecimals((left, right) =>
  Math.max(left.fraction.length, right.fraction.length) > 2
    ? compareDecimals(cutTo(left, -2, false), cutTo(right, -2, false))
    : undefined,
);

/** Unequal denominators decide, equal ones leave it to the numerators. */
const byBottoms = (larger: 1 | -1): Compares<Quantity> =>
  ofFractions((left, right) =>
    left.denominator === right.denominator
      ? between(left.numerator, right.numerator)
      : larger * between(left.denominator, right.denominator),
  );

const byGaps = ofFractions((left, right) => {
  const [first, second] = [left, right].map(({ numerator, denominator }) => denominator - numerator);
  return first === undefined || second === undefined || first <= 0n || second <= 0n
    ? undefined
    : between(second, first);
});

const byBothNumbers = ofFractions((left, right) => {
  const [tops, bottoms] = [
    between(left.numerator, right.numerator),
    between(left.denominator, right.denominator),
  ];
  return tops === bottoms && tops !== 0 ? tops : undefined;
});

const isBelow = (one: Quantity): boolean => isNumeral(one) && one.negative;

/** Two numbers by their sizes, as if no minus stood before them; none where either is no number. */
const bySizes: Compares<Quantity> = (left, right) =>
  isNumeral(left) && isNumeral(right) ? compareNumerals(unsigned(left), unsigned(right)) : undefined;

/** Below zero before what is above it, and among themselves by their sizes. */
const sizesBelowZero: Compares<Quantity> = (left, right) =>
  isBelow(left) === isBelow(right) ? bySizes(left, right) : isBelow(left) ? -1 : 1;

/** Whether a number below zero is among those to be compared. */
const hasBelow = (problem: Problem): boolean => operandsOf(problem).some(isBelow);

/** Errors in comparing numbers, and in putting them in order. */
export const COMPARING_PATTERNS: PatternsOf = [
  {
    id: "cmp-longer-is-larger",
    example: ["compare 0.45 and 0.6", "0.45"],
    frequency: 3,
    lookAlikes: ["cmp-point-ignored", "cmp-zero-makes-small", "cmp-zero-not-seen"],
    writes: answersBy(longerIsLarger),
    atOnce: true,
  },
  {
    id: "cmp-shorter-is-larger",
    example: ["compare 0.45 and 0.3", "0.3"],
    frequency: 3,
    lookAlikes: ["cmp-larger-tail-is-smaller"],
    writes: answersBy(shorterIsLarger),
    atOnce: true,
  },
  {
    id: "cmp-point-ignored",
    example: ["compare 12.4 and 9.35", "<"],
    frequency: 2,
    lookAlikes: ["cmp-longer-is-larger", "cmp-zero-makes-small", "cmp-zero-not-seen"],
    writes: answersBy(pointIgnored),
    atOnce: true,
  },
  {
    id: "cmp-zero-makes-small",
    example: ["order 0.3; 0.15; 0.08", "0.08; 0.3; 0.15"],
    frequency: 2,
    lookAlikes: ["cmp-longer-is-larger", "cmp-point-ignored"],
    writes: answersBy(zeroMakesSmall),
    atOnce: true,
  },
  {
    id: "cmp-zero-not-seen",
    example: ["compare 0.05 and 0.35", ">"],
    frequency: 2,
    lookAlikes: ["cmp-longer-is-larger", "cmp-point-ignored"],
    writes: answersBy(zeroNotSeen),
    atOnce: true,
  },
  {
    id: "cmp-larger-tail-is-smaller",
    example: ["compare 0.3 and 0.4", ">"],
    frequency: 1,
    lookAlikes: ["cmp-shorter-is-larger"],
    writes: answersBy(largerTailIsSmaller),
    atOnce: true,
  },
  {
    id: "cmp-two-places-only",
    example: ["compare 4.451 and 4.45", "="],
    frequency: 2,
    lookAlikes: [],
    writes: answersBy(twoPlacesOnly),
    atOnce: true,
  },
  {
    id: "cmp-bigger-bottom",
    example: ["compare 1/3 and 1/4", "<"],
    frequency: 3,
    lookAlikes: ["cmp-bigger-numbers"],
    writes: answersBy(byBottoms(1)),
    atOnce: true,
  },
  {
    id: "cmp-smaller-bottom",
    example: ["compare 3/7 and 2/5", "<"],
    frequency: 2,
    lookAlikes: ["cmp-gap"],
    writes: answersBy(byBottoms(-1)),
    atOnce: true,
  },
  {
    id: "cmp-gap",
    example: ["compare 5/6 and 7/8", "="],
    frequency: 2,
    lookAlikes: ["cmp-smaller-bottom"],
    writes: answersBy(byGaps),
    atOnce: true,
  },
  {
    id: "cmp-bigger-numbers",
    example: ["compare 2/3 and 4/6", "<"],
    frequency: 2,
    lookAlikes: ["cmp-bigger-bottom"],
    writes: answersBy(byBothNumbers),
    atOnce: true,
  },
  {
    id: "cmp-minus-unseen",
    example: ["compare −8 and 5", ">"],
    frequency: 1,
    lookAlikes: ["cmp-sizes-below-zero"],
    needs: hasBelow,
    writes: answersBy(bySizes),
    atOnce: true,
  },
  {
    id: "cmp-sizes-below-zero",
    example: ["compare −7 and −3", ">"],
    frequency: 3,
    lookAlikes: ["cmp-minus-unseen"],
    needs: hasBelow,
    writes: answersBy(sizesBelowZero),
    atOnce: true,
  },
];
