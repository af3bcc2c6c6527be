import {
  type ChainProblem,
  type DecimalForm,
  decimalsOf,
  fractionsOf,
  measuresOf,
  moneyOf,
  operandsOf,
  type Problem,
  problemOf,
  type SignedOperation,
  type SignedProblem,
  withOperands,
} from "../../problem";
import type { Quantity } from "../../quantity";
import { isTwo } from "../../tuples";
import { fromTexts, isZero, replaced, textsOf } from "../quantityTexts";

const SIGNED: readonly SignedOperation[] = ["add", "subtract", "multiply", "divide"];

/** The same numbers with another sign between them, where that makes sense of them. */
export function otherOperations(problem: Problem): readonly Problem[] {
  const operands = operandsOf(problem);
  if (problem.kind === "chain" || !isTwo(operands)) return [];
  const [first, second] = operands;
  if (problem.op === "terms") {
    const [{ join, numeral }] = problem.more;
    return [{ ...problem, more: [{ join: join === "add" ? "subtract" : "add", numeral }] }];
  }
  if (problem.kind === "signed") return [];
  const now = SIGNED.find((one) => one === problem.op);
  if (now === undefined) return [];
  const form = problem.form.kind === "toPlace" ? problem.form : ({ kind: "asItComes" } as const);
  return SIGNED.filter((one) => one !== now && canJoin(first, one, second)).flatMap(
    (one) => withOperation(problem, one, form) ?? [],
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
  form: DecimalForm,
): Problem | undefined {
  switch (problem.kind) {
    case "decimals":
      return decimalsOf(op, problem.operands, form);
    case "fractions":
      return fractionsOf(op, problem.operands, problem.form);
    case "money":
      return moneyOf(op, problem.operands, problem, problem.form);
    case "measures":
      return measuresOf(op, problem.operands, problem.form);
  }
}

/** The most digits of a problem that are tried one by one. */
const MOST_COPIED = 16;

/** The problem with one digit of it replaced by another. */
export function miscopied(problem: Problem): readonly Problem[] {
  const operands = operandsOf(problem);
  const digits = operands.flatMap((operand, nth) => digitsIn(operand).map((place) => ({ nth, place })));
  if (digits.length > MOST_COPIED) return [];
  return digits.flatMap(({ nth, place }) =>
    Array.from({ length: 10 }, (_, digit) => digit).flatMap((digit) => {
      const operand = operands[nth];
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
  const read = withOperands(problem, replaced(operandsOf(problem), nth, operand));
  if (read?.kind !== "chain") return read;
  const computed = problemOf(read.expression, read.form);
  return computed.ok ? computed.value : undefined;
}
