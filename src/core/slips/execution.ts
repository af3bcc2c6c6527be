import { asFraction, type Decimal, type Numeral, opposite } from "../number";
import type {
  Answer,
  ChainProblem,
  DecimalProblem,
  Problem,
  SignedOperation,
  SignedProblem,
} from "../problem";
import type { Quantity } from "../quantity";
import type { SlipAct } from "./slip";
import type { SlipId } from "./slipIds";

/** One way of carrying a problem out badly: what is read or written otherwise, once. */
export interface Mishap {
  readonly slip: SlipId;
  readonly act: SlipAct;
  /** The problem that was read instead, where it was misread; else the answer that was written. */
  readonly instead:
    | { readonly kind: "problem"; readonly problem: Problem }
    | { readonly kind: "answer"; readonly answer: Answer };
}

/** A list with another item at an index. */
const replaced = <Item>(items: readonly Item[], at: number, item: Item): readonly Item[] =>
  items.map((one, index) => (index === at ? item : one));

/** Every mishap that a problem and its right answer give room for. */
export const mishapsOf = (problem: Problem, right: Answer): readonly Mishap[] => [
  ...otherOperations(problem).map((read) => misread("slip-wrong-operation", problem, read)),
  ...miscopied(problem).map((read) => misread("slip-digit-miscopied", problem, read)),
  ...offByOne(right).map((answer) => miswritten("slip-fact-off-by-one", problem, answer)),
  ...digitsSwapped(right).map((answer) => miswritten("slip-digits-swapped", problem, answer)),
  ...signLost(problem, right).map((answer) => miswritten("slip-sign-dropped", problem, answer)),
];

const misread = (slip: SlipId, asked: Problem, problem: Problem): Mishap => ({
  slip,
  act: { reads: (given) => (given === asked ? problem : undefined) },
  instead: { kind: "problem", problem },
});

const miswritten = (slip: SlipId, asked: Problem, answer: Answer): Mishap => ({
  slip,
  act: { writes: (_, given) => (given === asked ? answer : undefined) },
  instead: { kind: "answer", answer },
});

const SIGNED: readonly SignedOperation[] = ["add", "subtract", "multiply", "divide"];

