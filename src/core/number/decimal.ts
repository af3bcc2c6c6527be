import { ONES, type Place } from "./place";
import { withoutEndZeros, withoutLeadingZeros } from "./zeros";

/**
 * A decimal numeral: a number as it is written, so `20.4` and `20.40` are two of them.
 * `whole` and `fraction` hold the digits left and right of the point; either may be empty (`.5`, `5.`).
 * `point` says whether the point is written; where it is not, it hides behind the ones.
 */
export interface Decimal {
  readonly kind: "decimal";
  readonly negative: boolean;
  readonly whole: string;
  readonly fraction: string;
  readonly point: boolean;
}

/** The digit written at a place, or `undefined` where nothing is written. */
export function digitAt(numeral: Decimal, place: Place): number | undefined {
  const digit =
    place >= ONES ? numeral.whole[numeral.whole.length - 1 - place] : numeral.fraction[-place - 1];
  return digit === undefined ? undefined : Number(digit);
}

/** The place of the leftmost digit as written: 2 for `007`, −1 for `.5`. */
export const highestPlace = (numeral: Decimal): Place => numeral.whole.length - 1;

/** The place of the rightmost digit as written: −2 for `1.50`, 0 for `7`. */
export const lowestPlace = (numeral: Decimal): Place => -numeral.fraction.length;

/** The place of the first digit that is not zero, or `undefined` for nothing but zeros. */
export function leadingPlace(numeral: Decimal): Place | undefined {
  for (let place = highestPlace(numeral); place >= lowestPlace(numeral); place--) {
    const digit = digitAt(numeral, place);
    if (digit !== undefined && digit !== 0) return place;
  }
  return undefined;
}

/**
 * The value counted in units of 10^−places: `countedIn(2.5, 3)` is `2500n`.
 * `places` must be no fewer than the numeral has; a shorter count would lose digits and throws.
 */
export function countedIn(numeral: Decimal, places: number): bigint {
  if (places < numeral.fraction.length) throw new RangeError("countedIn: fewer places than the numeral has");
  const count = BigInt(numeral.whole + numeral.fraction.padEnd(places, "0") || "0");
  return numeral.negative ? -count : count;
}

/** The numeral of a count of 10^−places: `fromCount(2500n, 3)` is `2.500`. Negative zero is not written. */
export function fromCount(count: bigint, places: number): Decimal {
  const digits = (count < 0n ? -count : count).toString().padStart(places + 1, "0");
  return {
    kind: "decimal",
    negative: count < 0n,
    whole: digits.slice(0, digits.length - places),
    fraction: digits.slice(digits.length - places),
    point: places > 0,
  };
}

/** All the digits of a numeral from its first one that is not zero, the point left out: `360` for 0.0360. At least one digit. */
export const digitsOf = (numeral: Decimal): string =>
  withoutLeadingZeros(numeral.whole + numeral.fraction) || "0";

/** The numeral without a point that has nothing after it: `5.` is written 5. */
export const withoutBarePoint = (numeral: Decimal): Decimal =>
  numeral.fraction === "" && numeral.point ? { ...numeral, point: false } : numeral;

/** Below zero, zero or above as `a` is less than, equal to or more than `b` in value. */
export function compareDecimals(a: Decimal, b: Decimal): number {
  const places = Math.max(a.fraction.length, b.fraction.length);
  const difference = countedIn(a, places) - countedIn(b, places);
  return difference < 0n ? -1 : difference > 0n ? 1 : 0;
}

/** The same digits with the sign taken off. */
export const magnitude = (numeral: Decimal): Decimal => ({ ...numeral, negative: false });

/** The numeral without the zeros at the end of its fraction, and without a point that then has nothing after it. */
export function withoutTrailingZeros(numeral: Decimal): Decimal {
  const fraction = withoutEndZeros(numeral.fraction);
  return { ...numeral, fraction, point: fraction !== "" };
}

/**
 * Rounded to a place, halves away from zero: 7.865 to ones is 8, 40.3 to tens is 40.
 * The answer is written as far as that place and no further.
 */
export function roundTo(numeral: Decimal, place: Place): Decimal {
  const places = Math.max(numeral.fraction.length, -place);
  const count = countedIn(magnitude(numeral), places);
  const unit = 10n ** BigInt(places + place);
  return cutTo(numeral, place, 2n * (count % unit) >= unit);
}

/** Cut off after a place, and one more of that place where `up`, away from zero; written as far as the place and no further. */
export function cutTo(numeral: Decimal, place: Place, up: boolean): Decimal {
  const kept = Math.max(0, -place);
  const places = Math.max(numeral.fraction.length, kept);
  const unit = 10n ** BigInt(places + place);
  const units = countedIn(magnitude(numeral), places) / unit + (up ? 1n : 0n);
  const written = (units * unit) / 10n ** BigInt(places - kept);
  return fromCount(numeral.negative ? -written : written, kept);
}

/** The numeral with every digit moved so many places to the left (to the right where `by` is below zero), no needless zero in front. */
export function movedBy(numeral: Decimal, by: number): Decimal {
  const whole = numeral.whole + numeral.fraction.slice(0, Math.max(0, by)).padEnd(Math.max(0, by), "0");
  const right = Math.max(0, -by);
  const padded = whole.padStart(right + 1, "0");
  const fraction =
    padded.slice(padded.length - right, right === 0 ? 0 : undefined) +
    numeral.fraction.slice(Math.max(0, by));
  const kept = right === 0 ? padded : padded.slice(0, -right);
  return { ...numeral, whole: withoutLeadingZeros(kept) || "0", fraction, point: fraction !== "" };
}

/** The place of the one, where a numeral is worth a one with nothing but zeros: 3 for 1000, −2 for 0.01. None for other numerals. */
export function powerOfTen(numeral: Decimal): Place | undefined {
  const place = leadingPlace(numeral);
  return place !== undefined && /^0*10*$/.test(numeral.whole + numeral.fraction) ? place : undefined;
}
