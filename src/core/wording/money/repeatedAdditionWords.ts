import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const REPEATED_ADDITION_WORDS: MethodWords<"repeated-addition"> = {
  name: "Repeated addition",
  about: "Several of the same price, under one another and added.",
  preferredBy:
    "Before multiplying decimals is taught, and for two or three of the same. Others multiply the price.",
  refusals: { fewWholeTimes: (most) => `needs a whole number of times, from 2 to ${most}` },
};
