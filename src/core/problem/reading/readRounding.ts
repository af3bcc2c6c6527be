import { type Decimal, decimalSign, leadingPlace, ONES, otherSign, type Place } from "../../number";
import { done, failed } from "../../result";
import type { ReadError } from "./readError";
import type { FormedLine } from "./readForm";
import type { LineToRead } from "./readQuantity";
import { quantityIn, type ReadResult, startOf } from "./readStretch";
import type { TokenStretch } from "./tokens";

/** What `3,748` could be where it is to be rounded to tenths: thousands have no tenths, so it is asked about. */
function thousandsOrPoint(
  { tokens }: TokenStretch,
  place: Place,
  { notation, text }: LineToRead,
): ReadError | undefined {
  const [token, more] = tokens;
  const other = otherSign(notation);
  if (more !== undefined || token === undefined || place >= ONES || notation.grouping === "mark")
    return undefined;
  if (token.text.split(other).length !== 2 || token.text.includes(decimalSign(notation))) return undefined;
  const index = token.text.indexOf(other);
  // With other than three digits after it, it is no mark of thousands.
  if (token.text.length - index !== 4) return undefined;
  const meant = (mark: string): string =>
    text.slice(0, token.at) + token.text.replace(other, mark) + text.slice(token.end);
  return {
    code: "otherNotation",
    at: token.at + index,
    readings: [meant(decimalSign(notation)), meant("")],
  };
}

/** The place that so many significant figures of a number end in. */
function placeOfFigures(numeral: Decimal, figures: number): Place | undefined {
  const first = leadingPlace(numeral);
  return first === undefined ? undefined : first - figures + 1;
}

/** `round 3.748 to tenths`, `round 742 to 2 significant figures` */
export function roundTask({ body, form: asked, figures, formAt }: FormedLine, line: LineToRead): ReadResult {
  const number = quantityIn(body, line);
  if (!number.ok) return number;
  const at = startOf(body);
  if (number.value.kind !== "decimal") return failed({ code: "moreThanANumber", at });
  if (number.value.negative) return failed({ code: "negativeAmount", at });
  const place = figures === undefined ? undefined : placeOfFigures(number.value, figures);
  const form = place === undefined ? asked : ({ kind: "toPlace", place } as const);
  if (form.kind !== "toPlace") return failed({ code: "roundToWhat", at: formAt });
  const asDecimal = thousandsOrPoint(body, form.place, line);
  if (asDecimal !== undefined) return failed(asDecimal);
  return done({ kind: "decimals", op: "round", operands: [number.value], form });
}
