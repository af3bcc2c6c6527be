import type { Decimal } from "../../number";
import { mostPlaces } from "../contract/parts";

/** How far right of its place a number stands whose last digit stands under the last of the longest. */
export const rightFlush = (numeral: Decimal, all: readonly Decimal[]): number =>
  numeral.fraction.length - mostPlaces(all);

/** How far left of its place a number stands whose first digit stands under the first of the longest. */
export const leftFlush = (numeral: Decimal, all: readonly Decimal[]): number =>
  Math.max(...all.map(({ whole }) => whole.length)) - numeral.whole.length;

const digits = ({ whole, fraction }: Decimal): number => whole.length + fraction.length;

/** The line of a point that is set by counting the places of the addend with most digits. */
export function countedFromLongest(all: readonly Decimal[]): number {
  const longest = all.reduce((most, one) => (digits(one) > digits(most) ? one : most));
  const lowest = Math.min(0, ...all.map((numeral) => leftFlush(numeral, all) - numeral.fraction.length));
  return -longest.fraction.length - lowest;
}
