import type { Decimal, Place } from "../number";

/** So many pieces of one size: wholes, tenths as strips, hundredths as small squares. */
export interface Pieces {
  readonly place: Place;
  readonly count: number;
}

/** What stands beside a step to be seen: data only, to scale. Drawing it is the interface's work. */
export type Picture =
  /** Groups of pieces, and what they become where they are regrouped; nothing where they stay. */
  | { readonly kind: "pieces"; readonly groups: readonly Pieces[]; readonly becomes: readonly Pieces[] }
  /** A stretch of the number line with its ends, jumps between stops, and a number marked on it. */
  | {
      readonly kind: "line";
      readonly from: Decimal;
      readonly to: Decimal;
      readonly stops: readonly Decimal[];
      readonly marked: Decimal | undefined;
    }
  /** A rectangle with its sides parted; the part that is being worked, where one is. */
  | {
      readonly kind: "rectangle";
      readonly across: readonly Decimal[];
      readonly down: readonly Decimal[];
      readonly part: { readonly across: Decimal; readonly down: Decimal } | undefined;
    };
