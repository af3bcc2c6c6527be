import type { HouseRules } from "../house";
import { answerOf, type Working } from "../methods";
import {
  type Answer,
  AS_IT_COMES,
  type Expression,
  exactAnswer,
  fractionOf,
  operandsOf,
  type Problem,
  problemOf,
  quantityOf,
  type SignedOperation,
  undoneWith,
  writeAnswer,
} from "../problem";
import { inMajor, type Quantity, writeQuantity } from "../quantity";

/** One operation of a story's working: what is worked, and what it comes to. */
export interface StoryOperation {
  readonly problem: Problem;
  readonly answer: Answer;
}

/** The operations of a story's working one after another, each with what the one before came to; the last one answers its question. */
export function operationsOf(working: Working): readonly StoryOperation[] {
  const { problem, answer, house } = working;
  const whole = { problem, answer };
  if (problem.op === "enough") {
    const [, ...prices] = problem.operands;
    const together = sumOf(prices);
    return together === undefined ? [whole] : [worked(together, house), whole];
  }
  if (problem.kind === "measures" && problem.op !== "rewrite" && problem.form.kind === "inUnits") {
    const first = worked({ ...problem, form: AS_IT_COMES }, house);
    return first.answer.kind === "measure" &&
      writeQuantity(first.answer, house) !== writeAnswer(answer, house)
      ? [
          first,
          worked({ kind: "measures", op: "rewrite", operands: [first.answer], form: problem.form }, house),
        ]
      : [whole];
  }
  if (problem.kind !== "chain") return [whole];
  const { left, right } = problem.expression;
  const [one, other] = [parted(left, house), parted(right, house)];
  if (one === undefined || other === undefined) return [whole];
  const last = problemFrom(problem.expression.op, one.comes, other.comes, problem.form);
  return last === undefined ? [whole] : [...one.before, ...other.before, { problem: last, answer }];
}

/** What a side of an operation comes to, with the operations that lead to it. */
interface Parted {
  readonly before: readonly StoryOperation[];
  readonly comes: Quantity;
}

function parted(part: Expression, house: HouseRules): Parted | undefined {
  if (part.kind === "quantity") return { before: [], comes: part.quantity };
  const [left, right] = [parted(part.left, house), parted(part.right, house)];
  const problem = left && right && problemFrom(part.op, left.comes, right.comes);
  if (left === undefined || right === undefined || problem === undefined) return undefined;
  const operation = worked(problem, house);
  const comes = quantityOf(operation.answer);
  return comes && { before: [...left.before, ...right.before, operation], comes };
}

/**
 * The answer put back into the story: each operation undone, the last one first, until a number that the story
 * gives comes out again. None where an answer was rounded, or is no single number.
 */
export function backThrough(working: Working): readonly StoryOperation[] {
  const { answer } = working;
  const operations = operationsOf(working);
  const made = makesAgain(working);
  if (made !== undefined) return [made];
  const back: StoryOperation[] = [];
  let comes = quantityOf(answer);
  for (const { problem } of [...operations].reverse()) {
    if (comes === undefined) return [];
    // A change of units alone leaves nothing to undo.
    if (problem.op === "rewrite") continue;
    const undone = undoneIn(problem, comes, madeBy(operations));
    if (undone === undefined) return [];
    back.push(undone.operation);
    if (undone.isGiven) return back;
    comes = undone.comes;
  }
  return back;
}

/** Whether a quantity is what one of some operations came to, and not given by the story. */
const madeBy =
  (operations: readonly StoryOperation[]) =>
  (quantity: Quantity): boolean =>
    operations.some(({ answer }) => answer === quantity);

/** An operation undone: what it was worked from comes out, a number of the story's own or what came out before. */
interface Undone {
  readonly operation: StoryOperation;
  readonly comes: Quantity;
  readonly isGiven: boolean;
}

function undoneIn(
  problem: Problem,
  comes: Quantity,
  isMade: (quantity: Quantity) => boolean,
): Undone | undefined {
  const [first, second, ...more] = operandsOf(problem);
  const op = signOf(problem);
  if (first === undefined || second === undefined || op === undefined) return undefined;
  if (more.length > 0) {
    const undoing = op === "add" ? chainFrom("subtract", [comes, ...[...more].reverse(), second]) : undefined;
    return undoing && undoneTo(first, undoing, isMade);
  }
  // What was made on the way is what comes out, so that it can be undone in its turn; of a part of a number, the number.
  const isSecond = (isMade(second) && !isMade(first)) || first.kind === "fraction";
  for (const out of isSecond ? [second, first] : [first, second]) {
    const other = out === first ? second : first;
    for (const [made, by] of [[comes, other] as const, [bare(comes), bare(other)] as const]) {
      const undoing = undoingOf(op, made, out === first, by);
      const undone = undoing && undoneTo(out, undoing, isMade);
      if (undone !== undefined) return undone;
    }
  }
  return undefined;
}

