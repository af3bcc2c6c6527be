import type { HouseRules } from "../../../house";
import type { Reason } from "../../../methods";
import { ONES } from "../../../number";
import { type StepWords, sentence } from "../../numbers/line";
import { inText, numeralWords, placesName } from "../../numbers/numberWords";

type InLineReason = Extract<
  Reason,
  { kind: "writeMultiplicand" | "writeMultiplier" | "pointInLine" | "splitMultiplier" | "zerosFirst" }
>;

/** The words for multiplying by a whole number with the point kept in line. */
export function inLineWords(reason: InLineReason, house: HouseRules): StepWords {
  const mark = house.decimalMark;
  switch (reason.kind) {
    case "writeMultiplicand": {
      const written = inText(reason.numeral, house);
      return {
        say: `Write *${written}* with its ${placesName(ONES, house)} just left of the plumb line.`,
        why: `${sentence(numeralWords(reason.numeral, house))}. Its ${mark} will stay where it is.`,
        ask: `Where do you write ${written}?`,
      };
    }
    case "writeMultiplier":
      return {
        say: `Under it times *${inText(reason.numeral, house)}*, and draw the line.`,
        why: `The multiplier is a whole number. It says how many times the number above is taken, so tenths stay tenths.`,
        ask: "How many times is the number taken?",
      };
    case "pointInLine":
      return {
        say: `The *${mark}* comes straight down the plumb line${reason.rows > 1 ? ", in every row" : ""}.`,
        why: "So many times some tenths are tenths again: no digit changed its place, so the line still parts wholes from pieces.",
        ask: `Where does the ${mark} of the answer go?`,
      };
    case "splitMultiplier": {
      const whole = inText(reason.multiplier, house);
      const rest = inText(reason.rest, house);
      const zeros = reason.zeros === 1 ? "one zero" : `${reason.zeros} zeros`;
      return {
        say: `Times ${whole} is times *${rest}* and *${zeros}*.`,
        why: `${whole} is ${rest} times 1${"0".repeat(reason.zeros)}, and it does not matter which is done first.`,
        ask: `What is ${whole} made of?`,
      };
    }
    case "zerosFirst": {
      const [before, after] = [inText(reason.before, house), inText(reason.after, house)];
      const places = reason.zeros === 1 ? "one place" : `${reason.zeros} places`;
      return {
        say: `The ${reason.zeros === 1 ? "zero" : "zeros"} first: every digit of ${before} moves *${places}* to the left: *${after}*.`,
        why: "Ten times as much of any place is just as much of the next place to the left.",
        ask: `What is ${before} times 1${"0".repeat(reason.zeros)}?`,
      };
    }
  }
}

type ShiftReason = Extract<Reason, { kind: "writeToShift" | "shiftDigits" | "shiftFillers" }>;

/** The words for multiplying and dividing by a power of ten. */
export function shiftWords(reason: ShiftReason, house: HouseRules): StepWords {
  const mark = house.decimalMark;
  switch (reason.kind) {
    case "writeToShift": {
      const [numeral, by] = [inText(reason.numeral, house), inText(reason.by, house)];
      const done = reason.op === "multiply" ? "times" : "divided by";
      return {
        say: `Write *${numeral}*, ${done} *${by}*.`,
        why: `${by} is a one with nothing but zeros, so only the size of each place changes, and no digit.`,
        ask: `What does ${done} ${by} do to every digit?`,
      };
    }
    case "shiftDigits": {
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
            ? `Every place is now worth ${factor} times as much.`
            : `Every place is now worth the ${factor.length > 4 ? `${size}-fold tenth` : `${placesName(-size, house).slice(0, -1)} part`} of what it was.`,
        ask: `How many places, and which way?`,
      };
    }
    case "shiftFillers": {
      const several = reason.zeros > 1;
      return {
        say: `Fill the empty ${several ? "places" : "place"} with ${several ? "*zeros*" : "a *zero*"}: ${inText(reason.after, house)}.`,
        why: `A place without a digit would close up, and the number would lose its size.`,
        ask: "Which places are empty now?",
      };
    }
  }
}
