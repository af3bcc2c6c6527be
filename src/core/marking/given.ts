import type { Decimal, Numeral } from "../number";
import { opposite, wholeNumeral } from "../number";
import {
  type Answer,
  fractionOf,
  LONGEST_LINE,
  type Problem,
  type ReadError,
  type ReadingNotation,
  type Relation,
  readOneQuantity,
  type Token,
  tokensOf,
  wordOf,
} from "../problem";
import { amountOf, type Measure, type Quantity, smallerUnits, type UnitId, unitOf } from "../quantity";
import { done, failed, type Result } from "../result";
import { quotientAndRest } from "./quotientAndRest";

/** An answer as a learner gave it. `bare` says that its unit, or the sign of its money, was left out. */
export interface Given {
  readonly answer: Answer;
  readonly bare: boolean;
}

/** Why what was typed is not an answer to its problem. */
export type GivenError =
  | ReadError
  /** A number alone, where units are asked for that it could be in. */
  | { readonly code: "whichUnit"; readonly at: number; readonly units: readonly string[] }
  /** A relation, yes or no, or numbers in order were asked for. */
  | { readonly code: "notAnAnswer"; readonly at: number; readonly wants: Wants };

/** What kind of answer a problem wants, other than a quantity. */
export type Wants = "relation" | "order" | "yesOrNo" | "quotient" | "number" | "amount" | "measure";

type Read = Result<Given, GivenError>;

const whole = (answer: Answer): Read => done({ answer, bare: false });

/**
 * Reads an answer as it can be typed for a problem: `3 1/4`, `3,25` under comma rules, `£4.5`, `6 lb 11`,
 * `5 r 3`, `0.1(6)`, `<`, `yes`. A number alone is taken in the money that was asked about, and in the unit
 * where there is only one.
 */
