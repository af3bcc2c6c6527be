import type { ShiftReason } from "../../methods";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { withArticle } from "../numbers/counted";
import { inText, placeNameInHouse } from "../numbers/numberWords";

/** The words for the method itself. */
export const SHIFT_WORDS: MethodWords<"shift"> = {
  name: "Shift by tens",
  about: "Times or divided by 10, 100, 1000 or 0.1: every digit moves, or the point hops the other way.",
  preferredBy:
    "Every school teaches it, in two ways: the digits move past a point that stays, which is what happens to their value, or the point hops, which is quicker to write.",
  refusals: {
    twoFactors: "takes two factors at a time, and here are more",
    otherForm: "gives no remainder and no fraction: it only moves the digits",
    powerOfTen: "needs a one with zeros, such as 10, 1000 or 0.1, to multiply or divide by",
  },
};

/** The words for multiplying and dividing by a power of ten. */
export const SHIFT_STEPS: StepsOf<ShiftReason> = {
  writeToShift: (reason, house) => {
    const [numeral, by] = [inText(reason.numeral, house), inText(reason.by, house)];
    const done = reason.op === "multiply" ? "times" : "divided by";
    return {
      say: `Write *${numeral}*, ${done} *${by}*.`,
      why: `${by} is a one with nothing but zeros, so no digit changes: each only goes to another place.`,
      ask: `What does ${done} ${by} do to every digit?`,
    };
  },
  shiftDigits: (reason, house) => {
    const mark = house.decimalMark;
    const size = Math.abs(reason.by);
    const places = size === 1 ? "one place" : `${size} places`;
    const [digitsGo, pointGoes] = reason.by > 0 ? ["left", "right"] : ["right", "left"];
    const moves =
      reason.moves === "digitsMove"
        ? `Every digit moves *${places}* to the ${digitsGo}, past the ${mark}`
        : `The ${mark} hops *${places}* to the ${pointGoes}`;
    const factor = `1${"0".repeat(size)}`;
    return {
      say: `${moves}: *${inText(reason.after, house)}*.`,
      why:
        reason.by > 0
          ? `In its new place every digit is worth ${factor} times as much.`
          : `In its new place every digit is worth ${withArticle(placeNameInHouse(-size, house))} of what it was.`,
      ask: `How many places, and which way?`,
    };
  },
  shiftFillers: (reason, house) => {
    const several = reason.zeros > 1;
    return {
      say: `Fill the empty ${several ? "places" : "place"} with ${several ? "*zeros*" : "a *zero*"}: ${inText(reason.after, house)}.`,
      why: `A place without a digit would close up, and the number would lose its size.`,
      ask: "Which places are empty now?",
    };
  },
};
