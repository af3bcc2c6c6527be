import { MOST_DIGITS_A_SIDE, ONES, type Place, placesFrom } from "../../number";
import { type UnitId, unitOf, unitTyped } from "../../quantity";
import { done, failed, type Result } from "../../result";
import { isOneOrMore } from "../../tuples";
import { ONES_TYPED, placeName } from "../../vocabulary";
import { type AnswerForm, AS_IT_COMES, operandsOf, type Problem } from "../problem";
import type { FormOf, ReadError } from "./readError";
import { standsAlone, stretchOf, type Token, type TokenStretch, touches, wordOf } from "./tokens";

/** A line parted into the numbers and signs, and the form that was asked for after them. */
export interface FormedLine {
  readonly body: TokenStretch;
  readonly form: AnswerForm;
  /** How many significant figures a number is to be rounded to, where that is how its place is told. */
  readonly figures?: number;
  /** Where the form begins, counted in characters; the end of the line where there is none. */
  readonly formAt: number;
}

/** What a form may begin with, and whether one does begin at a place among tokens that end at another. */
const OPENINGS: Readonly<Record<string, (tokens: readonly Token[], at: number, units: Units) => boolean>> = {
  // What is enough "to pay" something is no form.
  to: (tokens, at) => spaced(tokens, at) && wordOf(tokens[at + 1]) !== "pay",
  as: (tokens, at) => spaced(tokens, at),
  exactly: (tokens, at) => spaced(tokens, at),
  with: (tokens, at) => {
    const noun = wordOf(tokens[at + 1]) === "a" ? at + 2 : at + 1;
    return noun === tokens.length - 1 && wordOf(tokens[noun]).startsWith("r");
  },
  in: (tokens, at, units) => {
    const word = wordOf(tokens[wordOf(tokens[at + 1]) === "its" ? at + 2 : at + 1]);
    return word === "simplest" || word === "lowest" || (spaced(tokens, at) && units.has(at + 1));
  },
};

/** Whether nothing touches a token from behind. */
const spaced = (tokens: readonly Token[], at: number): boolean => {
  const [token, next] = [tokens[at], tokens[at + 1]];
  return token !== undefined && (next === undefined || !touches(token, next));
};

/** The forms that are said in words, without the small words in them. */
const SAID: ReadonlyMap<string, AnswerForm> = new Map([
  ["exactly", { kind: "exactly" }],
  ["with remainder", { kind: "withRemainder" }],
  ["as mixed", { kind: "asMixed" }],
  ["as mixed number", { kind: "asMixed" }],
  ["as fraction", { kind: "asFraction" }],
  ["as decimal", { kind: "asDecimal" }],
  ["in simplest form", { kind: "simplest" }],
  ["in lowest terms", { kind: "simplest" }],
]);

const SMALL_WORDS: ReadonlySet<string> = new Set(["a", "an", "its", "improper", "the", "nearest"]);

/** Every name of a place that can be typed, singular or plural, with its place. */
const NAMED: ReadonlyMap<string, Place> = new Map(
  placesFrom(-MOST_DIGITS_A_SIDE, MOST_DIGITS_A_SIDE).flatMap((place) =>
    (place === ONES ? ONES_TYPED : [placeName(place, "")]).flatMap((name): [string, Place][] => [
      [name, place],
      [`${name}s`, place],
    ]),
  ),
);

/** Parts a line from the form at its end: `to tenths`, `with remainder`, `as a mixed number`, `in lb and oz`, `= ?/12`. */
export function partForm(tokens: readonly Token[], text: string): Result<FormedLine, ReadError> {
  const missing = missingPart(tokens);
  if (missing !== undefined) return missing;
  const units = unitLists(tokens);
  for (const [index, token] of tokens.entries()) {
    if (!standsAlone(tokens, index)) continue;
    const rounded = wordOf(token) === "rounded";
    const from = rounded ? index + 1 : index;
    const opens = OPENINGS[wordOf(tokens[from])];
    if (opens === undefined || !opens(tokens, from, units)) continue;
    const formAt = tokens[from]?.at ?? token.at;
    const figures = figuresIn(tokens.slice(from));
    if (figures !== undefined)
      return done({ body: stretchOf(tokens, 0, index), form: AS_IT_COMES, figures, formAt });
    const form = formOf(tokens.slice(from));
    if (form === undefined)
      return failed({ code: "unknownForm", at: formAt, form: text.slice(formAt, tokens.at(-1)?.end) });
    return done({ body: stretchOf(tokens, 0, index), form, formAt });
  }
  const body = stretchOf(tokens, 0, tokens.length);
  return done({ body, form: AS_IT_COMES, formAt: body.end });
}

