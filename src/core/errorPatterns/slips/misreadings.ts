import {
  type ChainProblem,
  type DecimalProblem,
  type Expression,
  type Problem,
  problemOf,
  quantitiesOf,
  type SignedOperation,
  type SignedProblem,
} from "../../problem";
import type { Quantity } from "../../quantity";
import { fromTexts, isZero, replaced, textsOf } from "../quantityTexts";

const SIGNED: readonly SignedOperation[] = ["add", "subtract", "multiply", "divide"];

/** The same numbers with another sign between them, where that makes sense of them. */
export function otherOperations(problem: Problem): readonly Problem[] {
  if (problem.kind === "chain" || problem.operands.length !== 2) return [];
  const [first, second] = problem.operands;
  if (first === undefined || second === undefined) return [];
  if (problem.kind === "signed") {
    if (problem.op !== "terms") return [];
    const other = problem.joins[0] === "add" ? ("subtract" as const) : ("add" as const);
    return [{ ...problem, joins: [other] }];
  }
  const now = SIGNED.find((one) => one === problem.op);
  if (now === undefined) return [];
  const form = problem.form.kind === "toPlace" ? problem.form : ({ kind: "asItComes" } as const);
  return SIGNED.filter((one) => one !== now && canJoin(first, one, second)).map((one) =>
    withOperation(problem, one, form),
  );
}

const isThing = ({ kind }: Quantity): boolean => kind === "amount" || kind === "measure";

/** Whether two quantities make sense with the sign between them: nothing is divided by zero or by money. */
function canJoin(first: Quantity, op: SignedOperation, second: Quantity): boolean {
  const scales = op === "multiply" || op === "divide";
  if (op === "divide" && (isZero(second) || isThing(second))) return false;
  return isThing(first) && isThing(second) ? !scales : scales || isThing(first) === isThing(second);
}

function withOperation(
  problem: Exclude<Problem, ChainProblem | SignedProblem>,
  op: SignedOperation,
  form: DecimalProblem["form"],
): Problem {
  switch (problem.kind) {
    case "decimals":
      return { ...problem, op, form };
    case "fractions":
    case "money":
    case "measures":
      return { ...problem, op };
  }
}

/** The most digits of a problem that are tried one by one. */
const MOST_COPIED = 16;

/** The problem with one digit of it replaced by another. */
export function miscopied(problem: Problem): readonly Problem[] {
  const digits = problem.operands.flatMap((operand, nth) =>
    digitsIn(operand).map((place) => ({ nth, place })),
  );
  if (digits.length > MOST_COPIED) return [];
  return digits.flatMap(({ nth, place }) =>
    Array.from({ length: 10 }, (_, digit) => digit).flatMap((digit) => {
      const operand = problem.operands[nth];
      const copied = operand === undefined ? undefined : withDigit(operand, place, digit);
      if (copied === undefined) return [];
      const read = withOperand(problem, nth, copied);
      return read === undefined ? [] : [read];
    }),
  );
}

/** The digits of a quantity, each by the number it stands in and its index there. */
interface DigitPlace {
  readonly part: number;
  readonly index: number;
}

const digitsIn = (quantity: Quantity): readonly DigitPlace[] =>
  textsOf(quantity).flatMap((text, part) => [...text].map((_, index) => ({ part, index })));

/** Whether the texts of a quantity are wholes and what follows the point by turns, and this is the latter. */
const isAfterPoint = ({ kind }: Quantity, part: number): boolean =>
  kind !== "fraction" && kind !== "mixed" && part % 2 === 1;

/** A quantity with one digit put in the place of another; none where it is the same one, or leads a number with a zero. */
function withDigit(quantity: Quantity, { part, index }: DigitPlace, digit: number): Quantity | undefined {
  const texts = textsOf(quantity);
  const text = texts[part] ?? "";
  if (text[index] === String(digit)) return undefined;
  if (digit === 0 && index === 0 && text.length > 1 && !isAfterPoint(quantity, part)) return undefined;
  const copied = text.slice(0, index) + digit + text.slice(index + 1);
  return fromTexts(quantity, replaced(texts, part, copied));
}

function withOperand(problem: Problem, nth: number, operand: Quantity): Problem | undefined {
  const divides = problem.op === "divide" && nth === 1 && isZero(operand);
  if (divides) return undefined;
  switch (problem.kind) {
    case "decimals":
      return operand.kind === "decimal"
        ? { ...problem, operands: replaced(problem.operands, nth, operand) }
        : undefined;
    case "fractions":
    case "signed":
      return operand.kind === "amount" || operand.kind === "measure"
        ? undefined
        : { ...problem, operands: replaced(problem.operands, nth, operand) };
    case "money":
      return operand.kind === "amount" || operand.kind === "decimal"
        ? { ...problem, operands: replaced(problem.operands, nth, operand) }
        : undefined;
    case "measures":
      return operand.kind === "measure" || operand.kind === "decimal"
        ? { ...problem, operands: replaced(problem.operands, nth, operand) }
        : undefined;
    case "chain": {
      const read = problemOf(withLeaf(problem.expression, nth, operand), problem.form);
      return read.ok ? read.value : undefined;
    }
  }
}

/** An expression with its nth quantity, from the left, put in the place of another. */
function withLeaf(expression: Expression, nth: number, quantity: Quantity): Expression {
  if (expression.kind === "quantity") return { ...expression, quantity };
  const before = quantitiesOf(expression.left).length;
  return nth < before
    ? { ...expression, left: withLeaf(expression.left, nth, quantity) }
    : { ...expression, right: withLeaf(expression.right, nth - before, quantity) };
}
