import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const SHORT_DIVISION_WORDS: MethodWords<"short-division"> = {
  name: "Short division",
  about: "Digit by digit in the head; only what is left is written, small before the next digit.",
  preferredBy:
    "For divisors up to twelve, whose multiples are known by heart. It is quick and takes one line, and less can go wrong in writing.",
  refusals: { largeDivisor: (most) => `is for divisors up to ${most}, once they are whole` },
};
