import type { CurrencyId } from "../quantity";
import { piecesOfCurrency } from "../quantity";

/** Coins and notes by their value in the minor unit, and how many there are of each. */
export type Drawer = Readonly<Record<number, number>>;

/** What all pieces of a drawer come to, in the minor unit. */
export const worthOfDrawer = (drawer: Drawer): number =>
  Object.entries(drawer).reduce((sum, [value, count]) => sum + Number(value) * count, 0);

/** How many pieces a drawer holds. */
export const piecesIn = (drawer: Drawer): number =>
  Object.values(drawer).reduce((sum, count) => sum + count, 0);

/** A drawer with so many more of some pieces, or fewer; never fewer than none. */
export function withPieces(drawer: Drawer, more: Drawer, sign: 1 | -1 = 1): Drawer {
  const values = new Set([...Object.keys(drawer), ...Object.keys(more)].map(Number));
  return Object.fromEntries(
    [...values].map((value) => [value, Math.max(0, (drawer[value] ?? 0) + sign * (more[value] ?? 0))]),
  );
}

/** The pieces that a shop begins a day with: many of the small ones, few notes. */
export function floatOf(currency: CurrencyId): Drawer {
  const pieces = [...piecesOfCurrency(currency)].sort((one, other) => one - other);
  return Object.fromEntries(
    pieces.map((value, at) => [value, at < pieces.length / 2 ? 12 : at < (3 * pieces.length) / 4 ? 6 : 2]),
  );
}

/** The largest amount of change that is looked for, in the minor unit: more than any note comes to. */
const MOST_CHANGE = 200_000;

/**
 * The fewest pieces of a drawer that come to an amount in the minor unit; none where no pieces of it do. By counting,
 * for every amount up to it, the fewest pieces that reach it, one lot of pieces after another.
 */
export function changeFrom(drawer: Drawer, amount: number): Drawer | undefined {
  if (!Number.isInteger(amount) || amount < 0 || amount > MOST_CHANGE) return undefined;
  const lots = lotsOf(drawer, amount);
  const fewest = new Uint32Array(amount + 1).fill(NEVER);
  fewest[0] = 0;
  const took = lots.map(({ worth, pieces }) => {
    const taken = new Uint8Array(amount + 1);
    for (let reached = amount; reached >= worth; reached--) {
      const before = fewest[reached - worth] ?? NEVER;
      if (before !== NEVER && before + pieces < (fewest[reached] ?? NEVER)) {
        fewest[reached] = before + pieces;
        taken[reached] = 1;
      }
    }
    return taken;
  });
  if (fewest[amount] === NEVER) return undefined;
  const change: Record<number, number> = {};
  let left = amount;
  for (let at = lots.length - 1; at >= 0; at--) {
    const lot = lots[at];
    if (lot === undefined || took[at]?.[left] !== 1) continue;
    change[lot.value] = (change[lot.value] ?? 0) + lot.pieces;
    left -= lot.worth;
  }
  return change;
}

const NEVER = 0xffff_ffff;

interface Lot {
  readonly value: number;
  readonly pieces: number;
  readonly worth: number;
}

/** The pieces of a drawer in lots of one, two, four and so on, and a rest: each number of pieces is some of the lots. */
function lotsOf(drawer: Drawer, amount: number): readonly Lot[] {
  return Object.entries(drawer).flatMap(([text, count]): readonly Lot[] => {
    const value = Number(text);
    const lots: Lot[] = [];
    let left = Math.min(count, Math.floor(amount / value));
    for (let pieces = 1; left > 0; pieces *= 2) {
      const some = Math.min(pieces, left);
      lots.push({ value, pieces: some, worth: some * value });
      left -= some;
    }
    return lots;
  });
}
