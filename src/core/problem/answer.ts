import { type Decimal, type Notation, writeDecimal } from "../number";

/** A fraction less than one beside a whole number: six and one quarter. The whole may be zero. */
interface MixedNumber {
  readonly kind: "mixed";
  readonly whole: bigint;
  readonly numerator: bigint;
  readonly denominator: bigint;
}

/** A decimal that never ends: after the point come the `fixed` digits once, then the `block` for ever. */
interface RecurringDecimal {
  readonly kind: "recurring";
  readonly whole: string;
  readonly fixed: string;
  readonly block: string;
}

/** What a problem comes to, in the form it was wanted or the house ends it in. */
export type Answer =
  | Decimal
  /** Not the exact value, but that value rounded to the last place written. */
  | { readonly kind: "rounded"; readonly numeral: Decimal }
  | { readonly kind: "remainder"; readonly quotient: Decimal; readonly remainder: Decimal }
  | MixedNumber
  | RecurringDecimal
  /** How the first number lies to the second. */
  | {
      readonly kind: "comparison";
      readonly left: Decimal;
      readonly right: Decimal;
      readonly relation: Relation;
    };

export type Relation = "<" | "=" | ">";

/** The answer in one line, in the notation of the house: `6 r 1`, `6 1/4`, `≈ 0.67`, `0.1(6)` with its block in brackets. */
export function writeAnswer(answer: Answer, notation: Notation): string {
  switch (answer.kind) {
    case "decimal":
      return writeDecimal(answer, notation);
    case "rounded":
      return `≈ ${writeDecimal(answer.numeral, notation)}`;
    case "remainder":
      return `${writeDecimal(answer.quotient, notation)} r ${writeDecimal(answer.remainder, notation)}`;
    case "mixed": {
      const part = answer.numerator === 0n ? "" : `${answer.numerator}/${answer.denominator}`;
      return part === "" || answer.whole > 0n ? `${answer.whole} ${part}`.trim() : part;
    }
    case "recurring":
      return `${writeDecimal(unending(answer), notation)}(${answer.block})`;
    case "comparison":
      return `${writeDecimal(answer.left, notation)} ${answer.relation} ${writeDecimal(answer.right, notation)}`;
  }
}

/** The digits of a recurring decimal that come before its block. */
const unending = ({ whole, fixed }: RecurringDecimal): Decimal => ({
  kind: "decimal",
  negative: false,
  whole,
  fraction: fixed,
  point: true,
});
