import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const ENOUGH_BY_ADDING_WORDS: MethodWords<"enough-by-adding"> = {
  name: "Is it enough?",
  about: "The prices added, and compared with what there is.",
  preferredBy:
    "The question that is asked at every counter. An estimate often answers it; the sum makes sure.",
  refusals: {},
};
