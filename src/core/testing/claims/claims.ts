import type Exact from "decimal.js";
import type { Reason, Working } from "../../methods";
import type { Decimal } from "../../number";
import type { Problem } from "../../problem";
import { bigints, Wide, wide } from "../answers";
import type { UnitChain } from "./measureClaims";
import { quantityClaims } from "./quantityClaims";

/** What a chain of columns has carried so far: each column must take in what the one before it gave. */
interface Chains {
  columns: number;
  products: number;
  diagonals: number;
  parts: number;
  paying: number;
  owed: number;
}

/**
 * The claims of a working's steps that do not hold: each column sum and carry, each exchange, each
 * product of two digits, each "how many times", taken by itself with another library. It knows the
 * reasons and nothing of the methods.
 */
export function brokenClaims({ steps, problem }: Working): readonly string[] {
  const chains: Chains = { columns: 0, products: 0, diagonals: 0, parts: 0, paying: 0, owed: 0 };
  const units: UnitChain = { carried: 0n };
  // Each page works the problem that was last named when it was begun.
  const asked = new Map<number, Problem>([[0, problem]]);
  let named = problem;
  const broken = steps.flatMap(({ reason, page }) => {
    const index = page?.index ?? 0;
    const here = asked.get(index) ?? named;
    asked.set(index, here);
    if ("problem" in reason) named = reason.problem;
    const operands = here.kind === "decimals" ? here.operands : [];
    const holds = [
      ...columnClaims(reason, chains),
      ...valueClaims(reason, operands),
      ...quotientClaims(reason),
      ...quantityClaims(reason, units, here),
    ];
    return holds.every(Boolean) ? [] : [JSON.stringify(reason, bigints)];
  });
  const left = Object.entries({ ...chains, units: Number(units.carried) }).filter(([, count]) => count !== 0);
  return [...broken, ...left.map(([chain]) => `something was carried and never written: ${chain}`)];
}

const isDigit = (value: number): boolean => Number.isInteger(value) && value >= 0 && value < 10;
const sumOf = (counts: readonly number[]): number => counts.reduce((sum, count) => sum + count, 0);

/** Claims about small counts in columns, each with what came from the column before. */
function columnClaims(reason: Reason, chains: Chains): readonly boolean[] {
  const split = (sum: {
    readonly total: number;
    readonly written: number;
    readonly carriedOut: number;
  }): boolean => sum.written + 10 * sum.carriedOut === sum.total && isDigit(sum.written);
  const chained = (
    chain: "columns" | "diagonals" | "parts",
    sum: { readonly carriedIn: number; readonly carriedOut: number },
  ): boolean => {
    const held = chains[chain] === sum.carriedIn;
    chains[chain] = sum.carriedOut;
    return held;
  };
  switch (reason.kind) {
    case "columnSum":
      return [
        chained("columns", reason),
        reason.total === sumOf(reason.parts) + reason.carriedIn,
        split(reason),
      ];
    case "diagonalSum":
      return [
        chained("diagonals", reason),
        reason.total === sumOf(reason.parts) + reason.carriedIn,
        split(reason),
      ];
    case "partSum":
      return [
        chained("parts", reason),
        reason.total === sumOf(reason.parts) + reason.carriedIn,
        split(reason),
      ];
    case "digitProduct": {
      const held = chains.products === reason.carriedIn;
      chains.products = reason.carriedOut;
      const made = reason.total === reason.digit * reason.by + reason.carriedIn;
      const ends = reason.last ? reason.carriedOut === 0 && reason.written === reason.total : split(reason);
      return [held, made, ends, isDigit(reason.digit), isDigit(reason.by)];
    }
    case "cellProduct":
      return [
        10 * reason.tens + reason.ones === reason.digit * reason.by,
        isDigit(reason.tens),
        isDigit(reason.ones),
      ];
    case "difference":
    case "partDifference":
      return [reason.top - (reason.bottom ?? 0) === reason.written, isDigit(reason.written)];
    case "addTenToBoth":
      chains.owed = 1;
      return [reason.top < reason.taken, reason.raised === reason.top + 10];
    case "differenceWithOwed": {
      const held = reason.owed === chains.paying;
      chains.paying = chains.owed;
      chains.owed = 0;
      return [held, ...payment(reason)];
    }
    case "makeUp": {
      const held = reason.owed === chains.columns;
      chains.columns = reason.pays;
      return [held, reason.raised === reason.top + 10 * reason.pays, ...payment(reason)];
    }
    case "comparePlace":
      return [reason.decides === (reason.upper !== reason.lower)];
    default:
      return [];
  }
}

const payment = (paid: Extract<Reason, { kind: "differenceWithOwed" | "makeUp" }>): readonly boolean[] => [
  paid.taken === (paid.bottom ?? 0) + paid.owed,
  paid.taken + paid.written === paid.raised,
  isDigit(paid.written),
];

const total = (numerals: readonly Decimal[]): Exact =>
  numerals.reduce((sum, next) => sum.plus(wide(next)), new Wide(0));
