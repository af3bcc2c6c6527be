import type { CurrencyId } from "@/core/quantity";
import { type Drawer, floatOf, withPieces, worthOfDrawer } from "@/core/shop";

/** A day at the till: what the drawer began with and holds, what was sold, and the sale that is going on. All money is in the minor unit. */
export interface Day {
  readonly float: Drawer;
  readonly drawer: Drawer;
  readonly sold: number;
  readonly sales: number;
  readonly basket: readonly { readonly id: number; readonly name: string; readonly price: number }[];
  /** The piece that was handed over; none yet. */
  readonly paid: number | undefined;
  /** What lies on the counter as change, in the order in which it was put there. */
  readonly change: readonly number[];
}

/** A day that begins. */
export const dayBegun = (currency: CurrencyId): Day => {
  const float = floatOf(currency);
  return { float, drawer: float, sold: 0, sales: 0, basket: [], paid: undefined, change: [] };
};

export const totalOf = ({ basket }: Day): number => basket.reduce((sum, { price }) => sum + price, 0);

export const changeOf = ({ change }: Day): number => change.reduce((sum, piece) => sum + piece, 0);

/** What is still to be given; less than nothing where it is too much. */
export const stillToGive = (day: Day): number => (day.paid ?? 0) - totalOf(day) - changeOf(day);

/** Where the counting up from the price stands: the price, and what it has come to with each piece. */
export function countedUp(day: Day): readonly number[] {
  const reached = [totalOf(day)];
  for (const piece of day.change) reached.push((reached.at(-1) ?? 0) + piece);
  return reached;
}

/** A piece of the drawer put on the counter as change. */
export const given = (day: Day, piece: number): Day =>
  (day.drawer[piece] ?? 0) === 0
    ? day
    : { ...day, drawer: withPieces(day.drawer, { [piece]: 1 }, -1), change: [...day.change, piece] };

/** A piece of the change back in the drawer. */
export function takenBack(day: Day, at: number): Day {
  const piece = day.change[at];
  if (piece === undefined) return day;
  return {
    ...day,
    drawer: withPieces(day.drawer, { [piece]: 1 }),
    change: day.change.filter((_, nth) => nth !== at),
  };
}

/** What was handed over given back, and the change back in the drawer. */
export const givenBack = (day: Day): Day => ({
  ...day.change.reduce<Day>((now) => takenBack(now, 0), day),
  paid: undefined,
});

/** A drawer that begins the day with so many of a piece. */
export function counted(day: Day, piece: number, count: number): Day {
  const drawer = { ...day.drawer, [piece]: count };
  return { ...day, drawer, float: drawer };
}

/** The sale done: what was handed over is in the drawer, and the next learner comes. */
export const handedOver = (day: Day): Day => ({
  ...day,
  drawer: day.paid === undefined ? day.drawer : withPieces(day.drawer, { [day.paid]: 1 }),
  sold: day.sold + totalOf(day),
  sales: day.sales + 1,
  basket: [],
  paid: undefined,
  change: [],
});

/** What should be in the drawer by what was sold, and what is. */
export const balanceOf = (day: Day): { readonly should: number; readonly is: number } => ({
  should: worthOfDrawer(day.float) + day.sold,
  is: worthOfDrawer(day.drawer),
});
