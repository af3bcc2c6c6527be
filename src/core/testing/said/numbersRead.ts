import { plus, type Ratio, ratio, sizeOf, sum, times } from "../../claims";
import { UNITS } from "../../quantity";

const CARDINALS: ReadonlyMap<string, bigint> = new Map([
  ..."zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen"
    .split(" ")
    .map((word, value): [string, bigint] => [word, BigInt(value)]),
  ..."twenty thirty forty fifty sixty seventy eighty ninety"
    .split(" ")
    .map((word, index): [string, bigint] => [word, BigInt(20 + 10 * index)]),
]);
const GROUP_NAMES =
  "thousand million billion trillion quadrillion quintillion sextillion septillion octillion nonillion decillion".split(
    " ",
  );
const GROUPS = new Map(GROUP_NAMES.map((name, index) => [name, 1000n ** BigInt(index + 1)]));
const ORDINALS: Readonly<Record<string, string>> = {
  half: "two",
  halve: "two",
  quarter: "four",
  third: "three",
  fifth: "five",
  eighth: "eight",
  ninth: "nine",
  twelfth: "twelve",
};
const PLACES: ReadonlyMap<string, Ratio> = new Map([
  ...["one", "unit", "whole"].map((name): [string, Ratio] => [name, ratio(1)]),
  ...GROUP_NAMES.flatMap((name) => [name, `ten-${name}`, `hundred-${name}`])
    .map((name, index): readonly [string, number] => [name, index + 3])
    .concat([
      ["ten", 1],
      ["hundred", 2],
    ])
    .flatMap(([name, power]): [string, Ratio][] => [
      [name, ratio(10n ** BigInt(power))],
      [`${name}th`, ratio(1, 10n ** BigInt(power))],
    ]),
]);
/** The names and signs of units, and what each is in the smallest of its scale. Those of angles are left out: their minutes are named as those of hours are. */
export const MEASURED: ReadonlyMap<string, Ratio> = new Map(
  UNITS.filter(({ scale }) => scale !== "angle").flatMap(
    ({ id, symbol, name, names, typed }): [string, Ratio][] =>
      [symbol, name, names, ...typed.filter((word) => word.length > 3)].map((word) => [word, sizeOf(id)]),
  ),
);

/** The count that words stand for, hyphens and all; none for other words. */
function countOf(words: string): bigint | undefined {
  let [total, group, last] = [0n, 0n, -1n];
  for (const word of words.toLowerCase().split(/[ -]/)) {
    const small = CARDINALS.get(word);
    const thousands = GROUPS.get(word);
    // After twenty may come one; after one neither one nor ten.
    if (small !== undefined && (last < 0n || last >= 100n || (last >= 20n && small < 10n))) group += small;
    else if (word === "hundred" && last > 0n) group *= 100n;
    else if (thousands !== undefined && last > 0n) [total, group] = [total + group * thousands, 0n];
    else return undefined;
    last = small ?? 100n;
  }
  return last < 0n ? undefined : total + group;
}

/** What one piece of a name is worth: a place, a kind of part, a unit; none for other words. */
function pieceOf(name: string): Ratio | undefined {
  const one = name.replace(/s$/, "");
  const known = PLACES.get(one) ?? PLACES.get(name) ?? MEASURED.get(name);
  if (known !== undefined) return known;
  const last = one.split("-").at(-1) ?? "";
  const cardinal = ORDINALS[last] ?? last.replace(/ieth$/, "y").replace(/th$/, "");
  const count = cardinal === last ? undefined : countOf(one.slice(0, one.length - last.length) + cardinal);
  return count === undefined || count === 0n ? undefined : ratio(1, count);
}

