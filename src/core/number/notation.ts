import type { Decimal } from "./decimal";

/** How numbers are written: which mark divides ones from tenths, and what, if anything, groups thousands. */
export interface Notation {
  readonly decimalMark: "point" | "comma";
  /** `mark` is the mark that is not the decimal one: a comma beside a point, a point beside a comma. */
  readonly grouping: "none" | "space" | "mark";
}

/** The character that divides ones from tenths. */
export const decimalSign = (notation: Notation): "." | "," => (notation.decimalMark === "point" ? "." : ",");

/** The character the other notation uses for that. */
export const otherSign = (notation: Notation): "." | "," => (notation.decimalMark === "point" ? "," : ".");

/** The character between groups of three digits; a no-break space where the groups are set apart by space. */
function groupingSign(notation: Notation): string {
  switch (notation.grouping) {
    case "none":
      return "";
    case "space":
      return "\u00a0";
    case "mark":
      return otherSign(notation);
  }
}

/** The numeral as the notation writes it, with its zeros, its sign as `−`: `1,040.30`. */
export function writeDecimal(numeral: Decimal, notation: Notation): string {
  const whole = numeral.whole.replace(/\B(?=(\d{3})+$)/g, groupingSign(notation));
  const point = numeral.point ? decimalSign(notation) : "";
  return `${numeral.negative ? "−" : ""}${whole}${point}${numeral.fraction}`;
}
