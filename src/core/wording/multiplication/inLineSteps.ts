import type { InLineReason, MultiplesOfTenReason } from "../../methods";
import { ONES } from "../../number";
import type { StepsOf } from "../contract/wordbook";
import { sentence } from "../numbers/line";
import { inText, numeralWords, placesName } from "../numbers/numberWords";

/** The words for multiplying by a whole number with the point kept in line. */
export const IN_LINE_STEPS: StepsOf<InLineReason | MultiplesOfTenReason> = {
  writeMultiplicand: (reason, house) => {
    const mark = house.decimalMark;
    const written = inText(reason.numeral, house);
    return {
      say: `Write *${written}* with its ${placesName(ONES, house)} just left of the plumb line.`,
      why: `${sentence(numeralWords(reason.numeral, house))}. Its ${mark} will stay where it is.`,
      ask: `Where do you write ${written}?`,
    };
  },
  writeMultiplier: (reason, house) => ({
    say: `Under it times *${inText(reason.numeral, house)}*, and draw the line.`,
    why: `The multiplier is a whole number. It says how many times the number above is taken, so tenths stay tenths.`,
    ask: "How many times is the number taken?",
  }),
  pointInLine: (reason, house) => {
    const mark = house.decimalMark;
    return {
      say: `The *${mark}* comes straight down the plumb line${reason.rows > 1 ? ", in every row" : ""}.`,
      why: "So many times some tenths are tenths again: no digit changed its place, so the line still parts wholes from pieces.",
      ask: `Where does the ${mark} of the answer go?`,
    };
  },
  splitMultiplier: (reason, house) => {
    const whole = inText(reason.multiplier, house);
    const rest = inText(reason.rest, house);
    return {
      say: `Times ${whole} is *times 1${"0".repeat(reason.zeros)}*, then *times ${rest}*.`,
      why: `${whole} is ${rest} times 1${"0".repeat(reason.zeros)}, and it does not matter which is done first.`,
      ask: `What is ${whole} made of?`,
    };
  },
  zerosFirst: (reason, house) => {
    const [before, after] = [inText(reason.before, house), inText(reason.after, house)];
    const places = reason.zeros === 1 ? "one place" : `${reason.zeros} places`;
    return {
      say: `The ${reason.zeros === 1 ? "zero" : "zeros"} first: ${
        house.shiftBy === "pointHops"
          ? `the ${house.decimalMark} of ${before} hops *${places}* to the right`
          : `every digit of ${before} moves *${places}* to the left`
      }: *${after}*.`,
      why: "Ten times as much of any place is just as much of the next place to the left.",
      ask: `What is ${before} times 1${"0".repeat(reason.zeros)}?`,
    };
  },
};
