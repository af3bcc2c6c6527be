import { commonFactor, type Fraction, fraction, type Mixed } from "../../number";

/** The decisions on the way through fractions. Each is replaced by itself when a faulty habit is replayed. */
export interface FractionHabits {
  /** What becomes of the numerator where the denominator is multiplied. */
  scales(numerator: bigint, by: bigint): bigint;
  /** The numerator of a sum or difference of like parts. */
  combines(op: "add" | "subtract", numerators: readonly bigint[]): bigint;
  /** Its denominator, from those of the parts. */
  combinesUnder(denominators: readonly bigint[]): bigint;
  /** The numerator of a mixed number that is written as one fraction. */
  improper(mixed: Mixed): bigint;
  /** The numerator of a part once a whole has been regrouped into it. */
  regroups(numerator: bigint, denominator: bigint): bigint;
  /** Numerator and denominator of a product, from those of its factors. */
  across(numbers: readonly bigint[]): bigint;
  /** What a quotient is multiplied by instead of being divided. */
  turnsOver(divisor: Fraction): Fraction;
  /** What numerator and denominator are divided by to make a fraction shorter, at most. */
  reducesBy(numerator: bigint, denominator: bigint): bigint;
}

const sum = (numbers: readonly bigint[]): bigint => numbers.reduce((total, number) => total + number, 0n);

export const SOUND_FRACTIONS: FractionHabits = {
  scales: (numerator, by) => numerator * by,
  combines: (op, [first = 0n, ...rest]) => (op === "add" ? first + sum(rest) : first - sum(rest)),
  combinesUnder: ([first = 1n]) => first,
  improper: ({ whole, numerator, denominator }) => whole * denominator + numerator,
  regroups: (numerator, denominator) => numerator + denominator,
  across: (numbers) => numbers.reduce((product, number) => product * number, 1n),
  turnsOver: ({ numerator, denominator }) => fraction(denominator, numerator),
  reducesBy: commonFactor,
};
