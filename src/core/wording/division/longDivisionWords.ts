import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const LONG_DIVISION_WORDS: MethodWords<"long-division"> = {
  name: "Long division",
  about: "How many times, multiply, subtract, bring down, with every line written.",
  preferredBy:
    "For divisors that are too large to work in the head, and to show every step. The divisor stands before a bracket or in a corner at the right, as the school writes it.",
  refusals: {},
};
