import {
  asFraction,
  type Decimal,
  type Fraction,
  fraction,
  isZero,
  leadingPlace,
  type Numeral,
  ONES,
  roundTo,
  simplest,
  TENTHS,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import { type Amount, amountOf, inMajor } from "../../quantity";

/** A number rounded to a half: the benchmarks of a fraction are nothing, one half and a whole. */
export function toHalves(numeral: Numeral): Numeral {
  const { negative, numerator, denominator } = asFraction(numeral);
  const halves = (4n * numerator + denominator) / (2n * denominator);
  return simplified(fraction(negative ? -halves : halves, 2n));
}

/** A fraction as the number a head computes with: whole, mixed or proper. */
export function simplified(given: Fraction): Numeral {
  const { negative, numerator, denominator } = simplest(given);
  const whole = numerator / denominator;
  if (denominator === 1n) return wholeNumeral(negative ? -whole : whole);
  if (whole === 0n) return { kind: "fraction", negative, numerator, denominator };
  return { kind: "mixed", negative, whole, numerator: numerator % denominator, denominator };
}

/** The whole number nearest to a fraction, and at least one. */
export function toWhole(numeral: Numeral): Numeral {
  const { numerator, denominator } = asFraction(numeral);
  const whole = (2n * numerator + denominator) / (2n * denominator);
  return whole === 0n ? toHalves(numeral) : wholeNumeral(whole);
}

/** A number rounded to its first digit; a fraction to a half. */
export const leading = (numeral: Numeral): Numeral =>
  numeral.kind === "decimal"
    ? withoutTrailingZeros(roundTo(numeral, leadingPlace(numeral) ?? ONES))
    : toHalves(numeral);

/** A value as a short decimal where it is one, else rounded to its first two digits. */
export function easyNumber({
  s,
  n,
  d,
}: {
  readonly s: bigint;
  readonly n: bigint;
  readonly d: bigint;
}): Numeral {
  const exact = fraction(s * n, d);
  if (d === 1n || d === 2n) return simplified(exact);
  const scaled = (n * 10n ** 12n) / d;
  const digits = scaled.toString().padStart(13, "0");
  const numeral: Decimal = {
    kind: "decimal",
    negative: s < 0n,
    whole: digits.slice(0, -12),
    fraction: digits.slice(-12),
    point: true,
  };
  const place = leadingPlace(numeral) ?? ONES;
  return withoutTrailingZeros(roundTo(numeral, place > ONES ? ONES : place - 1));
}

/** The nearest whole of the major unit; less than one is rounded to tens of the minor unit. */
export function roughAmount(amount: Amount): Amount {
  const numeral = inMajor(amount);
  const whole = roundTo(numeral, ONES);
  const easy = isZero(whole) ? roundTo(numeral, TENTHS) : whole;
  return amountOf(amount.currency, isZero(easy) ? numeral : easy);
}
