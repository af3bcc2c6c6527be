import type { Reason } from "../../methods";
import type { Problem, Relation } from "../../problem";
import { currencyOf, piecesOfCurrency } from "../../quantity";
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
  valueOfExpression,
  valueOfQuantity,
} from "../ratio";
import { measureClaims, type UnitChain, unitClaims } from "./measureClaims";
import { mentalClaims } from "./mentalClaims";

/** The claims of reasons about fractions, signs, money, units and chains, each by itself. It knows nothing of the methods. */
export const quantityClaims = (reason: Reason, chain: UnitChain, problem: Problem): readonly boolean[] => [
  ...fractionClaims(reason),
  ...signedClaims(reason, problem),
  ...moneyClaims(reason),
  ...unitClaims(reason, chain),
  ...measureClaims(reason),
  ...chainClaims(reason, problem),
  ...mentalClaims(reason),
];

const product = (all: readonly bigint[]): bigint => all.reduce((a, b) => a * b, 1n);
const total = (all: readonly bigint[]): bigint => all.reduce((a, b) => a + b, 0n);
const isPrime = (number: bigint): boolean => {
  for (let by = 2n; by * by <= number; by++) if (number % by === 0n) return false;
  return number > 1n;
};
const relationOf = (a: Ratio, b: Ratio): Relation => (below(a, b) ? "<" : below(b, a) ? ">" : "=");

function fractionClaims(reason: Reason): readonly boolean[] {
  switch (reason.kind) {
    case "decimalToFraction":
    case "wholeOverOne":
    case "toImproper":
    case "regroupWhole":
      return [
        same(valueOfQuantity(reason.before), valueOfQuantity(reason.after)),
        reason.kind !== "regroupWhole" || reason.before.whole - reason.after.whole === 1n,
      ];
    case "crossProduct":
      return [reason.numerator * reason.denominator === reason.product];
    case "overBoth":
      return reason.fractions.map((one, index) => {
        const wide = reason.widened[index];
        return wide !== undefined && same(valueOfQuantity(one), valueOfQuantity(wide));
      });
    case "compareProducts":
      return [reason.relation === relationOf(ratio(reason.products[0]), ratio(reason.products[1]))];
    case "listMultiples":
      return [
        reason.lists.every(({ of, multiples }) =>
          multiples.every((one, index) => one === of * BigInt(index + 1)),
        ),
        reason.lists.every(({ multiples }) => multiples.at(-1) === reason.meets),
        !(reason.lists[0]?.multiples.slice(0, -1) ?? []).some((early) =>
          reason.lists.every(({ multiples }) => multiples.includes(early)),
        ),
      ];
    case "primeFactors":
      return [
        [...reason.lists, { of: reason.product, factors: reason.joined }].every(
          ({ of, factors }) => product(factors) === of && factors.every(isPrime),
        ),
        reason.lists.every(({ of }) => reason.product % of === 0n),
      ];
    case "multiplyDenominators":
      return [product(reason.denominators) === reason.product];
    case "equivalent":
      return [
        reason.after.numerator === reason.before.numerator * reason.by,
        reason.after.denominator === reason.before.denominator * reason.by,
      ];
    case "swapFractions":
      return [below(valueOfQuantity(reason.smaller), valueOfQuantity(reason.larger))];
    case "combineParts": {
      const [first, ...rest] = reason.parts.map(valueOfQuantity);
      const alike = reason.parts.every(({ denominator }) => denominator === reason.result.denominator);
      const value = first && rest.reduce(reason.op === "add" ? plus : minus, first);
      return [alike, value !== undefined && same(value, valueOfQuantity(reason.result))];
    }
    case "wholesTogether": {
      const [first = 0n, ...rest] = reason.wholes;
      return [
        reason.result === (reason.op === "add" ? first + total(rest) : first - total(rest)),
        reason.result >= 0n,
      ];
    }
    case "joinWholeAndPart":
      return [
        same(plus(ratio(reason.whole), valueOfQuantity(reason.part)), valueOfQuantity(reason.result)),
        reason.part.numerator < reason.part.denominator,
      ];
    case "cancel":
      return [
        reason.by > 1n,
        reason.newOver * reason.by === reason.over,
        reason.newUnder * reason.by === reason.under,
      ];
    case "acrossTheLine":
      return [
        product(reason.factors.map(({ numerator }) => numerator)) === reason.result.numerator,
        product(reason.factors.map(({ denominator }) => denominator)) === reason.result.denominator,
      ];
    case "turnOver":
      return [same(times(valueOfQuantity(reason.divisor), valueOfQuantity(reason.reciprocal)), ratio(1))];
    case "likeParts":
      return [
        reason.left.denominator === reason.right.denominator,
        same(
          over(valueOfQuantity(reason.left), valueOfQuantity(reason.right)),
          valueOfQuantity(reason.result),
        ),
      ];
    case "reduce":
      return [
        reason.by > 1n,
        reason.after.numerator * reason.by === reason.before.numerator,
        reason.after.denominator * reason.by === reason.before.denominator,
      ];
    case "countOut":
      return [
        same(valueOfQuantity(reason.before), plus(ratio(reason.whole), valueOfQuantity(reason.rest))),
        reason.rest.numerator < reason.rest.denominator,
      ];
    case "compareParts": {
      const [a = ratio(0), b = ratio(0)] = reason.numerals.map(valueOfQuantity);
      return [
        relationOf(a, b) === reason.relation,
        reason.parts.every((part, index) => same(valueOfQuantity(part), index === 0 ? a : b)),
      ];
    }
    case "orderParts":
      return [
        reason.parts.every(
          (part, index) =>
            part.numerator >= (reason.parts[index - 1] ?? part).numerator &&
            part.denominator === reason.parts[0]?.denominator,
        ),
      ];
    case "divideOut":
      return [same(size(right(reason.problem)), valueOfQuantity(reason.fraction))];
    default:
      return [];
  }
}

