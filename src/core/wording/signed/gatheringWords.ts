import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const GATHERING_WORDS: MethodWords<"gathering"> = {
  name: "Gathering",
  about: "What lies above zero is added up, what lies below too, and then the two are put together.",
  preferredBy:
    "For longer chains: the sign changes only once, at the end. Others work from the left, as they read.",
  refusals: { severalTerms: "needs three terms or more, on both sides of zero" },
};
