import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const CHANGE_BY_COUNTING_UP_WORDS: MethodWords<"change-by-counting-up"> = {
  name: "Change by counting up",
  about: "From the price up to what was paid, with the fewest coins and notes laid down on the way.",
  preferredBy:
    "As it is done at a till: the change is in the hand when the counting ends, and nothing is borrowed. The till may have run short of some pieces.",
  refusals: {
    fromLarger: "needs a larger amount to count up to, of 10,000 at most",
    shortTill: "can't make this change with the coins and notes in the till",
  },
};
