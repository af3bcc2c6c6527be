import type { Reason } from "../methods";
import type { Decimal } from "../number";
import type { Measure, UnitId } from "../quantity";
import type { ClaimsTable, KnownBeside } from "./claimsTable";
import { bigSumOf } from "./counts";
import {
  below,
  over,
  plus,
  type Ratio,
  ratio,
  right,
  same,
  sizeOf,
  sum,
  times,
  valueOfQuantity,
} from "./ratio";

const rateOf = (larger: UnitId, smaller: UnitId): Ratio => over(sizeOf(larger), sizeOf(smaller));

/** A total in a column of units takes in what the one before gave. */
function unitColumn(
  reason: Extract<Reason, { kind: "unitTotal" | "unitProduct" }>,
  { units }: KnownBeside,
): readonly boolean[] {
  const { unit, larger, rate, carriedIn, total: all, written, carriedOut } = reason;
  const held = units.carried === carriedIn;
  units.carried = carriedOut;
  const made = reason.kind === "unitTotal" ? bigSumOf(reason.parts) : reason.count * reason.times;
  return [
    held,
    all === made + carriedIn,
    written + carriedOut * rate === all,
    larger === undefined ? carriedOut === 0n : same(rateOf(larger, unit), ratio(rate)),
    carriedOut === 0n || written < rate,
  ];
}

const inOneUnit = ({
  measure,
  decimal,
  unit,
}: {
  readonly measure: Measure;
  readonly decimal: Decimal;
  readonly unit: UnitId;
}) => [same(valueOfQuantity(measure), times(valueOfQuantity(decimal), sizeOf(unit)))];

/** Claims about measures, each by itself but for what columns of units carry. */
export const MEASURE_CLAIMS = {
  unitTotal: unitColumn,
  unitProduct: unitColumn,
  regroupUnit: (reason) => [
    same(rateOf(reason.larger, reason.unit), ratio(reason.rate)),
    reason.whole * reason.rate + reason.rest === reason.count,
    reason.rest < reason.rate && reason.whole > 0n,
    reason.had + reason.whole === reason.makes,
  ],
  unitExchange: (reason) => {
    const standing = (which: "before" | "after"): Ratio =>
      sum(reason.changes.map((change) => times(ratio(change[which]), sizeOf(change.unit))));
    return [
      same(standing("before"), standing("after")),
      reason.top < reason.bottom,
      reason.changes.every(({ after }) => after >= 0n),
    ];
  },
  unitDifference: (reason) => [reason.top - reason.bottom === reason.written, reason.written >= 0n],
  unitShare: (reason) => [
    reason.each * reason.divisor + reason.rest === reason.count,
    reason.rest < reason.divisor,
  ],
  restToSmaller: (reason) => [
    same(rateOf(reason.unit, reason.smaller), ratio(reason.rate)),
    reason.rest * reason.rate === reason.makes,
    reason.makes + reason.had === reason.total,
  ],
  intoSmaller: (reason) => [
    same(rateOf(reason.unit, reason.smaller), ratio(reason.rate)),
    same(times(valueOfQuantity(reason.count), ratio(reason.rate)), valueOfQuantity(reason.makes)),
    same(plus(valueOfQuantity(reason.makes), valueOfQuantity(reason.had)), valueOfQuantity(reason.total)),
  ],
  intoLarger: (reason) => [
    same(rateOf(reason.larger, reason.unit), ratio(reason.rate)),
    same(
      plus(ratio(reason.whole * reason.rate), valueOfQuantity(reason.rest)),
      valueOfQuantity(reason.count),
    ),
    below(valueOfQuantity(reason.rest), ratio(reason.rate)),
  ],
  padUnit: inOneUnit,
  unpadUnit: inOneUnit,
  decimalOfUnit: (reason) => [
    same(valueOfQuantity(reason.measure), times(right(reason.problem), sizeOf(reason.unit))),
  ],
  swapMeasures: (reason) => [below(valueOfQuantity(reason.smaller), valueOfQuantity(reason.larger))],
  signMeasure: (reason, { problem }) => [
    valueOfQuantity(reason.answer).over < 0n,
    same(valueOfQuantity(reason.answer), right(problem)),
  ],
} satisfies Partial<ClaimsTable>;
