import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const COUNTERS_WORDS: MethodWords<"counters"> = {
  name: "Counters",
  about: "Plus and minus counters; one of each is nothing, and can be brought or taken.",
  preferredBy:
    "Where taking away a negative number is to be seen done: what is not there is brought as zero pairs first. For two numbers up to 20.",
  refusals: {
    otherForm: "counts whole numbers, which need no other form",
    wholeCounters: "takes two whole numbers, and no more",
    fewCounters: (most) => `lays out at most ${most} counters of a kind`,
  },
};
