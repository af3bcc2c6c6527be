import { asFraction, type Decimal, type Numeral } from "../number";
import { type Amount, currencyOf, fromMinorPiece, piecesOfCurrency, type Quantity } from "../quantity";
import { done, failed, type Result } from "../result";
import type { Expression } from "./expression";
import {
  type AnswerForm,
  AS_IT_COMES,
  MOST_HANDED,
  MOST_OPERANDS,
  type Problem,
  type ReadingNotation,
} from "./problem";
import { problemOf } from "./problemOf";
import type { ReadError } from "./readError";
import { currencyNamed, readExpression } from "./readExpression";
import { type FormedLine, partForm, refusesForm } from "./readForm";

/** The longest line that is looked at at all, in characters. */
export const LONGEST_LINE = 2000;

/** The tasks that are not sums: what stands before their numbers. */
const TASK =
  /^\s*(?<task>round|compare|order|simplify|reduce|is(?=.*\benough\b)|pay|hand\s+over|change\s+from|share|write|express)(?=$|[^\p{L}])/iu;
/** What a till has run short of, at the end of a line. */
const WITHOUT = /\s+without\s+(?<pieces>.+)$/iu;
/** What something is bought from: `3 × $1.85, from $10`. */
const FROM = /,?\s+from\s+(?<from>.+)$/iu;

type Read<Value = Problem> = Result<Value, ReadError>;

/**
 * Reads a typed line as a problem in the notation of the house: `40.3 + 7.865 + 12`, `2 1/3 − 3/4`,
 * `−7 − (−12)`, `$10 − 3 × $1.25`, `3 × 2 ft 7 in`, `7.2 ÷ 0.08 to tenths`, `simplify 12/18`. One `=` at
 * the end is allowed. Refuses, with the place where reading stopped, whatever it cannot read, and asks
 * (`readings`) where the line fits another meaning.
 */