export function readGiven(typed: string, problem: Problem, house: ReadingNotation): Read {
  // Small money that does not say whose it is belongs to the currency of the problem.
  const notation = { ...house, currency: currencyIn(problem) ?? house.currency };
  const text = typed.trim().replace(/^[=≈]\s*/, "");
  if (text === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  switch (problem.op) {
    case "compare":
      return readRelation(text, problem.operands, notation);
    case "order":
      return readOrder(text, notation);
    case "enough":
      return readEnough(text, problem, notation);
    default:
      return (
        readRemainder(text, problem, notation) ??
        readRecurring(text, notation) ??
        readFraction(text, problem) ??
        readQuantity(text, problem, notation)
      );
  }
}

const isNumeral = (quantity: Quantity): quantity is Numeral =>
  quantity.kind === "decimal" || quantity.kind === "fraction" || quantity.kind === "mixed";

const RELATIONS: readonly (readonly [RegExp, Relation])[] = [
  [/^(?:<|less|smaller)$/iu, "<"],
  [/^(?:>|greater|larger|more)$/iu, ">"],
  [/^(?:=|equal|same)$/iu, "="],
];

/** A sign, a word, the whole statement, or the larger of the two numbers. */
function readRelation(text: string, operands: readonly Quantity[], notation: ReadingNotation): Read {
  const [left, right] = operands;
  if (left === undefined || right === undefined || !isNumeral(left) || !isNumeral(right))
    throw new Error("readRelation: two numbers are compared");
  const related = (relation: Relation): Read => whole({ kind: "comparison", left, right, relation });
  const sign = RELATIONS.find(([pattern]) => pattern.test(text));
  if (sign !== undefined) return related(sign[1]);
  const between = /^[^<>=]+([<>=])[^<>=]+$/.exec(text)?.[1];
  if (between === "<" || between === ">" || between === "=") {
    const [first] = text.split(between);
    const named = readOneQuantity(first ?? "", notation);
    const turned = named.ok && !sameValue(named.value, left) && sameValue(named.value, right);
    return related(turned ? TURNED[between] : between);
  }
  const number = readOneQuantity(text, notation);
  if (!number.ok) return failed({ code: "notAnAnswer", at: 0, wants: "relation" });
  if (sameValue(number.value, left)) return related(">");
  return sameValue(number.value, right)
    ? related("<")
    : failed({ code: "notAnAnswer", at: 0, wants: "relation" });
}

const TURNED = { "<": ">", ">": "<", "=": "=" } as const;

const sameValue = (one: Quantity, other: Quantity): boolean => fractionOf(one).equals(fractionOf(other));

/** Numbers with < or = between them, or semicolons, or commas where these do not stand inside numbers. */
function readOrder(text: string, notation: ReadingNotation): Read {
  const comma = notation.decimalMark === "comma" ? /[<=;]|,\s/ : /[<=;,]/;
  const numerals: Numeral[] = [];
  let at = 0;
  for (const stretch of text.split(comma)) {
    const read = readOneQuantity(stretch, notation);
    if (!read.ok) return failed({ ...read.error, at: at + read.error.at });
    if (!isNumeral(read.value)) return failed({ code: "notAnAnswer", at, wants: "order" });
    numerals.push(read.value);
    at += stretch.length + 1;
  }
  return numerals.length > 1
    ? whole({ kind: "ordered", numerals })
    : failed({ code: "notAnAnswer", at: 0, wants: "order" });
}

const ENOUGH: Readonly<Record<string, boolean>> = {
  yes: true,
  enough: true,
  no: false,
  "not enough": false,
  "too little": false,
};

/** Yes or no, with what is left over or missing after it if that is said: `yes, $1.20 left`. */
function readEnough(text: string, problem: Problem, notation: ReadingNotation): Read {
  const tokens = tokensOf(text);
  const said = [2, 1].find((count) => ENOUGH[wordsOf(tokens.slice(0, count))] !== undefined);
  const enough = said === undefined ? undefined : ENOUGH[wordsOf(tokens.slice(0, said))];
  if (said === undefined || enough === undefined || problem.kind !== "money")
    return failed({ code: "notAnAnswer", at: 0, wants: "yesOrNo" });
  const rest = tokens.slice(tokens[said]?.text === "," || tokens[said]?.text === ":" ? said + 1 : said);
  const last = wordOf(rest.at(-1));
  const amountIn = last === "left" || last === "short" || last === "missing" ? rest.slice(0, -1) : rest;
  const amount = amountIn.length === 0 ? undefined : readQuantity(textOf(amountIn, text), problem, notation);
  if (amount !== undefined && !amount.ok) return amount;
  const nothing = amountOf(problem.currency, { ...wholeNumeral(0n) });
  const difference = amount?.value.answer.kind === "amount" ? amount.value.answer : nothing;
  return done({ answer: { kind: "sufficiency", enough, difference }, bare: amountIn.length === 0 });
}

const wordsOf = (tokens: readonly Token[]): string => tokens.map(wordOf).join(" ");

/** The stretch of a text that some of its tokens take. */
const textOf = (tokens: readonly Token[], text: string): string =>
  text.slice(tokens[0]?.at ?? text.length, tokens.at(-1)?.end ?? text.length);

/** A quotient with what is left over: `5 r 3`, `$1.25 r 3c`. */
function readRemainder(text: string, problem: Problem, notation: ReadingNotation): Read | undefined {
  if (problem.op !== "divide") return undefined;
  const parts = quotientAndRest(tokensOf(text));
  if (parts === undefined) return undefined;
  const each = readOneQuantity(textOf(parts.quotient, text).replace(/,$/, ""), notation);
  const left = readOneQuantity(textOf(parts.rest, text), notation);
  if (!each.ok) return each;
  if (!left.ok) return failed({ ...left.error, at: (parts.rest[0]?.at ?? 0) + left.error.at });
  const [quotient, rest] = [each.value, left.value];
  if (quotient.kind === "decimal" && rest.kind === "decimal")
    return whole({ kind: "remainder", quotient, remainder: rest });
  if (quotient.kind === "amount" && rest.kind === "amount")
    return whole({ kind: "share", each: quotient, left: rest });
  if (quotient.kind === "measure" && rest.kind === "measure")
    return whole({ kind: "measureLeft", each: quotient, left: rest });
  if (quotient.kind === "decimal" && (rest.kind === "measure" || rest.kind === "amount"))
    return whole({ kind: "timesLeft", times: quotient, left: rest });
  return failed({ code: "notAnAnswer", at: 0, wants: "quotient" });
}

/** A fraction or a mixed number: its parts may be larger in an answer than in a problem. */
function readFraction(text: string, problem: Problem): Read | undefined {
  if (unitsWanted(problem) !== undefined || wantsMoney(problem)) return undefined;
  const parts = /^([−-]?) ?(?:(\d{1,60}) )?(\d{1,60}) ?\/ ?(\d{1,60})$/.exec(text.replace(/\s+/g, " "));
  if (parts === null) return undefined;
  const [, sign = "", ones, over = "0", under = "1"] = parts;
  const [numerator, denominator] = [BigInt(over), BigInt(under)];
  if (denominator === 0n) return failed({ code: "zeroDenominator", at: text.length - under.length });
  const negative = sign !== "";
  return whole(
    ones === undefined
      ? { kind: "fraction", negative, numerator, denominator }
      : { kind: "mixed", negative, whole: BigInt(ones), numerator, denominator },
  );
}

/** A decimal with its repetend in brackets: 0.1(6). */
function readRecurring(text: string, notation: ReadingNotation): Read | undefined {
  const open = text.indexOf("(");
  const repetend = /^\((\d{1,60})\)$/.exec(text.slice(Math.max(0, open)))?.[1];
  const sign = /^[−-]/.exec(text)?.[0] ?? "";
  const before = text.slice(sign.length, Math.max(0, open));
  if (repetend === undefined || !/[.,]/.test(before)) return undefined;
  const read = readOneQuantity(before.replace(/[.,]$/, ""), notation);
  if (!read.ok) return read;
  if (read.value.kind !== "decimal") return failed({ code: "notAnAnswer", at: 0, wants: "number" });
  const { whole: ones, fraction: fixed } = read.value;
  return whole({ kind: "recurring", negative: sign !== "", whole: ones, fixed, repetend });
}

function readQuantity(text: string, problem: Problem, notation: ReadingNotation): Read {
  const units = unitsWanted(problem);
  // Problems have no amounts and measures below zero, but answers may.
  const below = /^[−-]./.test(text) ? text.slice(1).trim() : undefined;
  if (below !== undefined && (units !== undefined || wantsMoney(problem))) {
    const size = readQuantity(below, problem, notation);
    return size.ok ? done({ ...size.value, answer: negated(size.value.answer) }) : size;
  }
  // After a number alone ′ means feet, but not where angles are asked about.
  const plain = units?.includes("arcmin") ? text.replace(/[′'’]/g, " arcmin") : text;
  const read = readOneQuantity(plain.replace(/^\+\s*(?=\S)/, ""), notation);
  if (!read.ok) {
    const finished = units === undefined ? undefined : withLastUnit(text, units, notation);
    return finished ?? read;
  }
  const quantity = read.value;
  if (units !== undefined) return asMeasure(quantity, units);
  if (wantsMoney(problem)) {
    const currency = currencyIn(problem) ?? notation.currency;
    if (quantity.kind === "amount" && quantity.currency === currency) return whole(quantity);
    return quantity.kind === "decimal"
      ? done({ answer: amountOf(currency, quantity), bare: true })
      : failed({ code: "notAnAnswer", at: 0, wants: "amount" });
  }
  if (!isNumeral(quantity)) return failed({ code: "notAnAnswer", at: 0, wants: "number" });
  return whole(completed(quantity, problem));
}

/** An amount or a measure on the other side of zero. */
function negated(answer: Answer): Answer {
  if (answer.kind === "amount") return { ...answer, numeral: opposite(answer.numeral) };
  return answer.kind === "measure" ? { ...answer, negative: !answer.negative } : answer;
}

/** The number that was missing from `2/3 = ?/12` makes a fraction with the one that is there. */
function completed(quantity: Numeral, { form }: Problem): Numeral {
  const count = wholeIn(quantity);
  if (count === undefined || quantity.negative) return quantity;
  if (form.kind === "overDenominator")
    return { kind: "fraction", negative: false, numerator: count, denominator: form.denominator };
  return form.kind === "overNumerator" && count > 0n
    ? { kind: "fraction", negative: false, numerator: form.numerator, denominator: count }
    : quantity;
}

const wholeIn = (quantity: Numeral): bigint | undefined =>
  quantity.kind === "decimal" && quantity.fraction === "" ? BigInt(quantity.whole || "0") : undefined;

const kindsIn = (problem: Problem): readonly Quantity["kind"][] => problem.operands.map(({ kind }) => kind);

const currencyIn = (problem: Problem) => {
  const amount = problem.operands.find((operand) => operand.kind === "amount");
  return amount?.kind === "amount" ? amount.currency : undefined;
};

/** Whether the answer is an amount: in a quotient of two amounts it is a number. */
const wantsMoney = (problem: Problem): boolean =>
  kindsIn(problem).includes("amount") &&
  !(problem.op === "divide" && kindsIn(problem).every((kind) => kind === "amount"));

/** The units an answer may be in; none where it is no measure. */
function unitsWanted(problem: Problem): readonly UnitId[] | undefined {
  if (!kindsIn(problem).includes("measure")) return undefined;
  if (problem.op === "divide" && kindsIn(problem).every((kind) => kind === "measure")) return undefined;
  if (problem.form.kind === "inUnits") return problem.form.units;
  return [
    ...new Set(
      problem.operands.flatMap((operand) =>
        operand.kind === "measure" ? operand.parts.map(({ unit }) => unit) : [],
      ),
    ),
  ];
}

function asMeasure(quantity: Quantity, units: readonly UnitId[]): Read {
  const scaleOf = (unit: UnitId | undefined) => (unit === undefined ? undefined : unitOf(unit).scale);
  if (quantity.kind === "measure" && scaleOf(quantity.parts[0]?.unit) === scaleOf(units[0]))
    return whole(quantity);
  const [only, ...more] = units;
  if (quantity.kind !== "decimal" || only === undefined)
    return failed({ code: "notAnAnswer", at: 0, wants: "measure" });
  if (more.length > 0)
    return failed({ code: "whichUnit", at: 0, units: units.map((unit) => unitOf(unit).symbol) });
  return done({ answer: measureIn(only, quantity), bare: true });
}

const measureIn = (unit: UnitId, count: Decimal): Measure => ({
  kind: "measure",
  negative: count.negative,
  parts: [{ unit, count: { ...count, negative: false } }],
});

/** A measure whose last number has no unit is in the next smaller one: `6 lb 11`. */
function withLastUnit(text: string, units: readonly UnitId[], notation: ReadingNotation): Read | undefined {
  const tokens = tokensOf(text);
  const last = tokens.at(-1);
  const named = tokens.slice(0, -1);
  if (last?.kind !== "number" || !named.some(({ kind }) => kind === "word")) return undefined;
  const before = textOf(named, text);
  const measure = readOneQuantity(before, notation);
  if (!measure.ok || measure.value.kind !== "measure") return undefined;
  const unit = measure.value.parts.at(-1)?.unit;
  const smaller = unit === undefined ? [] : smallerUnits(unit);
  const next = smaller.find((one) => units.includes(one)) ?? smaller[0];
  if (next === undefined) return undefined;
  const finished = readOneQuantity(`${before} ${last.text} ${unitOf(next).symbol}`, notation);
  return finished.ok ? done({ answer: finished.value, bare: true }) : undefined;
}