/** The form of a fraction with a part missing, where the line ends in one: `= ?/12`, `= 8/?`. */
function missingPart(tokens: readonly Token[]): Result<FormedLine, ReadError> | undefined {
  const from = tokens.length - 4;
  const [equals, over, slash, under] = tokens.slice(Math.max(0, from));
  if (from < 0 || equals?.text !== "=" || slash?.kind !== "slash") return undefined;
  const known = over?.text === "?" ? under : under?.text === "?" ? over : undefined;
  if (known?.kind !== "number" || !/^\d{1,4}$/.test(known.text)) return undefined;
  const value = BigInt(known.text);
  if (known === under && value === 0n) return failed({ code: "zeroDenominator", at: known.at });
  const body = stretchOf(tokens, 0, from);
  const form: AnswerForm =
    known === under
      ? { kind: "overDenominator", denominator: value }
      : { kind: "overNumerator", numerator: value };
  return done({ body, form, formAt: body.end });
}

function formOf(tokens: readonly Token[]): AnswerForm | undefined {
  const words = hyphenated(tokens).filter((word) => !SMALL_WORDS.has(word));
  const said = SAID.get(words.join(" "));
  if (said !== undefined) return said;
  const [first, second = "", ...more] = words;
  if (first === "in" || first === "as") return unitsOf(tokens.slice(1));
  if (first !== "to") return undefined;
  const rest = more.join(" ").replaceAll(" .", "");
  const count = countIn(second);
  if (count !== undefined && /^(?:(?:decimal )?places?|d ?p)$/.test(rest))
    return count <= MOST_DIGITS_A_SIDE ? { kind: "toPlace", place: 0 - count } : undefined;
  const power = rest === "" ? /^(?:1(0+)|0[.,](0*1))$/.exec(second) : null;
  if (power !== null) return { kind: "toPlace", place: power[1]?.length ?? -(power[2]?.length ?? 0) };
  const place =
    rest === "" ? NAMED.get(second) : /^(?:number|integer)$/.test(rest) ? NAMED.get(second) : undefined;
  return place === undefined ? undefined : { kind: "toPlace", place };
}

const COUNTS = ["none", "one", "two", "three", "four", "five", "six"];

/** A count in digits or as a word. */
function countIn(word: string): number | undefined {
  if (/^\d{1,2}$/.test(word)) return Number(word);
  const index = COUNTS.indexOf(word);
  return index > 0 ? index : undefined;
}

/** How many significant figures a form asks for: `to 2 significant figures`, `to 3 s.f.`; none where it asks for something else. */
function figuresIn(tokens: readonly Token[]): number | undefined {
  const [first, second = "", ...more] = hyphenated(tokens);
  if (
    first !== "to" ||
    !/^(?:sig(?:nificant)? ?(?:fig(?:ure)?|digit)s?|s ?f)$/.test(more.join(" ").replaceAll(" .", ""))
  )
    return undefined;
  const count = countIn(second);
  return count === undefined || count < 1 || count > MOST_DIGITS_A_SIDE ? undefined : count;
}

/** The words of some tokens, `ten-thousandths` as one. */
function hyphenated(tokens: readonly Token[]): readonly string[] {
  const words: string[] = [];
  for (const [index, token] of tokens.entries()) {
    const before = tokens[index - 1];
    const joins = before !== undefined && touches(before, token) && (isHyphen(token) || isHyphen(before));
    const text = isHyphen(token) ? "-" : token.text.toLowerCase();
    if (joins) words[words.length - 1] += text;
    else words.push(text);
  }
  return words;
}

