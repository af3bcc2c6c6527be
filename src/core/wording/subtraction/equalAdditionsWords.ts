import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const EQUAL_ADDITIONS_WORDS: MethodWords<"equal-additions"> = {
  name: "Equal additions",
  about: "Where a place has too little, ten go to the top and one to the next place below.",
  preferredBy:
    "Where the digits of the minuend are to stay as they are, so that nothing is struck out. A run of zeros is no trouble, since both numbers simply grow by the same.",
  refusals: {},
};
