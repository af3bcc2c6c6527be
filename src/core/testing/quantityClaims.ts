import type { Reason } from "../methods";
import type { Problem, Relation } from "../problem";
import { currencyOf, piecesOfCurrency, type UnitId } from "../quantity";
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
  sizeOf,
  sum,
  times,
  worth,
  worthOfExpression,
} from "./ratio";

/** What earlier steps of the same sheet have carried, for what comes after to take in. */
export interface UnitChain {
  carried: bigint;
}

/** The claims of reasons about fractions, signs, money, units and chains, each by itself. It knows nothing of the methods. */
export const quantityClaims = (reason: Reason, chain: UnitChain, problem: Problem): readonly boolean[] => [
  ...fractionClaims(reason),
  ...signedClaims(reason, problem),
  ...moneyClaims(reason),
  ...unitClaims(reason, chain),
  ...measureClaims(reason),
  ...chainClaims(reason, problem),
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
        same(worth(reason.before), worth(reason.after)),
        reason.kind !== "regroupWhole" || reason.before.whole - reason.after.whole === 1n,
      ];
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
      return [below(worth(reason.smaller), worth(reason.larger))];
    case "combineParts": {
      const [first, ...rest] = reason.parts.map(worth);
      const alike = reason.parts.every(({ denominator }) => denominator === reason.result.denominator);
      const value = first && rest.reduce(reason.op === "add" ? plus : minus, first);
      return [alike, value !== undefined && same(value, worth(reason.result))];
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
        same(plus(ratio(reason.whole), worth(reason.part)), worth(reason.result)),
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
      return [same(times(worth(reason.divisor), worth(reason.reciprocal)), ratio(1))];
    case "likeParts":
      return [
        reason.left.denominator === reason.right.denominator,
        same(over(worth(reason.left), worth(reason.right)), worth(reason.result)),
      ];
    case "reduce":
      return [
        reason.by > 1n,
        reason.after.numerator * reason.by === reason.before.numerator,
        reason.after.denominator * reason.by === reason.before.denominator,
      ];
    case "countOut":
      return [
        same(worth(reason.before), plus(ratio(reason.whole), worth(reason.rest))),
        reason.rest.numerator < reason.rest.denominator,
      ];
    case "compareParts": {
      const [a = ratio(0), b = ratio(0)] = reason.numerals.map(worth);
      return [
        relationOf(a, b) === reason.relation,
        reason.parts.every((part, index) => same(worth(part), index === 0 ? a : b)),
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
      return [same(size(right(reason.problem)), worth(reason.fraction))];
    default:
      return [];
  }
}

function signedClaims(reason: Reason, problem: Problem): readonly boolean[] {
  switch (reason.kind) {
    case "addOpposites":
      return [same(sum(reason.terms.map(worth)), right(problem))];
    case "sameSigns": {
      const [a, b] = [worth(reason.left), worth(reason.right)];
      return [same(plus(a, b), worth(reason.result)), a.over * b.over >= 0n];
    }
    case "differentSigns": {
      const [a, b] = [worth(reason.left), worth(reason.right)];
      return [
        same(plus(a, b), worth(reason.result)),
        a.over * b.over <= 0n,
        !below(worth(reason.larger), worth(reason.smaller)),
      ];
    }
    case "gatherSides":
      return [
        reason.above.every((one) => worth(one).over >= 0n),
        reason.below.every((one) => worth(one).over < 0n),
        same(sum([...reason.above, ...reason.below].map(worth)), right(problem)),
      ];
    case "productSign":
      return [reason.negative === (reason.negatives % 2 === 1)];
    case "productSize":
      return [
        same(worth(reason.size), size(worth(reason.result))),
        same(right(reason.problem), worth(reason.size)),
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
      return [same(worth(reason.amount), worth(reason.numeral)), reason.numeral.fraction.length === 2];
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
      return [reason.enough === !below(worth(reason.have), worth(reason.cost))];
    case "handNotes": {
      const total = ratio(piecesSum(reason.pieces), 100);
      const { notes } = currencyOf(reason.total.currency);
      return [
        same(total, worth(reason.total)),
        !below(total, worth(reason.price)),
        reason.pieces.every((piece) => notes.includes(piece)),
        reason.exact === same(total, worth(reason.price)),
      ];
    }
    case "backFromNotes":
      return [same(plus(worth(reason.price), worth(reason.back)), worth(reason.total))];
    case "intoMinor":
    case "backToMajor":
      return [same(worth(reason.amount), ratio(reason.count, 100))];
    default:
      return [];
  }
}

const rateOf = (larger: UnitId, smaller: UnitId): Ratio => over(sizeOf(larger), sizeOf(smaller));

/** Totals in columns of units: each takes in what the one before gave. */
function unitClaims(reason: Reason, chain: UnitChain): readonly boolean[] {
  if (reason.kind !== "unitTotal" && reason.kind !== "unitProduct") return [];
  const { unit, larger, rate, carriedIn, total: all, written, carriedOut } = reason;
  const held = chain.carried === carriedIn;
  chain.carried = carriedOut;
  const made = reason.kind === "unitTotal" ? total(reason.parts) : reason.count * reason.times;
  return [
    held,
    all === made + carriedIn,
    written + carriedOut * rate === all,
    larger === undefined ? carriedOut === 0n : same(rateOf(larger, unit), ratio(rate)),
    carriedOut === 0n || written < rate,
  ];
}

function measureClaims(reason: Reason): readonly boolean[] {
  switch (reason.kind) {
    case "regroupUnit":
      return [
        same(rateOf(reason.larger, reason.unit), ratio(reason.rate)),
        reason.whole * reason.rate + reason.rest === reason.count,
        reason.rest < reason.rate && reason.whole > 0n,
        reason.had + reason.whole === reason.makes,
      ];
    case "unitExchange": {
      const standing = (which: "before" | "after"): Ratio =>
        sum(reason.changes.map((change) => times(ratio(change[which]), sizeOf(change.unit))));
      return [
        same(standing("before"), standing("after")),
        reason.top < reason.bottom,
        reason.changes.every(({ after }) => after >= 0n),
      ];
    }
    case "unitDifference":
      return [reason.top - reason.bottom === reason.written, reason.written >= 0n];
    case "unitShare":
      return [reason.each * reason.divisor + reason.rest === reason.count, reason.rest < reason.divisor];
    case "restToSmaller":
      return [
        same(rateOf(reason.unit, reason.smaller), ratio(reason.rate)),
        reason.rest * reason.rate === reason.makes,
        reason.makes + reason.had === reason.total,
      ];
    case "intoSmaller":
      return [
        same(rateOf(reason.unit, reason.smaller), ratio(reason.rate)),
        same(times(worth(reason.count), ratio(reason.rate)), worth(reason.makes)),
        same(plus(worth(reason.makes), worth(reason.had)), worth(reason.total)),
      ];
    case "intoLarger":
      return [
        same(rateOf(reason.larger, reason.unit), ratio(reason.rate)),
        same(plus(ratio(reason.whole * reason.rate), worth(reason.rest)), worth(reason.count)),
        below(worth(reason.rest), ratio(reason.rate)),
      ];
    case "padUnit":
    case "unpadUnit":
      return [same(worth(reason.measure), times(worth(reason.decimal), sizeOf(reason.unit)))];
    case "decimalOfUnit":
      return [same(worth(reason.measure), times(right(reason.problem), sizeOf(reason.unit)))];
    default:
      return [];
  }
}

function chainClaims(reason: Reason, problem: Problem): readonly boolean[] {
  if (reason.kind !== "putBack") return [];
  return [
    same(worth(reason.result), right(reason.problem)),
    same(worthOfExpression(reason.rest.expression), right(problem)),
  ];
}
