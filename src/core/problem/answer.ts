import {
  type Decimal,
  type Fraction,
  type Mixed,
  type Notation,
  number,
  numeralParts,
  type Part,
  partsText,
  sign,
  words,
} from "../number";
import {
  type Amount,
  type CurrencyId,
  type Measure,
  type Quantity,
  quantityParts,
  writePieces,
} from "../quantity";
import { ANSWER_WORDS } from "../vocabulary";
import { fractionOf } from "./quantityValue";

/** A decimal that never ends: after the point come the `fixed` digits once, then the `repetend` for ever. */
interface RecurringDecimal {
  readonly kind: "recurring";
  readonly negative: boolean;
  readonly whole: string;
  readonly fixed: string;
  readonly repetend: string;
}

/** What a problem comes to, in the form it was wanted or the house ends it in. */
export type Answer =
  | Decimal
  | Fraction
  | Mixed
  | Amount
  | Measure
  /** Not the exact value, but that value rounded to the last place written. */
  | { readonly kind: "rounded"; readonly numeral: Decimal }
  | { readonly kind: "remainder"; readonly quotient: Decimal; readonly remainder: Decimal }
  | RecurringDecimal
  /** How the first number lies to the second. */
  | {
      readonly kind: "comparison";
      readonly left: Quantity;
      readonly right: Quantity;
      readonly relation: Relation;
    }
  /** Quantities in order, smallest first. */
  | { readonly kind: "ordered"; readonly quantities: readonly Quantity[] }
  /** An amount rounded to its minor unit. */
  | { readonly kind: "roundedAmount"; readonly amount: Amount }
  /** A share of a bill, and what is left over of it. */
  | { readonly kind: "share"; readonly each: Amount; readonly left: Amount }
  /** A measure divided, and what is left over of its smallest unit. */
  | { readonly kind: "measureLeft"; readonly each: Measure; readonly left: Measure }
  /** How often one measure goes into another, and what is left over. */
  | { readonly kind: "timesLeft"; readonly times: Decimal; readonly left: Measure | Amount }
  | {
      readonly kind: "sufficiency";
      readonly enough: boolean;
      /** What is left over, or missing. */
      readonly difference: Amount;
    }
  /** Notes and coins that are handed over, in the minor unit, the largest first, and what comes back. */
  | {
      readonly kind: "handed";
      readonly pieces: readonly number[];
      readonly currency: CurrencyId;
      readonly back: Amount;
    };

export type Relation = "<" | "=" | ">";

/** What an answer is made of, in the notation of the house. */
export function answerParts(answer: Answer, notation: Notation): readonly Part[] {
  const parts = (quantity: Quantity): readonly Part[] => quantityParts(quantity, notation);
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "amount":
    case "measure":
      return parts(answer);
    case "mixed":
      return mixedParts(answer, notation);
    case "rounded":
      return [sign("≈"), ...parts(answer.numeral)];
    case "roundedAmount":
      return [sign("≈"), ...parts(answer.amount)];
    case "remainder":
      return [...parts(answer.quotient), words(ANSWER_WORDS.remainder), ...parts(answer.remainder)];
    case "recurring":
      return [...parts(unending(answer)), { kind: "repetend", text: answer.repetend }];
    case "comparison":
      return [...parts(answer.left), sign(answer.relation), ...parts(answer.right)];
    case "ordered":
      return answer.quantities.flatMap((quantity, index) => {
        const before = answer.quantities[index - 1];
        if (before === undefined) return parts(quantity);
        return [sign(fractionOf(before).equals(fractionOf(quantity)) ? "=" : "<"), ...parts(quantity)];
      });
    case "share":
      return [
        ...parts(answer.each),
        words(ANSWER_WORDS.each),
        ...parts(answer.left),
        words(ANSWER_WORDS.left),
      ];
    case "measureLeft":
      return [...parts(answer.each), words(ANSWER_WORDS.remainder), ...parts(answer.left)];
    case "timesLeft":
      return [...parts(answer.times), words(ANSWER_WORDS.remainder), ...parts(answer.left)];
    case "sufficiency":
      return [
        words(answer.enough ? ANSWER_WORDS.yes : ANSWER_WORDS.no),
        ...parts(answer.difference),
        words(answer.enough ? ANSWER_WORDS.left : ANSWER_WORDS.short),
      ];
    case "handed":
      return [
        words(`${writePieces(answer.pieces, answer.currency)}, `),
        ...parts(answer.back),
        words(ANSWER_WORDS.back),
      ];
  }
}

/** A mixed number as an answer: a whole that is none, and a part that is none, are left out. */
function mixedParts(answer: Mixed, notation: Notation): readonly Part[] {
  const minus = answer.negative ? "−" : "";
  if (answer.numerator === 0n) return [number(`${minus}${answer.whole}`)];
  return numeralParts(answer.whole > 0n ? answer : { ...answer, kind: "fraction" }, notation);
}

/** The answer in one line, in the notation of the house: `6 r 1`, `6 1/4`, `≈ 0.67`, `0.1(6)` with its repetend in brackets. */
export const writeAnswer = (answer: Answer, notation: Notation): string =>
  partsText(answerParts(answer, notation));

/** What stands between a problem and its answer in one line: nothing of equality where it is rounded, or a statement. */
export function joinerOf({ kind }: Answer): string {
  if (kind === "rounded" || kind === "roundedAmount") return " ";
  const says = kind === "comparison" || kind === "ordered" || kind === "sufficiency" || kind === "handed";
  return says ? ": " : " = ";
}

/** The digits of a recurring decimal that come before its repetend. */
const unending = ({ negative, whole, fixed }: RecurringDecimal): Decimal => ({
  kind: "decimal",
  negative,
  whole,
  fraction: fixed,
  point: true,
});

/** The number on the other side of zero, in whatever form it came. */
export function belowZero(answer: Answer): Answer {
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
    case "recurring":
      return { ...answer, negative: true };
    case "rounded":
      return { ...answer, numeral: { ...answer.numeral, negative: true } };
    case "amount":
    case "measure":
    case "remainder":
    case "comparison":
    case "ordered":
    case "roundedAmount":
    case "share":
    case "measureLeft":
    case "timesLeft":
    case "sufficiency":
    case "handed":
      throw new Error(`belowZero: ${answer.kind} is no number`);
  }
}

/** The quantity that an answer is; none where it is rounded, has something left over, or says how things lie. */
export function quantityOf(answer: Answer): Quantity | undefined {
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
      return answer;
    case "rounded":
    case "remainder":
    case "recurring":
    case "comparison":
    case "ordered":
    case "roundedAmount":
    case "share":
    case "measureLeft":
    case "timesLeft":
    case "sufficiency":
    case "handed":
      return undefined;
  }
}