export function readProblem(text: string, notation: ReadingNotation): Read {
  if (text.trim() === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const formed = partForm(text.replace(/\s*=\s*$/, ""));
  if (!formed.ok) return formed;
  // Small money that does not say whose it is belongs to the currency that the line names.
  const problem = taskOf(formed.value, {
    ...notation,
    currency: currencyNamed(text, notation.currency) ?? notation.currency,
  });
  if (!problem.ok) return failed(bounded(completed(problem.error, formed.value.rest), formed.value.formAt));
  const { wanted } = problem.value;
  const refused = refusesForm(problem.value, wanted);
  if (refused === undefined) return problem;
  return failed(
    refused === "round"
      ? { code: "roundToWhat", at: formed.value.formAt }
      : { code: "otherForm", at: formed.value.formAt, of: refused },
  );
}

/** An error with its readings grown to whole lines. */
const completed = (error: ReadError, rest: string): ReadError =>
  "readings" in error ? { ...error, readings: error.readings.map((reading) => reading + rest) } : error;

const bounded = (error: ReadError, end: number): ReadError => ({ ...error, at: Math.min(error.at, end) });

/** Reads one number on its own, below zero or a fraction too: a guess, an answer. Errors are those of a problem. */
export function readNumber(text: string, notation: ReadingNotation): Read<Numeral> {
  const quantity = readOneQuantity(text, notation);
  if (!quantity.ok) return quantity;
  if (quantity.value.kind === "amount" || quantity.value.kind === "measure")
    return failed({ code: "moreThanANumber", at: text.search(/\S/) });
  return done(quantity.value);
}

/** Reads one quantity of any kind on its own. */
export function readOneQuantity(text: string, notation: ReadingNotation): Read<Quantity> {
  if (text.trim() === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const read = readExpression(text, notation);
  if (!read.ok) return read;
  return read.value.kind === "quantity"
    ? done(read.value.quantity)
    : failed({ code: "moreThanANumber", at: firstSign(read.value) });
}

const firstSign = (expression: Expression): number =>
  expression.kind === "operation" && expression.left.kind === "operation"
    ? firstSign(expression.left)
    : expression.at;

/** The problem of a line: by the word it begins with, or the expression it is. */
function taskOf(line: FormedLine, notation: ReadingNotation): Read {
  const match = TASK.exec(line.body);
  const from = match?.[0].length ?? 0;
  switch (match?.groups?.task?.toLowerCase().replace(/\s+/g, " ")) {
    case "round":
      return roundTask(line, from, notation);
    case "compare":
      return listTask("compare", line, from, notation);
    case "order":
      return listTask("order", line, from, notation);
    case "simplify":
    case "reduce":
      return rewriting({ ...line, wanted: { kind: "simplest" } }, from, notation);
    case "write":
    case "express":
      return rewriting(line, from, notation);
    case "is":
      return enoughTask(line, from, notation);
    case "pay":
    case "hand over":
      return payTask(line, from, notation);
    case "change from":
      return betweenTask(line, from, /\s(?:for|after)\s/iu, "−", notation);
    case "share":
      return betweenTask(line, from, /\s(?:among|between|by)\s/iu, "÷", notation);
    default:
      return plainTask(line, notation);
  }
}

/** What stands before a stretch is blanked out, so that errors keep their place in the line. */
const stretch = (body: string, start: number, end: number): string =>
  " ".repeat(start) + body.slice(start, end);

/** An error of a stretch, its readings grown to the whole body. */
const inBody = (error: ReadError, body: string, start: number, end: number): ReadError =>
  "readings" in error
    ? {
        ...error,
        readings: error.readings.map(
          (reading) => body.slice(0, start) + reading.slice(start) + body.slice(end),
        ),
      }
    : error;

/** One quantity in a stretch of a line. */
function quantityIn(body: string, start: number, end: number, notation: ReadingNotation): Read<Quantity> {
  const read = readOneQuantity(stretch(body, start, end), notation);
  if (read.ok) return read;
  return failed(
    read.error.code === "empty" ? { code: "missingNumber", at: end } : inBody(read.error, body, start, end),
  );
}

function expressionIn(body: string, start: number, end: number, notation: ReadingNotation): Read<Expression> {
  if (body.slice(start, end).trim() === "") return failed({ code: "missingNumber", at: end });
  const read = readExpression(stretch(body, start, end), notation);
  return read.ok ? read : failed(inBody(read.error, body, start, end));
}

/** An expression with what it is bought from and what the till is short of taken off its end. */
function plainTask({ body, wanted }: FormedLine, notation: ReadingNotation): Read {
  const without = WITHOUT.exec(body);
  const end = without?.index ?? body.length;
  const bought = FROM.exec(body.slice(0, end));
  const expression = expressionIn(body, 0, bought?.index ?? end, notation);
  if (!expression.ok) return expression;
  let whole = expression.value;
  if (bought !== null) {
    const start = bought.index + bought[0].length - (bought.groups?.from?.length ?? 0);
    const paid = expressionIn(body, start, end, notation);
    if (!paid.ok) return paid;
    whole = { kind: "operation", at: bought.index, op: "subtract", left: paid.value, right: whole };
  }
  if (whole.kind === "quantity") return ofOne(whole.quantity, wanted, whole.at, body.length);
  const problem = problemOf(whole, wanted);
  return without === null || !problem.ok ? problem : shortOf(problem.value, without, body, notation);
}

/** A problem of money whose till has run short of some pieces. */
function shortOf(problem: Problem, match: RegExpExecArray, body: string, notation: ReadingNotation): Read {
  const text = match.groups?.pieces ?? "";
  let at = match.index + match[0].length - text.length;
  if (problem.kind !== "money") return failed({ code: "letters", at: match.index + 1, word: "without" });
  const pieces = piecesOfCurrency(problem.currency);
  const without: number[] = [];
  for (const part of text.split(/(?:,|\band\b)/iu)) {
    const read = quantityIn(body, at, at + part.length, { ...notation, currency: problem.currency });
    if (!read.ok) return read;
    const value = read.value.kind === "amount" ? minorOf(read.value) : undefined;
    if (value === undefined || !pieces.includes(value))
      return failed({
        code: "unknownPiece",
        at: at + Math.max(0, part.search(/\S/)),
        pieces: pieces.map((piece) => fromMinorPiece(piece, problem.currency)),
      });
    without.push(value);
    at += part.length + (/^,/.test(body.slice(at + part.length)) ? 1 : 3);
  }
  return done({ ...problem, without: [...new Set(without)].sort((a, b) => b - a) });
}

/** An amount in the minor unit. */
const minorOf = ({ numeral, of }: Amount): number =>
  Number(of === "minor" ? numeral.whole : numeral.whole + numeral.fraction.padEnd(2, "0"));

/** One quantity alone: a problem where it is wanted in another form. */
function ofOne(quantity: Quantity, wanted: AnswerForm, at: number, end: number): Read {
  if (wanted.kind === "asItComes" || quantity.kind === "amount")
    return failed({ code: "onlyOneNumber", at: end });
  if (quantity.kind === "measure")
    return done({ kind: "measures", op: "rewrite", operands: [quantity], wanted });
  if (quantity.negative) return failed({ code: "moreThanANumber", at });
  if (wanted.kind === "toPlace" && quantity.kind === "decimal")
    return done({ kind: "decimals", op: "round", operands: [quantity], wanted });
  if (wanted.kind === "overNumerator" || wanted.kind === "overDenominator")
    return expanding(quantity, wanted, end);
  if (wanted.kind === "withRemainder" || wanted.kind === "exactly" || wanted.kind === "inUnits")
    return failed({ code: "onlyOneNumber", at: end });
  return done({ kind: "fractions", op: "rewrite", operands: [quantity], wanted });
}

/** A fraction over another denominator must come out whole. */
function expanding(quantity: Numeral, wanted: AnswerForm, end: number): Read {
  const { numerator, denominator } = asFraction(quantity);
  const whole =
    wanted.kind === "overDenominator"
      ? (numerator * wanted.denominator) % denominator === 0n
      : wanted.kind === "overNumerator" &&
        numerator > 0n &&
        wanted.numerator > 0n &&
        (denominator * wanted.numerator) % numerator === 0n;
  if (!whole) return failed({ code: "otherForm", at: end, of: "fraction" });
  return done({ kind: "fractions", op: "rewrite", operands: [quantity], wanted });
}

function rewriting({ body, wanted }: FormedLine, from: number, notation: ReadingNotation): Read {
  const quantity = quantityIn(body, from, body.length, notation);
  return quantity.ok ? ofOne(quantity.value, wanted, from, body.length) : quantity;
}

function roundTask({ body, wanted, formAt }: FormedLine, from: number, notation: ReadingNotation): Read {
  const number = quantityIn(body, from, body.length, notation);
  if (!number.ok) return number;
  const at = from + Math.max(0, body.slice(from).search(/\S/));
  if (number.value.kind !== "decimal") return failed({ code: "moreThanANumber", at });
  if (number.value.negative) return failed({ code: "negativeAmount", at });
  if (wanted.kind !== "toPlace") return failed({ code: "roundToWhat", at: formAt });
  return done({ kind: "decimals", op: "round", operands: [number.value], wanted });
}

/** What stands between the numbers of a list. A comma before "and" is the list's, unless it may be a number's. */
const JOINTS = {
  point: /,?\s(?:and|with)\s|[;?]|,\s/giu,
  comma: /\s(?:and|with)\s|[;?]|,\s(?!(?:and|with)\s)/giu,
} as const;

/** Numbers to be compared or put in order, with `and`, `;` or `,` and a space between them. */
function listTask(
  op: "compare" | "order",
  { body, wanted, formAt }: FormedLine,
  from: number,
  notation: ReadingNotation,
): Read {
  if (wanted.kind !== "asItComes") return failed({ code: "otherForm", at: formAt, of: "compare" });
  const joints = [...body.matchAll(JOINTS[notation.decimalMark])].filter(({ index }) => index >= from);
  const starts = [from, ...joints.map(({ index, 0: joint }) => index + joint.length)];
  const ends = [...joints.map(({ index }) => index), body.length];
  if (op === "compare" && starts.length !== 2) return failed({ code: "compareTwo", at: body.length });
  if (op === "order" && (starts.length < 2 || starts.length > MOST_OPERANDS.order))
    return failed({ code: "orderSeveral", at: body.length, most: MOST_OPERANDS.order });
  const numerals: Numeral[] = [];
  for (const [index, start] of starts.entries()) {
    const read = quantityIn(body, start, ends[index] ?? body.length, notation);
    if (!read.ok) return read;
    const at = start + Math.max(0, body.slice(start).search(/\S/));
    if (read.value.kind === "amount" || read.value.kind === "measure")
      return failed({ code: "moreThanANumber", at });
    if (read.value.negative) return failed({ code: "negativeAmount", at });
    numerals.push(read.value);
  }
  const decimals = numerals.filter((numeral): numeral is Decimal => numeral.kind === "decimal");
  if (op === "compare" && decimals.length === 2)
    return done({ kind: "decimals", op, operands: decimals, wanted: AS_IT_COMES });
  return done({ kind: "fractions", op, operands: numerals, wanted });
}

/** Whether an amount is enough for a price, or for several with + between them. */
function enoughTask({ body, wanted }: FormedLine, from: number, notation: ReadingNotation): Read {
  const joint = /\senough(?:\s+(?:for|to\s+pay))?\s/iu.exec(body);
  if (joint === null) return failed({ code: "missingNumber", at: body.length });
  const have = quantityIn(body, from, joint.index, notation);
  if (!have.ok) return have;
  const costs = expressionIn(body, joint.index + joint[0].length, body.length, notation);
  if (!costs.ok) return costs;
  const leaves: Expression = {
    kind: "operation",
    at: joint.index,
    op: "add",
    left: { kind: "quantity", at: from + 1, quantity: have.value },
    right: costs.value,
  };
  const prices = sumParts(costs.value);
  const whole = problemOf(
    prices.reduce<Expression>(
      (left, right) => ({ kind: "operation", at: right.at, op: "add", left, right }),
      leaves.left,
    ),
    wanted,
  );
  if (!whole.ok) return whole;
  return whole.value.kind === "money" && whole.value.op === "add"
    ? done({ ...whole.value, op: "enough" })
    : failed({ code: "bareNumber", at: joint.index + joint[0].length, beside: "money" });
}

const sumParts = (expression: Expression): readonly Expression[] =>
  expression.kind === "operation" && expression.op === "add"
    ? [...sumParts(expression.left), expression.right]
    : [expression];

function payTask({ body, wanted }: FormedLine, from: number, notation: ReadingNotation): Read {
  const without = WITHOUT.exec(body);
  const price = quantityIn(body, from, without?.index ?? body.length, notation);
  if (!price.ok) return price;
  if (price.value.kind !== "amount") return failed({ code: "bareNumber", at: from + 1, beside: "money" });
  const problem: Problem = {
    kind: "money",
    op: "pay",
    operands: [price.value],
    currency: currencyOf(price.value.currency).id,
    without: [],
    wanted,
  };
  const short = without === null ? done(problem) : shortOf(problem, without, body, notation);
  return short.ok && !canHandOver(price.value, short.value)
    ? failed({ code: "cantHandOver", at: from + 1, most: MOST_HANDED })
    : short;
}

/** Whether there are notes for a price, and not too many of them. */
const canHandOver = (price: Amount, problem: Problem): boolean =>
  minorOf(price) <= MOST_HANDED * 100 &&
  problem.kind === "money" &&
  currencyOf(problem.currency).notes.some((note) => !problem.without.includes(note));

/** Two quantities with a word between them that stands for a sign. */
function betweenTask(
  line: FormedLine,
  from: number,
  word: RegExp,
  sign: string,
  notation: ReadingNotation,
): Read {
  const joint = word.exec(line.body);
  if (joint === null) return failed({ code: "missingNumber", at: line.body.length });
  // The word is written over by its sign, filled up with spaces, so that errors keep their place.
  const after = line.body.slice(joint.index + joint[0].length);
  const body = `${stretch(line.body, from, joint.index)} ${sign}${" ".repeat(joint[0].length - 2)}${after}`;
  return plainTask({ ...line, body }, notation);
}
