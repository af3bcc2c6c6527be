import { MOST_DIGITS_A_SIDE, ONES, type Place, placeName, placesFrom } from "../number";
import { done, failed, type Result } from "../result";
import { type AnswerForm, AS_IT_COMES, type Operation } from "./problem";
import type { ReadError } from "./readError";

/** A line parted into the numbers and signs, and the form that was asked for after them. */
export interface FormedLine {
  readonly body: string;
  readonly wanted: AnswerForm;
  /** What was cut off the line, with the space before it. */
  readonly rest: string;
  /** Where the form begins, counted in characters; the end of the line where there is none. */
  readonly formAt: number;
}

const FORM = /\s+(?:rounded\s+)?(?<form>(?:to|as|exactly)(?:\s.*)?|with(?:\s+a)?\s+r\p{L}*)$/iu;
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

/** Parts a line from the form at its end: `to tenths`, `to 2 places`, `with remainder`, `as a mixed number`, `exactly`. */
export function partForm(line: string): Result<FormedLine, ReadError> {
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
  const count = PLACES.exec(form)?.groups?.count;
  if (count !== undefined)
    return Number(count) <= MOST_DIGITS_A_SIDE ? { kind: "toPlace", place: 0 - Number(count) } : undefined;
  const place = NAMED.get(NAMED_PLACE.exec(form)?.groups?.name?.toLowerCase() ?? "");
  return place === undefined ? undefined : { kind: "toPlace", place };
}

/** Whether an operation can give its answer in a form. */
export function takesForm(op: Operation, wanted: AnswerForm): boolean {
  switch (wanted.kind) {
    case "asItComes":
      return op !== "round";
    case "toPlace":
      return op !== "compare";
    case "withRemainder":
    case "asMixed":
    case "exactly":
      return op === "divide";
  }
}
