import type Exact from "decimal.js";
import type { Decimal } from "../../number";
import { Wide, wide } from "../answers";
import type { ClaimsTable } from "./claimsTable";
import { isDigit, sumOf } from "./counts";

export const total = (numerals: readonly Decimal[]): Exact =>
  numerals.reduce((sum, next) => sum.plus(wide(next)), new Wide(0));
export const power = (exponent: number): Exact => new Wide(10).pow(exponent);

/** Whether a number is what others make when multiplied, signs aside. */
const isProductOf = (answer: Decimal, factors: readonly Decimal[]): boolean =>
  wide(answer)
    .abs()
    .equals(factors.reduce((all, one) => all.times(wide(one).abs()), new Wide(1)));

/** Claims about the values of whole numbers and parts of them. */
export const VALUE_CLAIMS = {
  exchange: (reason) => {
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
  },
  partExchange: (reason) => {
    const value = (which: "before" | "after"): Exact =>
      reason.changes.reduce((sum, change) => sum.plus(power(change.place).times(change[which])), new Wide(0));
    return [value("before").equals(value("after")), reason.top < reason.bottom];
  },
  pullApart: (reason) => [total(reason.parts).equals(wide(reason.numeral))],
  partAlong: (reason) => [total(reason.parts).equals(wide(reason.numeral))],
  pushTogether: (reason) => [total(reason.parts).equals(wide(reason.answer))],
  areaProduct: (reason) => [
    wide(reason.across.numeral).times(wide(reason.down.numeral)).equals(wide(reason.product)),
  ],
  pileUp: (reason, { operands }) => {
    const [first, second] = operands.map(wide);
    return [
      first !== undefined && second !== undefined && total(reason.products).equals(first.times(second)),
    ];
  },
  hopUp: (reason) => [
    wide(reason.from).plus(wide(reason.hop)).equals(wide(reason.to)),
    wide(reason.hop).greaterThan(0),
  ],
  addHops: (reason, { operands }) => {
    const [first, second] = operands.map(wide);
    return [
      first !== undefined && second !== undefined && total(reason.hops).equals(first.minus(second).abs()),
    ];
  },
  countPlaces: (reason) => [reason.total === sumOf(reason.places)],
  padProduct: (reason) => [reason.product.length + reason.zeros === reason.places + 1],
  shiftDigits: (reason) => [wide(reason.before).times(power(reason.by)).equals(wide(reason.after))],
  zerosFirst: (reason) => [wide(reason.before).times(power(reason.zeros)).equals(wide(reason.after))],
  splitMultiplier: (reason) => [wide(reason.rest).times(power(reason.zeros)).equals(wide(reason.multiplier))],
  dropZeros: (reason) => [wide(reason.before).equals(wide(reason.after))],
  fillPlaces: (reason) => [wide(reason.before).equals(wide(reason.after))],
  roundAnswer: (reason) => {
    const { before, after, place, next, up } = reason;
    const off = wide(after).minus(wide(before)).abs();
    return [off.times(2).lessThanOrEqualTo(power(place)), up === next >= 5];
  },
  pointByCounting: (reason, { operands }) => [
    reason.places === sumOf(operands.map(({ fraction }) => fraction.length)),
    isProductOf(reason.answer, operands),
  ],
  openRow: (reason) => [reason.zeros >= 0, isDigit(reason.by)],
  zeroRow: "states no arithmetic",
  addRows: (reason) => [reason.rows >= 2],
  latticePoint: (reason, { operands }) => [
    operands.length === 0 || reason.places === sumOf(operands.map(({ fraction }) => fraction.length)),
  ],
  readLattice: (reason, { operands }) => [operands.length === 0 || isProductOf(reason.answer, operands)],
  shiftFillers: (reason) => [reason.zeros > 0],
} satisfies Partial<ClaimsTable>;
