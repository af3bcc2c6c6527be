import { type Amount, currencyOf, piecesOfCurrency } from "../quantity";
import type { ClaimsTable } from "./claimsTable";
import { sumOf } from "./counts";
import { below, plus, ratio, right, same, valueOfQuantity } from "./ratio";

const counted = ({ amount, count }: { readonly amount: Amount; readonly count: bigint }) => [
  same(valueOfQuantity(amount), ratio(count, 100)),
];

/** Claims about money, each by itself. */
export const MONEY_CLAIMS = {
  hiddenPlaces: (reason) => [
    same(valueOfQuantity(reason.amount), valueOfQuantity(reason.numeral)),
    reason.numeral.fraction.length === 2,
  ],
  changeHop: (reason) => {
    const { from, to, pieces, reaches, currency } = reason;
    const there = reaches === "ten" ? to % 10 === 0 : reaches === "whole" ? to % 100 === 0 : true;
    return [
      from + sumOf(pieces) === to,
      pieces.every((piece) => piecesOfCurrency(currency).includes(piece)),
      there,
    ];
  },
  changeTotal: (reason) => [sumOf(reason.hops) === reason.total, sumOf(reason.pieces) === reason.total],
  compareCost: (reason) => [
    reason.enough === !below(valueOfQuantity(reason.have), valueOfQuantity(reason.cost)),
  ],
  handNotes: (reason) => {
    const total = ratio(sumOf(reason.pieces), 100);
    const { notes } = currencyOf(reason.total.currency);
    return [
      same(total, valueOfQuantity(reason.total)),
      !below(total, valueOfQuantity(reason.price)),
      reason.pieces.every((piece) => notes.includes(piece)),
      reason.exact === same(total, valueOfQuantity(reason.price)),
    ];
  },
  backFromNotes: (reason) => [
    same(plus(valueOfQuantity(reason.price), valueOfQuantity(reason.back)), valueOfQuantity(reason.total)),
  ],
  intoMinor: counted,
  backToMajor: counted,

  againAndAgain: (reason) => [Number.isInteger(reason.times), reason.times > 0],
  startChange: (reason, { problem }) => [
    reason.paid >= reason.price,
    same(ratio(reason.paid - reason.price, 100), right(problem)),
  ],
} satisfies Partial<ClaimsTable>;
