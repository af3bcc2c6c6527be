import {
  asFraction,
  type Decimal,
  endsAsDecimal,
  factByHeart,
  fraction,
  isWhole,
  type Notation,
  simplest,
} from "../../number";
import {
  type AnswerForm,
  AS_IT_COMES,
  type Branch,
  type ChainProblem,
  type DecimalProblem,
  type Expression,
  type FractionProblem,
  isRight,
  needsBrackets,
  type Problem,
  partsOfAmount,
  problemOf,
  quantityOf,
  writeAnswer,
  writeExpression,
} from "../../problem";
import { type Quantity, writeQuantity } from "../../quantity";
import type { Two } from "../../tuples";
import { type Method, taken } from "../contract/method";
import { Stuck } from "../contract/stuck";
import type { WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { AnswerReason } from "../squares/answer";
import { newPad, type Pad, padText } from "../squares/pad";
import type { ChainReason } from "./chainReason";

type ChainWhy = ChainReason | AnswerReason;

/** Which operation of a chain is done next. */
export interface ChainDecisions {
  next(expression: Branch): Branch;
}

/** Brackets first, from the left and the innermost of them; then × and ÷, then + and −, what ranks the same from the left. */
const soundNext = (expression: Branch): Branch => {
  const bracketed = firstBracketed(expression);
  if (bracketed !== undefined) return soundNext(bracketed);
  const ready: Branch[] = [];
  const visit = (part: Expression): void => {
    if (part.kind === "quantity") return;
    visit(part.left);
    visit(part.right);
    if (part.left.kind === "quantity" && part.right.kind === "quantity") ready.push(part);
  };
  visit(expression);
  return ready.find(isStrong) ?? ready[0] ?? expression;
};

const isStrong = ({ op }: Branch): boolean => op === "multiply" || op === "divide";

const isBracketed = (holder: Branch, part: Branch): boolean =>
  needsBrackets(part, holder.op, holder.right === part ? "right" : "left");

/** The first operation from the left that stands in brackets. */
function firstBracketed(whole: Branch): Branch | undefined {
  for (const side of [whole.left, whole.right]) {
    if (side.kind === "quantity") continue;
    const found = isBracketed(whole, side) ? side : firstBracketed(side);
    if (found !== undefined) return found;
  }
  return undefined;
}

export const SOUND_CHAIN: ChainDecisions = { next: soundNext };

/** Several operations, each worked by itself on a page of its own, in their right order. */
export const orderOfOperations: Method<"order-of-operations", ChainWhy, ChainProblem, ChainDecisions> = {
  id: "order-of-operations",
  sample: "3 × $1.85 + $0.60, from $10",
  bench: {
    small: "<1-9> + <1-9> × <1-9>",
    usual: "<2-6> × $<1-4>.<10-98> + $0.60, from $40",
    largest: "((<0-98>.5 + 3/4) × 12 - 2.25) ÷ 7 + 2 × (3 + <0-8>)",
  },
  sound: SOUND_CHAIN,
  takes: (problem) => taken(problem, workChain),
};

/** A chain with any decision about what comes next; only the sound one is sure to reach the right answer. */
function workChain<Inner>(
  problem: ChainProblem,
  { house, decisions, solve }: WorkContext<ChainDecisions, Inner>,
): MethodResult<ChainWhy | Inner> {
  const pad: Pad<ChainWhy | Inner> = newPad();
  const plain = { ...house, grouping: "none" } as const;
  pad.line("setOut", { kind: "writeChain", problem }, () => [
    padText(writeExpression(problem.expression, plain)),
  ]);
  let here = problem.expression;
  for (;;) {
    const next = decisions.next(here);
    const parts = partsOfAmount(next);
    if (parts !== undefined) {
      const { amount, taken, of, first, expression } = parts;
      here = next === here ? expression : replaced(here, next, expression);
      const asked: ChainProblem = { ...problem, expression: next, form: AS_IT_COMES };
      const rest: ChainProblem = { ...problem, expression: here };
      pad.line("work", { kind: "takeParts", problem: asked, amount, taken, of, first, rest }, () => [
        padText(`= ${writeExpression(rest.expression, plain)}`),
      ]);
      continue;
    }
    const last = next === here;
    const asked = partProblem(next, last ? problem.form : AS_IT_COMES, last);
    const because = last ? "last" : becauseOf(here, next);
    const working = solve(asked, {
      ...house,
      trailingZeros: "dropped",
      fractionAnswers: last ? house.fractionAnswers : "mixed",
    });
    const known = isFact(asked) && isRight(asked, working.answer) ? quantityOf(working.answer) : undefined;
    pad.mark("work", { kind: "nextInChain", op: next.op, problem: asked, because, known });
    if (known === undefined) pad.aside(working);
    if (last) {
      const { answer } = working;
      pad.line("answer", { kind: "nameAnswer", answer }, () => [padText(`= ${writeAnswer(answer, plain)}`)]);
      return { answer, onPaper: pad.onPaper };
    }
    const result = quantityOf(working.answer);
    // A sound chain was read as one that can go on; one with another result on its way may not.
    if (result === undefined) throw new Stuck(`workChain: ${working.answer.kind} can't go on in a chain`);
    here = become(here, next, result, plain);
    const rest: ChainProblem = { ...problem, expression: here };
    pad.line("work", { kind: "putBack", problem: asked, result, rest }, () => [
      padText(`= ${writeExpression(rest.expression, plain)}`),
    ]);
  }
}

/** Whether a problem is a fact that is known by heart: of the tables of times and divided by, or a sum or difference up to 20. */
function isFact(problem: Problem): boolean {
  if (problem.kind !== "decimals" || problem.form.kind === "toPlace") return false;
  const operands: readonly Decimal[] = problem.operands;
  const [first, second, more] = operands.map((one) => (isWhole(one) ? BigInt(one.whole || "0") : undefined));
  if (first === undefined || second === undefined || more !== undefined || operands.length !== 2)
    return false;
  switch (problem.op) {
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return factByHeart(problem.op, first, second) !== undefined;
    case "compare":
    case "order":
    case "round":
      return false;
  }
}

function becauseOf(whole: Branch, next: Branch): "brackets" | "timesFirst" | "leftFirst" {
  const holder = holderOf(whole, next);
  if (holder === undefined) return "leftFirst";
  if (isBracketed(holder, next)) return "brackets";
  return isStrong(next) && !isStrong(holder) ? "timesFirst" : "leftFirst";
}

/** The operation that another is a part of. */
function holderOf(whole: Branch, part: Branch): Branch | undefined {
  if (whole.left === part || whole.right === part) return whole;
  for (const side of [whole.left, whole.right]) {
    const found = side.kind === "operation" ? holderOf(side, part) : undefined;
    if (found !== undefined) return found;
  }
  return undefined;
}

/** The expression with an operation inside it replaced: by what it came to, or by what it is worked as. */
function replaced(whole: Branch, part: Branch, by: Expression): Branch {
  const side = (one: Expression): Expression => {
    if (one === part) return by;
    return one.kind === "quantity" ? one : replaced(one, part, by);
  };
  return { ...whole, left: side(whole.left), right: side(whole.right) };
}

/** What a chain has become once one of its operations came to a result, each made once: explaining works a chain in very many ways, most of them alike to the last. */
const BECOME = new WeakMap<Branch, WeakMap<Branch, Map<string, Branch>>>();

function become(whole: Branch, part: Branch, by: Quantity, notation: Notation): Branch {
  const ofWhole = BECOME.get(whole) ?? new WeakMap<Branch, Map<string, Branch>>();
  BECOME.set(whole, ofWhole);
  const ofPart = ofWhole.get(part) ?? new Map<string, Branch>();
  ofWhole.set(part, ofPart);
  const key = `${by.kind} ${writeQuantity(by, notation)}`;
  const chain = ofPart.get(key) ?? replaced(whole, part, { kind: "quantity", at: part.at, quantity: by });
  ofPart.set(key, chain);
  return chain;
}

/** The problems of the operations, each made once. */
const MADE = new WeakMap<Branch, Problem>();

/** The problem of one operation of a chain. A quotient that is no short decimal is worked among fractions. */
function partProblem(operation: Branch, form: AnswerForm, last: boolean): Problem {
  const made = MADE.get(operation);
  if (made !== undefined && (!last || made.form === form)) return made;
  const problem = madeProblem(operation, form, last);
  MADE.set(operation, problem);
  return problem;
}

function madeProblem(operation: Branch, form: AnswerForm, last: boolean): Problem {
  const read = problemOf(operation, form);
  if (!read.ok) throw new Stuck(`madeProblem: ${read.error.code}`);
  const problem = read.value;
  if (last) return problem;
  if (problem.kind === "decimals" && problem.op === "divide") return exactQuotient(problem.operands);
  return problem;
}

function exactQuotient(operands: Two<Decimal>): DecimalProblem | FractionProblem {
  const [dividend, divisor] = operands;
  const [a, b] = [asFraction(dividend), asFraction(divisor)];
  const exact = simplest(fraction(a.numerator * b.denominator, a.denominator * b.numerator));
  return endsAsDecimal(exact)
    ? { kind: "decimals", op: "divide", operands, form: { kind: "exactly" } }
    : { kind: "fractions", op: "divide", operands, form: AS_IT_COMES };
}
