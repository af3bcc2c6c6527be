import {
  asFraction,
  type Decimal,
  type Fraction,
  fraction,
  fromCount,
  isZero,
  leadingPlace,
  type Numeral,
  ONES,
  roundTo,
  simplest,
  TENTHS,
  unsigned,
  wholeNumeral,
  withoutTrailingZeros,
} from "../number";
import {
  AS_IT_COMES,
  type ChainProblem,
  type DecimalProblem,
  type Expression,
  exactAnswer,
  exactValue,
  type FractionProblem,
  fractionOf,
  fractionsOf,
  isAmount,
  isMeasure,
  isNumeral,
  type MeasureProblem,
  type MoneyProblem,
  measuresOf,
  moneyOf,
  operandsOf,
  type Problem,
  type SignedProblem,
  withOperands,
} from "../problem";
import {
  type Amount,
  amountOf,
  inMajor,
  type Measure,
  MINOR_PLACES,
  type Quantity,
  UNITS,
  type UnitId,
  unitOf,
} from "../quantity";
import { firstDigits } from "./figures";

/** How numbers are made easy before they are computed with in the head. */
export type Rounding =
  | "ones"
  | "leadingDigit"
  | "evened"
  /** One factor taken as a half, a quarter of a hundred or the like, the other as a multiple that goes with it. */
  | "friendly"
  | "multiple"
  | "benchmarks"
  | "largestUnit"
  | "wholeMoney";

/** A rough answer made before the working: the problem with easy numbers, and what these come to. */
export interface Estimate {
  readonly rounding: Rounding;
  readonly rounded: Problem;
  readonly result: Quantity;
}

/** The estimate of a problem that is not one of plain decimals; none where none helps. */
export function roughlyOf(problem: Exclude<Problem, DecimalProblem>): Estimate | undefined {
  switch (problem.kind) {
    case "fractions":
      return roughFractions(problem);
    case "signed":
      return roughSigned(problem);
    case "money":
      return roughMoney(problem);
    case "measures":
      return roughMeasures(problem);
    case "quantities":
      return undefined;
    case "chain":
      return roughChain(problem);
  }
}

/** A number rounded to a half: the benchmarks of a fraction are nothing, one half and a whole. */
function toHalves(numeral: Numeral): Numeral {
  const { negative, numerator, denominator } = asFraction(numeral);
  const halves = (4n * numerator + denominator) / (2n * denominator);
  return simplified(fraction(negative ? -halves : halves, 2n));
}

/** A fraction as the number a head computes with: whole, mixed or proper. */
function simplified(given: Fraction): Numeral {
  const { negative, numerator, denominator } = simplest(given);
  const whole = numerator / denominator;
  if (denominator === 1n) return wholeNumeral(negative ? -whole : whole);
  if (whole === 0n) return { kind: "fraction", negative, numerator, denominator };
  return { kind: "mixed", negative, whole, numerator: numerator % denominator, denominator };
}

/** The whole number nearest to a fraction, and at least one. */
function toWhole(numeral: Numeral): Numeral {
  const { numerator, denominator } = asFraction(numeral);
  const whole = (2n * numerator + denominator) / (2n * denominator);
  return whole === 0n ? toHalves(numeral) : wholeNumeral(whole);
}

function roughFractions(problem: FractionProblem): Estimate | undefined {
  const { op, operands } = problem;
  if (op === "compare" || op === "order" || op === "rewrite") return undefined;
  const easyFor = op === "add" || op === "subtract" ? toHalves : toWhole;
  const rounded = operands.map((operand) => easyFor(operand));
  if (op === "multiply" || op === "divide") {
    if (rounded.some(isZero)) return undefined;
  }
  const easy = fractionsOf(op, rounded, AS_IT_COMES);
  if (easy === undefined) return undefined;
  const { s, n, d } = exactAnswer(easy);
  return { rounding: "benchmarks", rounded: easy, result: simplified(fraction(s * n, d)) };
}

/** The largest whole number that needs no estimate: it is computed with in the head anyway. */
const IN_THE_HEAD = 20n;

