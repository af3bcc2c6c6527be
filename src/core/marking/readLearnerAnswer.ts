import { wholeNumeral } from "../number";
import {
  answerValueOf,
  divisorOf,
  exactAnswer,
  fractionOf,
  LONGEST_LINE,
  type Problem,
  type ReadingNotation,
  type Relation,
  readOneQuantity,
  tokensOf,
  wordOf,
} from "../problem";
import { amountOf, type Quantity } from "../quantity";
import { done, failed } from "../result";
import { readQuantityGiven } from "./answerQuantity";
import {
  currencyOfProblem,
  type ReadAnswer,
  readWhole,
  stretchText,
  unitsAllowed,
  wantsMoney,
  wordsOf,
} from "./learnerAnswer";
import { normaliseAnswerText } from "./normaliseAnswerText";
import { quotientAndRest } from "./quotientAndRest";
import { answerOfSentence } from "./sentence";

/**
 * Reads an answer as it can be typed for a problem: `3 1/4`, `3,25` under comma rules, `£4.5`, `6 lb 11`,
 * `5 r 3`, `0.1(6)`, `4:15`, `minus 8`, `<`, `yes`. A number alone is taken in the money that was asked about,
 * and in the unit where there is only one. What could be read in two ways is read in the one that is right; where
 * neither is, in the one that comes nearer.
 */
