import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const MULTIPLYING_ACROSS_WORDS: MethodWords<"multiplying-across"> = {
  name: "Multiplying across",
  about: "Numerator times numerator, denominator times denominator; whole numbers stand over one.",
  preferredBy:
    "All schools multiply so. Some cancel common factors before they multiply, which keeps the numbers small; others multiply first and simplify after, which has one rule less.",
  refusals: {},
};
