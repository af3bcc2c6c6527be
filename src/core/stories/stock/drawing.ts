import type { RandomSource } from "../../sheets";
import type { Measured, Thing } from "./stock";

/** Ways to draw the numbers of a story; each gives what a tutor would type, with a point, and `$$` for the sign of money. */

/** A whole number from one to another, both among them. */
export const between = (chances: RandomSource, from: number, to: number): number =>
  from + chances.below(Math.max(1, to - from + 1));

/** A whole number that is a multiple of a step. */
const stepped = (chances: RandomSource, from: number, to: number, step: number): number =>
  step * between(chances, Math.ceil(from / step), Math.floor(to / step));

const hundredths = (count: number): string =>
  `${Math.floor(count / 100)}.${String(count % 100).padStart(2, "0")}`;

/** The sign of money, whichever it is. */
const SIGN = "$$";

/** Hundredths as money: 435 is `$$4.35`. */
export const money = (cents: number): string =>
  SIGN + (cents % 100 === 0 ? String(cents / 100) : hundredths(cents));

/** Centimetres as metres: 135 is `1.35 m`; no zero at the end. */
export const metres = (centimetres: number): string =>
  centimetres % 100 === 0 ? `${centimetres / 100} m` : `${hundredths(centimetres).replace(/0$/, "")} m`;

export const grams = (count: number): string => `${count} g`;
export const ounces = (count: number): string => `${count} oz`;
/** Inches as feet and inches: 41 is `3 ft 5 in`. */
export const inches = (count: number): string => {
  const [feet, left] = [Math.floor(count / 12), count % 12];
  return left === 0 ? `${feet} ft` : feet === 0 ? `${left} in` : `${feet} ft ${left} in`;
};
export const centimetres = (count: number): string => `${count} cm`;
export const millilitres = (count: number): string => `${count} mL`;

/** What a thing costs, in hundredths: on fives where it is more than a few. */
export function price(chances: RandomSource, { price: range = [100, 900] }: Thing): number {
  const [from, to] = range;
  return to < 100 ? between(chances, from, to) : stepped(chances, from, to, 5);
}

/** What a thing weighs, in grams. */
export function mass(chances: RandomSource, { mass: range = [10, 90] }: Thing): number {
  const [from, to] = range;
  return to < 60 ? between(chances, from, to) : stepped(chances, from, to, 5);
}

/** How long a thing is, how high it stands, or how long it takes to fit one: a thing that is drawn for it has it. */
export const figure = (chances: RandomSource, thing: Thing, known: "length" | "height" | "time"): number =>
  between(chances, ...(thing[known] ?? ([0, 0] as const)));

/** How much a thing holds, in millilitres. */
export const volume = (chances: RandomSource, { volume: range = [100, 500] }: Thing): number =>
  stepped(chances, range[0], range[1], 5);

/** Notes that are handed over, in hundredths. */
const NOTES = [500, 1000, 2000, 5000, 10_000, 20_000, 50_000] as const;

/** A note that is more than an amount: the smallest, or now and then the next one. */
export function noteOver(chances: RandomSource, cents: number): number | undefined {
  const fitting = NOTES.filter((note) => note > cents);
  return fitting[chances.below(4) === 0 ? 1 : 0] ?? fitting[0];
}

/** Different things of a list that have something known of them, as many as are wanted; none where there are fewer. */
export function thingsWith(
  chances: RandomSource,
  things: readonly Thing[],
  known: Measured,
  count: number,
): readonly Thing[] | undefined {
  const left = things.filter((thing) => thing[known] !== undefined);
  const chosen: Thing[] = [];
  while (chosen.length < count) {
    const one = chances.pick(left.filter((thing) => !chosen.includes(thing)));
    if (one === undefined) return undefined;
    chosen.push(one);
  }
  return chosen;
}
