import type { Numeral } from "../number";
import type { Relation } from "../problem";
import type { ClaimsTable } from "./claimsTable";
import { bigSumOf } from "./counts";
import {
  below,
  minus,
  over,
  plus,
  type Ratio,
  ratio,
  right,
  same,
  size,
  sum,
  times,
  valueOfQuantity,
} from "./ratio";

const product = (all: readonly bigint[]): bigint => all.reduce((a, b) => a * b, 1n);
const greatest = (a: bigint, b: bigint): bigint => (b === 0n ? a : greatest(b, a % b));
const isPrime = (number: bigint): boolean => {
  for (let by = 2n; by * by <= number; by++) if (number % by === 0n) return false;
  return number > 1n;
};
export const relationOf = (a: Ratio, b: Ratio): Relation => (below(a, b) ? "<" : below(b, a) ? ">" : "=");

const sameWorth = ({ before, after }: { readonly before: Numeral; readonly after: Numeral }) => [
  same(valueOfQuantity(before), valueOfQuantity(after)),
];

/** Claims about fractions, each by itself. */
export const FRACTION_CLAIMS = {
  decimalToFraction: sameWorth,
  wholeOverOne: sameWorth,
  toImproper: sameWorth,
  regroupWhole: (reason) => [...sameWorth(reason), reason.before.whole - reason.after.whole === 1n],
  crossProduct: (reason) => [reason.numerator * reason.denominator === reason.product],
  overBoth: (reason) =>
    reason.fractions.map((one, index) => {
      const wide = reason.widened[index];
      return wide !== undefined && same(valueOfQuantity(one), valueOfQuantity(wide));
    }),
  compareProducts: (reason) => [
    reason.relation === relationOf(ratio(reason.products[0]), ratio(reason.products[1])),
  ],
  listMultiples: (reason) => [
    reason.lists.every(({ of, multiples }) =>
      multiples.every((one, index) => one === of * BigInt(index + 1)),
    ),
    reason.lists.every(({ multiples }) => multiples.at(-1) === reason.meets),
    !(reason.lists[0]?.multiples.slice(0, -1) ?? []).some((early) =>
      reason.lists.every(({ multiples }) => multiples.includes(early)),
    ),
  ],
  primeFactors: (reason) => [
    [...reason.lists, { of: reason.product, factors: reason.joined }].every(
      ({ of, factors }) => product(factors) === of && factors.every(isPrime),
    ),
    reason.lists.every(({ of }) => reason.product % of === 0n),
  ],
  multiplyDenominators: (reason) => [product(reason.denominators) === reason.product],
  equivalent: (reason) => [
    reason.after.numerator === reason.before.numerator * reason.by,
    reason.after.denominator === reason.before.denominator * reason.by,
  ],
  swapFractions: (reason) => [below(valueOfQuantity(reason.smaller), valueOfQuantity(reason.larger))],
  combineParts: (reason) => {
    const [first, ...rest] = reason.parts.map(valueOfQuantity);
    const alike = reason.parts.every(({ denominator }) => denominator === reason.result.denominator);
    const value = first && rest.reduce(reason.op === "add" ? plus : minus, first);
    return [alike, value !== undefined && same(value, valueOfQuantity(reason.result))];
  },
  wholesTogether: (reason) => {
    const [first = 0n, ...rest] = reason.wholes;
    return [
      reason.result === (reason.op === "add" ? first + bigSumOf(rest) : first - bigSumOf(rest)),
      reason.result >= 0n,
    ];
  },
  joinWholeAndPart: (reason) => [
    same(plus(ratio(reason.whole), valueOfQuantity(reason.part)), valueOfQuantity(reason.result)),
    reason.part.numerator < reason.part.denominator,
  ],
  cancel: (reason) => [
    reason.by > 1n,
    reason.newOver * reason.by === reason.over,
    reason.newUnder * reason.by === reason.under,
  ],
  acrossTheLine: (reason) => [
    product(reason.factors.map(({ numerator }) => numerator)) === reason.result.numerator,
    product(reason.factors.map(({ denominator }) => denominator)) === reason.result.denominator,
  ],
  turnOver: (reason) => [
    same(times(valueOfQuantity(reason.divisor), valueOfQuantity(reason.reciprocal)), ratio(1)),
  ],
  likeParts: (reason) => [
    reason.left.denominator === reason.right.denominator,
    same(over(valueOfQuantity(reason.left), valueOfQuantity(reason.right)), valueOfQuantity(reason.result)),
  ],
  reduce: (reason) => [
    reason.by > 1n,
    reason.after.numerator * reason.by === reason.before.numerator,
    reason.after.denominator * reason.by === reason.before.denominator,
  ],
  countOut: (reason) => [
    same(valueOfQuantity(reason.before), plus(ratio(reason.whole), valueOfQuantity(reason.rest))),
    reason.rest.numerator < reason.rest.denominator,
  ],
  compareParts: (reason) => {
    const [a = ratio(0), b = ratio(0)] = reason.numerals.map(valueOfQuantity);
    return [
      relationOf(a, b) === reason.relation,
      reason.parts.every((part, index) => same(valueOfQuantity(part), index === 0 ? a : b)),
    ];
  },
  orderParts: (reason) => [
    reason.parts.every(
      (part, index) =>
        part.numerator >= (reason.parts[index - 1] ?? part).numerator &&
        part.denominator === reason.parts[0]?.denominator,
    ),
  ],
  divideOut: (reason) => [same(size(right(reason.problem)), valueOfQuantity(reason.fraction))],
  alikeAlready: (reason) => [reason.denominator > 0n],
  partsApart: (reason, { problem }) => [
    problem.op !== "add" ||
      same(
        sum([ratio(bigSumOf(reason.wholes)), ...reason.parts.map((part) => valueOfQuantity(part))]),
        right(problem),
      ),
  ],
  readyToCancel: (reason, { problem }) => [
    same(
      reason.factors.reduce((all, one) => times(all, valueOfQuantity(one)), ratio(1)),
      size(right(problem)),
    ),
  ],
  signFraction: (reason, { problem }) => [
    valueOfQuantity(reason.answer).over < 0n,
    same(valueOfQuantity(reason.answer), right(problem)),
  ],
  simplestAlready: (reason) => [greatest(reason.value.numerator, reason.value.denominator) === 1n],
} satisfies Partial<ClaimsTable>;
