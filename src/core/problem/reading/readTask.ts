import { asFraction, type Numeral } from "../../number";
import { type Amount, currencyOf, pieceName, piecesOfCurrency, type Quantity } from "../../quantity";
import { done, failed } from "../../result";
import type { Expression } from "../expression";
import { type AnswerForm, MOST_HANDED, type Problem } from "../problem";
import { problemOf } from "./problemOf";
import { comparedSides, listTask, partsTask } from "./readComparing";
import type { FormedLine } from "./readForm";
import type { LineToRead } from "./readQuantity";
import { roundTask } from "./readRounding";
import { expressionIn, partedAt, quantityIn, type ReadResult, startOf, wordAt } from "./readStretch";
import { listedTokens, stretchOf, type Token, type TokenStretch, withoutComma, wordOf } from "./tokens";

/** A task that is not a sum: the word after its first one, where it has two, and how what follows is read. */
interface Task {
  readonly second?: string;
  /** A word that must come later, so that the first one means the task. */
  readonly later?: string;
  readonly read: (rest: FormedLine, line: LineToRead) => ReadResult;
}

/** The tasks by the word they begin with. */
const TASKS: ReadonlyMap<string, Task> = new Map<string, Task>([
  ["round", { read: roundTask }],
  ["compare", { read: (rest, line) => listTask("compare", rest, line) }],
  ["order", { read: (rest, line) => listTask("order", rest, line) }],
  ["largest", { read: (rest, line) => listTask("order", rest, line) }],
  ["smallest", { read: (rest, line) => listTask("order", rest, line) }],
  ["which", { second: "is", read: whichTask }],
  ["simplify", { read: simplifyTask }],
  ["reduce", { read: simplifyTask }],
  ["write", { read: rewriting }],
  ["express", { read: rewriting }],
  ["is", { later: "enough", read: enoughTask }],
  ["pay", { read: payTask }],
  ["hand", { second: "over", read: payTask }],
  ["change", { second: "from", read: (rest, line) => betweenTask(["for", "after"], "subtract", rest, line) }],
  ["share", { read: (rest, line) => betweenTask(["among", "between", "by"], "divide", rest, line) }],
]);

/** The problem of a line: by the word it begins with, or the expression it is. */
export function readTask(line: FormedLine, around: LineToRead): ReadResult {
  const { tokens } = line.body;
  const sides = comparedSides(line.body);
  if (sides !== undefined) return partsTask("compare", sides, line, around);
  const task = TASKS.get(wordOf(tokens[0]));
  if (task === undefined || (task.second !== undefined && wordOf(tokens[1]) !== task.second))
    return plainTask(line, around);
  if (task.later !== undefined && !tokens.some((token) => wordOf(token) === task.later))
    return plainTask(line, around);
  const named = task.second === undefined ? 1 : 2;
  // A colon may stand after what is to be done: `order: 0.3; 0.15`.
  const from = tokens[named]?.text === ":" ? named + 1 : named;
  return task.read({ ...line, body: stretchOf(tokens, from, tokens.length) }, around);
}

/** An expression with what it is bought from (`3 × $1.85, from $10`) and what the till is short of taken off its end. */
function plainTask({ body, form }: FormedLine, line: LineToRead): ReadResult {
  const till = partedAt(body, ["without"]);
  const bought = partedAt(till.before, ["from"]);
  const price = bought.after === undefined ? bought.before : withoutComma(bought.before);
  const expression = expressionIn(price, line);
  if (!expression.ok) return expression;
  let whole = expression.value;
  if (bought.after !== undefined) {
    const paid = expressionIn(bought.after, line);
    if (!paid.ok) return paid;
    whole = { kind: "operation", at: price.end, op: "subtract", left: paid.value, right: whole };
  }
  if (whole.kind === "quantity") return ofOne(whole.quantity, form, whole.at, body.end);
  const problem = problemOf(whole, form);
  return till.after === undefined || !problem.ok ? problem : shortOf(problem.value, till, line);
}

/** A problem of money whose till has run short of some pieces. */
function shortOf(
  problem: Problem,
  { before, after }: { readonly before: TokenStretch; readonly after: TokenStretch | undefined },
  line: LineToRead,
): ReadResult {
  if (after === undefined) return done(problem);
  if (problem.kind !== "money") return failed({ code: "letters", at: before.end + 1, word: "without" });
  const pieces = piecesOfCurrency(problem.currency);
  const without: number[] = [];
  for (const part of listedTokens(after, ["and"], line.notation)) {
    const notation = { ...line.notation, currency: problem.currency };
    const read = quantityIn(part, { ...line, notation });
    if (!read.ok) return read;
    const value = read.value.kind === "amount" ? minorOf(read.value) : undefined;
    if (value === undefined || !pieces.includes(value))
      return failed({
        code: "unknownPiece",
        at: startOf(part),
        pieces: pieces.map((piece) => pieceName(piece, problem.currency)),
      });
    without.push(value);
  }
  return done({ ...problem, without: [...new Set(without)].sort((a, b) => b - a) });
}

/** An amount in the minor unit. */
const minorOf = ({ numeral, of }: Amount): number =>
  Number(of === "minor" ? numeral.whole : numeral.whole + numeral.fraction.padEnd(2, "0"));

