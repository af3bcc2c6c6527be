import { type Decimal, isZero, significantDigits } from "../../number";
import {
  type Amount,
  type CurrencyId,
  currencyOf,
  currencyTyped,
  type MeasurePart,
  MINOR_PLACES,
  minorTyped,
  type Quantity,
  rateBetween,
  SCALE_KINDS,
  type UnitId,
  unitOf,
  unitTyped,
} from "../../quantity";
import { done, failed, type Result } from "../../result";
import { isOneOrMore } from "../../tuples";
import type { ReadingNotation } from "../problem";
import { type NumeralError, readDecimal } from "./readDecimal";
import type { ReadError } from "./readError";
import { type Token, touches } from "./tokens";
import { vulgarOf } from "./vulgarFraction";

/** The most digits of a numerator or a denominator. */
export const MOST_FRACTION_DIGITS = 4;

/** What one quantity was read as, and how many tokens it took. */
interface Found {
  readonly quantity: Quantity;
  readonly took: number;
}

/** The most tokens that one quantity takes: a compound measure of every unit of a scale. */
export const MOST_TOKENS = 40;

/** What a line is read in: its text, for whole readings; its notation; the currency of its signs, for cents that don't say whose. */
export interface LineToRead {
  readonly text: string;
  readonly notation: ReadingNotation;
  readonly currency: CurrencyId | undefined;
}

/** Reads one quantity from the first of some tokens on: a decimal, fraction, mixed number, amount of money or compound measure. */
export function readQuantity(
  tokens: readonly Token[],
  end: number,
  line: LineToRead,
): Result<Found, ReadError> {
  const [first, second] = tokens;
  if (first === undefined) return failed({ code: "missingNumber", at: end });
  switch (first.kind) {
    case "money":
      return amountAfter(first, second, end, line);
    case "vulgar":
      return done({ quantity: vulgarOf(first.text, undefined), took: 1 });
    case "number": {
      const fraction = fractionAt(tokens, line);
      if (fraction !== undefined) return withoutUnit(fraction, tokens);
      const numeral = decimalAt(first, line);
      if (!numeral.ok) return numeral;
      return withUnit(tokens, numeral.value, line);
    }
    case "word":
      if (second?.kind === "number" && isMoneySign(first, line)) return amountAfter(first, second, end, line);
      return failed({ code: "letters", at: first.at, word: first.text });
    case "sign":
    case "slash":
    case "open":
    case "close":
    case "power":
    case "other":
      return failed({ code: "missingNumber", at: first.at });
  }
}

function decimalAt(token: Token, { text, notation }: LineToRead): Result<Decimal, ReadError> {
  const numeral = readDecimal(token.text, notation);
  return numeral.ok ? numeral : failed(placed(numeral.error, token, text));
}

/** A numeral's error, moved to its place in the line, its readings grown to whole lines. */
function placed(error: NumeralError, token: Token, line: string): ReadError {
  const at = token.at + error.at;
  if (error.code !== "otherNotation") return { ...error, at };
  return { ...error, at, readings: error.readings.map((reading) => replaced(line, token, token, reading)) };
}

/** The line with the stretch from one token to another written otherwise. */
const replaced = (line: string, from: Token, to: Token, by: string): string =>
  line.slice(0, from.at) + by + line.slice(to.end);

/** A fraction or a mixed number, where one begins here: digits, a slash that touches both, digits. */
function fractionAt(tokens: readonly Token[], line: LineToRead): Result<Found, ReadError> | undefined {
  const [first, second, third, fourth] = tokens;
  if (first?.kind !== "number" || second === undefined) return undefined;
  if (second.kind === "vulgar") {
    const whole = wholeDigits(first, line, second);
    return whole.ok ? done({ quantity: vulgarOf(second.text, BigInt(whole.value)), took: 2 }) : whole;
  }
  if (
    second.kind === "slash" &&
    third?.kind === "number" &&
    touches(first, second) &&
    touches(second, third)
  ) {
    return fractionOf(undefined, [first, second, third, ...tokens.slice(3)], line);
  }
  if (
    second.kind === "number" &&
    third?.kind === "slash" &&
    fourth?.kind === "number" &&
    touches(second, third) &&
    touches(third, fourth)
  ) {
    return fractionOf(first, tokens.slice(1), line);
  }
  return undefined;
}

