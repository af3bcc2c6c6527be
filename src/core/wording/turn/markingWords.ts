import type { HouseRules } from "../../house";
import type { FormFault, GivenError, Wants } from "../../marking";
import { decimalSign } from "../../number";
import { listed } from "../numbers/line";
import { readErrorWords } from "./readErrorWords";

/** What is still to do to an answer of the right value. */
export const FORM_FAULT_WORDS: Readonly<Record<FormFault, string>> = {
  unitMissing: "its unit is missing",
  notSimplified: "not simplified",
  notWorked: "only written as a fraction: work out what it comes to",
  improper: "not yet a mixed number",
  partAboveOne: "the fraction beside the whole is still one or more",
  mixed: "a mixed number, where one fraction is wanted",
  trailingZeros: "more places than were asked for",
  stray: "a zero or a point that nobody writes",
  moneyPlaces: "not written as money is, with its sign and two places",
  notRegrouped: "units not yet regrouped",
  notRounded: "not rounded as asked",
  rounded: "rounded, not exact",
  goesOnceMore: "what is left can be shared once more",
  restMissing: "what is left over is not named",
  fromLargest: "in order, but from the largest",
  otherForm: "in another form than the working ends in",
};

/** One sentence for what was typed as an answer and can't be read as one. */
export function givenErrorWords(error: GivenError, house: HouseRules): string {
  switch (error.code) {
    case "empty":
      return `Type an answer, such as 7${decimalSign(house)}25, 3 1/4 or 5 r 3.`;
    case "tooLong":
      return "This is too long for an answer.";
    case "whichUnit":
      return `Say which unit it is in: ${listed(error.units, "or")}.`;
    case "whichNumber":
      return `Which of these is the answer: ${listed(error.numbers.slice(0, 4), "or")}? Write it by itself.`;
    case "notAnAnswer":
      return WANTS[error.wants];
    default:
      return readErrorWords(error, house);
  }
}

const WANTS: Readonly<Record<Wants, string>> = {
  relation: "Type <, > or =, or the larger of the two numbers.",
  order: "Type the numbers in order, smallest first, with < between them.",
  yesOrNo: "Type yes or no, and what is left or missing if you like.",
  quotient: "Type the quotient, then r and what is left over.",
  number: "A number is wanted here, without a unit or a money sign.",
  amount: "An amount is wanted here, in the money of the problem.",
  measure: "A measure is wanted here, in units of the same kind as in the problem.",
};
