import { EVERY_METHOD, type MethodId } from "@/core/methods";

/** A whole number from 0 up to but not including its argument. */
export type Chance = (below: number) => number;

/** A seeded source of chance: the same seed gives the same problems. (The 32-bit mulberry generator, public domain.) */
export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0;
  return (below) => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return Math.floor((((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32) * below);
  };
}

/** How large a benched problem is: as small as they come, as in a lesson, as large as can be typed and the method takes. */
export const SIZES = ["small", "usual", "largest"] as const;
export type Size = (typeof SIZES)[number];

const digits = (chance: Chance, count: number): string =>
  Array.from({ length: count }, () => "00123456789999"[chance(14)] ?? "0").join("");

/** A number of just so many digits before and after its point. */
function number(chance: Chance, whole: number, fraction: number): string {
  const front = `${1 + chance(9)}${digits(chance, whole - 1)}`;
  return fraction === 0 ? front : `${front}.${digits(chance, fraction)}`;
}

/** A problem as typed that a method takes, of a size: what its card has, with numbers for what stands in angles. */
export const problemFor = (method: MethodId, size: Size, chance: Chance): string =>
  EVERY_METHOD.card(method).bench[size].replace(/<(\d+)([.-])(\d+)>/g, (_, one, kind, other) => {
    const [first, second] = [Number(one), Number(other)];
    return kind === "." ? number(chance, first, second) : String(first + chance(second - first + 1));
  });
