import {
  compareNumerals,
  type Decimal,
  type Fraction,
  type Mixed,
  type Notation,
  type Numeral,
  writeDecimal,
  writeNumeral,
} from "../number";
import {
  type Amount,
  type CurrencyId,
  type Measure,
  type Quantity,
  writeAmount,
  writeMeasure,
  writePieces,
} from "../quantity";

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
      readonly left: Numeral;
      readonly right: Numeral;
      readonly relation: Relation;
    }
  /** Numbers in order, smallest first. */
  | { readonly kind: "ordered"; readonly numerals: readonly Numeral[] }
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

/** The answer in one line, in the notation of the house: `6 r 1`, `6 1/4`, `≈ 0.67`, `0.1(6)` with its repetend in brackets. */
export function writeAnswer(answer: Answer, notation: Notation): string {
  switch (answer.kind) {
    case "decimal":
    case "fraction":
      return writeNumeral(answer, notation);
    case "amount":
      return writeAmount(answer, notation);
    case "measure":
      return writeMeasure(answer, notation);
    case "rounded":
      return `≈ ${writeDecimal(answer.numeral, notation)}`;
    case "remainder":
      return `${writeDecimal(answer.quotient, notation)} r ${writeDecimal(answer.remainder, notation)}`;
    case "mixed": {
      const part = answer.numerator === 0n ? "" : `${answer.numerator}/${answer.denominator}`;
      const sign = answer.negative ? "−" : "";
      return sign + (part === "" || answer.whole > 0n ? `${answer.whole} ${part}`.trim() : part);
    }
    case "recurring":
      return `${writeDecimal(unending(answer), notation)}(${answer.repetend})`;
    case "comparison":
      return `${writeNumeral(answer.left, notation)} ${answer.relation} ${writeNumeral(answer.right, notation)}`;
    case "ordered":
      return answer.numerals
        .map((numeral, index) => {
          const before = answer.numerals[index - 1];
          const sign = before === undefined ? "" : compareNumerals(before, numeral) === 0 ? "= " : "< ";
          return sign + writeNumeral(numeral, notation);
        })
        .join(" ");
    case "roundedAmount":
      return `≈ ${writeAmount(answer.amount, notation)}`;
    case "share":
      return `${writeAmount(answer.each, notation)} each, ${writeAmount(answer.left, notation)} left`;
    case "measureLeft":
      return `${writeMeasure(answer.each, notation)} r ${writeMeasure(answer.left, notation)}`;
    case "timesLeft": {
      const left =
        answer.left.kind === "amount"
          ? writeAmount(answer.left, notation)
          : writeMeasure(answer.left, notation);
      return `${writeDecimal(answer.times, notation)} r ${left}`;
    }
    case "sufficiency":
      return answer.enough
        ? `yes, ${writeAmount(answer.difference, notation)} left`
        : `no, ${writeAmount(answer.difference, notation)} short`;
    case "handed": {
      return `${writePieces(answer.pieces, answer.currency)}, ${writeAmount(answer.back, notation)} back`;
    }
  }
}

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
    default:
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
    default:
      return undefined;
  }
}