/** The fraction whose numerator, slash and denominator come first, after its whole number if it has one. */
function fractionOf(
  whole: Token | undefined,
  tokens: readonly Token[],
  line: LineToRead,
): Result<Found, ReadError> {
  const [over, , under, slash, next] = tokens;
  if (over === undefined || under === undefined) throw new Error("fractionOf: three tokens are needed");
  if (slash?.kind === "slash" && next?.kind === "number" && touches(under, slash) && touches(slash, next)) {
    const [a, b, c] = [over.text, under.text, next.text];
    const readings = [`${a}/${b} ÷ ${c}`, `${a} ÷ ${b}/${c}`].map((reading) =>
      replaced(line.text, over, next, reading),
    );
    return failed({ code: "twoSlashes", at: slash.at, readings });
  }
  const parts = [];
  for (const token of whole === undefined ? [over, under] : [whole, over, under]) {
    const digits = wholeDigits(token, line, under);
    if (!digits.ok) return digits;
    parts.push(BigInt(digits.value));
  }
  const [denominator = 1n, numerator = 0n, count] = parts.reverse();
  if (denominator === 0n) return failed({ code: "zeroDenominator", at: under.at });
  return done(
    count === undefined
      ? { quantity: { kind: "fraction", negative: false, numerator, denominator }, took: 3 }
      : { quantity: { kind: "mixed", negative: false, whole: count, numerator, denominator }, took: 4 },
  );
}

/** The digits of a part of a fraction, which must be whole; where they are not, a division may be meant. */
function wholeDigits(token: Token, line: LineToRead, last: Token): Result<string, ReadError> {
  const numeral = decimalAt(token, line);
  if (!numeral.ok) return numeral;
  const { whole, fraction, point } = numeral.value;
  if (fraction !== "" || point) {
    const stretch = line.text.slice(token.at, last.end);
    const parted = stretch.includes("/")
      ? [replaced(line.text, token, last, stretch.replace(/\/(?=[^/]*$)/, " ÷ "))]
      : [];
    return failed({ code: "wholeFraction", at: token.at, readings: parted });
  }
  if (significantDigits(whole).length > MOST_FRACTION_DIGITS)
    return failed({ code: "largeFraction", at: token.at, most: MOST_FRACTION_DIGITS });
  return done(whole);
}

/** Whether letters are the sign of the house's own money. */
const isMoneySign = ({ text }: Token, { notation }: LineToRead): boolean =>
  currencyOf(notation.currency).sign === text;

