/**
 * Adding whole counts column by column, whatever the columns count: tens of tens, ounces of pounds.
 * Columns are numbered from the smallest; `rateOf(column)` of it make one of the next.
 */

/** What stands in the columns of one row, smallest first; `undefined` where nothing is written. */
export type ColumnRow = readonly (number | undefined)[];

/** One column added up: what stood in it, what came in, what was written, what went on. */
export interface ColumnSum {
  readonly column: number;
  readonly parts: readonly number[];
  readonly carriedIn: number;
  readonly total: number;
  readonly written: number;
  readonly carriedOut: number;
}

/** A column as the decisions in it see it. */
interface ColumnAt {
  readonly rate: number;
  readonly parts: readonly number[];
  /** Whether it is the last one in which numbers stand. */
  readonly last: boolean;
  /** Whether what is carried on goes past the point. */
  readonly beforePoint: boolean;
}

/** The two decisions in a column: what to write of its total, and how many to carry. */
export interface AdditionDecisions {
  writes(total: number, at: ColumnAt): number;
  carries(total: number, at: ColumnAt): number;
}

export const SOUND_ADDITION: AdditionDecisions = {
  writes: (total, { rate }) => total % rate,
  carries: (total, { rate }) => Math.floor(total / rate),
};

/** What stands in a column, from the top. */
export const partsOf = (rows: readonly ColumnRow[], column: number): readonly number[] =>
  rows.map((row) => row[column]).filter((part) => part !== undefined);

/**
 * Adds the rows over `columns` columns, and over as many more as a last carry needs. `pointAt` is the
 * column just past the point, where there is one.
 */
export function addInColumns(
  rows: readonly ColumnRow[],
  columns: number,
  rateOf: (column: number) => number,
  decisions: AdditionDecisions,
  pointAt = 0,
): readonly ColumnSum[] {
  const sums: ColumnSum[] = [];
  let carried = 0;
  for (let column = 0; column < columns || carried > 0; column++) {
    const parts = partsOf(rows, column);
    const total = parts.reduce((sum, part) => sum + part, carried);
    const at: ColumnAt = {
      rate: rateOf(column),
      parts,
      last: column >= columns - 1,
      beforePoint: column + 1 === pointAt,
    };
    const carriedOut = decisions.carries(total, at);
    sums.push({ column, parts, carriedIn: carried, total, written: decisions.writes(total, at), carriedOut });
    carried = carriedOut;
  }
  return sums;
}
