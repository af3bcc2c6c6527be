import fc from "fast-check";
import type { Decimal } from "../number";
import { AS_IT_COMES, type Asks, type DecimalForm, type DecimalProblem } from "../problem";
import type { TwoOrMore } from "../tuples";

/** Any numeral that can be read: ragged, with leading and trailing zeros, a bare or a final point. */
export const anyDecimal: fc.Arbitrary<Decimal> = numeralOf(digits(0, 15), digits(0, 15));

function numeralOf(whole: fc.Arbitrary<string>, fraction: fc.Arbitrary<string>): fc.Arbitrary<Decimal> {
  return fc.record({ whole, fraction, point: fc.boolean() }).map(({ whole, fraction, point }) => ({
    kind: "decimal" as const,
    negative: false,
    whole: whole === "" && fraction === "" ? "0" : whole,
    fraction,
    point: point || fraction !== "",
  }));
}

/** Digits in which zeros and nines are frequent, since these make carries and exchanges. */
function digits(least: number, most: number): fc.Arbitrary<string> {
  const digit = fc.oneof(fc.constantFrom("0", "9"), fc.constantFrom(..."0123456789"));
  return fc
    .oneof(
      { weight: 4, arbitrary: fc.integer({ min: least, max: Math.min(4, most) }) },
      fc.integer({ min: least, max: most }),
    )
    .chain((length) => fc.array(digit, { minLength: length, maxLength: length }))
    .map((found) => found.join(""));
}

const isZero = ({ whole, fraction }: Decimal): boolean => /^0*$/.test(whole + fraction);

/** Small numbers and whole ones, which the choosier methods take. */
const easyDecimal: fc.Arbitrary<Decimal> = numeralOf(digits(0, 4), fc.oneof(fc.constant(""), digits(0, 3)));

/** A one with zeros, or a digit or two with zeros. */
const roundDecimal: fc.Arbitrary<Decimal> = fc
  .tuple(fc.constantFrom("1", "6", "12", "305"), fc.integer({ min: -6, max: 6 }))
  .map(([digits, power]) => ({
    kind: "decimal" as const,
    negative: false,
    whole: power >= 0 ? digits + "0".repeat(power) : "0",
    fraction: power >= 0 ? "" : digits.padStart(-power, "0"),
    point: power < 0,
  }));

const anyNumber = fc.oneof(
  { weight: 3, arbitrary: anyDecimal },
  { weight: 3, arbitrary: easyDecimal },
  roundDecimal,
);

const toSomePlace: fc.Arbitrary<Extract<DecimalForm, { kind: "toPlace" }>> = fc
  .integer({ min: -8, max: 3 })
  .map((place) => ({ kind: "toPlace" as const, place }));
const plainForm = fc.oneof({ weight: 5, arbitrary: fc.constant<DecimalForm>(AS_IT_COMES) }, toSomePlace);
const quotientForm = fc.oneof(
  plainForm,
  fc.constantFrom<DecimalForm>({ kind: "withRemainder" }, { kind: "asMixed" }, { kind: "exactly" }),
);

const smallDivisor = fc.integer({ min: 1, max: 12 }).map(
  (number): Decimal => ({
    kind: "decimal",
    negative: false,
    whole: String(number),
    fraction: "",
    point: false,
  }),
);

/** Two numbers, or more up to so many. */
const addends = (one: fc.Arbitrary<Decimal>, most: number): fc.Arbitrary<TwoOrMore<Decimal>> =>
  fc
    .tuple(one, one, fc.array(one, { maxLength: most - 2 }))
    .map(([first, second, more]) => [first, second, ...more]);

/** Any decimal problem of an operation, in any form it can be wanted in. */
export const DECIMAL_PROBLEMS: {
  readonly [Op in DecimalProblem["op"]]: fc.Arbitrary<Asks<DecimalProblem, Op>>;
} = {
  add: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("add" as const),
    operands: fc.oneof(addends(anyDecimal, 10), addends(easyDecimal, 4)),
    form: plainForm,
  }),
  subtract: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("subtract" as const),
    operands: fc.oneof(fc.tuple(anyDecimal, anyDecimal), fc.tuple(easyDecimal, easyDecimal)),
    form: plainForm,
  }),
  multiply: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("multiply" as const),
    operands: fc.oneof(fc.tuple(anyNumber, anyNumber), fc.tuple(easyDecimal, easyDecimal, easyDecimal)),
    form: plainForm,
  }),
  divide: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("divide" as const),
    operands: fc.tuple(
      anyNumber,
      fc.oneof(anyNumber, roundDecimal, smallDivisor).filter((divisor) => !isZero(divisor)),
    ),
    form: quotientForm,
  }),
  round: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("round" as const),
    operands: fc.tuple(anyDecimal),
    form: toSomePlace,
  }),
  compare: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("compare" as const),
    operands: fc.oneof(fc.tuple(anyDecimal, anyDecimal), fc.tuple(easyDecimal, easyDecimal)),
    form: fc.constant<DecimalForm>(AS_IT_COMES),
  }),
  order: fc.record({
    kind: fc.constant("decimals" as const),
    op: fc.constant("order" as const),
    operands: fc.oneof(addends(anyDecimal, 6), addends(easyDecimal, 6)),
    form: fc.constant<DecimalForm>(AS_IT_COMES),
  }),
};
