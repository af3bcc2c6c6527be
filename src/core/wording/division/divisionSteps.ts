import type { HouseRules } from "../../house";
import type {
  DivisionEndReason,
  DivisionSettingReason,
  LongDivisionReason,
  Reason,
  ShortDivisionReason,
} from "../../methods";
import { type Decimal, ONES } from "../../number";
import { signOf } from "../../problem";
import type { StepsOf } from "../contract/wordbook";
import { oftenWords } from "../numbers/counted";
import { type StepWords, sentence } from "../numbers/line";
import { countedAt, countOf, inText, placesName } from "../numbers/numberWords";

type DivisionReason = DivisionSettingReason | LongDivisionReason | ShortDivisionReason;

/** The words for dividing digit by digit. The dividend is shared, the divisor says into how many, the quotient is what comes out. */
export const DIVISION_STEPS: StepsOf<DivisionReason> = {
  scaleBoth: (reason, house) => {
    const { dividend, divisor, power, newDividend, newDivisor } = reason;
    const factor = `1${"0".repeat(power)}`;
    return {
      say: `The divisor ${inText(divisor, house)} is not whole. Multiply both by *${factor}*: *${inText(newDividend, house)} ${signOf("divide", house)} ${newDivisor}*.`,
      why: `Above and below the bar the same multiplication: ${factor} over ${factor} is one, so ${inText(dividend, house)} ${signOf("divide", house)} ${inText(divisor, house)} keeps its quotient.`,
      ask: "How can the divisor become a whole number, without changing the quotient?",
    };
  },
  writeDivision: (reason, house) => {
    const dividend = inText(reason.dividend, house);
    return {
      say:
        reason.frame === "bracket"
          ? `The dividend *${dividend}* goes inside, the divisor *${reason.divisor}* before it.`
          : `The dividend *${dividend}* goes left, the divisor *${reason.divisor}* into the corner right of it.`,
      why: "The dividend is what is shared out; the divisor says into how many equal parts, or how large each part is. The quotient is what you are looking for.",
      ask: "Which number is shared out, and which one does the sharing?",
    };
  },
  quotientPoint: (reason, house) => {
    const mark = house.decimalMark;
    return {
      say:
        reason.when === "first"
          ? `Before any digit: the *${mark}* of the quotient, where the dividend has its own.`
          : `The ${placesName(ONES, house)} are shared out. Now the *${mark}* of the quotient.`,
      why: `From here on, tenths and smaller pieces are shared: their digits come after the ${mark}.`,
      ask: `When does the quotient get its ${mark}?`,
    };
  },
  takePart: (reason) => ({
    say: `${fewerDigits(reason)} is less than ${reason.divisor}, so take *${reason.part}*.`,
    why: "The first digits alone are fewer than the divisor. Taken together with the next one they can be shared.",
    ask: `How many digits must be taken, so that ${reason.divisor} goes in?`,
  }),
  howMany: howManyWords,
  multiplyBack: (reason, house) => ({
    say:
      house.narration === "short"
        ? `${reason.digit} times ${reason.divisor} is *${reason.product}*.`
        : `${reason.divisor} times ${countedAt(reason.digit, reason.place, house)} make *${countedAt(reason.product, reason.place, house)}*.`,
    why: "So much is shared out in this round.",
    ask: `What is ${reason.digit} times ${reason.divisor}?`,
  }),
  subtractBack: (reason, house) => ({
    say:
      house.narration === "short"
        ? `${reason.part} take away ${reason.product} leaves *${reason.rest}*.`
        : `${countedAt(reason.part, reason.place, house)} take away ${countedAt(reason.product, reason.place, house)} leaves *${countedAt(reason.rest, reason.place, house)}*.`,
    why:
      reason.rest === 0n
        ? "Nothing is left in this round: it was shared out evenly."
        : `What is left is less than the divisor ${reason.divisor}; if it were not, the digit would be too small.`,
    ask: `What is left of ${reason.part}?`,
  }),
  bringDown: (reason, house) => {
    const part =
      house.narration === "short" ? String(reason.part) : countedAt(reason.part, reason.place, house);
    return {
      say: reason.appended
        ? `Write a *zero* after the dividend and bring it down: *${part}*.`
        : `Bring down the *${reason.digit}*: *${part}*.`,
      why: reason.appended
        ? `A zero after the last decimal changes nothing. ${sentence(`what is left becomes ${placesName(reason.place, house)}`)}.`
        : sentence(
            reason.rest === 0n
              ? `nothing was left, so only the ${placesName(reason.place, house)} are shared next.`
              : `what was left makes ten times as many ${placesName(reason.place, house)}, and the ${reason.digit} of the dividend join them.`,
          ),
      ask: "What comes down next?",
    };
  },
  shareInHead: shareWords,
};

/** The digits of a part but for its last one: too few for the divisor to go into. */
const fewerDigits = ({ part }: Extract<Reason, { kind: "takePart" }>): bigint => part / 10n;