const leading = (numeral: Numeral): Numeral =>
  numeral.kind === "decimal"
    ? withoutTrailingZeros(roundTo(numeral, leadingPlace(numeral) ?? ONES))
    : toHalves(numeral);

function roughSigned(problem: SignedProblem): Estimate | undefined {
  const operands = operandsOf(problem).filter(isNumeral);
  const small = operands.every((operand) => {
    const { numerator, denominator } = asFraction(operand);
    return denominator === 1n && numerator <= IN_THE_HEAD;
  });
  if (small) return undefined;
  const rounded = operands.map(leading);
  if (problem.op === "divide" && rounded.slice(1).some(isZero)) return undefined;
  const easy = withOperands({ ...problem, form: AS_IT_COMES }, rounded);
  if (easy === undefined) return undefined;
  const result = easyNumber(exactAnswer(easy));
  const fractions = operands.some(({ kind }) => kind !== "decimal");
  return { rounding: fractions ? "benchmarks" : "leadingDigit", rounded: easy, result };
}

/** A value as a short decimal where it is one, else rounded to its first two digits. */
function easyNumber({ s, n, d }: { readonly s: bigint; readonly n: bigint; readonly d: bigint }): Numeral {
  const exact = fraction(s * n, d);
  if (d === 1n || d === 2n) return simplified(exact);
  const scaled = (n * 10n ** 12n) / d;
  const digits = scaled.toString().padStart(13, "0");
  const numeral: Decimal = {
    kind: "decimal",
    negative: s < 0n,
    whole: digits.slice(0, -12),
    fraction: digits.slice(-12),
    point: true,
  };
  const place = leadingPlace(numeral) ?? ONES;
  return withoutTrailingZeros(roundTo(numeral, place > ONES ? ONES : place - 1));
}

/** The nearest whole of the major unit; less than one is rounded to tens of the minor unit. */
function roughAmount(amount: Amount): Amount {
  const numeral = inMajor(amount);
  const whole = roundTo(numeral, ONES);
  const easy = isZero(whole) ? roundTo(numeral, TENTHS) : whole;
  return amountOf(amount.currency, isZero(easy) ? numeral : easy);
}

function roughMoney(problem: MoneyProblem): Estimate | undefined {
  const { op, currency } = problem;
  const operands: readonly (Amount | Decimal)[] = problem.operands;
  if (op === "enough" || op === "pay") return undefined;
  if (op === "divide") return roughShare(problem);
  const rounded = operands.map((operand) => (operand.kind === "amount" ? roughAmount(operand) : operand));
  const easy = moneyOf(op, rounded, { currency, without: [] }, AS_IT_COMES);
  if (easy === undefined) return undefined;
  const value = easyNumber(exactAnswer(easy));
  if (value.kind === "decimal") {
    // Tenths of money are written with both their places.
    const places = value.fraction.length === 1 ? `${value.fraction}0` : value.fraction;
    return {
      rounding: "wholeMoney",
      rounded: easy,
      result: amountOf(currency, { ...value, fraction: places }),
    };
  }
  const { numerator } = asFraction(value);
  const halves = wholeNumeral(numerator);
  const scaled: Decimal = { ...halves, fraction: "50", whole: String(numerator / 2n), point: true };
  return { rounding: "wholeMoney", rounded: easy, result: amountOf(currency, scaled) };
}

/** An amount divided: taken as that multiple of the divisor, in its first digit, which lies nearest, so that nothing is left over: $20 ÷ 3 as $21 ÷ 3. */
function roughShare(problem: Extract<MoneyProblem, { op: "divide" }>): Estimate | undefined {
  const { currency } = problem;
  const [amount, by] = problem.operands;
  const divisor = by.kind === "amount" ? roughAmount(by) : by;
  if (isZero(by.kind === "amount" ? inMajor(by) : by)) return undefined;
  const { s, n, d } = fractionOf(amount).div(fractionOf(divisor));
  const nearest = wholeNumeral((s * (2n * n + d)) / (2n * d));
  const times = withoutTrailingZeros(roundTo(nearest, leadingPlace(nearest) ?? ONES));
  if (isZero(times)) return undefined;
  const multiple = fractionOf(times)
    .mul(fractionOf(divisor))
    .mul(10n ** BigInt(MINOR_PLACES));
  if (multiple.d !== 1n) return undefined;
  const taken = amountOf(currency, withoutTrailingZeros(fromCount(multiple.n, MINOR_PLACES)));
  const rounded = moneyOf("divide", [taken, divisor], { currency, without: [] }, AS_IT_COMES);
  if (rounded === undefined) return undefined;
  return { rounding: "multiple", rounded, result: by.kind === "amount" ? times : amountOf(currency, times) };
}

