import { type Problem, type ReadingNotation, readOneQuantity } from "../problem";

/** The longest answer that is read, and the most words one number may have after it: `2 h 35 min`, `3 1/4 in`. */
const LONGEST_ANSWER = 400;
const MOST_WORDS = 4;

/** The quantities that a sentence names, in their order, as they stand in it. */
export function quantitiesIn(said: string, notation: ReadingNotation): readonly string[] {
  const words = said
    .slice(0, LONGEST_ANSWER)
    .split(/\s+/)
    .map((word) => word.replace(/[.,;:!?]{1,3}$/, ""));
  const found: string[] = [];
  for (let at = 0; at < words.length; at++) {
    if (!/\d/.test(words[at] ?? "")) continue;
    const stretch = Array.from({ length: MOST_WORDS }, (_, nth) => MOST_WORDS - nth)
      .map((count) => words.slice(at, at + count))
      .find((some) => readOneQuantity(some.join(" "), notation).ok);
    found.push(stretch?.join(" ") ?? words[at] ?? "");
    at += (stretch?.length ?? 1) - 1;
  }
  return found;
}

/** Whether a sentence says yes or no; nothing where it says neither. */
const saysEnough = (said: string): string => /\b(?:yes|no)\b/i.exec(said)?.[0] ?? "";

/** A sentence has at least so many words of letters: `5 and 6` is none. */
const FEWEST_WORDS = 2;

/**
 * What a sentence gives as the answer to a problem, as it would be typed: `2 h 35 min`, `yes 2.40`, `5 r 3`. None of
 * what is no sentence, or names no number.
 */
export function answerOfSentence(
  said: string,
  op: Problem["op"],
  notation: ReadingNotation,
): string | undefined {
  const words = said.split(/\s+/).filter((word) => /^[a-z]{2,30}[,.]?$/i.test(word));
  if (words.length < FEWEST_WORDS) return undefined;
  const found = quantitiesIn(said, notation);
  const [first, second] = found;
  const last = found.at(-1);
  if (last === undefined) return undefined;
  if (op === "enough") return `${saysEnough(said)} ${last}`.trim();
  return op === "divide" && second !== undefined ? `${first} r ${second}` : last;
}
