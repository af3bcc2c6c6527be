import type { Problem } from "../problem";
import { currencyOf, type UnitId } from "../quantity";
import { currencyOfProblem, unitsAllowed } from "./learnerAnswer";

/** What people write for parts of an answer, and what it is read as. */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/^(?:minus|negative) (?=\S)/iu, "−"],
  // "1 and 1/2" is a mixed number.
  [/(?<=\d) and (?=\d{1,4} ?\/)/giu, " "],
];

/** An answer written as problems are: `minus 8` as −8, `1 and 1/2` as 1 1/2, `4:15` as hours and minutes, `1 dollar 73 cents` with its sign. */
export function normaliseAnswerText(text: string, problem: Problem): string {
  const said = SAID.reduce(
    (line, [pattern, plain]) => line.replace(pattern, plain),
    text
      .split(/\s/)
      .filter((word) => word !== "")
      .join(" "),
  );
  return inMoney(byTheClock(said, unitsAllowed(problem)), problem);
}

/** `4:15` as 4 h 15 min, or as minutes and seconds where no hours are asked for; `4h15` likewise. */
function byTheClock(text: string, units: readonly UnitId[] | undefined): string {
  const clock = /^([−-]?\d{1,4})\s?[:h]\s?(\d{1,2})$/.exec(text);
  const [, first, second] = clock ?? [];
  if (units === undefined || first === undefined || second === undefined) return text;
  if (units.includes("h") || (units.includes("min") && !units.includes("s")))
    return `${first} h ${second} min`;
  return units.includes("min") ? `${first} min ${second} s` : text;
}

/** An amount in words: `1 dollar 73 cents`, `1 dollar and 73 cents`, `5 dollars`. */
function inMoney(text: string, problem: Problem): string {
  const id = currencyOfProblem(problem);
  const [count, major = "", ...rest] = text.split(" ");
  if (id === undefined || count === undefined || !/^[\d.,]+$/.test(count)) return text;
  const words = currencyOf(id);
  const isOf = (word: string, ...names: readonly string[]): boolean =>
    names.includes(word.replace(/,$/, "").toLowerCase());
  if (!isOf(major, words.name, words.names)) return text;
  const [small, minor = "", more] = rest[0] === "and" ? rest.slice(1) : rest;
  if (small === undefined) return `${words.sign}${count}`;
  const isMinor = more === undefined && /^\d{1,2}$/.test(small) && isOf(minor, words.minor, words.minors);
  return isMinor ? `${words.sign}${count}.${small.padStart(2, "0")}` : text;
}
