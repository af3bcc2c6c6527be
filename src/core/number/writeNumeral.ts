import type { Numeral } from "./fraction";
import { type Notation, writeDecimal } from "./notation";

/** A number in one line: `20.40`, `2/3`, `2 1/3`, with its sign as `−` and nothing of it left out. */
export function writeNumeral(numeral: Numeral, notation: Notation): string {
  const sign = numeral.negative ? "−" : "";
  switch (numeral.kind) {
    case "decimal":
      return writeDecimal(numeral, notation);
    case "fraction":
      return `${sign}${numeral.numerator}/${numeral.denominator}`;
    case "mixed":
      return `${sign}${numeral.whole} ${numeral.numerator}/${numeral.denominator}`;
  }
}