function howManyWords(
  { part, divisor, digit, place }: Extract<Reason, { kind: "howMany" }>,
  house: HouseRules,
): StepWords {
  return {
    say:
      digit === 0
        ? part === 0n
          ? `${divisor} goes *no times* into 0.`
          : house.narration === "short"
            ? `${part} is less than ${divisor}: write *0* in the quotient.`
            : `${countedAt(part, place, house)} are fewer than ${divisor}: no ${placesName(place, house)} each, write *0*.`
        : house.narration === "short"
          ? `${divisor} goes *${oftenWords(digit)}* into ${part}.`
          : `${countedAt(part, place, house)} among ${divisor}: *${countedAt(digit, place, house)}* each.`,
    why:
      digit === 0
        ? sentence(
            `the zero keeps the ${placesName(place, house)} open. Without it the quotient would lose a place.`,
          )
        : BigInt(digit) * divisor === part
          ? `${digit} times ${divisor} is just ${part}.`
          : `${digit} times ${divisor} is ${BigInt(digit) * divisor}, no more than ${part}; ${digit + 1} times ${divisor} is ${BigInt(digit + 1) * divisor}, too much.`,
    ask: `How many times does ${divisor} go into ${part}?`,
  };
}

function shareWords(
  { part, divisor, digit, rest, place, appended, last }: Extract<Reason, { kind: "shareInHead" }>,
  house: HouseRules,
): StepWords {
  const short = house.narration === "short";
  const counted = (count: bigint | number): string =>
    short ? String(count) : countedAt(count, place, house);
  const left =
    rest > 0n
      ? `, and *${counted(rest)}* ${last ? (rest === 1n || short ? "is left" : "are left") : "left over, small before the next digit"}`
      : "";
  const opening = appended ? "Write a zero after the dividend. " : "";
  return {
    say:
      digit === 0
        ? part === 0n
          ? `${opening}${divisor} goes *no times* into 0.`
          : short
            ? `${opening}${part} is less than ${divisor}: *0*${left}.`
            : `${opening}${counted(part)} are fewer than ${divisor}: no ${placesName(place, house)} each, *0*${left}.`
        : short
          ? `${opening}${divisor} goes *${oftenWords(digit)}* into ${part}${left}.`
          : `${opening}${counted(part)} among ${divisor}: *${counted(digit)}* each${left}.`,
    why: sentence(
      rest > 0n && !last
        ? `${digit} times ${divisor} is ${BigInt(digit) * divisor}. What is left makes ten times as many of the next place.`
        : `each part gets ${digit === 0 ? `no ${placesName(place, house)}` : countOf(digit, place, house)}: ${digit} times ${divisor} is ${BigInt(digit) * divisor}.`,
    ),
    ask: `How many times does ${divisor} go into ${part}, and what is left?`,
  };
}

/** The words for the end of a division. */
export const DIVISION_END_STEPS: StepsOf<DivisionEndReason> = {
  remainderLeft: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    const { quotient, scaled, remainder, power } = reason;
    const factor = `1${"0".repeat(power)}`;
    return {
      say:
        power > 0
          ? `The quotient is *${write(quotient)}*. What is left, ${write(scaled)}, was made ${factor} times too large: the remainder is *${write(remainder)}*.`
          : `The quotient is *${write(quotient)}*, and *${write(remainder)}* is left: the remainder.`,
      why:
        power > 0
          ? "Multiplying dividend and divisor by the same keeps the quotient, but the remainder grows with them: that must be undone."
          : "What is left is less than the divisor, so it can't be shared out in whole numbers.",
      ask: "What is left, and what is it worth?",
    };
  },
  remainderShared: (reason, house) => ({
    say: `Share what is left too: ${reason.numerator} ${signOf("divide", house)} ${reason.denominator} is *${reason.numerator}/${reason.denominator}*.`,
    why: "A remainder divided by the divisor is a part of one: its numerator says how many pieces are left, its denominator into how many each whole is shared.",
    ask: "What part of the divisor is left?",
  }),
  simplifyPart: (reason) => ({
    say: `Both have ${reason.by} as a factor: ${reason.numerator}/${reason.denominator} is *${reason.newNumerator}/${reason.newDenominator}*.`,
    why: "Numerator and denominator divided by the same: fewer pieces, each so much larger, worth the same.",
    ask: "Which number goes into both?",
  }),
  repetendFound: (reason) => {
    const several = reason.repetend.length > 1;
    const digits = several ? "digits" : "digit";
    const once =
      reason.fixed === ""
        ? ""
        : ` The ${reason.fixed.length > 1 ? "digits before come" : "digit before comes"} only once.`;
    return {
      say: `*${reason.rest}* is left, as before: from here the ${digits} *${reason.repetend}* ${several ? "come" : "comes"} again for ever.`,
      why: `The same remainder brings the same ${digits}.${once}`,
      ask: "Have you had this remainder before? What will happen now?",
    };
  },
  chunksComeAgain: ({ before, rest, repetend }, house) => ({
    say: `*${inText(rest, house)}* is left. It has the digits of ${inText(before, house)}, so *${repetend}* comes again for ever.`,
    why: "The same chunks will be taken again, each so much smaller, and so on without an end.",
    ask: "Have you met these digits before? What will happen now?",
  }),
  goesOnTooLong: (reason) => {
    const { fixed, repetend } = reason.expansion;
    const places = reason.places === 1 ? "one place" : `${reason.places} places`;
    const length =
      repetend === undefined
        ? "The digits come again only after more than 10,000 of them"
        : repetend === 0
          ? `The quotient ends only after ${fixed} places`
          : `The digits come again only after ${(fixed + repetend).toLocaleString("en")} places`;
    return {
      say: `${length}: stop here and round to *${places}*.`,
      why: "A quotient of whole numbers always ends or comes again, but it may take as many places as the divisor is large.",
      ask: "How far is it sensible to go?",
    };
  },
  readQuotient: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    return {
      say: `So far the quotient is *${write(reason.quotient)}*, worked one place further than is wanted.`,
      why: "The digit after the last one that is wanted decides how to round.",
      ask: "How far must you work, to be able to round?",
    };
  },
};