/** What undoing comes to, where that is what it has to; written as the story has it. */
function undoneTo(
  out: Quantity,
  undoing: Problem,
  isMade: (quantity: Quantity) => boolean,
): Undone | undefined {
  return exactAnswer(undoing).equals(fractionOf(out))
    ? { operation: { problem: undoing, answer: out }, comes: out, isGiven: !isMade(out) }
    : undefined;
}

/** An amount without its currency: many hours and parts of one can't be shared out in coins. */
const bare = (quantity: Quantity): Quantity => (quantity.kind === "amount" ? inMajor(quantity) : quantity);

/** The problem that undoes an operation: what it came to, and one of its numbers, make the other one. */
function undoingOf(
  op: SignedOperation,
  comes: Quantity,
  isFirst: boolean,
  other: Quantity,
): Problem | undefined {
  const { operation, operands } = undoneWith(op, isFirst ? "toFirst" : "toSecond", comes, other);
  return problemFrom(operation, ...operands);
}

/** The operation of a problem with two numbers; none where it asks for something else. */
function signOf(problem: Problem): SignedOperation | undefined {
  switch (problem.op) {
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return problem.op;
    case "terms":
      return problem.more.length === 1 ? problem.more[0].join : undefined;
    case "round":
    case "compare":
    case "order":
    case "rewrite":
    case "enough":
    case "pay":
    case "chain":
      return undefined;
  }
}

/** A quotient with what is left of it, as the chain that makes its dividend again; what is left of money or missing, with what it was compared to. */
function makesAgain({ problem, answer, house }: Working): StoryOperation | undefined {
  const [first, second] = operandsOf(problem);
  if (first === undefined || second === undefined) return undefined;
  const again = (made: Problem | undefined, comes: Quantity | undefined) =>
    made && comes && { problem: made, answer: comes };
  switch (answer.kind) {
    case "remainder":
      return again(productAndMore(answer.quotient, second, answer.remainder), first);
    case "timesLeft":
      return again(productAndMore(answer.times, second, answer.left), first);
    case "sufficiency": {
      const prices = operandsOf(problem).slice(1);
      const together = sumOf(prices);
      return answer.enough
        ? again(sumOf([...prices, answer.difference]), first)
        : again(sumOf([first, answer.difference]), together && quantityOf(answerOf(together, house)));
    }
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
    case "rounded":
    case "recurring":
    case "comparison":
    case "ordered":
    case "roundedAmount":
    case "share":
    case "measureLeft":
    case "handed":
      return undefined;
  }
}

function productAndMore(times: Quantity, each: Quantity, more: Quantity): Problem | undefined {
  const product = branch("multiply", leaf(times), leaf(each));
  const made = problemOf(branch("add", product, leaf(more)), AS_IT_COMES);
  return made.ok ? made.value : undefined;
}

const sumOf = (quantities: readonly Quantity[]): Problem | undefined => chainFrom("add", quantities);

function chainFrom(op: SignedOperation, quantities: readonly Quantity[]): Problem | undefined {
  const [first, ...others] = quantities;
  if (first === undefined || others.length === 0) return undefined;
  const made = problemOf(
    others.reduce<Expression>((chain, one) => branch(op, chain, leaf(one)), leaf(first)),
    AS_IT_COMES,
  );
  return made.ok ? made.value : undefined;
}

function problemFrom(
  op: SignedOperation,
  left: Quantity,
  right: Quantity,
  form: Problem["form"] = AS_IT_COMES,
): Problem | undefined {
  const made = problemOf(branch(op, leaf(left), leaf(right)), form);
  return made.ok ? made.value : undefined;
}

const leaf = (quantity: Quantity): Expression => ({ kind: "quantity", at: 0, quantity });
const branch = (op: SignedOperation, left: Expression, right: Expression): Expression => ({
  kind: "operation",
  at: 0,
  op,
  left,
  right,
});

const worked = (problem: Problem, house: HouseRules): StoryOperation => ({
  problem,
  answer: answerOf(problem, house),
});