function signedClaims(reason: Reason, problem: Problem): readonly boolean[] {
  switch (reason.kind) {
    case "addOpposites":
      return [same(sum(reason.terms.map(valueOfQuantity)), right(problem))];
    case "sameSigns": {
      const [a, b] = [valueOfQuantity(reason.left), valueOfQuantity(reason.right)];
      return [same(plus(a, b), valueOfQuantity(reason.result)), a.over * b.over >= 0n];
    }
    case "differentSigns": {
      const [a, b] = [valueOfQuantity(reason.left), valueOfQuantity(reason.right)];
      return [
        same(plus(a, b), valueOfQuantity(reason.result)),
        a.over * b.over <= 0n,
        !below(valueOfQuantity(reason.larger), valueOfQuantity(reason.smaller)),
      ];
    }
    case "gatherSides":
      return [
        reason.above.every((one) => valueOfQuantity(one).over >= 0n),
        reason.below.every((one) => valueOfQuantity(one).over < 0n),
        same(sum([...reason.above, ...reason.below].map(valueOfQuantity)), right(problem)),
      ];
    case "productSign":
      return [reason.negative === (reason.negatives % 2 === 1)];
    case "productSize":
      return [
        same(valueOfQuantity(reason.size), size(valueOfQuantity(reason.result))),
        same(right(reason.problem), valueOfQuantity(reason.size)),
      ];
    case "jumpAlong":
      return [reason.from + reason.by === reason.to];
    case "bringZeroPairs":
      return [reason.pairs > 0, reason.there + reason.pairs === reason.needed];
    case "cancelPairs":
      return [reason.pairs === Math.min(reason.positives, reason.negatives)];
    case "layGroups":
      return [reason.groups * reason.each === reason.total];
    default:
      return [];
  }
}

const piecesSum = (pieces: readonly number[]): number => pieces.reduce((a, b) => a + b, 0);

function moneyClaims(reason: Reason): readonly boolean[] {
  switch (reason.kind) {
    case "hiddenPlaces":
      return [
        same(valueOfQuantity(reason.amount), valueOfQuantity(reason.numeral)),
        reason.numeral.fraction.length === 2,
      ];
    case "changeHop": {
      const { from, to, pieces, reaches, currency } = reason;
      const there = reaches === "ten" ? to % 10 === 0 : reaches === "whole" ? to % 100 === 0 : true;
      return [
        from + piecesSum(pieces) === to,
        pieces.every((piece) => piecesOfCurrency(currency).includes(piece)),
        there,
      ];
    }
    case "changeTotal":
      return [piecesSum(reason.hops) === reason.total, piecesSum(reason.pieces) === reason.total];
    case "compareCost":
      return [reason.enough === !below(valueOfQuantity(reason.have), valueOfQuantity(reason.cost))];
    case "handNotes": {
      const total = ratio(piecesSum(reason.pieces), 100);
      const { notes } = currencyOf(reason.total.currency);
      return [
        same(total, valueOfQuantity(reason.total)),
        !below(total, valueOfQuantity(reason.price)),
        reason.pieces.every((piece) => notes.includes(piece)),
        reason.exact === same(total, valueOfQuantity(reason.price)),
      ];
    }
    case "backFromNotes":
      return [
        same(
          plus(valueOfQuantity(reason.price), valueOfQuantity(reason.back)),
          valueOfQuantity(reason.total),
        ),
      ];
    case "intoMinor":
    case "backToMajor":
      return [same(valueOfQuantity(reason.amount), ratio(reason.count, 100))];
    default:
      return [];
  }
}

function chainClaims(reason: Reason, problem: Problem): readonly boolean[] {
  if (reason.kind !== "putBack") return [];
  return [
    same(valueOfQuantity(reason.result), right(reason.problem)),
    same(valueOfExpression(reason.rest.expression), right(problem)),
  ];
}
