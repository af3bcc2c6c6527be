import Exact from "fraction.js";
import { digitOf, type WrittenNumeral } from "../reading/pieces";
import type { Fault } from "./claim";
import { digitWrong } from "./digits";

/** The grid line right of the ones of a number: its point, or its end where it has none. */
export const onesLine = ({ point, to }: WrittenNumeral): number => point ?? to;

/** The digit of a value at a place: 0 for ones, −1 for tenths. */
function digitAtPlace({ n, d }: Exact, place: number): string {
  const scaled = place >= 0 ? n / (d * 10n ** BigInt(place)) : (n * 10n ** BigInt(-place)) / d;
  return String(scaled % 10n);
}

/** What digits in columns say against a value: the first that differs, and whether any that is needed is missing. */
interface Placed {
  readonly fault: Fault | undefined;
  readonly complete: boolean;
}

/**
 * Holds digits in columns against a value, place by place from the right. `ones` is the grid line right of the ones.
 */
export function placed(numerals: readonly WrittenNumeral[], value: Exact, ones: number): Placed {
  const digits = numerals.flatMap((numeral) => numeral.digits);
  const cols = digits.map(({ col }) => Math.floor(col));
  const byRight = [...digits].sort((a, b) => b.col - a.col);
  const wrong = byRight.find(
    (sign) => digitOf(sign) !== digitAtPlace(value, ones - 1 - Math.floor(sign.col)),
  );
  const [left, right] = [Math.min(...cols), Math.max(...cols)];
  const missing =
    digits.length === 0 ||
    hasMore(value, ones - 1 - left, ones - 1 - right) ||
    right - left + 1 > digits.length;
  return {
    fault: wrong && digitWrong(wrong, ones - 1 - wrong.col),
    complete: !missing,
  };
}

/** Whether a value has digits that count left of its highest written place, or right of its lowest. */
function hasMore(value: Exact, high: number, low: number): boolean {
  const { n, d } = value;
  const above = n / d / 10n ** BigInt(Math.max(0, high + 1));
  if (high >= 0 && above > 0n) return true;
  if (high < 0 && n / d > 0n) return true;
  const scaled = low >= 0 ? new Exact(n, d * 10n ** BigInt(low)) : new Exact(n * 10n ** BigInt(-low), d);
  return scaled.d !== 1n;
}

/** Whether a number only moves the digits of what it multiplies or divides. */
export const isPowerOfTen = ({ n, d }: Exact): boolean =>
  (/^10+$/.test(String(n)) && d === 1n) || (/^10+$/.test(String(d)) && n === 1n);

/** Ten to a power; one for those below zero. */
export const tenTo = (power: number): bigint => 10n ** BigInt(Math.max(0, Math.round(power)));
