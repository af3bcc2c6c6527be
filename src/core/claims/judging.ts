import type { Decimal } from "../number";
import type { ClaimsTable } from "./claimsTable";
import { relationOf } from "./fractions";
import { below, ratio, same, sizeOf, times, valueOfQuantity } from "./ratio";

/** The digit of a number at a place, ones being 0: cut out of the number, not read off its writing. */
function digitOf(numeral: Decimal, place: number): number {
  const { over, under } = valueOfQuantity({ ...numeral, negative: false });
  const shifted = place >= 0 ? over / (under * 10n ** BigInt(place)) : (over * 10n ** BigInt(-place)) / under;
  return Number(shifted % 10n);
}

/** Claims about rounding, comparing and putting in order. */
export const JUDGING_CLAIMS = {
  ringPlace: (reason, { operands: [numeral] }) => [
    numeral === undefined || digitOf(numeral, reason.place) === reason.digit,
  ],
  lookRight: (reason, { operands: [numeral] }) => [
    numeral === undefined || digitOf(numeral, reason.place) === reason.next,
    reason.up === reason.next >= 5,
  ],
  writeRelation: (reason) => [
    relationOf(valueOfQuantity(reason.left), valueOfQuantity(reason.right)) === reason.relation,
  ],
  pickSmallest: (reason, { operands }) => {
    const [one, next] = [reason.numeral, reason.next].map((each) => each && valueOfQuantity(each));
    return [
      one === undefined || next === undefined || !below(next, one),
      reason.nth >= 1 && (operands.length === 0 || reason.nth <= operands.length),
    ];
  },
  asNumber: (reason) => {
    const worth = valueOfQuantity(reason.quantity);
    const unit = reason.names.kind === "unit" ? sizeOf(reason.names.unit) : ratio(1);
    const alike = valueOfQuantity(reason.alike);
    // What is counted in a unit may be written with the unit beside it or without.
    return [same(worth, reason.alike.kind === "decimal" ? times(alike, unit) : alike)];
  },
  signsFirst: (reason) => [
    reason.below.every((one) => valueOfQuantity(one).over < 0n),
    reason.others.every((one) => valueOfQuantity(one).over >= 0n),
  ],
  sizesTurned: (reason) => [
    reason.ordered.every((one, nth) => {
      const before = reason.ordered[nth - 1];
      return before === undefined || !below(valueOfQuantity(one), valueOfQuantity(before));
    }),
  ],
} satisfies Partial<ClaimsTable>;
