import type { Numeral } from "../../number";

/** The numerators and denominators of the fractions that are one character. */
const VULGAR: Readonly<Record<string, readonly [bigint, bigint]>> = {
  "¼": [1n, 4n],
  "½": [1n, 2n],
  "¾": [3n, 4n],
  "⅐": [1n, 7n],
  "⅑": [1n, 9n],
  "⅒": [1n, 10n],
  "⅓": [1n, 3n],
  "⅔": [2n, 3n],
  "⅕": [1n, 5n],
  "⅖": [2n, 5n],
  "⅗": [3n, 5n],
  "⅘": [4n, 5n],
  "⅙": [1n, 6n],
  "⅚": [5n, 6n],
  "⅛": [1n, 8n],
  "⅜": [3n, 8n],
  "⅝": [5n, 8n],
  "⅞": [7n, 8n],
};

/** The number that a fraction of one character is, alone or after a whole number. */
export const vulgarOf = (character: string, whole: bigint | undefined): Numeral => {
  const [numerator = 0n, denominator = 1n] = VULGAR[character] ?? [];
  return whole === undefined
    ? { kind: "fraction", negative: false, numerator, denominator }
    : { kind: "mixed", negative: false, whole, numerator, denominator };
};
