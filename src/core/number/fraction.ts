import type { Decimal } from "./decimal";

/** A fraction as it is written: not simplified, its sign before it. The denominator is at least one. */
export interface Fraction {
  readonly kind: "fraction";
  readonly negative: boolean;
  readonly numerator: bigint;
  readonly denominator: bigint;
}

/** A whole number with a fraction beside it: two and one third. The fraction may be more than a whole while it is worked on. */
export interface Mixed {
  readonly kind: "mixed";
  readonly negative: boolean;
  readonly whole: bigint;
  readonly numerator: bigint;
  readonly denominator: bigint;
}

/** A number however it is written. */
export type Numeral = Decimal | Fraction | Mixed;

/** The largest number that both divide by. */
export const commonFactor = (a: bigint, b: bigint): bigint => (b === 0n ? a : commonFactor(b, a % b));

/** The smallest number that both divide. */
export const commonMultiple = (a: bigint, b: bigint): bigint => (a / commonFactor(a, b)) * b;

/** A fraction from its numerator, which may lie below zero, and its denominator. */
export const fraction = (numerator: bigint, denominator: bigint): Fraction => ({
  kind: "fraction",
  negative: numerator < 0n,
  numerator: numerator < 0n ? -numerator : numerator,
  denominator,
});

/** The numerator with its sign. */
export const signedNumerator = ({ negative, numerator }: Fraction): bigint =>
  negative ? -numerator : numerator;

/** A number as one fraction, not simplified: 2 1/3 is 7/3, 0.25 is 25/100, 4 is 4/1. */
export function asFraction(numeral: Numeral): Fraction {
  switch (numeral.kind) {
    case "fraction":
      return numeral;
    case "mixed": {
      const { negative, whole, numerator, denominator } = numeral;
      return { kind: "fraction", negative, numerator: whole * denominator + numerator, denominator };
    }
    case "decimal": {
      const numerator = BigInt(numeral.whole + numeral.fraction || "0");
      return {
        kind: "fraction",
        negative: numeral.negative,
        numerator,
        denominator: 10n ** BigInt(numeral.fraction.length),
      };
    }
  }
}

/** Below zero, zero or above as `a` is less than, equal to or more than `b` in value. */
export function compareNumerals(a: Numeral, b: Numeral): number {
  const [first, second] = [asFraction(a), asFraction(b)];
  const difference =
    signedNumerator(first) * second.denominator - signedNumerator(second) * first.denominator;
  return difference < 0n ? -1 : difference > 0n ? 1 : 0;
}

/** A fraction with numerator and denominator divided by their largest common factor. */
export function simplest({ negative, numerator, denominator }: Fraction): Fraction {
  const by = commonFactor(numerator, denominator);
  const shorter = numerator / by;
  return {
    kind: "fraction",
    negative: negative && shorter > 0n,
    numerator: shorter,
    denominator: denominator / by,
  };
}

/** The prime factors of a number, smallest first; none for one. Numbers with a prime factor beyond a million are not taken apart further. */
export function primeFactors(number: bigint): readonly bigint[] {
  const factors: bigint[] = [];
  let rest = number;
  for (let prime = 2n; prime * prime <= rest && prime < 1_000_000n; prime += prime === 2n ? 1n : 2n) {
    while (rest % prime === 0n) {
      factors.push(prime);
      rest /= prime;
    }
  }
  return rest > 1n ? [...factors, rest] : factors;
}

/** Whether a number is written without a fraction or decimals. */
export const isWhole = (numeral: Numeral): numeral is Decimal =>
  numeral.kind === "decimal" && numeral.fraction === "";

/** Whether a number is worth nothing. */
export const isZero = (numeral: Numeral): boolean => asFraction(numeral).numerator === 0n;

/** The same number without its sign. */
export const unsigned = <N extends Numeral>(numeral: N): N => ({ ...numeral, negative: false });

/** The same number on the other side of zero; zero has no other side. */
export const opposite = <N extends Numeral>(numeral: N): N => ({
  ...numeral,
  negative: !numeral.negative && !isZero(numeral),
});

/** A whole number as a numeral. */
export const wholeNumeral = (count: bigint): Decimal => ({
  kind: "decimal",
  negative: count < 0n,
  whole: String(count < 0n ? -count : count),
  fraction: "",
  point: false,
});
