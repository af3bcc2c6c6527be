import type Exact from "fraction.js";
import { bareDigits, fromCount, significantDigits } from "../../number";
import type { Sign } from "../reading/glyphs";
import { digitOf, type WrittenNumeral } from "../reading/pieces";
import type { Fault } from "./claim";

/** So many pieces of ten as digits with their point. */
export function digitsWithPoint(pieces: bigint, places: number): string {
  const { whole, fraction } = fromCount(pieces, places);
  return fraction === "" ? whole : `${whole}.${fraction}`;
}

/** The most decimals a value is written with as one that ends. */
const MOST_PLACES = 12;

/** A value as a decimal that ends; none where it does not. */
export function decimalText({ n, d }: Exact): string | undefined {
  for (let places = 0; places <= MOST_PLACES; places++) {
    const pieces = n * 10n ** BigInt(places);
    if (pieces % d === 0n) return digitsWithPoint(pieces / d, places);
  }
  return undefined;
}

/** A digit that is wrong, where it stands. */
export const digitWrong = (sign: Sign, place?: number): Fault => ({
  kind: "digit",
  at: { col: sign.col, row: sign.row },
  written: digitOf(sign),
  ...(place === undefined ? {} : { place }),
});

/** A numeral of which no digit can be named as the wrong one: its first. */
export const firstWrong = ({ digits: [first], from, row, mended }: WrittenNumeral): Fault =>
  digitWrong(first ?? { col: from, row, text: mended });

/** The first digit of a numeral from the right that differs from a whole number. */
export function wholeFault(numeral: WrittenNumeral, ought: bigint): Fault {
  const should = String(ought);
  const off = [...numeral.digits].reverse().find((sign, nth) => digitOf(sign) !== should.at(-1 - nth));
  return off === undefined ? firstWrong(numeral) : digitWrong(off);
}

/** The first digit from the right that differs from a value written as long; its point, where the digits are right. None where the value does not end. */
export function digitFault(numeral: WrittenNumeral, value: Exact): Fault | undefined {
  const ought = decimalText(value);
  if (ought === undefined) return undefined;
  const digits = numeral.digits.map(digitOf).join("");
  const bare = ought.replace(".", "");
  if (bare === digits || significantDigits(bare) === bareDigits(digits)) {
    const { point, row, from, mended } = numeral;
    return { kind: "point", at: { col: point ?? from, row }, written: mended };
  }
  const [whole = "", fraction = ""] = ought.split(".");
  const places = numeral.mended.split(".")[1]?.length ?? 0;
  return wholeFault(numeral, BigInt(whole + fraction.padEnd(places, "0")));
}
