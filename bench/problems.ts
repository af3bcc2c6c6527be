import { decimalSign, type Notation } from "@/core/number";

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

const digits = (chance: Chance, count: number): string =>
  Array.from({ length: count }, () => "00123456789999"[chance(14)] ?? "0").join("");

/** A ragged numeral as typed: whole numbers, bare points, runs of zeros and nines, up to 15 digits a side. */
function numeral(chance: Chance, notation: Notation): string {
  const sign = decimalSign(notation);
  const most = chance(3) === 0 ? 15 : 4;
  const whole = digits(chance, chance(most + 1));
  const fraction = chance(4) === 0 ? "" : digits(chance, chance(most + 1));
  if (whole === "" && fraction === "") return "0";
  return fraction === "" ? whole : `${whole}${sign}${fraction}`;
}

/** A problem as typed: two to ten addends, or a minuend and a subtrahend. */
export function problemLine(chance: Chance, notation: Notation): string {
  if (chance(2) === 0) return `${numeral(chance, notation)} - ${numeral(chance, notation)}`;
  const count = chance(3) === 0 ? 2 + chance(9) : 2 + chance(2);
  return Array.from({ length: count }, () => numeral(chance, notation)).join(" + ");
}

/** Two numbers of just so many digits on each side of the point, added or subtracted. */
export const evenLine = (chance: Chance, op: "+" | "-", size: number): string => {
  const number = () => `${1 + chance(9)}${digits(chance, size - 1)}.${digits(chance, size)}`;
  return `${number()} ${op} ${number()}`;
};
