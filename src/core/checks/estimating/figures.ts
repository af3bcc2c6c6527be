import type Fraction from "fraction.js";
import { type Decimal, fromCount, leadingPlace, roundTo, withoutTrailingZeros } from "../../number";
import { fractionOf, type Problem } from "../../problem";
import type { Quantity } from "../../quantity";

/** The most decimals that a number is thought of with. */
const MOST_DECIMALS = 12;

/** How many digits that are not zero a value is written with: as a decimal where it ends, as a fraction else. */
function digitsOfValue({ n, d }: Fraction): number {
  const pieces = n * 10n ** BigInt(MOST_DECIMALS);
  return (pieces % d === 0n ? String(pieces / d) : `${n}${d}`).replaceAll("0", "").length;
}

/** Digits enough for a quotient that does not end. */
const UNENDING = 6;

/** The same of what a problem comes to: a quotient of decimals or money that does not end has many. */
export const digitsOfAnswer = (problem: Problem, value: Fraction): number =>
  (problem.kind === "decimals" || problem.kind === "money") && 10n ** BigInt(MOST_DECIMALS) % value.d !== 0n
    ? UNENDING
    : digitsOfValue(value);

/** The same of a quantity: of a measure, its counts. */
export const digitsOfQuantity = (quantity: Quantity): number =>
  quantity.kind === "measure"
    ? digitsIn(quantity.parts.map(({ count }) => count))
    : digitsOfValue(fractionOf(quantity));

/** The same of some quantities together. */
export const digitsIn = (quantities: readonly Quantity[]): number =>
  quantities.reduce((sum, quantity) => sum + digitsOfQuantity(quantity), 0);

/** A numeral with its first digit only, or its first two where it begins with a one, so that it stays within a quarter of its value. */
export function firstDigits(numeral: Decimal): Decimal {
  const place = leadingPlace(numeral);
  if (place === undefined) return fromCount(0n, 0);
  const rough = roundTo(numeral, place);
  const begins = numeral.whole + numeral.fraction;
  return withoutTrailingZeros(/^0*1/.test(begins) ? roundTo(numeral, place - 1) : rough);
}
