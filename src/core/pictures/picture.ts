import type { Decimal, Fraction, Place } from "../number";
import type { CurrencyId, UnitId } from "../quantity";

/** So many pieces of one size: wholes, tenths as strips, hundredths as small squares. */
export interface Pieces {
  readonly place: Place;
  readonly count: number;
}

/** A fraction as parts of wholes; `cutInto` where its parts are cut again, into so many of a whole. */
export interface PartsRow {
  readonly fraction: Fraction;
  readonly cutInto: bigint | undefined;
}

/** So many of a unit. */
interface UnitCount {
  readonly unit: UnitId;
  readonly count: bigint;
}

/** What stands beside a step to be seen: data only, to scale. Drawing it is the interface's work. */
export type Picture =
  /** Groups of pieces, and what they become where they are regrouped; none where they stay. */
  | { readonly kind: "pieces"; readonly groups: readonly Pieces[]; readonly becomes: readonly Pieces[] }
  /** A stretch of the number line with its ends, jumps between stops, and a number marked on it. */
  | {
      readonly kind: "line";
      readonly from: Decimal;
      readonly to: Decimal;
      readonly stops: readonly Decimal[];
      readonly marked: Decimal | undefined;
    }
  /** Fractions one under the other, their wholes all of one size; the last of them is `wrong` where it shows what can't be. */
  | { readonly kind: "parts"; readonly rows: readonly PartsRow[]; readonly wrong: boolean }
  /** One measure taken apart in two ways. */
  | { readonly kind: "bond"; readonly before: readonly UnitCount[]; readonly after: readonly UnitCount[] }
  /** Coins and notes, the largest first. */
  | { readonly kind: "till"; readonly pieces: readonly number[]; readonly currency: CurrencyId }
  /** What lies above zero and what below, as bars from zero. */
  | { readonly kind: "sides"; readonly above: Decimal; readonly below: Decimal }
  /** A rectangle with its sides parted; the part that is being worked, where one is. */
  | {
      readonly kind: "rectangle";
      readonly across: readonly Decimal[];
      readonly down: readonly Decimal[];
      readonly part: { readonly across: Decimal; readonly down: Decimal } | undefined;
    };
