import { type Decimal, significantDigits } from "../../number";
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
    case "fraction": {
      const { numerator, denominator } = answer;
      // Small fractions are few: halves, thirds, quarters and their like.
      if (numerator < 10n && denominator < 10n) return SMALL_SPACE - 1;
      return ofLength(`${numerator}${denominator}`.length);
    }
    case "handed":
    case "share":
    case "measureLeft":
    case "timesLeft":
      return 10;
    case "decimal":
      return ofLength(digitsOf(answer));
    case "rounded":
      return ofLength(digitsOf(answer.numeral));
    case "amount":
      return ofLength((answer.numeral.whole + answer.numeral.fraction.padEnd(2, "0")).length);
    case "roundedAmount":
      return answersLike(answer.amount);
    case "mixed":
      return ofLength(`${answer.whole}${answer.numerator}${answer.denominator}`.length);
    case "measure":
      return ofLength(
        answer.parts.reduce((sum, { count }) => sum + (count.whole + count.fraction).length, 0),
      );
    case "remainder":
      return ofLength(digitsOf(answer.quotient) + digitsOf(answer.remainder));
    case "recurring":
      return ofLength((answer.whole + answer.fixed + answer.repetend).length);
  }
}

const ofLength = (digits: number): number => 10 ** Math.min(MOST_DIGITS, Math.max(1, digits));

/** How many digits a numeral is written with, but for zeros in front. */
const digitsOf = ({ whole, fraction }: Decimal): number => significantDigits(whole + fraction).length;
