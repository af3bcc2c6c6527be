import type { HouseRules } from "../house";
import { type Working, workingOf } from "../methods";
import { type InText, quantitiesIn, type ReadError, readProblem } from "../problem";
import { done, failed, type Result } from "../result";
import type { Structure } from "./kinds/kind";

/** What can be asked of a story that a tutor writes: its structure, and how its numbers are worked, from first to last. */
export const OWN_FORMS = [
  { id: "whole", structure: "partsWhole", sign: "+" },
  { id: "part", structure: "partsWhole", sign: "-" },
  { id: "difference", structure: "comparison", sign: "-" },
  { id: "larger", structure: "comparison", sign: "+" },
  { id: "altogether", structure: "equalGroups", sign: "×" },
  { id: "each", structure: "equalGroups", sign: "÷" },
  { id: "afterMore", structure: "change", sign: "+" },
  { id: "afterLess", structure: "change", sign: "-" },
] as const satisfies readonly {
  readonly id: string;
  readonly structure: Structure;
  readonly sign: "+" | "-" | "×" | "÷";
}[];

export type OwnFormId = (typeof OWN_FORMS)[number]["id"];

/** The line of a form in which numbers of the text stand by their places, from 0: `{0} + {2}`. */
export function templateOf(form: OwnFormId, places: readonly number[]): string {
  const sign = OWN_FORMS.find(({ id }) => id === form)?.sign ?? "+";
  return places.map((place) => `{${place}}`).join(` ${sign} `);
}

/** What is chosen where the tutor writes the line themselves, in letters that stand for the numbers of the text: `(A − B) ÷ C`. */
export const OWN_LINE = "line";

/** A line in letters as a template, in which the letters are the places of the numbers in the text. */
export const templateIn = (letters: string): string =>
  letters.replaceAll(/(?<![A-Za-z])[A-Z](?![A-Za-z])/g, (letter) => `{${letter.charCodeAt(0) - A}}`);

const A = "A".charCodeAt(0);

/** The letter that stands for the number at a place of the text. */
export const letterOf = (place: number): string => String.fromCharCode(A + place);

/** A story that a tutor wrote, worked: the numbers of its text, and the line in which they stand. */
export interface OwnWorked {
  readonly numbers: readonly InText[];
  readonly line: string;
  readonly working: Working;
}

/** Why a text is not worked: it has fewer numbers than the line takes, or the line does not read. */
export type OwnRefusal =
  | { readonly kind: "tooFew"; readonly numbers: readonly InText[] }
  | {
      readonly kind: "unread";
      readonly line: string;
      readonly error: ReadError;
      readonly numbers: readonly InText[];
    };

/** Works a text by a template: changed numbers or units in the text change the line with them. */
export function ownWorked(text: string, template: string, house: HouseRules): Result<OwnWorked, OwnRefusal> {
  const numbers = quantitiesIn(text, house);
  const places = [...template.matchAll(/\{(\d{1,2})\}/g)].map(([, place]) => Number(place));
  if (places.length < 2 || places.some((place) => numbers[place] === undefined))
    return failed({ kind: "tooFew", numbers });
  const line = template.replaceAll(
    /\{(\d{1,2})\}/g,
    (_, place: string) => numbers[Number(place)]?.text ?? "",
  );
  const read = readProblem(line, house);
  return read.ok
    ? done({ numbers, line, working: workingOf(read.value, house) })
    : failed({ kind: "unread", line, error: read.error, numbers });
}
