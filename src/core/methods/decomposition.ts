import type { Row } from "./columnSums";

/**
 * Subtracting whole counts column by column, by decomposition: where a column has too little, one of
 * a larger column is exchanged for `rateOf` of the next smaller one, across empty columns if need be.
 */

/** What stood in a column and what stands there after an exchange. */
export interface Change {
  readonly column: number;
  readonly before: number;
  readonly after: number;
}

/** One move of the procedure. `crossed` are the empty columns between lender and receiver, largest first. */
export type DecompositionMove =
  | {
      readonly kind: "exchange";
      readonly needy: number;
      readonly top: number;
      readonly bottom: number;
      readonly lender: Change;
      readonly crossed: readonly Change[];
      readonly receiver: Change;
    }
  | {
      readonly kind: "difference";
      readonly column: number;
      readonly top: number;
      readonly bottom: number | undefined;
      readonly written: number;
    };

/** The decisions in a column: whether there is too little on top, and what is left when the lower count is taken. */
export interface DecompositionHabits {
  fallsShort(top: number, bottom: number): boolean;
  leaves(top: number, bottom: number): number;
}

export const SOUND_DECOMPOSITION: DecompositionHabits = {
  fallsShort: (top, bottom) => top < bottom,
  leaves: (top, bottom) => top - bottom,
};

/**
 * The moves, smallest column first. `acrossZeros` says whether a run of empty columns is crossed in
 * one move or one column at a time. The minuend must be at least the subtrahend.
 */
export function subtractInColumns(
  minuend: Row,
  subtrahend: Row,
  columns: number,
  rateOf: (column: number) => number,
  acrossZeros: "inOneGo" | "placeByPlace",
  habits: DecompositionHabits,
): readonly DecompositionMove[] {
  const standing = Array.from({ length: columns }, (_, column) => minuend[column] ?? 0);
  const moves: DecompositionMove[] = [];
  const at = (column: number): number => standing[column] ?? 0;
  const change = (column: number, by: number): Change => {
    const before = at(column);
    standing[column] = before + by;
    return { column, before, after: before + by };
  };

  for (let column = 0; column < columns; column++) {
    const bottom = subtrahend[column];
    if (bottom !== undefined && habits.fallsShort(at(column), bottom)) {
      const short = { needy: column, top: at(column), bottom };
      let lender = column + 1;
      while (lender < columns && at(lender) === 0) lender++;
      if (lender === columns)
        throw new RangeError("subtractInColumns: the minuend is less than the subtrahend");
      if (acrossZeros === "inOneGo") {
        const lent = change(lender, -1);
        const crossed: Change[] = [];
        for (let empty = lender - 1; empty > column; empty--) crossed.push(change(empty, rateOf(empty) - 1));
        moves.push({
          kind: "exchange",
          ...short,
          lender: lent,
          crossed,
          receiver: change(column, rateOf(column)),
        });
      } else {
        for (let from = lender; from > column; from--) {
          const lent = change(from, -1);
          const receiver = change(from - 1, rateOf(from - 1));
          moves.push({ kind: "exchange", ...short, lender: lent, crossed: [], receiver });
        }
      }
    }
    moves.push({
      kind: "difference",
      column,
      top: at(column),
      bottom,
      written: habits.leaves(at(column), bottom ?? 0),
    });
  }
  return moves;
}
