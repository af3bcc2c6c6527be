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
    case "denominators-by-multiples":
      return largest
        ? `${1 + chance(83)}/84 + ${1 + chance(95)}/96`
        : `${1 + chance(9)}/${2 + chance(3)} + ${1 + chance(9)}/${{ small: 3, usual: 12 }[size]}`;
    case "denominators-by-factors":
    case "denominators-by-product":
      return largest
        ? Array.from({ length: 6 }, () => fraction(chance, size)).join(" + ")
        : `${fraction(chance, size)} + ${fraction(chance, size)}`;
    case "multiplying-across":
      return largest
        ? `${fraction(chance, size)} × ${fraction(chance, size)} × ${fraction(chance, size)}`
        : `${fraction(chance, size)} × ${fraction(chance, size)}`;
    case "turning-over":
    case "dividing-like-parts":
      return `${fraction(chance, size)} ÷ ${fraction(chance, size)}`;
    case "changing-form":
      return `simplify ${fraction(chance, size)}`;
    case "sign-rule":
      return signed(chance, { small: 2, usual: 3, largest: 6 }[size], largest ? 9999 : 20);
    case "gathering":
      return `${1 + chance(9)} - ${1 + chance(9)} + ${1 + chance(9)}${largest ? " - 9999 + 8876 - 4321" : ""}`;
    case "number-line":
      return signed(chance, { small: 2, usual: 2, largest: 6 }[size], 3);
    case "counters":
      return `${chance(9)} - (-${1 + chance(largest ? 11 : 5)})`;
    case "money-in-columns":
      return Array.from({ length: { small: 2, usual: 3, largest: 10 }[size] }, () =>
        amount(chance, size),
      ).join(" + ");
    case "repeated-addition":
      return `${{ small: 2, usual: 3, largest: 10 }[size]} × ${amount(chance, size)}`;
    case "change-by-counting-up": {
      const paid = { small: 1, usual: 20, largest: 10000 }[size];
      return `$${paid} - $${chance(paid)}.${10 + chance(89)}`;
    }
    case "enough-by-adding":
      return `is $20 enough for ${Array.from({ length: { small: 1, usual: 3, largest: 9 }[size] }, () => amount(chance, size)).join(" + ")}`;
    case "handing-over":
      return `pay $${{ small: 3, usual: 27, largest: 9989 }[size] - chance(3)}.${10 + chance(89)}`;
    case "sharing-a-bill":
      return `${amount(chance, size)} ÷ ${3 + chance(6)}`;
    case "unit-columns":
      return largest
        ? "5 wk 6 d 23 h 59 min 58 s - 2 wk 6 d 23 h 59 min 59 s"
        : `${2 + chance(60)} lb ${chance(16)} oz + ${1 + chance(60)} lb ${chance(16)} oz`;
    case "padded-columns":
      return largest
        ? "9999 km 999 m + 999 km 99 m + 12 km 7 m"
        : `${1 + chance(9)} L ${chance(999)} mL + ${1 + chance(9)} L ${chance(99)} mL`;
    case "smallest-unit":
      return largest
        ? `${12 + chance(80)} wk 5 d 23 h 59 min ÷ 17 min`
        : `${2 + chance(9)} × ${1 + chance(9)} ft ${chance(12)} in`;
    case "changing-units":
      return largest ? "9999999 s in wk and d and h and min and s" : `${17 + chance(80)} oz in lb and oz`;
    case "order-of-operations":
      return {
        small: `${1 + chance(9)} + ${1 + chance(9)} × ${1 + chance(9)}`,
        usual: `${2 + chance(5)} × $${1 + chance(4)}.${10 + chance(89)} + $0.60, from $40`,
        largest: `((${chance(99)}.5 + 3/4) × 12 - 2.25) ÷ 7 + 2 × (3 + ${chance(9)})`,
      }[size];
  }
}

const fraction = (chance: Chance, size: Size): string => {
  const most = { small: 4, usual: 12, largest: 9900 }[size];
  const under = 2 + chance(most);
  return `${1 + chance(most)}/${under}`;
};

/** Terms of which every other lies below zero. */
const signed = (chance: Chance, terms: number, most: number): string =>
  Array.from({ length: terms }, (_, index) =>
    index % 2 === 0 ? `(-${1 + chance(most)})` : `${1 + chance(most)}`,
  ).join(" - ");

const amount = (chance: Chance, size: Size): string =>
  `$${{ small: 1, usual: 4, largest: 99999 }[size] + chance(6)}.${10 + chance(89)}`;