const isHyphen = (token: Token): boolean => token.kind === "sign" && token.op === "subtract";

/** The places from which on there is nothing but a list of words that may be units. */
type Units = ReadonlySet<number>;

/** Where lists of words begin that go on to the end of the line, found from the end in one pass. */
function unitLists(tokens: readonly Token[]): Units {
  const lists = new Set<number>();
  for (let at = tokens.length - 1; at >= 0; at--) {
    const after = at + wordsOfUnit(tokens, at);
    if (after === at) continue;
    if (after === tokens.length || (isListJoint(tokens[after]) && lists.has(after + 1))) lists.add(at);
  }
  return lists;
}

const isListJoint = (token: Token | undefined): boolean =>
  token?.text === "," || token?.text === "&" || wordOf(token) === "and";

/** How many tokens name one unit from a place on: `fl. oz` takes three. */
function wordsOfUnit(tokens: readonly Token[], at: number): number {
  const word = wordOf(tokens[at]);
  if (word === "" || word === "and") return 0;
  const second = tokens[at + 1]?.text === "." ? at + 2 : at + 1;
  if (word === "fl" && wordOf(tokens[second]) === "oz") return second + 1 - at;
  return word === "fluid" && /^ounces?$/.test(wordOf(tokens[at + 1])) ? 2 : 1;
}

/** Units of one scale, put with the largest first. */
function unitsOf(tokens: readonly Token[]): AnswerForm | undefined {
  const units: UnitId[] = [];
  for (let at = 0; at < tokens.length; ) {
    const took = wordsOfUnit(tokens, at);
    const unit = took > 1 ? "floz" : unitTyped(wordOf(tokens[at]));
    const joint = tokens[at + took];
    if (took === 0 || unit === undefined || units.includes(unit)) return undefined;
    if (joint !== undefined && !isListJoint(joint)) return undefined;
    units.push(unit);
    at += took + 1;
  }
  const scales = new Set(units.map((unit) => unitOf(unit).scale));
  const sorted = units.sort((a, b) => Number(unitOf(b).size - unitOf(a).size));
  return scales.size === 1 && isOneOrMore(sorted) ? { kind: "inUnits", units: sorted } : undefined;
}

/** What a problem can't give its answer in, by what it is; none where it can. */
export function refusesForm(problem: Problem, form: AnswerForm): FormOf | undefined {
  const { kind, op } = problem;
  const operands = operandsOf(problem);
  const comparing = op === "compare" || op === "order" || op === "enough" || op === "pay";
  if (comparing) return form.kind === "asItComes" ? undefined : "compare";
  const money = operands.some((operand) => operand.kind === "amount");
  const measure = operands.some((operand) => operand.kind === "measure");
  const things = operands.filter((operand) => operand.kind === "amount" || operand.kind === "measure").length;
  const ofNumbers = money ? "money" : measure ? "measure" : undefined;
  switch (form.kind) {
    case "asItComes":
      return op === "round" ? "round" : undefined;
    case "toPlace":
      return ofNumbers;
    case "withRemainder":
    case "exactly":
      return op === "divide" && kind === "decimals" ? undefined : "number";
    case "asMixed":
      return ofNumbers;
    case "asFraction":
    case "asDecimal":
    case "simplest":
      return ofNumbers ?? (kind === "decimals" ? "number" : undefined);
    case "overDenominator":
    case "overNumerator":
      return kind === "fractions" && op === "rewrite" ? undefined : "fraction";
    case "inUnits": {
      if (!measure || (op === "divide" && things === 2)) return "number";
      const scale = unitOf(form.units[0]).scale;
      const same = operands.every(
        (operand) =>
          operand.kind !== "measure" || operand.parts.every(({ unit }) => unitOf(unit).scale === scale),
      );
      return same ? undefined : "measure";
    }
  }
}
