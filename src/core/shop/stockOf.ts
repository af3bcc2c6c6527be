import type { Plausible, StockList, Thing } from "../stories";

/** The middle of what is plausible, on a step. */
const middle = ([from, to]: readonly [number, number], step: number): number =>
  Math.max(step, Math.round((from + to) / 2 / step) * step);

/** Grams that a shelf's masses are multiples of, so that they end on a mark; hundredths that prices are. */
const GRAMS = 10;
const HUNDREDTHS = 5;

/** Some things of a list with what each weighs in grams, none heavier than a small scale takes. */
export const weighed = (
  stock: StockList,
  count: number,
): readonly { readonly thing: Thing; readonly mass: number }[] =>
  spread(
    stock.things.flatMap((thing) => {
      if (thing.mass === undefined) return [];
      const mass = middle(inGrams(thing.mass, stock), GRAMS);
      return mass > HEAVIEST ? [] : [{ thing, mass }];
    }),
    count,
  );

/** What is plausible of a mass in grams, also where a list has it in ounces. */
const inGrams = ([from, to]: Plausible, { system }: StockList): Plausible =>
  system === "imperial" ? [GRAMS_IN_AN_OUNCE * from, GRAMS_IN_AN_OUNCE * to] : [from, to];

/** About how many grams an ounce is. */
export const GRAMS_IN_AN_OUNCE = 28.35;
const HEAVIEST = 1200;

/** Some things of a list with a price in hundredths. */
export const priced = (
  stock: StockList,
  count: number,
): readonly { readonly thing: Thing; readonly price: number }[] =>
  spread(
    stock.things.flatMap((thing) =>
      thing.price === undefined || thing.price[1] > DEAREST
        ? []
        : [{ thing, price: middle(thing.price, HUNDREDTHS) }],
    ),
    count,
  );

const DEAREST = 3000;

/** So many of a list, evenly from its beginning to its end. */
function spread<One>(all: readonly One[], count: number): readonly One[] {
  const step = Math.max(1, all.length / count);
  return Array.from({ length: Math.min(count, all.length) }, (_, nth) => all[Math.floor(nth * step)]).filter(
    (one) => one !== undefined,
  );
}
