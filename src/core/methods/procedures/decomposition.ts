import { Stuck } from "../contract/stuck";
import type { ColumnRow } from "./columnSums";

/**
 * Subtracting whole counts column by column, by decomposition: where a column has too little, one of
 * a larger column is exchanged for `rateOf` of the next smaller one, across empty columns if need be.
 */

/** What stood in a column and what stands there after an exchange. */
export interface Exchange {
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
      readonly lender: Exchange;
      readonly crossed: readonly Exchange[];
      readonly receiver: Exchange;
    }
  | {
      readonly kind: "difference";
      readonly column: number;
      readonly top: number;
      readonly bottom: number | undefined;
      readonly written: number;
    };

/** A column as the decisions in it see it. */
interface DifferenceAt {
  /** What was written on top before any exchange; nothing where nothing was. */
  readonly given: number | undefined;
  /** What is written below; nothing where nothing is. */
  readonly below: number | undefined;
  /** Whether an exchange has changed it. */
  readonly altered: boolean;
  /** Whether the lower number has ended, to the left. */
  readonly beyond: boolean;
}

/** The decisions in a column: whether there is too little on top, what the counts become in an exchange, and what is left. */
export interface DecompositionDecisions {
  fallsShort(top: number, bottom: number, at: DifferenceAt): boolean;
  leaves(top: number, bottom: number, at: DifferenceAt): number;
  /** The columns from the lender down to the needy one, with what each becomes; none for the sound exchange. */
  exchanges(
    standing: readonly number[],
    needy: number,
    rateOf: (column: number) => number,
  ): readonly Exchange[] | undefined;
  /** What the next lower count grows by, besides, when something was exchanged. */
  pays(): number;
}

export const SOUND_DECOMPOSITION: DecompositionDecisions = {
  fallsShort: (top, bottom) => top < bottom,
  leaves: (top, bottom) => top - bottom,
  exchanges: () => undefined,
  pays: () => 0,
};

/** More exchanges for one column than any rate can need. */
const MOST_EXCHANGES = 40;

/**
 * The moves, smallest column first. `acrossZeros` says whether a run of empty columns is crossed in
 * one move or one column at a time. The minuend must be at least the subtrahend.
 */
export function subtractInColumns(
  minuend: ColumnRow,
  subtrahend: ColumnRow,
  columns: number,
  rateOf: (column: number) => number,
  acrossZeros: "inOneGo" | "placeByPlace",
  decisions: DecompositionDecisions,
): readonly DecompositionMove[] {
  const standing = Array.from({ length: columns }, (_, column) => minuend[column] ?? 0);
  const altered = new Set<number>();
  const end = subtrahend.reduce((last: number, count, column) => (count === undefined ? last : column), -1);
  let owed = 0;
  const moves: DecompositionMove[] = [];
  const at = (column: number): number => standing[column] ?? 0;
  const change = (column: number, by: number): Exchange => {
    const before = at(column);
    standing[column] = before + by;
    altered.add(column);
    return { column, before, after: before + by };
  };

  for (let column = 0; column < columns; column++) {
    const below = subtrahend[column];
    const bottom = owed > 0 ? (below ?? 0) + owed : below;
    const seen = { given: minuend[column], below, altered: altered.has(column), beyond: column > end };
    owed = 0;
    // One exchange is enough where rates are as large as they should be.
    for (
      let exchanges = 0;
      bottom !== undefined &&
      (exchanges === 0 || at(column) < bottom) &&
      decisions.fallsShort(at(column), bottom, seen);
      exchanges++
    ) {
      if (exchanges > MOST_EXCHANGES) throw new Stuck("subtractInColumns: exchanging never ends");
      const short = { needy: column, top: at(column), bottom };
      owed = decisions.pays();
      const changes = decisions.exchanges(standing, column, rateOf);
      if (changes !== undefined) {
        moves.push(exchangeOf(short, changes));
        for (const { column: changed, after, before } of changes) change(changed, after - before);
        break;
      }
      let lender = column + 1;
      while (lender < columns && at(lender) === 0) lender++;
      if (lender === columns) throw new Stuck("subtractInColumns: nothing is left to exchange");
      if (acrossZeros === "inOneGo") {
        const lent = change(lender, -1);
        const crossed: Exchange[] = [];
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
    moves.push(difference(column, at(column), bottom, decisions.leaves(at(column), bottom ?? 0, seen)));
  }
  return moves;
}

function difference(
  column: number,
  top: number,
  bottom: number | undefined,
  written: number,
): DecompositionMove {
  if (written < 0) throw new Stuck("subtractInColumns: less than nothing is left");
  return { kind: "difference", column, top, bottom, written };
}

/** An exchange from the changes of its columns, lender first. */
function exchangeOf(
  short: { readonly needy: number; readonly top: number; readonly bottom: number },
  changes: readonly Exchange[],
): DecompositionMove {
  const [lender, ...others] = changes;
  const receiver = others.at(-1);
  if (lender === undefined || receiver === undefined) throw new Error("exchangeOf: two columns are needed");
  return { kind: "exchange", ...short, lender, crossed: others.slice(0, -1), receiver };
}
