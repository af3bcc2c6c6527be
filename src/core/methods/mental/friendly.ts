import {
  bareDigits,
  compareDecimals,
  countedIn,
  type Decimal,
  fromCount,
  leadingPlace,
  lowestPlace,
  placesFrom,
  roundTo,
  withoutTrailingZeros,
  zerosAtEnd,
} from "../../number";

/** A number beside a friendlier one, and by how much that is more or less. */
export interface Friendly {
  readonly friendly: Decimal;
  readonly off: Decimal;
  readonly up: boolean;
}

/** The most that is added to reach a friendlier number, and taken away, in the last place that is written; more where that saves two places. */
const MOST_UP = 3n;
const MOST_FAR_UP = 5n;
const MOST_DOWN = 2n;

/** The sum, or with a minus the difference, of two numbers. */
export function combinedBy(op: "add" | "subtract", a: Decimal, b: Decimal): Decimal {
  const places = Math.max(a.fraction.length, b.fraction.length);
  const [one, other] = [countedIn(a, places), countedIn(b, places)];
  return withoutTrailingZeros(fromCount(op === "add" ? one + other : one - other, places));
}

/** So many times a number. */
export const timesOf = (times: bigint, numeral: Decimal): Decimal =>
  withoutTrailingZeros(
    fromCount(times * countedIn(numeral, numeral.fraction.length), numeral.fraction.length),
  );

/** How many digits of a number are not zero. */
const nonzero = ({ whole, fraction }: Decimal): number => (whole + fraction).replaceAll("0", "").length;

/**
 * The friendlier number close to one: fewer digits to work with, and off by a few of its last place only. 4.98 is
 * close to 5, 19.9 to 20, 302 to 300; none where there is no such number, as for 4.6 or for what is friendly itself.
 */
export function friendlyTo(given: Decimal): Friendly | undefined {
  const numeral = withoutTrailingZeros(given);
  const leading = leadingPlace(numeral);
  if (leading === undefined) return undefined;
  const lowest = numeral.fraction === "" ? zerosAtEnd(numeral.whole) : lowestPlace(numeral);
  const alone = bareDigits(numeral.whole + numeral.fraction).length === 1;
  if (alone && bareDigits(numeral.whole + numeral.fraction) !== "9") return undefined;
  const candidates = [...placesFrom(lowest + 1, leading + 1)]
    .reverse()
    .flatMap((place): readonly Friendly[] => {
      const friendly = withoutTrailingZeros(roundTo(numeral, place));
      const up = compareDecimals(friendly, numeral) > 0;
      const off = up ? combinedBy("subtract", friendly, numeral) : combinedBy("subtract", numeral, friendly);
      const digits = bareDigits(off.whole + off.fraction);
      const most = !up ? MOST_DOWN : place >= lowest + 2 ? MOST_FAR_UP : MOST_UP;
      const small = digits.length === 1 && BigInt(digits) <= most;
      const sameEnd = off.fraction === "" ? zerosAtEnd(off.whole) === lowest : lowestPlace(off) === lowest;
      // Going down saves work only where one digit is left to work with.
      const saves = up || nonzero(friendly) === 1;
      return small && sameEnd && saves ? [{ friendly, off, up }] : [];
    });
  return candidates.find(({ up }) => up) ?? candidates[0];
}