/** How numbers, and the pieces they count, are matched in a sentence. */
export const NUMBER_WORD = `(?:${[...CARDINALS.keys()].sort((a, b) => b.length - a.length).join("|")})`;
export const CARDINAL = `${NUMBER_WORD}(?:[ -](?:${NUMBER_WORD}|hundred|${GROUP_NAMES.join("|")})(?![a-z]))*(?![a-z-])`;
export const DIGITS = "\\d+(?:\\.\\d+)?";
export const PIECE = `(?:[a-z]+-)*(?:ones?|units?|wholes?|tens?|hundreds?|(?:${GROUP_NAMES.join("|")})s?|hal(?:f|ves)|quarters?|thirds?|[a-z]*(?:tenth|th|fth|nth)s?|parts? over \\d+|${[...MEASURED.keys()].sort((a, b) => b.length - a.length).join("|")})(?![a-z-])`;
const ONE = `(?:[−-]?${DIGITS}(?: \\d+)?/\\d+|[−-]?${DIGITS}|\\([−-]${DIGITS}(?:/\\d+)?\\)|(?:minus )?${CARDINAL})(?: ${PIECE})?`;
const ALONE = `(?:(?<![\\w/.×÷·+−-])(?<![×÷·+<>=] )${ONE}(?![\\d/]|[.,]\\d| [×÷·+−<>=] | zeros?|[-a-z]))`;
/** One number, caught. */
export const Q = `(${ALONE})`;
/** Several numbers that are taken together, caught. */
export const S = `(${ALONE}(?:(?:, and |, | and )${ALONE})*)`;

/** Numbers that are taken together, each with or without the piece it counts, read and added: digits, a fraction, a mixed number, words. */
export function quantity(text: string): Ratio | undefined {
  // "Minus two and three tenths" lies below zero with both its parts.
  const below = /^minus ([a-z].* and .*)$/i.exec(text)?.[1];
  if (below !== undefined) {
    const size = quantity(below);
    return size && ratio(-size.over, size.under);
  }
  const several = text.split(/, and |, | and /).map(one);
  return several.every((part) => part !== undefined) ? sum(several) : undefined;
}

function one(text: string): Ratio | undefined {
  // So many notes or coins of one kind: "two 0.20".
  const [, count, each] = /^([a-z][a-z -]*) (\d[\d.]*)$/i.exec(text) ?? [];
  const pieces = count === undefined ? undefined : countOf(count);
  if (pieces !== undefined && each !== undefined) return times(ratio(pieces), digits(each));
  const bare = text.replace(/[()]/g, "");
  const negative = /^(?:[−-]|minus )/.test(bare);
  const [, number = "", piece] =
    /^(\d[\d./ ]*\d|\d)(?: ([a-z].*))?$/i.exec(bare.replace(/^(?:[−-]|minus )/, "")) ?? [];
  const value = number === "" ? words(bare.replace(/^minus /, "")) : withPiece(digits(number), piece);
  return value && negative ? ratio(-value.over, value.under) : value;
}

/** A whole number, a decimal, a fraction or a mixed number in digits. */
export function digits(text: string): Ratio {
  const [, whole, over = "", under = "1"] = /^(?:([\d.]+) )?([\d.]+)(?:\/(\d+))?$/.exec(text) ?? [];
  const decimal = (one: string): Ratio => {
    const [before = "", after = ""] = one.split(".");
    return ratio(BigInt(before + after), 10n ** BigInt(after.length));
  };
  const part = times(decimal(over), ratio(1, BigInt(under)));
  return whole === undefined ? part : plus(decimal(whole), part);
}

const withPiece = (count: Ratio, piece: string | undefined): Ratio | undefined => {
  if (piece === undefined) return count;
  const parts = /^parts? over (\d+)$/.exec(piece);
  const one = parts ? ratio(1, BigInt(parts[1] ?? "1")) : pieceOf(piece);
  return one && times(count, one);
};

/** Number words, the last of them perhaps the piece that is counted: "fourteen tenths", "two hundred", "three tens". */
function words(text: string): Ratio | undefined {
  const whole = countOf(text);
  if (whole !== undefined) return ratio(whole);
  const at = text.lastIndexOf(" ");
  const count = at < 0 ? undefined : countOf(text.slice(0, at));
  return count === undefined ? undefined : withPiece(ratio(count), text.slice(at + 1));
}
