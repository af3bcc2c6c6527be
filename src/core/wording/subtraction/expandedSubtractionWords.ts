import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const EXPANDED_SUBTRACTION_WORDS: MethodWords<"expanded-subtraction"> = {
  name: "Subtraction in expanded form",
  about: "Both numbers pulled apart into true values; a part too small is regrouped from the next.",
  preferredBy:
    "A step before decomposition in columns: 50 and 3 are seen to be 40 and 13. For learners who borrow by rote, and for explaining why nothing is lost.",
  refusals: {
    manyPlaces: (most) => `takes numbers with at most ${most} digits in the whole part and ${most} decimals`,
  },
};
