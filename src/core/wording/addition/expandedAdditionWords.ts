import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const EXPANDED_ADDITION_WORDS: MethodWords<"expanded-addition"> = {
  name: "Addition in expanded form",
  about: "Numbers pulled apart into true values; like parts joined, ten of one regrouped into the next.",
  preferredBy:
    "For schools that want the value of each digit seen before columns make it short, and for learners who carry without knowing what. It is left behind once the columns are understood.",
  refusals: {
    manyPlaces: (most) => `takes numbers with at most ${most} digits in the whole part and ${most} decimals`,
  },
};
