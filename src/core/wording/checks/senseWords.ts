import type { PlausibilityReason } from "../../checks";
import type { HouseRules } from "../../house";
import { writeNumeral } from "../../number";
import { SCALE_KINDS } from "../../quantity";
import { withArticle } from "../numbers/counted";
import { type StepWords, sentence } from "../numbers/line";
import { numbersListed } from "../numbers/quantityWords";

/** The words for checks that need no computing: of the sign, the unit, the size. */
export function senseWords(reason: PlausibilityReason, house: HouseRules): StepWords {
  switch (reason.kind) {
    case "signOfProduct":
      return {
        say: `Does the sign make sense? ${reason.negatives} below zero, which is ${reason.negatives % 2 === 0 ? "even" : "odd"}: *${reason.negative ? "negative" : "positive"}*, as it is.`,
        why: "An even number of minuses turns back to the positive side, an odd number ends on the negative one.",
        ask: "Should the answer lie above or below zero?",
      };
    case "signOfSum":
      return {
        say: `Does the sign make sense? ${writeNumeral(reason.above, house)} lie above zero and ${writeNumeral(reason.below, house)} below: *${reason.negative ? "negative" : "positive"}*, as it is.`,
        why: "A sum lies on the side of zero where there is more.",
        ask: "On which side of zero is there more?",
      };
    case "unitSense": {
      const what = SCALE_KINDS[reason.scale];
      return reason.answered === "measure"
        ? {
            say: `Does the unit make sense? It should be *${withArticle(what)}*, and it is.`,
            why: `Only ${what} can be put with ${what}; times or divided by a number it stays ${what}.`,
            ask: "In what should the answer be measured?",
          }
        : {
            say: `Does the unit make sense? ${sentence(`${withArticle(what)} divided by ${withArticle(what)}`)} is *a plain number*: so many times.`,
            why: "How often one thing goes into another of its kind has no unit.",
            ask: "Should the answer have a unit?",
          };
    }
    case "topsAndBottoms":
      return {
        say: `Tops and bottoms added would make *${writeNumeral(reason.wrong, house)}*, which is less than ${writeNumeral(reason.largest, house)} alone.`,
        why: `${numbersListed(reason.parts, house)} together can't be less than one of them: the denominator only names the parts, and is not added.`,
        ask: "Can a sum be smaller than one of the things that were added?",
      };
  }
}
