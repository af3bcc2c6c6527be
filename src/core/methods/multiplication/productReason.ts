import type { Place } from "../../number";
import type { ColumnAdditionReason } from "../addition/columnSum";
import type { DigitProduct } from "../procedures/digitProducts";

/** One digit multiplied by another. */
interface DigitProductReason extends Omit<DigitProduct, "column"> {
  readonly kind: "digitProduct";
  /** The places of the two digits, counted as they stand in this block. */
  readonly place: Place;
  readonly byPlace: Place;
  /** Whether the numbers have points, and are multiplied as if they had none. */
  readonly wholes: boolean;
  /** A zero in front of the number, which is not written. */
  readonly blank: boolean;
}

/** What is done in the rows of a product, each a digit of the multiplier times the number on top. */
export type ProductReason =
  | DigitProductReason
  /** The row of a larger place begins with zeros, written or left open. */
  | {
      readonly kind: "openRow";
      readonly by: number;
      readonly byPlace: Place;
      readonly zeros: number;
      readonly written: boolean;
      /** The multiplier as it is read without its point; none where it stands as it is. */
      readonly of: string | undefined;
    }
  /** A digit that is zero: its row is written as zeros, or skipped. */
  | { readonly kind: "zeroRow"; readonly byPlace: Place; readonly written: boolean }
  | { readonly kind: "addRows"; readonly rows: number };

/** The same with the columns in which the rows are added. */
export type BlockReason = ProductReason | ColumnAdditionReason;
