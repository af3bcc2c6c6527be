/**
 * Adding whole counts column by column, whatever the columns count: tens of tens, ounces of pounds.
 * Columns are numbered from the smallest; `rateOf(column)` of it make one of the next.
 */

/** What stands in the columns of one row, smallest first; `undefined` where nothing is written. */
export type Row = readonly (number | undefined)[];

/** One column added up: what stood in it, what came in, what was written, what went on. */
export interface ColumnSum {
  readonly column: number;
  readonly parts: readonly number[];
  readonly carriedIn: number;
  readonly total: number;
  readonly written: number;
  readonly carriedOut: number;
}

/** The two decisions in a column: what to write of its total, and how many to carry. */
export interface AdditionHabits {
  writes(total: number, rate: number): number;
  carries(total: number, rate: number): number;
}

export const SOUND_ADDITION: AdditionHabits = {
  writes: (total, rate) => total % rate,
  carries: (total, rate) => Math.floor(total / rate),
};

/** Adds the rows over `columns` columns, and over as many more as a last carry needs. */
export function addInColumns(
  rows: readonly Row[],
  columns: number,
  rateOf: (column: number) => number,
  habits: AdditionHabits,
): readonly ColumnSum[] {
  const sums: ColumnSum[] = [];
  let carried = 0;
  for (let column = 0; column < columns || carried > 0; column++) {
    const parts = rows.map((row) => row[column]).filter((part) => part !== undefined);
    const total = parts.reduce((sum, part) => sum + part, carried);
    const carriedOut = habits.carries(total, rateOf(column));
    sums.push({
      column,
      parts,
      carriedIn: carried,
      total,
      written: habits.writes(total, rateOf(column)),
      carriedOut,
    });
    carried = carriedOut;
  }
  return sums;
}
