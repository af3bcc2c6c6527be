import type { CountingUpReason } from "../../methods";
import type { Decimal } from "../../number";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { sentence } from "../numbers/line";
import { inText, placesName } from "../numbers/numberWords";

/** The words for the method itself. */
export const COUNTING_UP_WORDS: MethodWords<"counting-up"> = {
  name: "Counting up",
  about: "From the smaller number up to the larger in hops to rounder numbers; the hops are the difference.",
  preferredBy:
    "For work in the head and for change, where the numbers lie close together or the larger one is round. Nothing is ever borrowed; a number line shows it.",
  refusals: {},
};

/** The words for counting up. */
export const COUNTING_STEPS: StepsOf<CountingUpReason> = {
  startCounting: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    return {
      say: `Begin at *${write(reason.from)}* and count up to *${write(reason.to)}*.`,
      why: "The difference is how far it is from the smaller number to the larger.",
      ask: "Where do you begin, and where do you want to arrive?",
    };
  },
  hopUp: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    return {
      say: `From ${write(reason.from)} up *${write(reason.hop)}* to *${write(reason.to)}*.`,
      why: sentence(
        reason.fills
          ? `it fills up the ${placesName(reason.place, house)}, so the next number is a rounder one.`
          : `the largest hop of ${placesName(reason.place, house)} that does not go past the end.`,
      ),
      ask: reason.fills ? "How far is it to the next round number?" : "How far can you go in one hop?",
    };
  },
  addHops: (reason) => ({
    say:
      reason.hops.length > 1
        ? `Add the *${reason.hops.length} hops*.`
        : reason.hops.length === 1
          ? "There was just *one hop*: it is the difference."
          : "You are there already: the difference is *nothing*.",
    why: "The hops together are the whole way.",
    ask: "How far was it altogether?",
  }),
};
