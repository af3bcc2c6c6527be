import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const DENOMINATORS_BY_PRODUCT_WORDS: MethodWords<"denominators-by-product"> = {
  name: "Denominators multiplied",
  about: "The denominators are multiplied with each other; the answer is made simpler in the end.",
  preferredBy:
    "It always works and needs no search, so some schools teach it first. With denominators that share a factor the numbers grow, and simplifying can't be forgotten.",
  refusals: {},
};
