import type { ReadingNotation } from "../problem";
import { readOneQuantity } from "./readProblem";

/** The longest text that is looked through, in signs. */
const LONGEST_TEXT = 2000;
/** How many words a number may have, the longest first: `2 h 35 min`, `3 1/4`, `12`. */
const LENGTHS = [4, 3, 2, 1] as const;

/** A quantity in a text: as it stands there, and where. */
export interface InText {
  readonly text: string;
  readonly at: number;
}

/** The quantities that a text names, in their order. Names, dates and words in between are left alone. */
export function quantitiesIn(said: string, notation: ReadingNotation): readonly InText[] {
  const words = [...said.slice(0, LONGEST_TEXT).matchAll(/\S+/g)].map(({ 0: text, index }) => ({
    text: text.replace(/[.,;:!?]{1,3}$/, ""),
    whole: text,
    at: index,
  }));
  const found: InText[] = [];
  for (let at = 0; at < words.length; at++) {
    const first = words[at];
    if (first === undefined || !/\d/.test(first.text)) continue;
    const stretch = LENGTHS.map((many) => words.slice(at, at + many)).find((some) =>
      isQuantity(some, notation),
    );
    const last = stretch?.at(-1);
    if (stretch === undefined || last === undefined) continue;
    found.push({ text: said.slice(first.at, last.at + last.text.length), at: first.at });
    at += stretch.length - 1;
  }
  return found;
}

/** Whether words are one quantity: none but the last ends with a sign that ends a sentence. */
function isQuantity(
  words: readonly { readonly text: string; readonly whole: string }[],
  notation: ReadingNotation,
): boolean {
  const before = words.slice(0, -1);
  return (
    words.length > 0 &&
    before.every(({ text, whole }) => text === whole) &&
    readOneQuantity(words.map(({ text }) => text).join(" "), notation).ok
  );
}
