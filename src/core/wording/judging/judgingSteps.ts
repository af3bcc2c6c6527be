import type { ComparingReason, OrderingReason, RoundingReason } from "../../methods";
import { type Decimal, digitAt } from "../../number";
import type { StepsOf } from "../contract/wordbook";
import { sentence } from "../numbers/line";
import { countOf, inText, numeralWords, placesName } from "../numbers/numberWords";

/** The words for rounding and comparing. */
export const JUDGING_STEPS: StepsOf<RoundingReason | ComparingReason | OrderingReason> = {
  writeToRound: (reason, house) => {
    const written = inText(reason.numeral, house);
    return {
      say: `Write *${written}*. It is wanted to *${placesName(reason.place, house)}*.`,
      why: `${sentence(numeralWords(reason.numeral, house))}. Rounding keeps the size and leaves the small places out.`,
      ask:
        reason.numeral.fraction.length > -reason.place
          ? `Between which two numbers does ${written} lie?`
          : `Does ${written} have digits after the ${placesName(reason.place, house)}?`,
    };
  },
  ringPlace: (reason, house) => ({
    say: `Ring the *${reason.digit}*: that many ${placesName(reason.place, house)}.`,
    why: "This is the last digit that will be kept.",
    ask: `Which digit counts the ${placesName(reason.place, house)}?`,
  }),
  lookRight: (reason, house) => ({
    say: `The digit after it is *${reason.next}*: ${reason.up ? "5 or more" : "less than 5"}.`,
    why: `Only the ${placesName(reason.place, house)} decide. What comes after them can't reach halfway by itself.`,
    ask: "Which digit decides, and is it 5 or more?",
  }),
  writeToCompare: (reason, house) => {
    const written = inText(reason.numeral, house);
    return {
      say: reason.nth === 0 ? `Write *${written}*.` : `Under it *${written}*, place under place.`,
      why: `${sentence(numeralWords(reason.numeral, house))}. Equal places stand under one another, so that like meets like.`,
      ask: `Where do you write ${written}?`,
    };
  },
  comparingFillers: (reason, house) => ({
    say: `Fill the empty places with *zeros*: now both go down to the ${placesName(-reason.places, house)}.`,
    why: "More digits do not make a number larger. The zeros show how many there are of each place.",
    ask: "How many are there in the empty places?",
  }),
  comparePlace: (reason, house) => {
    const { place, upper, lower, decides } = reason;
    const places = placesName(place, house);
    return {
      say: decides
        ? sentence(
            `the *${places}* decide: ${countOf(upper, place, house)} and ${countOf(lower, place, house)}.`,
          )
        : sentence(`the ${places}: *${upper}* and *${lower}*, the same. Go on.`),
      why: decides
        ? "One more of this place is worth more than all the smaller places together can be."
        : "From the left: the largest places count first.",
      ask: `How do the ${places} compare?`,
    };
  },
  pickSmallest: ({ numeral, nth, next, place }, house) => {
    const written = inText(numeral, house);
    if (next === undefined)
      return {
        say: `*${written}* is left: it is the largest.`,
        why: "All the others have their place before it.",
        ask: "Which one is left?",
      };
    const other = inText(next, house);
    const which = nth === 1 ? "The smallest" : "Of the rest the smallest";
    if (place === undefined)
      return {
        say: `${which} is *${written}*, and ${other} is worth the same.`,
        why: "No place differs: zeros at the end change nothing.",
        ask: `Do ${written} and ${other} differ in any place?`,
      };
    const count = (one: Decimal): string => countOf(digitAt(one, place) ?? 0, place, house);
    return {
      say: `${which} is *${written}*: ${count(numeral)}, where ${other} has ${count(next)}.`,
      why: `The largest place in which they differ decides, and that is the ${placesName(place, house)}.`,
      ask: `Which of ${nth === 1 ? "them" : "the rest"} is the smallest, and which place says so?`,
    };
  },
  writeRelation: (reason, house) => ({
    say: `Write the sign: ${inText(reason.left, house)} *${reason.relation}* ${inText(reason.right, house)}.`,
    why:
      reason.relation === "=" ? "No place differs." : "The narrow end of the sign is at the smaller number.",
    ask: "Which sign goes between them?",
  }),
};
