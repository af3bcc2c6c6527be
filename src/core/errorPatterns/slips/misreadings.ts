import {
  type ChainProblem,
  type DecimalForm,
  decimalsOf,
  fractionsOf,
  measuresOf,
  moneyProblem,
  operandsOf,
  type Problem,
  problemOf,
  type SignedOperation,
  type SignedProblem,
  withOperands,
} from "../../problem";
import { MINOR_PLACES, type Quantity } from "../../quantity";
import { isTwo } from "../../tuples";
import { fromTexts, isAfterPoint, isZeroQuantity, replaced, textsOf } from "../contract/quantityTexts";

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
  if (op === "divide" && (isZeroQuantity(second) || isThing(second))) return false;
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
      return moneyProblem(op, problem.operands, problem, problem.form);
    case "measures":
      return measuresOf(op, problem.operands, problem.form);
    case "quantities":
      return undefined;
  }
}

/** The most digits of a problem that are tried one by one. */
const MOST_COPIED = 16;

/** A problem read with one number in it copied wrongly: the digit that went wrong, and the number it stands in. */
interface Copied {
  readonly read: Problem;
  readonly digit: string;
  readonly of: Quantity;
}

/** The digits of a problem, each in its number; none at all where there are very many. */
function digitsOf(
  problem: Problem,
): readonly { readonly nth: number; readonly of: Quantity; readonly place: DigitPlace }[] {
  const digits = operandsOf(problem).flatMap((of, nth) => digitsIn(of).map((place) => ({ nth, of, place })));
  return digits.length > MOST_COPIED ? [] : digits;
}

/** The problem with one digit of it replaced by another. */
export const miscopied = (problem: Problem): readonly (Copied & { readonly as: string })[] =>
  digitsOf(problem).flatMap(({ nth, of, place }) =>
    Array.from({ length: 10 }, (_, digit) => String(digit)).flatMap((as) =>
      copiedAs(problem, nth, of, place, as).map((copied) => ({ ...copied, as })),
    ),
  );

/** The problem with one digit of it left out. */
export const copiedWithOneFewer = (problem: Problem): readonly Copied[] =>
  digitsOf(problem).flatMap(({ nth, of, place }) => copiedAs(problem, nth, of, place, ""));

/** The problem with one digit of it written twice. */
export const copiedWithOneTwice = (problem: Problem): readonly Copied[] =>
  digitsOf(problem).flatMap(({ nth, of, place }) => {
    const digit = textsOf(of)[place.part]?.[place.index] ?? "";
    return copiedAs(problem, nth, of, place, digit + digit);
  });

/** The problem with other digits in the place of one; nothing where that is no other number. */
function copiedAs(
  problem: Problem,
  nth: number,
  of: Quantity,
  place: DigitPlace,
  as: string,
): readonly Copied[] {
  const copied = withDigits(of, place, as);
  const read = copied === undefined ? undefined : withOperand(problem, nth, copied);
  return read === undefined ? [] : [{ read, of, digit: textsOf(of)[place.part]?.[place.index] ?? "" }];
}

/** The digits of a quantity, each by the number it stands in and its index there. */
interface DigitPlace {
  readonly part: number;
  readonly index: number;
}

const digitsIn = (quantity: Quantity): readonly DigitPlace[] =>
  textsOf(quantity).flatMap((text, part) => [...text].map((_, index) => ({ part, index })));

/** A quantity with other digits in the place of one; none where nothing changes, a number is gone, or one begins with a zero. */
function withDigits(quantity: Quantity, { part, index }: DigitPlace, digits: string): Quantity | undefined {
  const texts = textsOf(quantity);
  const text = texts[part] ?? "";
  const copied = text.slice(0, index) + digits + text.slice(index + 1);
  if (copied === text || (copied.length > 1 && copied.startsWith("0") && !isAfterPoint(quantity, part)))
    return undefined;
  const afterPoint = isAfterPoint(quantity, part);
  if (quantity.kind === "amount" && afterPoint && copied.length > MINOR_PLACES) return undefined;
  return copied === "" && !afterPoint ? undefined : fromTexts(quantity, replaced(texts, part, copied));
}

/** Whether a number can be written over the denominator that is asked for, where one is; anything else comes out. */
function comesOut({ form }: Problem, operand: Quantity): boolean {
  if (operand.kind !== "fraction") return true;
  const { numerator, denominator } = operand;
  if (form.kind === "overDenominator") return (numerator * form.denominator) % denominator === 0n;
  if (form.kind !== "overNumerator") return true;
  return numerator > 0n && (denominator * form.numerator) % numerator === 0n;
}

function withOperand(problem: Problem, nth: number, operand: Quantity): Problem | undefined {
  const divides = problem.op === "divide" && nth === 1 && isZeroQuantity(operand);
  if (divides || !comesOut(problem, operand)) return undefined;
  const read = withOperands(problem, replaced(operandsOf(problem), nth, operand));
  if (read?.kind !== "chain") return read;
  const computed = problemOf(read.expression, read.form);
  return computed.ok ? computed.value : undefined;
}
