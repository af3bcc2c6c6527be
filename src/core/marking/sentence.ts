import { type Problem, quantitiesIn, type ReadingNotation } from "../problem";

/** A word: so many letters at least. */
const WORD = /^\p{L}[\p{L}'’]{1,30}[.,;:!?]?$/u;
/** A letter by itself is no word of a sentence, but for these two. */
const LETTER = /^(?![ai][.,;:!?]?$)\p{L}[.,;:!?]?$/iu;
/** How often a quantity is said once more in no sentence of a learner's. */
const SAID_OVER = 4;
/** A time on the clock is no number of a problem, and answers one all the same. */
const CLOCK = /\b\d{1,2}:\d{2}\b/g;
/** What says that a number is what is left over. */
const LEFT = /\b(?:left|over|remain|remains|remaining|remainder|spare)\b/i;
/** The same before the number. */
const LEFT_BEFORE = /\b(?:remainder|rest)(?: (?:of|is))? $/i;
/** What says that an amount is what there is too much or too little, and not the cost. */
const DIFFERENCE = /\b(?:left|over|short|missing|change|back|more|spare|too)\b/i;
/** How far after a number the word may stand that says what it is. */
const NEAR = 24;

/** What a sentence gives as the answer to a problem; nothing of what is no sentence, or names no number. */
export function answersOfSentence(
  said: string,
  op: Problem["op"],
  notation: ReadingNotation,
): readonly string[] {
  const words = said.split(/\s+/);
  if (!words.some((word) => WORD.test(word)) || words.some(isLoneLetter)) return [];
  if (isSaidOver(quantitiesIn(said, notation).map(({ text }) => text))) return [];
  switch (op) {
    case "enough":
      return enoughIn(said, notation);
    case "compare":
      return comparedIn(said, notation);
    case "divide":
      return dividedIn(said, notation);
    default:
      return numbersIn(said, notation);
  }
}

/** After a number a letter is a unit. */
const isLoneLetter = (word: string, at: number, words: readonly string[]): boolean =>
  LETTER.test(word) && !/\d/.test(words[at - 1] ?? "");

/** The same quantity named again and again is no answer. */
const isSaidOver = (named: readonly string[]): boolean => named.length - new Set(named).size >= SAID_OVER;

const numbersIn = (said: string, notation: ReadingNotation): readonly string[] => {
  // "24 in the boxes" names no inches.
  const found = quantitiesIn(said, notation).flatMap(({ text }) =>
    text.endsWith(" in") ? [text, text.slice(0, -3)] : [text],
  );
  return [...new Set([...found, ...(said.match(CLOCK) ?? [])])];
};

/** Yes or no, with the difference where the sentence says that a number is one. */
function enoughIn(said: string, notation: ReadingNotation): readonly string[] {
  const no = /\bno\b|\bnot\b|n['’]t\b/i.test(said);
  const yes = /\byes\b|\benough\b/i.test(said);
  if (!no && !yes) return [];
  const difference = quantitiesIn(said, notation).find(({ text, at }) =>
    DIFFERENCE.test(said.slice(at + text.length, at + text.length + NEAR)),
  );
  return [`${no ? "no" : "yes"}${difference === undefined ? "" : ` ${difference.text}`}`];
}

const RELATION_WORDS: readonly (readonly [RegExp, "<" | ">" | "="])[] = [
  [/\b(?:bigger|larger|greater|more|higher|longer)\b/i, ">"],
  [/\b(?:smaller|less|lower|fewer|shorter)\b/i, "<"],
  [/\b(?:equal|equals|same)\b/i, "="],
];

/** `0.6 is bigger than 0.45` as 0.6 > 0.45; `0.45 is less` as what it says of the one that is named. */
function comparedIn(said: string, notation: ReadingNotation): readonly string[] {
  const relation = RELATION_WORDS.find(([word]) => word.test(said))?.[1];
  const [first, second] = quantitiesIn(said, notation);
  // What is not larger may be smaller or the same.
  if (/\bnot\b|n['’]t\b/i.test(said)) return [];
  if (first === undefined) return relation === "=" ? ["="] : [];
  if (relation === undefined) return [first.text];
  if (second !== undefined) return [`${first.text} ${relation} ${second.text}`];
  return [`${first.text} ${relation}`];
}

/** A quotient and what is left over, whichever is said first; else the numbers that are named. */
function dividedIn(said: string, notation: ReadingNotation): readonly string[] {
  const found = quantitiesIn(said, notation);
  const before = found.findIndex(({ at }) => LEFT_BEFORE.test(said.slice(0, at)));
  const over =
    before >= 0
      ? before
      : found.findIndex(({ text, at }, nth) => {
          const next = found[nth + 1]?.at ?? said.length;
          return LEFT.test(said.slice(at + text.length, Math.min(next, at + text.length + NEAR)));
        });
  const left = found[over];
  if (left === undefined) return numbersIn(said, notation);
  // What is left over is what it is whatever else is named; of the others each may be the quotient.
  return found.filter((one) => one !== left).map(({ text }) => `${text} r ${left.text}`);
}
