import type { HouseRules } from "../house";
import { type Decimal, ONES, type Place } from "../number";

const SMALL = (
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen " +
  "sixteen seventeen eighteen nineteen"
).split(" ");
const TENS = "_ _ twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
const GROUPS = ["", "thousand", "million", "billion", "trillion", "quadrillion"];

/** A whole number in words, from its digits: `605` is "six hundred five". Short scale; up to 18 digits. */
export function cardinal(digits: string): string {
  const stripped = digits.replace(/^0+(?=\d)/, "") || "0";
  if (stripped === "0") return "zero";
  const groups = stripped.replace(/\B(?=(\d{3})+$)/g, ",").split(",");
  return groups
    .map((group, index) => {
      const name = GROUPS[groups.length - 1 - index] ?? "";
      return Number(group) === 0 ? "" : `${belowThousand(Number(group))} ${name}`.trim();
    })
    .filter((words) => words !== "")
    .join(" ");
}

function belowThousand(count: number): string {
  const hundreds = Math.floor(count / 100);
  const rest = count % 100;
  const words = hundreds > 0 ? `${SMALL[hundreds]} hundred` : "";
  if (rest === 0) return words;
  const tens = TENS[Math.floor(rest / 10)];
  const below = rest < 20 ? SMALL[rest] : `${tens}${rest % 10 === 0 ? "" : `-${SMALL[rest % 10]}`}`;
  return `${words} ${below}`.trim();
}

const PREFIXES = ["", "ten-", "hundred-"];

/** The name of one of a place: "tenth", "ten-thousandth", "ten", "hundred", and "one" or "unit" by the house. */
function placeName(place: Place, house: HouseRules): string {
  if (place === ONES) return house.onesTerm === "ones" ? "one" : "unit";
  const size = Math.abs(place);
  if (size === 1) return place < 0 ? "tenth" : "ten";
  if (size === 2) return place < 0 ? "hundredth" : "hundred";
  const name = `${PREFIXES[size % 3]}${GROUPS[Math.floor(size / 3)]}`;
  return place < 0 ? `${name}th` : name;
}

/** The name of a place as a heading, or for any number of it but one: "tenths". */
export const placesName = (place: Place, house: HouseRules): string => `${placeName(place, house)}s`;

/** So many of a place, in words: "seven tenths", "one hundred-thousandth". */
export const countOf = (count: number, place: Place, house: HouseRules): string =>
  `${cardinal(String(count))} ${count === 1 ? placeName(place, house) : placesName(place, house)}`;

/** The same where ones are meant as things in one piece: "one whole", "two wholes". */
export function piecesOf(count: number, place: Place, house: HouseRules): string {
  if (place !== ONES || house.onesTerm === "units") return countOf(count, place, house);
  return `${cardinal(String(count))} ${count === 1 ? "whole" : "wholes"}`;
}

/**
 * A numeral in words, in the style of the house: by places ("thirty-one and six hundred five
 * thousandths") or by digits ("thirty-one point six zero five"). Below zero it begins with "minus".
 */
export function numeralWords(numeral: Decimal, house: HouseRules): string {
  const sign = numeral.negative ? "minus " : "";
  const { whole, fraction } = numeral;
  switch (house.numberNames) {
    case "byDigits": {
      if (fraction === "") return sign + cardinal(whole);
      const digits = [...fraction].map((digit) => SMALL[Number(digit)]).join(" ");
      const mark = house.decimalMark;
      return `${sign}${whole === "" ? "" : `${cardinal(whole)} `}${mark} ${digits}`;
    }
    case "byPlaces": {
      if (fraction === "") return sign + cardinal(whole);
      const place = -fraction.length;
      const one = /^0*1$/.test(fraction);
      const parts = `${cardinal(fraction)} ${one ? placeName(place, house) : placesName(place, house)}`;
      return /^0*$/.test(whole) ? sign + parts : `${sign}${cardinal(whole)} and ${parts}`;
    }
  }
}