/** One quantity alone: a problem where it is wanted in another form. */
function ofOne(quantity: Quantity, form: AnswerForm, at: number, end: number): ReadResult {
  if (form.kind === "asItComes" || quantity.kind === "amount")
    return failed({ code: "onlyOneNumber", at: end });
  if (quantity.kind === "measure")
    return done({ kind: "measures", op: "rewrite", operands: [quantity], form });
  if (quantity.negative) return failed({ code: "moreThanANumber", at });
  if (form.kind === "toPlace" && quantity.kind === "decimal")
    return done({ kind: "decimals", op: "round", operands: [quantity], form });
  if (form.kind === "overNumerator" || form.kind === "overDenominator") return expanding(quantity, form, end);
  if (form.kind === "withRemainder" || form.kind === "exactly" || form.kind === "inUnits")
    return failed({ code: "onlyOneNumber", at: end });
  return done({ kind: "fractions", op: "rewrite", operands: [quantity], form });
}

/** A fraction over another denominator must come out whole. */
function expanding(quantity: Numeral, form: AnswerForm, end: number): ReadResult {
  const { numerator, denominator } = asFraction(quantity);
  const whole =
    form.kind === "overDenominator"
      ? (numerator * form.denominator) % denominator === 0n
      : form.kind === "overNumerator" &&
        numerator > 0n &&
        form.numerator > 0n &&
        (denominator * form.numerator) % numerator === 0n;
  if (!whole) return failed({ code: "otherForm", at: end, of: "fraction" });
  return done({ kind: "fractions", op: "rewrite", operands: [quantity], form });
}

/** A quantity in another form: `write 7/3 as a mixed number`. */
function rewriting({ body, form }: FormedLine, line: LineToRead): ReadResult {
  const quantity = quantityIn(body, line);
  return quantity.ok ? ofOne(quantity.value, form, startOf(body), body.end) : quantity;
}

function simplifyTask(rest: FormedLine, line: LineToRead): ReadResult {
  return rewriting({ ...rest, form: { kind: "simplest" } }, line);
}

const LARGER: readonly string[] = ["larger", "bigger", "greater", "largest", "biggest", "greatest"];

/** `which is larger, 0.45 or 0.6` */
function whichTask({ body, ...rest }: FormedLine, line: LineToRead): ReadResult {
  const { tokens } = body;
  if (!LARGER.includes(wordOf(tokens[0]))) return plainTask({ body, ...rest }, line);
  const next = tokens[1];
  const from = next?.text === "," || next?.text === ":" ? 2 : 1;
  return listTask("compare", { ...rest, body: stretchOf(tokens, from, tokens.length) }, line);
}

/** Whether an amount is enough for a price, or for several with + between them: `is $10 enough for $3.40 + $5.85`. */
function enoughTask({ body, form }: FormedLine, line: LineToRead): ReadResult {
  const { before, after } = partedAt(body, ["enough"]);
  if (after === undefined) return failed({ code: "missingNumber", at: body.end });
  const have = quantityIn(before, line);
  if (!have.ok) return have;
  const [first, second] = after.tokens.map(wordOf);
  const said = first === "for" ? 1 : first === "to" && second === "pay" ? 2 : 0;
  const priced = stretchOf(after.tokens, said, after.tokens.length);
  const costs = expressionIn(priced, line);
  if (!costs.ok) return costs;
  const start: Expression = { kind: "quantity", at: startOf(before), quantity: have.value };
  const whole = problemOf(
    sumParts(costs.value).reduce<Expression>(
      (left, right) => ({ kind: "operation", at: right.at, op: "add", left, right }),
      start,
    ),
    form,
  );
  if (!whole.ok) return whole;
  return whole.value.kind === "money" && whole.value.op === "add"
    ? done({ ...whole.value, op: "enough" })
    : failed({ code: "bareNumber", at: startOf(priced), beside: "money" });
}

const sumParts = (expression: Expression): readonly Expression[] =>
  expression.kind === "operation" && expression.op === "add"
    ? [...sumParts(expression.left), expression.right]
    : [expression];

function payTask({ body, form }: FormedLine, line: LineToRead): ReadResult {
  const till = partedAt(body, ["without"]);
  const price = quantityIn(till.before, line);
  if (!price.ok) return price;
  const at = startOf(till.before);
  if (price.value.kind !== "amount") return failed({ code: "bareNumber", at, beside: "money" });
  const problem: Problem = {
    kind: "money",
    op: "pay",
    operands: [price.value],
    currency: currencyOf(price.value.currency).id,
    without: [],
    form,
  };
  const short = shortOf(problem, till, line);
  return short.ok && !canHandOver(price.value, short.value)
    ? failed({ code: "cantHandOver", at, most: MOST_HANDED })
    : short;
}

/** Whether there are notes for a price, and not too many of them. */
const canHandOver = (price: Amount, problem: Problem): boolean =>
  minorOf(price) <= MOST_HANDED * 100 &&
  problem.kind === "money" &&
  currencyOf(problem.currency).notes.some((note) => !problem.without.includes(note));

/** Two quantities with a word between them that stands for a sign: `share $20 among 3`. */
function betweenTask(
  words: readonly string[],
  op: "subtract" | "divide",
  { body, ...rest }: FormedLine,
  line: LineToRead,
): ReadResult {
  const at = wordAt(body.tokens, words);
  const joint = body.tokens[at];
  if (joint === undefined) return failed({ code: "missingNumber", at: body.end });
  const sign: Token = { kind: "sign", op, at: joint.at, end: joint.end, text: joint.text };
  return plainTask(
    { ...rest, body: { ...body, tokens: body.tokens.map((token, index) => (index === at ? sign : token)) } },
    line,
  );
}
