import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const MAKING_UP_WORDS: MethodWords<"making-up"> = {
  name: "Making up",
  about: "What goes with the lower digit to make the upper one, with a carry to the lower number.",
  preferredBy:
    "Where subtracting is taught as adding on, with the words of change given over a counter. It needs only the facts of adding, and several numbers can be taken away at once.",
  refusals: {},
};
