import type { HouseRules } from "../../house";
import {
  type Decimal,
  MOST_DIGITS_A_SIDE,
  ONES,
  type Place,
  withoutBarePoint,
  withoutLeadingZeros,
  writeDecimal,
} from "../../number";
import { GROUP_NAMES, placeName as nameOfPlace } from "../../vocabulary";
import { countedBy } from "./counted";

const SMALL = (
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen " +
  "sixteen seventeen eighteen nineteen"
).split(" ");
const TENS = "_ _ twenty thirty forty fifty sixty seventy eighty ninety".split(" ");

/** The longest whole number that has a name here. */
const MOST_NAMED = 18;

/** A whole number in words, from its digits: `605` is "six hundred five". Short scale; one that is longer than 18 digits stays in digits. */
export function cardinal(digits: string): string {
  const stripped = withoutLeadingZeros(digits) || "0";
  if (stripped.length > MOST_NAMED) return stripped;
  if (stripped === "0") return "zero";
  const groups = stripped.replace(/\B(?=(\d{3})+$)/g, ",").split(",");
  return groups
    .map((group, index) => {
      const name = GROUP_NAMES[groups.length - 1 - index] ?? "";
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

/** The name of one of a place; the ones are called by the house. */
export const placeNameInHouse = (place: Place, house: HouseRules): string =>
  nameOfPlace(place, house.onesTerm === "ones" ? "one" : "unit");

/** The name of a place as a heading, or for any number of it but one: "tenths". */
export const placesName = (place: Place, house: HouseRules): string => `${placeNameInHouse(place, house)}s`;

/** So many of a place, in words: "seven tenths", "one hundred-thousandth". */
export const countOf = (count: number, place: Place, house: HouseRules): string =>
  `${cardinal(String(count))} ${count === 1 ? placeNameInHouse(place, house) : placesName(place, house)}`;

/** So many of a place, the count in digits: "30 tenths", "1 ten". */
export const countedAt = (count: bigint | number, place: Place, house: HouseRules): string =>
  countedBy(count, placeNameInHouse(place, house), placesName(place, house));

/** The same where ones are meant as things in one piece: "one whole", "two wholes". */
export function wholesInWords(count: number, place: Place, house: HouseRules): string {
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
      // Beyond the places that have names, the digits are read one by one.
      if (fraction.length > MOST_DIGITS_A_SIDE)
        return numeralWords(numeral, { ...house, numberNames: "byDigits" });
      const place = -fraction.length;
      const one = /^0*1$/.test(fraction);
      const parts = `${cardinal(fraction)} ${one ? placeNameInHouse(place, house) : placesName(place, house)}`;
      return /^0*$/.test(whole) ? sign + parts : `${sign}${cardinal(whole)} and ${parts}`;
    }
  }
}

/** Parts of one with how many there are: "one half", "three quarters", "two fifths"; larger denominators stay in digits. */
export function partsWords(numerator: bigint, denominator: bigint): string {
  if (denominator > MOST_ORDINAL) return `${numerator} over ${denominator}`;
  const name = numerator === 1n ? partName(denominator) : partsName(denominator);
  return `${cardinal(String(numerator))} ${name}`;
}

/** The largest denominator that is named by its ordinal. */
const MOST_ORDINAL = 999n;

/** One of the parts that a denominator counts: half, third, quarter. */
export function partName(denominator: bigint): string {
  if (denominator === 1n) return "whole";
  if (denominator === 2n) return "half";
  if (denominator === 4n) return "quarter";
  return denominator > MOST_ORDINAL ? `part over ${denominator}` : ordinal(denominator);
}

/** The parts that a denominator counts: halves, thirds, quarters. */
export function partsName(denominator: bigint): string {
  if (denominator === 2n) return "halves";
  return denominator > MOST_ORDINAL ? `parts over ${denominator}` : `${partName(denominator)}s`;
}

const IRREGULAR: Readonly<Record<string, string>> = {
  one: "first",
  two: "second",
  three: "third",
  five: "fifth",
  eight: "eighth",
  nine: "ninth",
  twelve: "twelfth",
};

function ordinal(number: bigint): string {
  // One word: two hundred tenths would be two hundred of them.
  const words = cardinal(String(number)).replaceAll(" ", "-");
  const last = words.split("-").at(-1) ?? "";
  const head = words.slice(0, words.length - last.length);
  return head + (IRREGULAR[last] ?? (last.endsWith("y") ? `${last.slice(0, -1)}ieth` : `${last}th`));
}

/** A numeral inside a sentence: as the house writes it, but for a point at its end, which would look like the sentence's own. */
export const inText = (numeral: Decimal, house: HouseRules): string =>
  writeDecimal(withoutBarePoint(numeral), house);
