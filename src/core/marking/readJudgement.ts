import { wholeNumeral } from "../number";
import {
  fractionOf,
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
import { type ReadAnswer, readWhole, stretchText, wordsOf } from "./learnerAnswer";

const RELATIONS: readonly (readonly [RegExp, Relation])[] = [
  [/^(?:<|(?:is )?(?:less|smaller)(?: than)?)$/iu, "<"],
  [/^(?:>|(?:is )?(?:greater|larger|bigger|more)(?: than)?)$/iu, ">"],
  [/^(?:=|(?:is |are )?(?:the )?(?:equal|same)(?: to| as)?)$/iu, "="],
];

/** A sign, a word, the whole statement, or the larger of the two numbers. */
export function readRelation(
  text: string,
  operands: readonly Quantity[],
  notation: ReadingNotation,
): ReadAnswer {
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
  // A number alone is the larger one, unless it says what it is.
  const [, numberIn = text, isIt = ">"] = /^(.{1,80}?) ?([<>=])$/u.exec(text) ?? [];
  const number = readOneQuantity(numberIn, notation);
  if (!number.ok) return failed({ code: "notAnAnswer", at: 0, wants: "relation" });
  if (isIt === "<" || isIt === "=") {
    const isLeft = sameValue(number.value, left);
    if (!isLeft && !sameValue(number.value, right))
      return failed({ code: "notAnAnswer", at: 0, wants: "relation" });
    return related(isIt === "=" ? "=" : isLeft ? "<" : ">");
  }
  if (sameValue(number.value, left)) return related(">");
  return sameValue(number.value, right)
    ? related("<")
    : failed({ code: "notAnAnswer", at: 0, wants: "relation" });
}

const TURNED = { "<": ">", ">": "<", "=": "=" } as const;

const sameValue = (one: Quantity, other: Quantity): boolean => fractionOf(one).equals(fractionOf(other));

/** Numbers with < or = between them, or semicolons, or commas where these do not stand inside numbers. */
export function readOrder(said: string, many: number, notation: ReadingNotation): ReadAnswer {
  const inNumbers = notation.decimalMark === "comma" || notation.grouping === "mark";
  const comma = inNumbers ? /[<>=;]|,\s/ : /[<>=;,]/;
  const quantities: Quantity[] = [];
  let at = 0;
  // Numbers with spaces alone between them, as many as were to be ordered, and no mixed one among them.
  const text = said.replace(/,? (?:and then|then|and) /giu, "; ");
  const spaced = comma.test(text) ? undefined : spacedApart(text, many);
  for (const stretch of spaced ?? text.split(comma)) {
    const read = readOneQuantity(stretch, notation);
    if (!read.ok) return failed({ ...read.error, at: at + read.error.at });
    quantities.push(read.value);
    at += stretch.length + 1;
  }
  return quantities.length > 1
    ? readWhole({ kind: "ordered", quantities })
    : failed({ code: "notAnAnswer", at: 0, wants: "order" });
}

/** Numbers with spaces alone between them, so many of them; a whole number before a fraction belongs to it where they are too many otherwise. */
function spacedApart(text: string, many: number): readonly string[] | undefined {
  const apart = text.split(" ");
  if (apart.length === many) return apart;
  const mixed: string[] = [];
  for (const [at, one] of apart.entries()) {
    const before = apart[at - 1];
    if (one.includes("/") && before !== undefined && /^\d{1,60}$/.test(before))
      mixed[mixed.length - 1] = `${before} ${one}`;
    else mixed.push(one);
  }
  return mixed.length === many ? mixed : undefined;
}

const ENOUGH: Readonly<Record<string, boolean>> = {
  yes: true,
  enough: true,
  no: false,
  "not enough": false,
  "too little": false,
};

/** Yes or no, with what is left over or missing after it if that is said: `yes, $1.20 left`. */
export function readEnough(text: string, problem: Problem, notation: ReadingNotation): ReadAnswer {
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
