import type { MethodId } from "@/core/methods";

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

/** A number of so many digits of which only a few are not zero. */
const sparse = (chance: Chance, parts: number, length: number): string =>
  `${Array.from({ length: parts }, () => 1 + chance(9)).join("0".repeat(Math.floor((length - parts) / parts)))}.5`;

type Sides = readonly [whole: number, fraction: number];
const COLUMNS: Readonly<Record<Size, Sides>> = { small: [1, 1], usual: [3, 2], largest: [15, 15] };
const EXPANDED: Readonly<Record<Size, Sides>> = { small: [1, 1], usual: [3, 2], largest: [5, 5] };

/** A problem as typed that a method takes, of a size. */
export function problemFor(method: MethodId, size: Size, chance: Chance): string {
  const one = (sides: Readonly<Record<Size, Sides>>): string => number(chance, ...sides[size]);
  const whole = (counts: Readonly<Record<Size, number>>): string => number(chance, counts[size], 0);
  const largest = size === "largest";
  switch (method) {
    case "column-addition":
      return `${one(COLUMNS)} + ${one(COLUMNS)}`;
    case "expanded-addition":
      return `${one(EXPANDED)} + ${one(EXPANDED)}`;
    case "subtraction-by-decomposition":
    case "equal-additions":
    case "making-up":
    case "counting-up":
      return `${one(COLUMNS)} - ${one(COLUMNS)}`;
    case "expanded-subtraction":
      return `${one(EXPANDED)} - ${one(EXPANDED)}`;
    case "column-multiplication":
    case "lattice": {
      const sides = { ...COLUMNS, usual: [2, 1] } as const;
      return `${one(sides)} × ${one(sides)}`;
    }
    case "multiplication-in-line":
      return `${one(COLUMNS)} × ${whole({ small: 1, usual: 2, largest: 15 })}`;
    case "multiples-of-ten":
      return `${one(COLUMNS)} × ${largest ? number(chance, 14, 0) : 2 + chance(8)}0`;
    case "area":
      return largest
        ? `${sparse(chance, 4, 15)} × ${sparse(chance, 4, 15)}`
        : `${number(chance, 2, 1)} × ${number(chance, 1, 1)}`;
    case "shift":
      return `${one(COLUMNS)} × 1${"0".repeat({ small: 1, usual: 2, largest: 14 }[size])}`;
    case "long-division":
      return largest
        ? `${one(COLUMNS)} ÷ ${number(chance, 1, 15)} to 15 places`
        : `${one(COLUMNS)} ÷ ${whole({ small: 1, usual: 2, largest: 1 })} to 2 places`;
    case "short-division":
      return `${one(COLUMNS)} ÷ ${2 + chance(10)} to ${largest ? 15 : 2} places`;
    case "rounding-by-place":
      return `round ${one(COLUMNS)} to ${largest ? "trillionths" : "ones"}`;
    case "comparing-by-place":
      return `compare ${one(COLUMNS)} and ${one(COLUMNS)}`;
  }
}