const power = (exponent: number): Exact => new Wide(10).pow(exponent);

/** Claims about the values of whole numbers and parts of them. */
function valueClaims(reason: Reason, operands: readonly Decimal[]): readonly boolean[] {
  const [first, second] = operands.map(wide);
  switch (reason.kind) {
    case "exchange": {
      const { lender, crossed, receiver } = reason;
      const chain = [...crossed, receiver];
      const pieces = chain.reduce(
        (sum, { place, before, after }) => sum.plus(power(place).times(after - before)),
        new Wide(0),
      );
      return [
        lender.before - lender.after === 1 && lender.after >= 0,
        chain.every(({ place }, index) => place === lender.place - 1 - index),
        pieces.equals(power(lender.place)),
      ];
    }
    case "partExchange": {
      const value = (which: "before" | "after"): Exact =>
        reason.changes.reduce(
          (sum, change) => sum.plus(power(change.place).times(change[which])),
          new Wide(0),
        );
      return [value("before").equals(value("after")), reason.top < reason.bottom];
    }
    case "pullApart":
    case "partAlong":
      return [total(reason.parts).equals(wide(reason.numeral))];
    case "pushTogether":
      return [total(reason.parts).equals(wide(reason.answer))];
    case "areaProduct":
      return [wide(reason.across.numeral).times(wide(reason.down.numeral)).equals(wide(reason.product))];
    case "pileUp":
      return [
        first !== undefined && second !== undefined && total(reason.products).equals(first.times(second)),
      ];
    case "hopUp":
      return [
        wide(reason.from).plus(wide(reason.hop)).equals(wide(reason.to)),
        wide(reason.hop).greaterThan(0),
      ];
    case "addHops":
      return [
        first !== undefined && second !== undefined && total(reason.hops).equals(first.minus(second).abs()),
      ];
    case "countPlaces":
      return [reason.total === sumOf(reason.places)];
    case "padProduct":
      return [reason.product.length + reason.zeros === reason.places + 1];
    case "shiftDigits":
      return [wide(reason.before).times(power(reason.by)).equals(wide(reason.after))];
    case "zerosFirst":
      return [wide(reason.before).times(power(reason.zeros)).equals(wide(reason.after))];
    case "splitMultiplier":
      return [wide(reason.rest).times(power(reason.zeros)).equals(wide(reason.multiplier))];
    case "dropZeros":
    case "fillPlaces":
      return [wide(reason.before).equals(wide(reason.after))];
    case "roundAnswer": {
      const { before, after, place, next, up } = reason;
      const off = wide(after).minus(wide(before)).abs();
      return [off.times(2).lessThanOrEqualTo(power(place)), up === next >= 5];
    }
    default:
      return [];
  }
}

/** Claims about dividing: each "how many times", each line under it, and what is made of the rest. */
function quotientClaims(reason: Reason): readonly boolean[] {
  switch (reason.kind) {
    case "scaleBoth":
      return [
        wide(reason.dividend).times(power(reason.power)).equals(wide(reason.newDividend)),
        wide(reason.divisor).times(power(reason.power)).equals(reason.newDivisor.toString()),
      ];
    case "takePart":
      return [reason.part.toString().length === reason.digits || reason.part < reason.divisor];
    case "howMany": {
      const times = BigInt(reason.digit) * reason.divisor;
      return [isDigit(reason.digit), times <= reason.part, reason.part < times + reason.divisor];
    }
    case "multiplyBack":
      return [reason.product === BigInt(reason.digit) * reason.divisor];
    case "subtractBack":
      return [reason.part - reason.product === reason.rest, reason.rest >= 0n, reason.rest < reason.divisor];
    case "bringDown":
      return [reason.part === reason.rest * 10n + BigInt(reason.digit), isDigit(reason.digit)];
    case "shareInHead":
      return [
        reason.part === BigInt(reason.digit) * reason.divisor + reason.rest,
        isDigit(reason.digit),
        reason.rest >= 0n && reason.rest < reason.divisor,
      ];
    case "takeChunk":
      return [wide(reason.times).times(reason.divisor.toString()).equals(wide(reason.product))];
    case "chunkLeaves":
      return [
        wide(reason.before).minus(wide(reason.product)).equals(wide(reason.rest)),
        !wide(reason.rest).isNegative(),
      ];
    case "addChunks":
      return [total(reason.times).equals(wide(reason.quotient))];
    case "chunksComeAgain": {
      const digits = (numeral: Decimal): string =>
        wide(numeral)
          .toFixed()
          .replace(/[.]|^0+|0+$/g, "")
          .replace(/^0+|0+$/g, "");
      return [digits(reason.rest) === digits(reason.before), !wide(reason.rest).equals(wide(reason.before))];
    }
    case "remainderLeft":
      return [wide(reason.remainder).times(power(reason.power)).equals(wide(reason.scaled))];
    case "simplifyPart":
      return [
        reason.newNumerator * reason.by === reason.numerator,
        reason.newDenominator * reason.by === reason.denominator,
      ];
    default:
      return [];
  }
}
