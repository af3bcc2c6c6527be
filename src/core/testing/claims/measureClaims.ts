import type { Reason } from "../../methods";
import type { UnitId } from "../../quantity";
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
} from "../ratio";

/** What earlier steps of the same page have carried, for what comes after to take in. */
export interface UnitChain {
  carried: bigint;
}

const total = (all: readonly bigint[]): bigint => all.reduce((a, b) => a + b, 0n);
const rateOf = (larger: UnitId, smaller: UnitId): Ratio => over(sizeOf(larger), sizeOf(smaller));

/** Totals in columns of units: each takes in what the one before gave. */
export function unitClaims(reason: Reason, chain: UnitChain): readonly boolean[] {
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

/** The claims of measures in lines, each by itself. */
export function measureClaims(reason: Reason): readonly boolean[] {
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
        same(times(valueOfQuantity(reason.count), ratio(reason.rate)), valueOfQuantity(reason.makes)),
        same(plus(valueOfQuantity(reason.makes), valueOfQuantity(reason.had)), valueOfQuantity(reason.total)),
      ];
    case "intoLarger":
      return [
        same(rateOf(reason.larger, reason.unit), ratio(reason.rate)),
        same(
          plus(ratio(reason.whole * reason.rate), valueOfQuantity(reason.rest)),
          valueOfQuantity(reason.count),
        ),
        below(valueOfQuantity(reason.rest), ratio(reason.rate)),
      ];
    case "padUnit":
    case "unpadUnit":
      return [
        same(valueOfQuantity(reason.measure), times(valueOfQuantity(reason.decimal), sizeOf(reason.unit))),
      ];
    case "decimalOfUnit":
      return [same(valueOfQuantity(reason.measure), times(right(reason.problem), sizeOf(reason.unit)))];
    default:
      return [];
  }
}
