import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const ONE_BY_ONE_WORDS: MethodWords<"one-by-one"> = {
  name: "One by one",
  about: "Several numbers added and taken away from the left, each with what there is by then.",
  preferredBy: "Wherever nothing lies below zero on the way: no signs are needed for it.",
  refusals: { aboveZero: "needs three numbers or more, and nothing below zero on the way" },
};

/** The words for the method itself. */
export const TAKEN_TOGETHER_WORDS: MethodWords<"taken-together"> = {
  name: "Taken away together",
  about: "All that is taken away is put together first, and then taken away at once.",
  preferredBy: "For bills and stocks: one subtraction instead of several.",
  refusals: { onlyTaken: "needs two numbers or more that are taken away, and no others" },
};
