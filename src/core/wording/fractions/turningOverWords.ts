import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const TURNING_OVER_WORDS: MethodWords<"turning-over"> = {
  name: "Turning over",
  about: "The divisor is turned over and multiplied by.",
  preferredBy:
    "The shortest way to divide, and the one that algebra needs. Why it works is seen from the reciprocal: a number times its reciprocal is one.",
  refusals: {},
};