export function readLearnerAnswer(typed: string, problem: Problem, house: ReadingNotation): ReadAnswer {
  // Small money that does not say whose it is belongs to the currency of the problem.
  const notation = { ...house, currency: currencyOfProblem(problem) ?? house.currency, anyPlaces: true };
  // An equals sign alone is an answer to a comparison; before one it is only written along.
  const text = typed.trim().replace(/^[=≈]\s*(?=\S)/, "");
  if (text === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const read = readText(text, problem, notation);
  if (read.ok) return read;
  // A whole sentence is read for the number that it names.
  const named = answerOfSentence(text, problem.op, notation);
  const inSentence = named === undefined ? read : readText(named, problem, notation);
  return inSentence.ok ? inSentence : read;
}

const readText = (
  text: string,
  problem: Problem,
  notation: ReadingNotation & { readonly anyPlaces: boolean },
): ReadAnswer =>
  nearest(
    problem,
    writings(text, problem, notation).map((writing) => readWriting(writing, problem, notation)),
  );

/** The ways in which an answer may be meant as it was typed, likeliest first. */
function writings(text: string, problem: Problem, notation: ReadingNotation): readonly string[] {
  const plain = normaliseAnswerText(text, problem);
  const read = readOneQuantity(plain, notation);
  return read.ok || !("readings" in read.error) ? [plain] : [plain, ...read.error.readings];
}

/** The reading that is right; else the one nearest to what is; else the first that reads at all, or why none does. */
function nearest(problem: Problem, reads: readonly ReadAnswer[]): ReadAnswer {
  const [first] = reads;
  const found = reads.flatMap((read) => (read.ok ? [read] : []));
  const [only, more] = found;
  if (only === undefined || more === undefined) return only ?? first ?? failed({ code: "empty", at: 0 });
  const exact = exactAnswer(problem);
  const off = ({ value: { answer } }: (typeof found)[number]) =>
    answerValueOf(answer, divisorOf(problem)).sub(exact).abs();
  return found.reduce((best, one) => (off(one).compare(off(best)) < 0 ? one : best));
}

/** One writing of an answer read. */
function readWriting(text: string, problem: Problem, notation: ReadingNotation): ReadAnswer {
  switch (problem.op) {
    case "compare":
      return readRelation(text, problem.operands, notation);
    case "order":
      return readOrder(text, notation);
    case "enough":
      return readEnough(text, problem, notation);
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
    case "round":
    case "rewrite":
    case "terms":
    case "pay":
    case "chain":
      return (
        readRemainder(text, problem, notation) ??
        readRecurring(text, notation) ??
        readFraction(text, problem) ??
        readQuantityGiven(text, problem, notation)
      );
  }
}

const RELATIONS: readonly (readonly [RegExp, Relation])[] = [
  [/^(?:<|less|smaller)$/iu, "<"],
  [/^(?:>|greater|larger|more)$/iu, ">"],
  [/^(?:=|equal|same)$/iu, "="],
];

/** A sign, a word, the whole statement, or the larger of the two numbers. */
function readRelation(text: string, operands: readonly Quantity[], notation: ReadingNotation): ReadAnswer {
  const [left, right] = operands;
  if (left === undefined || right === undefined) throw new Error("readRelation: two quantities are compared");
  const related = (relation: Relation): ReadAnswer =>
    readWhole({ kind: "comparison", left, right, relation });
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
function readOrder(text: string, notation: ReadingNotation): ReadAnswer {
  const inNumbers = notation.decimalMark === "comma" || notation.grouping === "mark";
  const comma = inNumbers ? /[<=;]|,\s/ : /[<=;,]/;
  const quantities: Quantity[] = [];
  let at = 0;
  for (const stretch of text.split(comma)) {
    const read = readOneQuantity(stretch, notation);
    if (!read.ok) return failed({ ...read.error, at: at + read.error.at });
    quantities.push(read.value);
    at += stretch.length + 1;
  }
  return quantities.length > 1
    ? readWhole({ kind: "ordered", quantities })
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
function readEnough(text: string, problem: Problem, notation: ReadingNotation): ReadAnswer {
  const tokens = tokensOf(text);
  const said = [2, 1].find((count) => ENOUGH[wordsOf(tokens.slice(0, count))] !== undefined);
  const enough = said === undefined ? undefined : ENOUGH[wordsOf(tokens.slice(0, said))];
  if (said === undefined || enough === undefined || problem.kind !== "money")
    return failed({ code: "notAnAnswer", at: 0, wants: "yesOrNo" });
  const rest = tokens.slice(tokens[said]?.text === "," || tokens[said]?.text === ":" ? said + 1 : said);
  const last = wordOf(rest.at(-1));
  const amountIn = last === "left" || last === "short" || last === "missing" ? rest.slice(0, -1) : rest;
  const amount =
    amountIn.length === 0 ? undefined : readQuantityGiven(stretchText(amountIn, text), problem, notation);
  if (amount !== undefined && !amount.ok) return amount;
  const nothing = amountOf(problem.currency, { ...wholeNumeral(0n) });
  const difference = amount?.value.answer.kind === "amount" ? amount.value.answer : nothing;
  return done({ answer: { kind: "sufficiency", enough, difference }, bare: amountIn.length === 0 });
}

/** A quotient with what is left over: `5 r 3`, `$1.25 r 3c`. */
function readRemainder(text: string, problem: Problem, notation: ReadingNotation): ReadAnswer | undefined {
  if (divisorOf(problem) === undefined) return undefined;
  const parts = quotientAndRest(tokensOf(text));
  if (parts === undefined) return undefined;
  const each = readOneQuantity(stretchText(parts.quotient, text).replace(/,$/, ""), notation);
  const left = readOneQuantity(stretchText(parts.rest, text), notation);
  if (!each.ok) return each;
  if (!left.ok) return failed({ ...left.error, at: (parts.rest[0]?.at ?? 0) + left.error.at });
  const [quotient, rest] = [each.value, left.value];
  if (quotient.kind === "decimal" && rest.kind === "decimal")
    return readWhole({ kind: "remainder", quotient, remainder: rest });
  if (quotient.kind === "amount" && rest.kind === "amount")
    return readWhole({ kind: "share", each: quotient, left: rest });
  // What is left without a sign counts the unit that the share is in.
  if (quotient.kind === "amount" && rest.kind === "decimal")
    return done({
      answer: { kind: "share", each: quotient, left: { ...quotient, numeral: rest } },
      bare: true,
    });
  if (quotient.kind === "measure" && rest.kind === "measure")
    return readWhole({ kind: "measureLeft", each: quotient, left: rest });
  if (quotient.kind === "decimal" && (rest.kind === "measure" || rest.kind === "amount"))
    return readWhole({ kind: "timesLeft", times: quotient, left: rest });
  return failed({ code: "notAnAnswer", at: 0, wants: "quotient" });
}

/** A fraction or a mixed number: its parts may be larger in an answer than in a problem. */
function readFraction(text: string, problem: Problem): ReadAnswer | undefined {
  if (unitsAllowed(problem) !== undefined || wantsMoney(problem)) return undefined;
  const parts = /^([−-]?) ?(?:(\d{1,60}) )?(\d{1,60}) ?\/ ?(\d{1,60})$/.exec(text.replace(/\s+/g, " "));
  if (parts === null) return undefined;
  const [, sign = "", ones, over = "0", under = "1"] = parts;
  const [numerator, denominator] = [BigInt(over), BigInt(under)];
  if (denominator === 0n) return failed({ code: "zeroDenominator", at: text.length - under.length });
  const negative = sign !== "";
  return readWhole(
    ones === undefined
      ? { kind: "fraction", negative, numerator, denominator }
      : { kind: "mixed", negative, whole: BigInt(ones), numerator, denominator },
  );
}

/** A decimal with its repetend in brackets: 0.1(6). */
function readRecurring(text: string, notation: ReadingNotation): ReadAnswer | undefined {
  const open = text.indexOf("(");
  const repetend = /^\((\d{1,60})\)$/.exec(text.slice(Math.max(0, open)))?.[1];
  const sign = /^[−-]/.exec(text)?.[0] ?? "";
  const before = text.slice(sign.length, Math.max(0, open));
  if (repetend === undefined || !/[.,]/.test(before)) return undefined;
  const read = readOneQuantity(before.replace(/[.,]$/, ""), notation);
  if (!read.ok) return read;
  if (read.value.kind !== "decimal") return failed({ code: "notAnAnswer", at: 0, wants: "number" });
  const { whole: ones, fraction: fixed } = read.value;
  return readWhole({ kind: "recurring", negative: sign !== "", whole: ones, fixed, repetend });
}
