import { type Decimal, decimalSign, MOST_DIGITS_A_SIDE, type Notation, otherSign } from "../../number";
import { done, failed, type Result } from "../../result";
import type { ReadError } from "./readError";

/** How a stretch of digits and marks fails to be one numeral; `readings` replace just that stretch. */
export type NumeralError = Extract<
  ReadError,
  { code: "secondPoint" | "lonePoint" | "badGroups" | "otherNotation" | "tooManyDigits" }
>;

const groupsOf = (separator: string): RegExp => new RegExp(`^\\d{1,3}(?:\\${separator}\\d{3})+$`);

/**
 * Reads one numeral from a stretch of digits, points and commas. What makes sense in one way only, though in the
 * other notation or with separators this house does not write, is taken for that; what could be meant in two
 * ways is refused with both numerals. `at` in errors counts from the start of the stretch.
 */
export function readDecimal(text: string, notation: Notation): Result<Decimal, NumeralError> {
  const mark = decimalSign(notation);
  const other = otherSign(notation);
  const [whole = "", ...fractions] = text.split(mark);
  const fraction = fractions.join("");
  const secondPoint = text.indexOf(mark, text.indexOf(mark) + 1);

  if (!/\d/.test(text)) return failed({ code: "lonePoint", at: 0 });
  const readings = otherReadings(text, notation);
  const [only, another] = readings;
  if (only !== undefined && another === undefined && only !== text)
    return readDecimal(only, { ...notation, grouping: "none" });
  if (fractions.length > 1) {
    return readings.length > 0
      ? failed({ code: "otherNotation", at: secondPoint, readings })
      : failed({ code: "secondPoint", at: secondPoint });
  }
  const grouped =
    groupsThousands(notation, whole) && groupsOf(other).test(whole) && !fraction.includes(other);
  if (text.includes(other) && !grouped) {
    return readings.length > 0
      ? failed({ code: "otherNotation", at: text.indexOf(other), readings })
      : failed({ code: "badGroups", at: text.indexOf(other) });
  }
  const digits = whole.replaceAll(other, "");
  if (digits.length > MOST_DIGITS_A_SIDE) {
    return failed({ code: "tooManyDigits", at: 0, side: "whole", most: MOST_DIGITS_A_SIDE });
  }
  if (fraction.length > MOST_DIGITS_A_SIDE) {
    return failed({
      code: "tooManyDigits",
      at: whole.length + 1,
      side: "fraction",
      most: MOST_DIGITS_A_SIDE,
    });
  }
  return done({ kind: "decimal", negative: false, whole: digits, fraction, point: fractions.length === 1 });
}

/** Whether commas, or points in a comma house, part thousands: in a house that writes them so, and where three digits after a comma are nothing else to whoever writes a point. */
const groupsThousands = ({ grouping, decimalMark }: Notation, whole: string): boolean =>
  grouping === "mark" || (decimalMark === "point" && !whole.startsWith("0"));

/** The numerals, in this notation, that a stretch could mean if its marks were another school's. */
function otherReadings(text: string, notation: Notation): readonly string[] {
  const mark = decimalSign(notation);
  const other = otherSign(notation);
  const readings: string[] = [];
  const separators = [mark, other] as const;
  for (const separator of separators) {
    const point = separator === mark ? other : mark;
    const [whole = "", fraction, ...rest] = text.split(point);
    if (
      rest.length > 0 ||
      whole.startsWith("0") ||
      !groupsOf(separator).test(whole) ||
      fraction?.includes(separator)
    )
      continue;
    readings.push(whole.replaceAll(separator, "") + (fraction === undefined ? "" : mark + fraction));
  }
  const single = text.split(other);
  const asThousands = groupsThousands(notation, text) && groupsOf(other).test(text);
  if (single.length === 2 && !text.includes(mark) && !asThousands) readings.unshift(single.join(mark));
  // What has but one mark, and that the house's own, is read as it stands.
  return text.includes(other) || text.split(mark).length > 2 ? [...new Set(readings)] : [];
}
