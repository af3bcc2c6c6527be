/** The numbers that are written as words, up to ninety-nine. */
const ONES = [
  ...["zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven"],
  ...["twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"],
] as const;
const TENS = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"] as const;

/** Parts of one by their names. */
const PARTS: Readonly<Record<string, number>> = {
  half: 2,
  halves: 2,
  third: 3,
  thirds: 3,
  quarter: 4,
  quarters: 4,
  fourth: 4,
  fourths: 4,
  fifth: 5,
  fifths: 5,
  sixth: 6,
  sixths: 6,
  eighth: 8,
  eighths: 8,
  tenth: 10,
  tenths: 10,
};

const WORDS = new RegExp(
  `\\b(?:(${TENS.join("|")})(?:[- ](${ONES.slice(1, 10).join("|")}))?|(${ONES.join("|")}))\\b`,
  "giu",
);
const NAMED_PART = new RegExp(`\\b(\\d{1,3}|an?) (${Object.keys(PARTS).join("|")})\\b`, "giu");
/** "The first five", "below zero": no number of the answer is meant. */
const NO_NUMBER: ReadonlySet<string> = new Set(["first", "last", "other", "below", "above", "under", "over"]);
/** "One" is as often a thing as a number: it is one before a part, or a unit that goes on. */
const AFTER_ONE = /^ (?:and|half|third|quarter|fourth|fifth|sixth|eighth|tenth)\b/i;

const indexIn = (words: readonly string[], word: string): number => words.indexOf(word.toLowerCase());

/** Numbers in words as digits: `twenty-four` as 24, `three and a half` as 3 and 1/2, `two thirds` as 2/3. */
export const numberWordsAsDigits = (text: string): string =>
  text
    .replace(
      WORDS,
      (word, tens: string | undefined, ones: string | undefined, alone: string | undefined, at: number) => {
        if (tens !== undefined)
          return String(20 + 10 * indexIn(TENS, tens) + (ones === undefined ? 0 : indexIn(ONES, ones)));
        if (alone === undefined) return word;
        const before =
          text
            .slice(Math.max(0, at - 12), at)
            .trim()
            .split(" ")
            .at(-1) ?? "";
        if (NO_NUMBER.has(before.toLowerCase())) return word;
        const isOne = alone.toLowerCase() === "one";
        if (isOne && !AFTER_ONE.test(text.slice(at + word.length, at + word.length + 10))) return word;
        return String(indexIn(ONES, alone));
      },
    )
    .replace(
      NAMED_PART,
      (_, count: string, part: string) =>
        `${/^\d/.test(count) ? count : "1"}/${PARTS[part.toLowerCase()] ?? 1}`,
    );
