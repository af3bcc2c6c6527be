import type { Answer } from "../../problem";

/** Fewer answers than this one could be are a small space: nearly every account comes to one of them. */
export const SMALL_SPACE = 20;

/** The most digits that count: beyond them, chance plays no part at all. */
const MOST_DIGITS = 9;

/** How many answers of its kind and length an answer could be: what one that comes from nowhere is drawn from. */
export function answersLike(answer: Answer): number {
  switch (answer.kind) {
    case "comparison":
      return 3;
    case "sufficiency":
      return 2;
    case "ordered":
      return answer.quantities.reduce((ways, _, index) => ways * (index + 1), 1);
    case "fraction":
      // Small fractions are few: halves, thirds, quarters and their like.
      return smallFraction(answer.numerator, answer.denominator)
        ? SMALL_SPACE - 1
        : ofLength(`${answer.numerator}${answer.denominator}`.length);
    case "handed":
    case "share":
    case "measureLeft":
    case "timesLeft":
      return 10;
    default:
      return ofLength(digitsOf(answer));
  }
}

const ofLength = (digits: number): number => 10 ** Math.min(MOST_DIGITS, Math.max(1, digits));

const smallFraction = (numerator: bigint, denominator: bigint): boolean =>
  numerator < 10n && denominator < 10n;

/** How many digits an answer is written with. */
function digitsOf(
  answer: Exclude<
    Answer,
    {
      kind:
        | "comparison"
        | "sufficiency"
        | "ordered"
        | "fraction"
        | "handed"
        | "share"
        | "measureLeft"
        | "timesLeft";
    }
  >,
): number {
  switch (answer.kind) {
    case "decimal":
      return (answer.whole + answer.fraction).replace(/^0+/, "").length;
    case "rounded":
      return digitsOf(answer.numeral);
    case "amount":
      return (answer.numeral.whole + answer.numeral.fraction.padEnd(2, "0")).length;
    case "roundedAmount":
      return digitsOf(answer.amount);
    case "mixed":
      return `${answer.whole}${answer.numerator}${answer.denominator}`.length;
    case "measure":
      return answer.parts.reduce((sum, { count }) => sum + (count.whole + count.fraction).length, 0);
    case "remainder":
      return digitsOf(answer.quotient) + digitsOf(answer.remainder);
    case "recurring":
      return (answer.whole + answer.fixed + answer.repetend).length;
  }
}
