import { type Problem, quantitiesIn, type ReadingNotation } from "../problem";

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
  const found = quantitiesIn(said, notation).map(({ text }) => text);
  const [first, second] = found;
  // A time on the clock is no number of a problem, and answers one all the same.
  const last = found.at(-1) ?? /\b\d{1,2}:\d{2}\b/.exec(said)?.[0];
  if (last === undefined) return undefined;
  if (op === "enough") return `${saysEnough(said)} ${last}`.trim();
  return op === "divide" && second !== undefined ? `${first} r ${second}` : last;
}
