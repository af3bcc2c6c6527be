import {
  type Answer,
  answerValueOf,
  divisorOf,
  exactAnswer,
  fractionOf,
  isRight,
  LONGEST_LINE,
  operandsOf,
  type Problem,
  type ReadingNotation,
  readOneQuantity,
  roundedTo,
  tokensOf,
} from "../problem";
import type { Quantity } from "../quantity";
import { done, failed } from "../result";
import { readQuantityGiven } from "./answerQuantity";
import { readHanded } from "./handed";
import {
  currencyOfProblem,
  type ReadAnswer,
  readWhole,
  stretchText,
  unitsAllowed,
  wantsMoney,
} from "./learnerAnswer";
import { inWords, moneyInWords, normaliseAnswerText } from "./normaliseAnswerText";
import { quotientAndRest } from "./quotientAndRest";
import { readEnough, readOrder, readRelation } from "./readJudgement";
import { recurringWritten } from "./recurringWritten";
import { answersOfSentence } from "./sentence";

/**
 * Reads an answer as it can be typed for a problem: `3 1/4`, `3,25` under comma rules, `£4.5`, `6 lb 11`,
 * `5 r 3`, `0.1(6)`, `4:15`, `minus 8`, `<`, `yes`. A number alone is taken in the money that was asked about,
 * and in the unit where there is only one. What could be read in two ways is read in the one that is right; where
 * neither is, in the one that comes nearer. Of a sentence the number is read that answers the problem.
 */
export function readLearnerAnswer(typed: string, problem: Problem, house: ReadingNotation): ReadAnswer {
  // Small money that does not say whose it is belongs to the currency of the problem.
  const notation = { ...house, currency: currencyOfProblem(problem) ?? house.currency, anyPlaces: true };
  // An equals sign alone is an answer to a comparison; before one it is only written along.
  const text = typed.trim().replace(/^[=≈]\s*(?=\S)/, "");
  if (text === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const handed = problem.op === "pay" ? readHanded(text, problem, notation) : undefined;
  const read = handed ?? readText(text, problem, notation);
  if (read.ok) return read;
  // The problem may be written once more before its answer.
  const after = takesSign(problem) ? undefined : text.split("=").at(-1)?.trim();
  const alone = after === undefined || after === text ? read : readText(after, problem, notation);
  if (alone.ok) return alone;
  // A whole sentence is read for the number that answers it.
  return readSentence(text, problem, notation) ?? read;
}

/** Whether signs of relation may stand in an answer. */
const takesSign = ({ op }: Problem): boolean => op === "compare" || op === "order";

/**
 * The number of a sentence that answers a problem: the right one where it is named; else the only one that is not
 * given in the problem. Where that leaves several, which of them is meant has to be asked.
 */
function readSentence(
  text: string,
  problem: Problem,
  notation: ReadingNotation & { readonly anyPlaces: boolean },
): ReadAnswer | undefined {
  const said = answersOfSentence(moneyInWords(inWords(text), problem), problem.op, notation);
  const named = said.flatMap((one) => {
    const read = readText(one, problem, notation);
    return read.ok ? [{ said: one, read }] : [];
  });
  const given = new Set(operandsOf(problem).map((one) => fractionOf(one).toFraction()));
  const news = named.filter(({ read: { value } }) => {
    const { answer } = value;
    const number = answer.kind === "remainder" ? answer.quotient : isQuantity(answer) ? answer : undefined;
    return number === undefined || !given.has(fractionOf(number).toFraction());
  });
  // Two numbers side by side are no answer, though one of them be right.
  const isEither = EITHER.test(inWords(text)) && named.length > 1;
  const right = isEither ? undefined : named.find(isRightOf(problem));
  if (right !== undefined) return right.read;
  const left = news.length === 0 || isEither ? named : news;
  // A number that can't be read stands beside those that are given: it may be what is meant.
  if (news.length === 0 && named.length > 0 && said.length > named.length) return undefined;
  const [only, more] = left;
  if (only === undefined) return undefined;
  return more === undefined
    ? only.read
    : failed({ code: "whichNumber", at: 0, numbers: left.map(({ said }) => said) });
}

const EITHER = /\d (?:or|and) [$£€]?\d/i;

const isRightOf =
  (problem: Problem) =>
  ({ read }: { readonly read: Extract<ReadAnswer, { ok: true }> }): boolean =>
    isAnswer(problem, read.value.answer);

/** Whether an answer is right, rounded where a place was asked for. */
const isAnswer = (problem: Problem, answer: Answer): boolean =>
  problem.form.kind === "toPlace" && answer.kind === "decimal"
    ? fractionOf(answer).equals(roundedTo(exactAnswer(problem), problem.form.place))
    : isRight(problem, answer);

const isQuantity = (answer: Answer): answer is Extract<Answer, Quantity> =>
  answer.kind === "decimal" ||
  answer.kind === "fraction" ||
  answer.kind === "mixed" ||
  answer.kind === "amount" ||
  answer.kind === "measure";

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
  const recurring = recurringWritten(plain);
  if (recurring.length > 0) return recurring;
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
      return readOrder(text, problem.operands.length, notation);
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