/** The same numbers with another sign between them, where that makes sense of them. */
function otherOperations(problem: Problem): readonly Problem[] {
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
  const wanted = problem.wanted.kind === "toPlace" ? problem.wanted : ({ kind: "asItComes" } as const);
  return SIGNED.filter((one) => one !== now && canJoin(first, one, second)).map((one) =>
    withOperation(problem, one, wanted),
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
  wanted: DecimalProblem["wanted"],
): Problem {
  switch (problem.kind) {
    case "decimals":
      return { ...problem, op, wanted };
    case "fractions":
    case "money":
    case "measures":
      return { ...problem, op };
  }
}

const isZero = (quantity: Quantity): boolean => {
  switch (quantity.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
      return asFraction(quantity).numerator === 0n;
    case "amount":
      return asFraction(quantity.numeral).numerator === 0n;
    case "measure":
      return quantity.parts.every(({ count }) => asFraction(count).numerator === 0n);
  }
};

/** The most digits of a problem that are tried one by one. */
const MOST_COPIED = 16;

/** The problem with one digit of it replaced by another. */
function miscopied(problem: Problem): readonly Problem[] {
  if (problem.kind === "chain") return [];
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

/** The numbers that a quantity is written with, as texts of digits. */
function textsOf(quantity: Quantity): readonly string[] {
  switch (quantity.kind) {
    case "decimal":
      return [quantity.whole, quantity.fraction];
    case "fraction":
      return [String(quantity.numerator), String(quantity.denominator)];
    case "mixed":
      return [String(quantity.whole), String(quantity.numerator), String(quantity.denominator)];
    case "amount":
      return [quantity.numeral.whole, quantity.numeral.fraction];
    case "measure":
      return quantity.parts.flatMap(({ count }) => [count.whole, count.fraction]);
  }
}

const digitsIn = (quantity: Quantity): readonly DigitPlace[] =>
  textsOf(quantity).flatMap((text, part) => [...text].map((_, index) => ({ part, index })));

/** A quantity made of other texts; nothing where they make none. */
function fromTexts(quantity: Quantity, texts: readonly string[]): Quantity | undefined {
  const [first = "", second = "", third = ""] = texts;
  switch (quantity.kind) {
    case "decimal":
      return { ...quantity, whole: first, fraction: second };
    case "fraction":
      return BigInt(second) === 0n
        ? undefined
        : { ...quantity, numerator: BigInt(first), denominator: BigInt(second) };
    case "mixed":
      return BigInt(third) === 0n
        ? undefined
        : { ...quantity, whole: BigInt(first), numerator: BigInt(second), denominator: BigInt(third) };
    case "amount":
      return { ...quantity, numeral: { ...quantity.numeral, whole: first, fraction: second } };
    case "measure":
      return {
        ...quantity,
        parts: quantity.parts.map((part, index) => ({
          ...part,
          count: {
            ...part.count,
            whole: texts[index * 2] ?? part.count.whole,
            fraction: texts[index * 2 + 1] ?? part.count.fraction,
          },
        })),
      };
  }
}

/** A quantity with one digit put in the place of another; nothing where it is the same one, or leads a number with a zero. */
function withDigit(quantity: Quantity, { part, index }: DigitPlace, digit: number): Quantity | undefined {
  const texts = textsOf(quantity);
  const text = texts[part] ?? "";
  if (text[index] === String(digit)) return undefined;
  if (digit === 0 && index === 0 && text.length > 1) return undefined;
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
    case "chain":
      return undefined;
  }
}

const isQuantity = (answer: Answer): answer is Quantity & Answer =>
  answer.kind === "decimal" ||
  answer.kind === "fraction" ||
  answer.kind === "mixed" ||
  answer.kind === "amount" ||
  answer.kind === "measure";

/** The answer that digits are written of: a rounded one as its number. */
const written = (answer: Answer): Quantity | undefined => {
  if (answer.kind === "rounded") return answer.numeral;
  if (answer.kind === "roundedAmount") return answer.amount;
  return isQuantity(answer) ? answer : undefined;
};

/** The answer with one place of it, or one number in it, one too large or too small. */
function offByOne(right: Answer): readonly Answer[] {
  if (right.kind === "remainder") {
    const { quotient, remainder } = right;
    return [
      ...shifted(quotient).map((other): Answer => ({ ...right, quotient: other })),
      ...shifted(remainder).map((other): Answer => ({ ...right, remainder: other })),
    ];
  }
  const quantity = written(right);
  if (quantity === undefined) return [];
  switch (quantity.kind) {
    case "decimal":
      return shifted(quantity);
    case "amount":
      return shifted(quantity.numeral).map((numeral) => ({ ...quantity, numeral }));
    case "fraction":
    case "mixed": {
      const texts = textsOf(quantity);
      return texts.flatMap((text, part) =>
        [1n, -1n].flatMap((by) => {
          const other = BigInt(text) + by;
          const made = other < 0n ? undefined : fromTexts(quantity, replaced(texts, part, String(other)));
          return made !== undefined && isQuantity(made) ? [made] : [];
        }),
      );
    }
    case "measure":
      return quantity.parts.flatMap((part, index) =>
        shifted(part.count).map((count) => ({
          ...quantity,
          parts: replaced(quantity.parts, index, { ...part, count }),
        })),
      );
  }
}

/** A numeral with one more or one less of each of its places. */
function shifted(numeral: Decimal): readonly Decimal[] {
  const { whole, fraction } = numeral;
  const count = BigInt(whole + fraction || "0");
  const places = Array.from({ length: Math.max(1, whole.length + fraction.length) }, (_, index) => index);
  return places.flatMap((place) =>
    [1n, -1n].flatMap((by) => {
      const other = count + by * 10n ** BigInt(place);
      if (other < 0n) return [];
      const digits = String(other).padStart(fraction.length + 1, "0");
      const at = digits.length - fraction.length;
      return [{ ...numeral, whole: digits.slice(0, at), fraction: digits.slice(at) }];
    }),
  );
}

/**
 * The answer with two neighbouring digits in the wrong order, its point where it was. A nought that
 * would come to stand in front (40.5 as 04.5) is noticed by whoever writes it, so it is left out.
 */
function digitsSwapped(right: Answer): readonly Answer[] {
  const quantity = written(right);
  const numeral = quantity?.kind === "amount" ? quantity.numeral : quantity;
  if (quantity === undefined || numeral?.kind !== "decimal") return [];
  const digits = numeral.whole + numeral.fraction;
  return Array.from({ length: Math.max(0, digits.length - 1) }, (_, index) => index).flatMap((index) => {
    const [first, second] = [digits[index], digits[index + 1]];
    if (first === undefined || second === undefined || first === second) return [];
    const other = digits.slice(0, index) + second + first + digits.slice(index + 2);
    const at = numeral.whole.length;
    if (at > 1 && other.startsWith("0")) return [];
    const swapped = { ...numeral, whole: other.slice(0, at), fraction: other.slice(at) };
    return [quantity.kind === "amount" ? { ...quantity, numeral: swapped } : swapped];
  });
}

/** The right size on the wrong side of zero, where signs play a part. */
function signLost(problem: Problem, right: Answer): readonly Answer[] {
  const quantity = written(right);
  if (quantity === undefined) return [];
  const signs = problem.kind === "signed" || negativeIn(quantity);
  if (!signs || isZero(quantity)) return [];
  return quantity.kind === "amount"
    ? [{ ...quantity, numeral: opposite(quantity.numeral) }]
    : quantity.kind === "measure"
      ? [{ ...quantity, negative: !quantity.negative }]
      : [opposite<Numeral>(quantity)];
}

const negativeIn = (quantity: Quantity): boolean =>
  quantity.kind === "amount" ? quantity.numeral.negative : quantity.negative;
