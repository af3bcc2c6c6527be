import type { HouseRules } from "../../house";
import { asFraction, type Numeral, writeNumeral } from "../../number";
import { type Amount, currencyOf, inMajor, type Measure, type Quantity, unitOf } from "../../quantity";
import { withArticle } from "./counted";
import { listed } from "./line";
import { cardinal, numeralWords, partsWords } from "./numberWords";

/** A number in words: a fraction by its parts, a mixed number with "and". */
export function numberInWords(numeral: Numeral, house: HouseRules): string {
  const sign = numeral.negative ? "minus " : "";
  switch (numeral.kind) {
    case "decimal":
      return numeralWords(numeral, house);
    case "fraction":
      return sign + partsWords(numeral.numerator, numeral.denominator);
    case "mixed": {
      if (numeral.numerator === 0n) return sign + cardinal(String(numeral.whole));
      const part = partsWords(numeral.numerator, numeral.denominator);
      return sign + (numeral.whole === 0n ? part : `${cardinal(String(numeral.whole))} and ${part}`);
    }
  }
}

/** An amount in words: four dollars and seven cents. */
export function amountInWords(amount: Amount, house: HouseRules): string {
  const { name, names, minor, minors } = currencyOf(amount.currency);
  const numeral = inMajor(amount);
  if (numeral.fraction.length > 2) return `${numeralWords(numeral, house)} ${names}`;
  const sign = numeral.negative ? "minus " : "";
  const [major, small] = [BigInt(numeral.whole), BigInt(numeral.fraction)];
  const of = (count: bigint, one: string, many: string): string =>
    `${cardinal(String(count))} ${count === 1n ? one : many}`;
  const parts = [
    ...(major > 0n || small === 0n ? [of(major, name, names)] : []),
    ...(small > 0n ? [of(small, minor, minors)] : []),
  ];
  return sign + parts.join(" and ");
}

/** The name of so many of a unit, in the spelling of the house. */
export function unitName(unit: Parameters<typeof unitOf>[0], one: boolean, house: HouseRules): string {
  const { name, names } = unitOf(unit);
  const word = one ? name : names;
  return house.metricSpelling === "liter" ? word.replace(/(lit|met)re/, "$1er") : word;
}

/** A measure in words: eight pounds and three ounces. */
export function measureInWords({ negative, parts }: Measure, house: HouseRules): string {
  const words = parts.map(({ count, unit }) => {
    const value = asFraction(count);
    const one = value.numerator === value.denominator;
    // Half a unit is said as everybody says it, but where numbers are told digit by digit.
    if (house.numberNames !== "byDigits" && value.denominator === 2n * value.numerator)
      return `half ${withArticle(unitName(unit, true, house))}`;
    if (house.numberNames !== "byDigits" && count.fraction === "5")
      return `${cardinal(count.whole)} and a half ${unitName(unit, false, house)}`;
    return `${numeralWords(count, house)} ${unitName(unit, one, house)}`;
  });
  return (negative ? "minus " : "") + listed(words);
}

/** Any quantity in words. */
export function quantityInWords(quantity: Quantity, house: HouseRules): string {
  switch (quantity.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
      return numberInWords(quantity, house);
    case "amount":
      return amountInWords(quantity, house);
    case "measure":
      return measureInWords(quantity, house);
  }
}

/** Numbers listed as they are written. */
export const numbersListed = (numerals: readonly Numeral[], house: HouseRules): string =>
  listed(numerals.map((numeral) => writeNumeral(numeral, house)));