/** A measure rounded to its largest unit, or where it has none of that, to the next. */
function roughMeasure(measure: Measure, unit: UnitId): Measure {
  const value = valueIn(measure, unit);
  return oneUnit(value === 0n ? 1n : value, unit);
}

const oneUnit = (count: bigint, unit: UnitId): Measure => ({
  kind: "measure",
  negative: count < 0n,
  parts: [{ count: unsigned(wholeNumeral(count)), unit }],
});

/** How many of a unit a measure is worth, rounded. */
function valueIn(measure: Measure, unit: UnitId): bigint {
  const { numerator, denominator } = measure.parts.reduce<Fraction>(
    (sum, part) => {
      const count = asFraction(part.count);
      const more = count.numerator * unitOf(part.unit).size;
      return fraction(
        sum.numerator * count.denominator + more * sum.denominator,
        sum.denominator * count.denominator,
      );
    },
    fraction(0n, 1n),
  );
  const size = denominator * unitOf(unit).size;
  return (2n * numerator + size) / (2n * size);
}

function roughMeasures(problem: MeasureProblem): Estimate | undefined {
  const { op } = problem;
  const operands: readonly (Measure | Decimal)[] = problem.operands;
  if (op === "rewrite") return undefined;
  const measures = operands.filter(isMeasure);
  const units = UNITS.map(({ id }) => id).filter((id) =>
    measures.some(({ parts }) => parts.some(({ unit }) => unit === id)),
  );
  // The largest unit of which none of them has less than half.
  const unit = units.find((id) => measures.every((measure) => valueIn(measure, id) > 0n)) ?? units.at(-1);
  if (unit === undefined) return undefined;
  const rounded = operands.map((operand) =>
    operand.kind === "measure" ? roughMeasure(operand, unit) : operand,
  );
  const easy = measuresOf(op, rounded, AS_IT_COMES);
  if (easy === undefined) return undefined;
  const exact = exactAnswer(easy);
  if (op === "divide" && measures.length === 2)
    return { rounding: "largestUnit", rounded: easy, result: easyNumber(exact) };
  const value = exact.div(unitOf(unit).size);
  const count = (2n * value.n + value.d) / (2n * value.d);
  const result = oneUnit(value.s * count, unit);
  return { rounding: "largestUnit", rounded: easy, result };
}

const easyQuantity = (quantity: Quantity): Quantity => {
  switch (quantity.kind) {
    case "decimal":
      return (leadingPlace(quantity) ?? 0) > 0 ? firstDigits(quantity) : leading(quantity);
    case "fraction":
    case "mixed":
      return leading(quantity);
    case "amount":
      return roughAmount(quantity);
    case "measure":
      return quantity;
  }
};

/** Every number made easy, the brackets kept. Measures among them are not estimated. */
function roughChain(problem: ChainProblem): Estimate | undefined {
  const operands = operandsOf(problem);
  const amount = operands.find(isAmount);
  if (operands.some(isMeasure)) return undefined;
  const rounded = withOperands({ ...problem, form: AS_IT_COMES }, operands.map(easyQuantity));
  if (rounded?.kind !== "chain" || dividesByZero(rounded.expression)) return undefined;
  const value = easyNumber(exactAnswer(rounded));
  if (amount === undefined) return { rounding: "leadingDigit", rounded, result: value };
  return value.kind === "decimal"
    ? { rounding: "wholeMoney", rounded, result: amountOf(amount.currency, value) }
    : undefined;
}

const dividesByZero = (expression: Expression): boolean =>
  expression.kind === "operation" &&
  (dividesByZero(expression.left) ||
    dividesByZero(expression.right) ||
    (expression.op === "divide" && exactValue(expression.right).n === 0n));
