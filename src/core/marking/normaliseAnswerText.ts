import type { Problem } from "../problem";
import { currencyOf, type UnitId } from "../quantity";
import { currencyOfProblem, unitsAllowed } from "./learnerAnswer";
import { numberWordsAsDigits } from "./numberWords";

/** What people write for parts of an answer, and what it is read as. */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/\b(?:minus|negative) (?=[$£€₱₹]?[\d.])/giu, "−"],
  // "1 and 1/2" is a mixed number, and so is 1-1/2.
  [/(?<=\d) and (?=\d{1,4} ?\/)/giu, " "],
  [/(?<![\d/.,)] ?)(\d{1,6}) ?- ?(?=\d{1,4}\/\d)/gu, "$1 "],
  // A point that is written high, thousands with an apostrophe between, two marks for inches.
  [/(?<=\d)[·⋅](?=\d)/gu, "."],
  [/(?<=\d)['’](?=\d{3}(?!\d))/gu, ""],
  [/['′’]{2}/gu, "″"],
];

const SPACED_THOUSANDS = /(?<![\d.,/] ?)\d{1,3}(?: \d{3}){1,5}(?![\d/]| ?\/| \d)/gu;

/** What comes before an answer and says nothing of it: the letter for what is sought, that it is only about so much. */
const BEFORE =
  /^(?:(?:\p{L}|\?)\s?=\s?|(?:about|around|roughly|approximately|approx\.?|ca\.?|circa|nearly)\s)(?=\S)/iu;

/** An answer written as problems are: `minus 8` as −8, `1 and 1/2` as 1 1/2, `4:15` as hours and minutes, `1 dollar 73 cents` with its sign. */
export function normaliseAnswerText(text: string, problem: Problem): string {
  const said = moneyInWords(inWords(text), problem);
  return byTheClock(minutesAfterHours(said, problem), unitsAllowed(problem));
}

/** What is said in words in an answer or a sentence, written as it is in a problem. */
export function inWords(text: string): string {
  const plain = text
    .split(/\s/)
    .filter((word) => word !== "")
    .join(" ")
    .replace(BEFORE, "")
    .replace(/(?<=[\d¢%"″′\p{L})])[.!]$/u, "");
  const said = SAID.reduce((line, [pattern, as]) => line.replace(pattern, as), numberWordsAsDigits(plain));
  return joinedUnits(belowZero(said).replace(SPACED_THOUSANDS, (number) => number.replaceAll(" ", "")));
}

const isNumber = (word: string | undefined): boolean => word !== undefined && /^[\d.,]{1,60}$/.test(word);

/** `5 below zero`, and `5 degrees below zero`, with its sign. */
function belowZero(text: string): string {
  const words = text.split(" ");
  const at = words.findIndex((word, index) => word === "below" && words[index + 1]?.startsWith("zero"));
  const of = isNumber(words[at - 1]) ? at - 1 : at - 2;
  if (at < 1 || !isNumber(words[of])) return text;
  return [...words.slice(0, of), `−${words[of]}`, ...words.slice(of + 1, at), ...words.slice(at + 2)].join(
    " ",
  );
}

/** Units joined by "and", or by a comma, put together: 4 hours and 15 minutes, 6 ft, 3 in. */
function joinedUnits(text: string): string {
  const words = text.split(" ");
  const isUnit = (word: string | undefined): boolean =>
    word !== undefined && /^\d{0,20}\p{L}{1,12}$/u.test(word);
  const ends = (at: number): boolean =>
    isUnit(words[at]) && (/^\d/.test(words[at] ?? "") || isNumber(words[at - 1]));
  const begins = (at: number): boolean =>
    /^\d[\d.,]{0,20}\p{L}/u.test(words[at] ?? "") || (isNumber(words[at]) && isUnit(words[at + 1]));
  return words
    .flatMap((word, at) => {
      if (word === "and" && ends(at - 1) && begins(at + 1)) return [];
      const bare = word.endsWith(",") ? word.slice(0, -1) : word;
      if (bare === word || !isUnit(bare) || !(/^\d/.test(bare) || isNumber(words[at - 1]))) return [word];
      return begins(at + 1) || (words[at + 1] === "and" && begins(at + 2)) ? [bare] : [word];
    })
    .join(" ");
}

/** Where hours come before it, `m` is no metre. */
const minutesAfterHours = (text: string, problem: Problem): string =>
  unitsAllowed(problem)?.some((unit) => unit === "h" || unit === "min") === true
    ? text.replace(/(?<=\d ?h(?:r|rs|ours?)?,? ?\d{1,3} ?)m\b/giu, "min")
    : text;

/** `4:15` as 4 h 15 min, or as minutes and seconds where no hours are asked for; `4h15` likewise. */
function byTheClock(text: string, units: readonly UnitId[] | undefined): string {
  const clock = /^([−-]?\d{1,4})\s?[:h]\s?(\d{1,2})$/.exec(text);
  const [, first, second] = clock ?? [];
  if (units === undefined || first === undefined || second === undefined) return text;
  if (units.includes("h") || (units.includes("min") && !units.includes("s")))
    return `${first} h ${second} min`;
  return units.includes("min") ? `${first} min ${second} s` : text;
}

/** Dollars and cents in words, and dollars alone, with their sign, wherever they stand: `1 dollar 73 cents`, `1 dollar and 73 cents`, `5 dollars`. */
export function moneyInWords(text: string, problem: Problem): string {
  const id = currencyOfProblem(problem);
  if (id === undefined) return text;
  const { sign, name, names, minor, minors } = currencyOf(id);
  const [major, small] = [`(?:${names}|${name})`, `(?:${minors}|${minor})`];
  return text
    .replace(
      new RegExp(`(\\d{1,12}) ${major},?(?: and)? (\\d{1,2} ${small}\\b|\\d{2}(?![\\d.,]| ?\\p{L}))`, "giu"),
      (_, count: string, cents: string) => `${sign}${count}.${cents.padStart(2, "0")}`,
    )
    .replace(
      new RegExp(`(?<![\\d.,])([\\d.,]{1,16}) ${major}\\b`, "giu"),
      (_, count: string) => `${sign}${count}`,
    );
}
