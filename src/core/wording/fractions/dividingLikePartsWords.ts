import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const DIVIDING_LIKE_PARTS_WORDS: MethodWords<"dividing-like-parts"> = {
  name: "Dividing like parts",
  about: "Both over a common denominator; then the numerators are divided.",
  preferredBy:
    "Where dividing is to keep its meaning, how often one goes into the other, and the common denominator is known already. Nothing is turned over.",
  refusals: {},
};
