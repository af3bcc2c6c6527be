import type { HouseRules } from "../../house";
import type { SettingOutReason } from "../../methods";
import { ONES } from "../../number";
import type { StepsOf } from "../contract/wordbook";
import { type StepWords, sentence } from "../numbers/line";
import { cardinal, inText, numeralWords, placeNameInHouse, placesName } from "../numbers/numberWords";

/** The words for setting a problem out on squared paper. */
export const SETTING_OUT_STEPS: StepsOf<SettingOutReason> = {
  swapForBelowZero: (reason, house) => {
    const larger = inText(reason.larger, house);
    const smaller = inText(reason.smaller, house);
    return {
      say: `*${larger}* is more than ${smaller}, so the answer lies *below zero*. Work out ${larger} − ${smaller} and put a minus in front.`,
      why: "Taking away more than there is leaves a number below zero, as far below it as the two numbers lie apart.",
      ask: "Which of the two is larger, and what does that tell you about the answer?",
    };
  },
  writeOperand: operandWords,
  hiddenPoint: (reason, house) => {
    const ones = placesName(0, house);
    const mark = house.decimalMark;
    const numeral = inText(reason.numeral, house);
    return {
      say: `*${numeral}* is a whole number: its ${mark} hides *right after the ${ones}*.`,
      why: `It has ${cardinal(reason.numeral.whole)} ${BigInt(reason.numeral.whole) === 1n ? placeNameInHouse(ONES, house) : ones} and nothing smaller, so the ${mark} is left out. It is there all the same.`,
      ask: `Where is the ${mark} of ${numeral}?`,
    };
  },
  fillers: (reason, house) => {
    const mark = house.decimalMark;
    const places = `*${cardinal(String(reason.places))} ${reason.places === 1 ? "place" : "places"}*`;
    return {
      say: `Fill the empty places with zeros: now every number has ${places} after the ${mark}.`,
      why: reason.ones
        ? `A hollow zero says that there are none of that place. It keeps the place open and changes nothing.`
        : "A zero after the last decimal changes nothing: it says that there are none of that place, and keeps it open.",
      ask: "Which places are empty? How many pieces are in them?",
    };
  },
  drawRule: (reason) => ({
    say: `Write *${reason.op === "add" ? "plus" : "minus"}* and draw the line.`,
    why: "What is asked stands above the line; what you find stands below it.",
    ask: "What is to be done with these numbers?",
  }),
  placePoint: (reason, house) => {
    const ones = placesName(0, house);
    const mark = house.decimalMark;
    return {
      say:
        reason.when === "first"
          ? `Before any digit: the *${mark}* of the answer, under the others on the plumb line.`
          : `The tenths are done. Before the ${ones}, the *${mark}* comes down the plumb line.`,
      why: `The ${ones} of the answer stand under the ${ones} of the numbers, so its ${mark} hangs on the same line.`,
      ask: `Where does the ${mark} of the answer go?`,
    };
  },
};

function operandWords(
  reason: Extract<SettingOutReason, { kind: "writeOperand" }>,
  house: HouseRules,
): StepWords {
  const { role, numeral, first, movedToFront, decimals } = reason;
  const ones = placesName(0, house);
  const mark = house.decimalMark;
  const written = inText(numeral, house);
  const placed = first ? `its ${ones} just left of the plumb line` : `${ones} under ${ones}`;
  const byMark = first ? `its ${mark} on the plumb line` : `${mark} under ${mark}`;
  const where = numeral.point ? byMark : placed;
  const opening = movedToFront
    ? `The longest number goes first. Write *${written}*`
    : first
      ? `Write the ${role} *${written}*`
      : `Under it the ${role} *${written}*`;
  const named = `${sentence(numeralWords(numeral, house))}.`;
  return {
    say: first ? `${opening} with ${where}.` : `${opening}, ${where}.`,
    why: decimals
      ? `${named} Equal places stand under one another, so tenths only ever meet tenths.`
      : `${named} Equal places stand under one another, so tens only ever meet tens.`,
    ask: first ? `Where do you begin to write ${written}?` : `Which digit of ${written} goes under which?`,
  };
}
