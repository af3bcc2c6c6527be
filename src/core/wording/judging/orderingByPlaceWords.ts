import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const ORDERING_BY_PLACE_WORDS: MethodWords<"ordering-by-place"> = {
  name: "Ordering by place",
  about:
    "The numbers under one another, place under place; the smallest picked out, then the smallest of the rest.",
  preferredBy:
    "Against the decision of taking longer decimals for larger ones, or shorter ones: the places decide.",
  refusals: {},
};
