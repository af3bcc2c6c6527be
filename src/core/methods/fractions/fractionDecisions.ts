import { commonFactor, type Fraction, fraction, type Mixed } from "../../number";

/** The decisions on the way through fractions. Each is replaced by itself when an error pattern is replayed. */
export interface FractionDecisions {
  /** What becomes of the numerator where the denominator is multiplied. */
  scales(numerator: bigint, by: bigint, denominator: bigint): bigint;
  /** Whether wholes and parts are always worked apart, whatever the house does. */
  readonly setsApart: boolean;
  /** Whether parts are made alike before they are put together. */
  readonly makesAlike: boolean;
  /** The numerator of a sum or difference of like parts. */
  combines(op: "add" | "subtract", numerators: readonly bigint[]): bigint;
  /** Its denominator, from those of the parts. */
  combinesUnder(denominators: readonly bigint[], op: "add" | "subtract"): bigint;
  /** The numerator of a mixed number that is written as one fraction. */
  improper(mixed: Mixed): bigint;
  /** The numerator of a part once a whole has been regrouped into it. */
  regroups(numerator: bigint, denominator: bigint): bigint;
  /** Whether a whole must be regrouped, where one part is to be taken from another. */
  needsWhole(top: bigint, bottom: bigint): boolean;
  /** What is left of the wholes when one was regrouped. */
  lendsWhole(whole: bigint): bigint;
  /** How many wholes a part of more than one gives to the wholes beside it. */
  givesWholes(more: bigint): bigint;
  /** The factors of a product as they are multiplied. */
  factors(factors: readonly Fraction[]): readonly Fraction[];
  /** The numerator of a product, from those of its factors, and its denominator. */
  across(numbers: readonly bigint[]): bigint;
  acrossUnder(numbers: readonly bigint[]): bigint;
  /** What a quotient is multiplied by instead of being divided. */
  turnsOver(divisor: Fraction): Fraction;
  /** What becomes of the dividend then. */
  dividend(dividend: Fraction): Fraction;
  /** What a quotient of like parts, whose denominator is given, stands over: the divisor's number of parts, or more than that. */
  likeUnder(count: bigint, denominator: bigint): bigint;
  /** What numerator and denominator are divided by to make a fraction shorter, at most. */
  reducesBy(numerator: bigint, denominator: bigint): bigint;
  /** What a fraction becomes when it is made shorter otherwise than by one number; none for the sound way. */
  shortens(before: Fraction): Fraction | undefined;
  /** The wholes in a fraction, and what is left over of its parts. */
  countsOut(numerator: bigint, denominator: bigint): { readonly whole: bigint; readonly rest: bigint };
}

const sum = (numbers: readonly bigint[]): bigint => numbers.reduce((total, number) => total + number, 0n);

export const SOUND_FRACTIONS: FractionDecisions = {
  scales: (numerator, by) => numerator * by,
  combines: (op, [first = 0n, ...rest]) => (op === "add" ? first + sum(rest) : first - sum(rest)),
  combinesUnder: ([first = 1n]) => first,
  improper: ({ whole, numerator, denominator }) => whole * denominator + numerator,
  regroups: (numerator, denominator) => numerator + denominator,
  setsApart: false,
  makesAlike: true,
  needsWhole: (top, bottom) => top < bottom,
  lendsWhole: (whole) => whole - 1n,
  givesWholes: (more) => more,
  factors: (factors) => factors,
  across: (numbers) => numbers.reduce((product, number) => product * number, 1n),
  acrossUnder: (numbers) => numbers.reduce((product, number) => product * number, 1n),
  turnsOver: ({ numerator, denominator }) => fraction(denominator, numerator),
  dividend: (dividend) => dividend,
  likeUnder: (count) => count,
  reducesBy: commonFactor,
  shortens: () => undefined,
  countsOut: (numerator, denominator) => ({ whole: numerator / denominator, rest: numerator % denominator }),
};
