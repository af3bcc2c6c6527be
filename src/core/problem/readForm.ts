import { MOST_DIGITS_A_SIDE, ONES, type Place, placeName, placesFrom } from "../number";
import { type UnitId, unitOf, unitTyped } from "../quantity";
import { done, failed, type Result } from "../result";
import { type AnswerForm, AS_IT_COMES, type Problem } from "./problem";
import type { FormOf, ReadError } from "./readError";

/** A line parted into the numbers and signs, and the form that was asked for after them. */
export interface FormedLine {
  readonly body: string;
  readonly wanted: AnswerForm;
  /** What was cut off the line, with the space before it. */
  readonly rest: string;
  /** Where the form begins, counted in characters; the end of the line where there is none. */
  readonly formAt: number;
}

const UNIT_WORD = String.raw`(?:fl\.?\s*oz|fluid\s+ounces?|[\p{L}°′]+)`;
const FORM = new RegExp(
  String.raw`\s+(?:rounded\s+)?(?<form>(?:to|as|exactly)(?:\s.*)?|with(?:\s+a)?\s+r\p{L}*|in\s+(?:its\s+)?(?:simplest|lowest)\b.*|in\s+${UNIT_WORD}(?:\s*(?:,|and|&)\s*${UNIT_WORD})*)$`,
  "iu",
);
const MISSING = /\s*=\s*(?:\?\s*\/\s*(?<under>\d{1,4})|(?<over>\d{1,4})\s*\/\s*\?)\s*$/;
const PLACES = /^to\s+(?<count>\d{1,2})\s+(?:decimal\s+)?places?$/iu;
const NAMED_PLACE = /^to\s+(?:the\s+)?(?:nearest\s+)?(?<name>[\p{L}-]+)$/iu;

/** Every name of a place that can be typed, singular or plural, with its place. */
const NAMED: ReadonlyMap<string, Place> = new Map(
  placesFrom(-MOST_DIGITS_A_SIDE, MOST_DIGITS_A_SIDE).flatMap((place) =>
    (place === ONES ? ["one", "unit", "whole"] : [placeName(place, "")]).flatMap(
      (name): [string, Place][] => [
        [name, place],
        [`${name}s`, place],
      ],
    ),
  ),
);

/** Parts a line from the form at its end: `to tenths`, `with remainder`, `as a mixed number`, `in lb and oz`, `= ?/12`. */
export function partForm(line: string): Result<FormedLine, ReadError> {
  const missing = MISSING.exec(line);
  if (missing !== null) {
    const { under, over } = missing.groups ?? {};
    const wanted: AnswerForm =
      under === undefined
        ? { kind: "overNumerator", numerator: BigInt(over ?? "0") }
        : { kind: "overDenominator", denominator: BigInt(under) };
    if (under !== undefined && BigInt(under) === 0n)
      return failed({ code: "zeroDenominator", at: line.lastIndexOf(under) });
    return done({ body: line.slice(0, missing.index), wanted, rest: missing[0], formAt: missing.index });
  }
  const match = FORM.exec(line);
  const form = match?.groups?.form;
  if (match === null || form === undefined)
    return done({ body: line, wanted: AS_IT_COMES, rest: "", formAt: line.length });
  const formAt = match.index + match[0].length - form.length;
  const wanted = formOf(form.trim());
  if (wanted === undefined) return failed({ code: "unknownForm", at: formAt, form: form.trim() });
  return done({ body: line.slice(0, match.index), wanted, rest: line.slice(match.index), formAt });
}

function formOf(form: string): AnswerForm | undefined {
  if (/^exactly$/i.test(form)) return { kind: "exactly" };
  if (/^with\s+(?:a\s+)?remainder$/i.test(form)) return { kind: "withRemainder" };
  if (/^as\s+(?:a\s+)?mixed(?:\s+number)?$/i.test(form)) return { kind: "asMixed" };
  if (/^as\s+(?:an?\s+)?(?:improper\s+)?fraction$/i.test(form)) return { kind: "asFraction" };
  if (/^as\s+(?:a\s+)?decimal$/i.test(form)) return { kind: "asDecimal" };
  if (/^in\s+(?:its\s+)?(?:simplest\s+form|lowest\s+terms)$/i.test(form)) return { kind: "simplest" };
  const units = /^(?:in|as)\s/i.test(form) ? unitsOf(form.slice(2).trim()) : undefined;
  if (units !== undefined) return units;
  const count = PLACES.exec(form)?.groups?.count;
  if (count !== undefined)
    return Number(count) <= MOST_DIGITS_A_SIDE ? { kind: "toPlace", place: 0 - Number(count) } : undefined;
  const place = NAMED.get(NAMED_PLACE.exec(form)?.groups?.name?.toLowerCase() ?? "");
  return place === undefined ? undefined : { kind: "toPlace", place };
}

/** Units of one scale, put with the largest first. */
function unitsOf(text: string): AnswerForm | undefined {
  const words = text.replace(/fl\.?\s*oz|fluid\s+ounces?/giu, "floz").split(/\s*(?:,|&|\band\b)\s*/iu);
  const units: UnitId[] = [];
  for (const word of words) {
    const unit = unitTyped(word);
    if (unit === undefined || units.includes(unit)) return undefined;
    units.push(unit);
  }
  const scales = new Set(units.map((unit) => unitOf(unit).scale));
  if (scales.size !== 1) return undefined;
  return { kind: "inUnits", units: units.sort((a, b) => Number(unitOf(b).size - unitOf(a).size)) };
}

/** What a problem can't give its answer in, by what it is; nothing where it can. */
export function refusesForm({ kind, op, operands }: Problem, wanted: AnswerForm): FormOf | undefined {
  const comparing = op === "compare" || op === "order" || op === "enough" || op === "pay";
  if (comparing) return wanted.kind === "asItComes" ? undefined : "compare";
  const money = operands.some((operand) => operand.kind === "amount");
  const measure = operands.some((operand) => operand.kind === "measure");
  const things = operands.filter((operand) => operand.kind === "amount" || operand.kind === "measure").length;
  const ofNumbers = money ? "money" : measure ? "measure" : undefined;
  switch (wanted.kind) {
    case "asItComes":
      return op === "round" ? "round" : undefined;
    case "toPlace":
      return ofNumbers;
    case "withRemainder":
    case "exactly":
      return op === "divide" && kind === "decimals" ? undefined : "number";
    case "asMixed":
      return ofNumbers;
    case "asFraction":
    case "asDecimal":
    case "simplest":
      return ofNumbers ?? (kind === "decimals" ? "number" : undefined);
    case "overDenominator":
    case "overNumerator":
      return kind === "fractions" && op === "rewrite" ? undefined : "fraction";
    case "inUnits": {
      if (!measure || (op === "divide" && things === 2)) return "number";
      const scale = unitOf(wanted.units[0] ?? "m").scale;
      const same = operands.every(
        (operand) =>
          operand.kind !== "measure" || operand.parts.every(({ unit }) => unitOf(unit).scale === scale),
      );
      return same ? undefined : "measure";
    }
  }
}
