import type { Place } from "../../number";
import { Stuck } from "../contract/stuck";
import type { ColumnRow } from "./columnSums";

/**
 * Subtracting whole counts column by column, with what is owed paid to the lower number: where the
 * upper count is too small it is raised by `rateOf(column)`, and the next lower count by one, so that
 * the difference stays the same. Equal additions and making up are two ways of saying this.
 */

/** One column: what stood in it, what the lower count owed from before, and what was written. */
export interface PaidColumn {
  readonly column: number;
  readonly top: number;
  /** None where nothing is written below; what is owed counts all the same. */
  readonly bottom: number | undefined;
  readonly owed: number;
  /** What the lower count comes to with what it owed. */
  readonly taken: number;
  /** The upper count as it is used: raised where it was too small. */
  readonly raised: number;
  readonly written: number;
  /** What the next lower count owes. */
  readonly pays: number;
}

/** A column as a reason tells it: by its place, and whether its digit is a zero in front, which is not written. */
export interface PaidPlace extends Omit<PaidColumn, "column"> {
  readonly place: Place;
  readonly blank: boolean;
}

/** The decisions in a column: whether the upper count is too small, what is paid for raising it, and what is left. */
export interface PaymentDecisions {
  fallsShort(top: number, taken: number): boolean;
  /** `next` is what stands below in the column that is paid to. */
  pays(next: number | undefined): number;
  leaves(raised: number, taken: number, top: number): number;
}

export const SOUND_PAYMENTS: PaymentDecisions = {
  fallsShort: (top, taken) => top < taken,
  pays: () => 1,
  leaves: (raised, taken) => raised - taken,
};

/** The columns, smallest first. The minuend must be at least the subtrahend. */
export function subtractWithPayments(
  minuend: ColumnRow,
  subtrahend: ColumnRow,
  columns: number,
  rateOf: (column: number) => number,
  decisions: PaymentDecisions,
): readonly PaidColumn[] {
  const worked: PaidColumn[] = [];
  let owed = 0;
  for (let column = 0; column < columns; column++) {
    const top = minuend[column] ?? 0;
    const bottom = subtrahend[column];
    const taken = (bottom ?? 0) + owed;
    const short = decisions.fallsShort(top, taken);
    if (short && column === columns - 1) {
      throw new Stuck("subtractWithPayments: the minuend is less than the subtrahend");
    }
    const raised = short ? top + rateOf(column) : top;
    const pays = short ? decisions.pays(subtrahend[column + 1]) : 0;
    worked.push({
      column,
      top,
      bottom,
      owed,
      taken,
      raised,
      written: decisions.leaves(raised, taken, top),
      pays,
    });
    owed = pays;
  }
  return worked;
}
