import type { Fraction } from "./fraction";

/** How many decimals are worth writing for a value to be worked as a decimal that ends. */
const ENDS_WITHIN = 9;

/**
 * Whether a fraction is written as a decimal that ends: within as many places as are worth writing on paper, or as many
 * as are named. One over nothing never is.
 */
export const endsAsDecimal = (
  { numerator, denominator }: Pick<Fraction, "numerator" | "denominator">,
  places: number = ENDS_WITHIN,
): boolean => denominator > 0n && (numerator * 10n ** BigInt(places)) % denominator === 0n;
