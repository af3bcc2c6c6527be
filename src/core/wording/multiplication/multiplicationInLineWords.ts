import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const MULTIPLICATION_IN_LINE_WORDS: MethodWords<"multiplication-in-line"> = {
  name: "Multiplication in line",
  about: "A number on the plumb line times a whole number: every row keeps its point on the line.",
  preferredBy:
    "Where one factor is whole, as in a price times a number of parts: tenths stay tenths, and no places are counted. Preferred before two decimals are multiplied.",
  refusals: {
    twoFactors: "takes two factors at a time, and here are more",
    wholeMultiplier: "needs one factor that is a whole number",
  },
};