/** The unit that begins at a token, and how many tokens name it: `fl oz` takes two. */
function unitAt(tokens: readonly Token[], afterDegrees: boolean): readonly [UnitId, number] | undefined {
  const [first, second] = tokens;
  if (first?.kind !== "word") return undefined;
  const word = first.text.toLowerCase();
  if (word === "fl" && second?.kind === "word" && second.text.toLowerCase() === "oz") return ["floz", 2];
  if (word === "fluid" && second?.kind === "word" && /^ounces?$/i.test(second.text)) return ["floz", 2];
  if (/^[′'’]$/.test(word)) return [afterDegrees ? "arcmin" : "ft", 1];
  const unit = unitTyped(afterDegrees && /^(?:min|minutes?)$/.test(word) ? "arcmin" : word);
  return unit === undefined ? undefined : [unit, 1];
}

/** The numeral with what comes after it: units of a measure, a sign of money, or nothing that belongs to it. */
function withUnit(tokens: readonly Token[], numeral: Decimal, line: LineToRead): Result<Found, ReadError> {
  const [, second] = tokens;
  if (second?.kind === "money" || (second?.kind === "word" && isMoneySign(second, line))) {
    const third = tokens[2];
    // A sign of money before the next number belongs to that one.
    if (third?.kind === "number" && touches(second, third)) return done({ quantity: numeral, took: 1 });
    const amount = amountAfter(second, tokens[0], second.end, line);
    return amount.ok ? done({ ...amount.value, took: 2 }) : amount;
  }
  if (second?.kind !== "word" || /^(?:of|and|with|x)$/i.test(second.text))
    return done({ quantity: numeral, took: 1 });
  if (unitAt(tokens.slice(1), false) !== undefined) return measureAt(tokens, line);
  const minor = minorAmount(second, numeral, line);
  return minor === undefined ? failed({ code: "unknownUnit", at: second.at, word: second.text }) : minor;
}

/** A fraction or mixed number may not count a unit. */
function withoutUnit(found: Result<Found, ReadError>, tokens: readonly Token[]): Result<Found, ReadError> {
  if (!found.ok) return found;
  const [next] = tokens.slice(found.value.took);
  return next?.kind === "word" && unitAt([next], false) !== undefined
    ? failed({ code: "fractionOfUnit", at: next.at })
    : found;
}

function measureAt(tokens: readonly Token[], line: LineToRead): Result<Found, ReadError> {
  const parts: MeasurePart[] = [];
  let took = 0;
  for (;;) {
    const number = tokens[took];
    const last = parts.at(-1)?.unit;
    const unit = unitAt(tokens.slice(took + 1), last === "deg");
    if (number?.kind !== "number" || unit === undefined) break;
    const count = decimalAt(number, line);
    if (!count.ok) return count;
    const wrong = last === undefined ? undefined : wrongAfter(last, unit[0], number.at);
    if (wrong !== undefined) return failed(wrong);
    parts.push({ count: count.value, unit: unit[0] });
    took += 1 + unit[1];
  }
  const broken = parts.slice(0, -1).find(({ count }) => count.fraction !== "");
  if (broken !== undefined) {
    const at = tokens[0]?.at ?? 0;
    return failed({ code: "wholeFraction", at, readings: [] });
  }
  return isOneOrMore(parts)
    ? done({ quantity: { kind: "measure", negative: false, parts }, took })
    : failed({ code: "missingNumber", at: tokens[0]?.at ?? 0 });
}

/** What is wrong with a unit after another in one measure, if anything. */
export function wrongAfter(before: UnitId, after: UnitId, at: number): ReadError | undefined {
  const [one, other] = [unitOf(before), unitOf(after)];
  const names = { at, one: one.names, other: other.names };
  if (one.scale !== other.scale)
    return SCALE_KINDS[one.scale] === SCALE_KINDS[other.scale]
      ? { code: "otherSystem", ...names }
      : { code: "unlikeUnits", ...names };
  if (one.size <= other.size) return { code: "unitOrder", ...names };
  return rateBetween(before, after) === undefined ? { code: "otherSystem", ...names } : undefined;
}

function amountAfter(
  sign: Token,
  number: Token | undefined,
  end: number,
  line: LineToRead,
): Result<Found, ReadError> {
  const currency = currencyTyped(sign.text, line.notation.currency);
  if (currency === undefined) return failed({ code: "unknownCurrency", at: sign.at, sign: sign.text });
  if (number?.kind !== "number") {
    const at = number?.at ?? end;
    return failed({ code: number?.kind === "sign" ? "negativeAmount" : "missingNumber", at });
  }
  const numeral = decimalAt(number, line);
  if (!numeral.ok) return numeral;
  if (numeral.value.fraction.length > MINOR_PLACES && !line.notation.anyPlaces)
    return failed({ code: "smallerThanMinor", at: number.at, minors: currencyOf(currency).minors });
  const quantity: Amount = { kind: "amount", currency, numeral: numeral.value, of: "major" };
  return done({ quantity, took: 2 });
}

/** So many of the minor unit: of the currency that the line names, or the house's, or the first that calls them so. */
function minorAmount(word: Token, numeral: Decimal, line: LineToRead): Result<Found, ReadError> | undefined {
  const candidates = minorTyped(word.text.toLowerCase(), line.currency ?? line.notation.currency);
  const currency =
    candidates.find((id) => id === line.currency) ??
    candidates.find((id) => id === line.notation.currency) ??
    candidates[0];
  if (currency === undefined) return undefined;
  if (numeral.fraction !== "" && !isZero(numeral) && !line.notation.anyPlaces)
    return failed({ code: "smallerThanMinor", at: word.at, minors: currencyOf(currency).minors });
  return done({ quantity: { kind: "amount", currency, numeral, of: "minor" }, took: 2 });
}
