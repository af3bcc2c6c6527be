import { commonFactor, type Decimal, digitAt, ONES, type Place, withoutEndZeros } from "../../number";

/** One digit of a quotient: what was shared out, how often the divisor went into it, and what was left. */
export interface QuotientDigit {
  readonly place: Place;
  readonly part: bigint;
  readonly digit: number;
  readonly product: bigint;
  readonly rest: bigint;
  /** Whether the part ends in a zero that was appended to the dividend. */
  readonly appended: boolean;
}

/** The decisions at a digit: how many times the divisor goes into a part, what that takes, and what it leaves. */
export interface QuotientDecisions {
  howMany(part: bigint, divisor: bigint): number;
  takes(digit: number, divisor: bigint): bigint;
  leaves(part: bigint, product: bigint): bigint;
}

export const SOUND_QUOTIENTS: QuotientDecisions = {
  howMany: (part, divisor) => Number(part / divisor),
  takes: (digit, divisor) => BigInt(digit) * divisor,
  leaves: (part, product) => part - product,
};

/** Where a division stops: at a place, or where nothing is left or a rest comes again. */
export type Stop = { readonly kind: "place"; readonly place: Place } | { readonly kind: "end" };

/** The digits of a quotient, and where its repetend begins if a rest came again. */
export interface Quotient {
  readonly digits: readonly QuotientDigit[];
  /** The place of the first digit of the repetend. */
  readonly repetendFrom: Place | undefined;
}

/**
 * Divides digit by digit from the front. The first digit is that of the first part the divisor goes
 * into, or of the ones. Nothing is written of the dividend's zeros after its end until they are needed.
 */
export function divideByDigits(
  dividend: Decimal,
  divisor: bigint,
  stop: Stop,
  decisions: QuotientDecisions,
): Quotient {
  const digits: QuotientDigit[] = [];
  const seen = new Map<bigint, Place>();
  const lowest = -dividend.fraction.length;
  const lastPlace = -withoutEndZeros(dividend.fraction).length;
  let rest = 0n;
  for (let place = dividend.whole.length - 1; ; place--) {
    const part = rest * 10n + BigInt(digitAt(dividend, place) ?? 0);
    if (digits.length === 0 && place > ONES && part < divisor) {
      rest = part;
      continue;
    }
    const digit = decisions.howMany(part, divisor);
    const product = decisions.takes(digit, divisor);
    rest = decisions.leaves(part, product);
    digits.push({ place, part, digit, product, rest, appended: place < lowest });
    if (place > ONES) continue;
    if (stop.kind === "place" && place <= stop.place) return { digits, repetendFrom: undefined };
    if (place <= lowest && rest === 0n) return { digits, repetendFrom: undefined };
    // From here only zeros follow, written or not: a rest that comes again brings the same digits.
    if (place > lastPlace || rest === 0n) continue;
    const before = seen.get(rest);
    if (stop.kind === "end" && before !== undefined) return { digits, repetendFrom: before - 1 };
    seen.set(rest, place);
  }
}

/** The decimal expansion of a fraction: how many digits come once, and how many recur (0 where it ends). */
export interface Expansion {
  readonly fixed: number;
  /** None where the repetend is longer than was counted. */
  readonly repetend: number | undefined;
}

/** Measures the expansion of a count of 10^−places divided by a divisor, following a repetend for at most `most` digits. */
export function expansionOf(count: bigint, places: number, divisor: bigint, most: number): Expansion {
  const full = divisor * 10n ** BigInt(places);
  let denominator = full / commonFactor(count, full);
  if (count === 0n) denominator = 1n;
  let fixed = 0;
  for (let common = commonFactor(denominator, 10n); common > 1n; common = commonFactor(denominator, 10n)) {
    denominator /= common;
    fixed += 1;
  }
  if (denominator === 1n) return { fixed, repetend: 0 };
  let power = 10n % denominator;
  let repetend = 1;
  while (power !== 1n && repetend <= most) {
    power = (power * 10n) % denominator;
    repetend += 1;
  }
  return { fixed, repetend: power === 1n ? repetend : undefined };
}
