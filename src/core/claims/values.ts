import type { Decimal } from "../number";
import type { ClaimsTable } from "./claimsTable";
import { isOneDigit, sumOf } from "./counts";
import {
  below,
  minus,
  plus,
  power,
  type Ratio,
  ratio,
  same,
  size,
  sum,
  times,
  valueOfQuantity,
} from "./ratio";

export const total = (numerals: readonly Decimal[]): Ratio => sum(numerals.map(valueOfQuantity));

/** Whether two are worth the same. */
const sameWorth = (one: Decimal, other: Decimal): boolean =>
  same(valueOfQuantity(one), valueOfQuantity(other));

/** Whether a number is what others make when multiplied, signs aside. */
const isProductOf = (answer: Decimal, factors: readonly Decimal[]): boolean =>
  same(
    size(valueOfQuantity(answer)),
    factors.reduce((all, one) => times(all, size(valueOfQuantity(one))), ratio(1)),
  );

/** Claims about the values of whole numbers and parts of them. */
export const VALUE_CLAIMS = {
  exchange: (reason) => {
    const { lender, crossed, receiver } = reason;
    const chain = [...crossed, receiver];
    const pieces = sum(chain.map(({ place, before, after }) => times(power(place), ratio(after - before))));
    return [
      lender.before - lender.after === 1 && lender.after >= 0,
      chain.every(({ place }, index) => place === lender.place - 1 - index),
      same(pieces, power(lender.place)),
    ];
  },
  partExchange: (reason) => {
    const value = (which: "before" | "after"): Ratio =>
      sum(reason.changes.map((change) => times(power(change.place), ratio(change[which]))));
    return [same(value("before"), value("after")), reason.top < reason.bottom];
  },
  pullApart: (reason) => [same(total(reason.parts), valueOfQuantity(reason.numeral))],
  partAlong: (reason) => [same(total(reason.parts), valueOfQuantity(reason.numeral))],
  pushTogether: (reason) => [same(total(reason.parts), valueOfQuantity(reason.answer))],
  areaProduct: (reason) => [
    same(
      times(valueOfQuantity(reason.across.numeral), valueOfQuantity(reason.down.numeral)),
      valueOfQuantity(reason.product),
    ),
  ],
  pileUp: (reason, { operands }) => {
    const [first, second] = operands.map(valueOfQuantity);
    return [
      first !== undefined && second !== undefined && same(total(reason.products), times(first, second)),
    ];
  },
  hopUp: (reason) => [
    same(plus(valueOfQuantity(reason.from), valueOfQuantity(reason.hop)), valueOfQuantity(reason.to)),
    below(ratio(0), valueOfQuantity(reason.hop)),
  ],
  addHops: (reason, { operands }) => {
    const [first, second] = operands.map(valueOfQuantity);
    return [
      first !== undefined && second !== undefined && same(total(reason.hops), size(minus(first, second))),
    ];
  },
  countPlaces: (reason) => [reason.total === sumOf(reason.places)],
  padProduct: (reason) => [reason.product.length + reason.zeros === reason.places + 1],
  shiftDigits: (reason) => [
    same(times(valueOfQuantity(reason.before), power(reason.by)), valueOfQuantity(reason.after)),
  ],
  zerosFirst: (reason) => [
    same(times(valueOfQuantity(reason.before), power(reason.zeros)), valueOfQuantity(reason.after)),
  ],
  splitMultiplier: (reason) => [
    same(times(valueOfQuantity(reason.rest), power(reason.zeros)), valueOfQuantity(reason.multiplier)),
  ],
  dropZeros: (reason) => [sameWorth(reason.before, reason.after)],
  fillPlaces: (reason) => [sameWorth(reason.before, reason.after)],
  roundAnswer: (reason) => {
    const { before, after, place, next, up } = reason;
    const off = size(minus(valueOfQuantity(after), valueOfQuantity(before)));
    return [!below(power(place), times(off, ratio(2))), up === next >= 5];
  },
  pointByCounting: (reason, { operands }) => [
    reason.places === sumOf(operands.map(({ fraction }) => fraction.length)),
    isProductOf(reason.answer, operands),
  ],
  openRow: (reason) => [reason.zeros >= 0, isOneDigit(reason.by)],
  zeroRow: "noArithmetic",
  addRows: (reason) => [reason.rows >= 2],
  latticePoint: (reason, { operands }) => [
    operands.length === 0 || reason.places === sumOf(operands.map(({ fraction }) => fraction.length)),
  ],
  readLattice: (reason, { operands }) => [operands.length === 0 || isProductOf(reason.answer, operands)],
  shiftFillers: (reason) => [reason.zeros > 0],
} satisfies Partial<ClaimsTable>;
