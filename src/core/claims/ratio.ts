import type { Numeral } from "../number";
import type { Answer, Expression, Problem } from "../problem";
import type { Quantity, UnitId } from "../quantity";

/** A number as one whole number over another: arithmetic of its own, that shares nothing with the core's or its library's. */
export interface Ratio {
  readonly over: bigint;
  /** At least one. */
  readonly under: bigint;
}

export const ratio = (over: bigint | number, under: bigint | number = 1n): Ratio => {
  const [a, b] = [BigInt(over), BigInt(under)];
  return b < 0n ? { over: -a, under: -b } : { over: a, under: b };
};

export const plus = (a: Ratio, b: Ratio): Ratio =>
  ratio(a.over * b.under + b.over * a.under, a.under * b.under);
export const minus = (a: Ratio, b: Ratio): Ratio => plus(a, ratio(-b.over, b.under));
export const times = (a: Ratio, b: Ratio): Ratio => ratio(a.over * b.over, a.under * b.under);
export const over = (a: Ratio, b: Ratio): Ratio => ratio(a.over * b.under, a.under * b.over);
export const same = (a: Ratio, b: Ratio): boolean => a.over * b.under === b.over * a.under;
export const below = (a: Ratio, b: Ratio): boolean => a.over * b.under < b.over * a.under;
export const size = (a: Ratio): Ratio => (a.over < 0n ? ratio(-a.over, a.under) : a);
export const sum = (all: readonly Ratio[]): Ratio => all.reduce(plus, ratio(0));

/** Ten to a power, below one too. */
export const power = (exponent: number): Ratio =>
  exponent < 0 ? ratio(1, 10n ** BigInt(-exponent)) : ratio(10n ** BigInt(exponent));

/** What every unit is in the smallest of its scale, set down here once more from the tables of weights and measures. */
const SIZES: Readonly<Record<UnitId, bigint>> = {
  oz: 1n,
  lb: 16n,
  st: 14n * 16n,
  ton: 2000n * 16n,
  in: 1n,
  ft: 12n,
  yd: 3n * 12n,
  mi: 1760n * 3n * 12n,
  floz: 1n,
  cup: 8n,
  pt: 2n * 8n,
  qt: 2n * 2n * 8n,
  gal: 4n * 2n * 2n * 8n,
  g: 1n,
  kg: 1000n,
  mm: 1n,
  cm: 10n,
  m: 100n * 10n,
  km: 1000n * 100n * 10n,
  mL: 1n,
  L: 1000n,
  hL: 100n * 1000n,
  s: 1n,
  min: 60n,
  h: 60n * 60n,
  day: 24n * 60n * 60n,
  week: 7n * 24n * 60n * 60n,
  arcmin: 1n,
  deg: 60n,
};

/** How many of the smallest unit of its scale a unit is. */
export const sizeOf = (unit: UnitId): Ratio => ratio(SIZES[unit]);

const signed = (value: Ratio, negative: boolean): Ratio => (negative ? minus(ratio(0), value) : value);

/** What a quantity is worth: money in its major unit, a measure in the smallest unit of its scale. */
export function valueOfQuantity(quantity: Quantity): Ratio {
  switch (quantity.kind) {
    case "decimal": {
      const { negative, whole, fraction } = quantity;
      return signed(ratio(BigInt(`${whole}${fraction}` || 0), 10n ** BigInt(fraction.length)), negative);
    }
    case "fraction":
      return signed(ratio(quantity.numerator, quantity.denominator), quantity.negative);
    case "mixed": {
      const { negative, whole, numerator, denominator } = quantity;
      return signed(plus(ratio(whole), ratio(numerator, denominator)), negative);
    }
    case "amount": {
      const value = valueOfQuantity(quantity.numeral);
      return quantity.of === "minor" ? over(value, ratio(100)) : value;
    }
    case "measure":
      return signed(
        sum(quantity.parts.map(({ count, unit }) => times(valueOfQuantity(count), sizeOf(unit)))),
        quantity.negative,
      );
  }
}

const compute = (op: "add" | "subtract" | "multiply" | "divide", a: Ratio, b: Ratio): Ratio => {
  switch (op) {
    case "add":
      return plus(a, b);
    case "subtract":
      return minus(a, b);
    case "multiply":
      return times(a, b);
    case "divide":
      return over(a, b);
  }
};

export const valueOfExpression = (expression: Expression): Ratio =>
  expression.kind === "quantity"
    ? valueOfQuantity(expression.quantity)
    : compute(expression.op, valueOfExpression(expression.left), valueOfExpression(expression.right));

/** What a problem comes to; of a comparison, or the question whether there is enough, the difference. */
export function right(problem: Problem): Ratio {
  if (problem.op === "chain") return valueOfExpression(problem.expression);
  if (problem.op === "terms")
    return problem.more.reduce(
      (sum, { join, numeral }) => compute(join, sum, valueOfQuantity(numeral)),
      valueOfQuantity(problem.first),
    );
  const [operand, ...others] = problem.operands;
  const [first, rest] = [valueOfQuantity(operand), others.map(valueOfQuantity)];
  const { op } = problem;
  switch (op) {
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return rest.reduce((a, b) => compute(op, a, b), first);
    case "compare":
    case "enough":
      return rest.reduce(minus, first);
    case "round":
    case "order":
    case "rewrite":
    case "pay":
      return first;
  }
}

/** What an answer is worth that is one quantity, or one with something left over of a division. */
export function valueOfAnswer(answer: Answer, divisor: Ratio): Ratio {
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
      return valueOfQuantity(answer);
    case "rounded":
      return valueOfQuantity(answer.numeral);
    case "roundedAmount":
      return valueOfQuantity(answer.amount);
    case "remainder":
      return plus(valueOfQuantity(answer.quotient), over(valueOfQuantity(answer.remainder), divisor));
    case "share":
    case "measureLeft":
      return plus(valueOfQuantity(answer.each), over(valueOfQuantity(answer.left), divisor));
    case "timesLeft":
      return plus(valueOfQuantity(answer.times), over(valueOfQuantity(answer.left), divisor));
    case "recurring": {
      const { negative, whole, fixed, repetend } = answer;
      const nines = (10n ** BigInt(repetend.length) - 1n) * 10n ** BigInt(fixed.length);
      return signed(ratio(BigInt(whole + fixed + repetend) - BigInt(whole + fixed), nines), negative);
    }
    case "comparison":
      return minus(valueOfQuantity(answer.left), valueOfQuantity(answer.right));
    case "ordered":
      return sum(answer.quantities.slice(0, 1).map(valueOfQuantity));
    case "sufficiency":
      return signed(valueOfQuantity(answer.difference), !answer.enough);
    case "handed": {
      const handed = answer.pieces.reduce((total, piece) => total + piece, 0);
      return minus(ratio(handed, 100), valueOfQuantity(answer.back));
    }
  }
}

const common = (a: bigint, b: bigint): bigint => (b === 0n ? a : common(b, a % b));

/** Whether a number is written as short as it can be, its part less than a whole. */
export function isSimplest(numeral: Numeral): boolean {
  if (numeral.kind === "decimal") return true;
  const { numerator, denominator } = numeral;
  const short = common(numerator, denominator) === 1n && denominator > 1n;
  return numeral.kind === "mixed" ? short && numeral.whole > 0n && numerator < denominator : short;
}
