import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const COMPARING_BY_PLACE_WORDS: MethodWords<"comparing-by-place"> = {
  name: "Comparing by place",
  about: "One number under the other, compared from the largest place until two digits differ.",
  preferredBy:
    "Against the decision of taking the longer decimal for the larger one. With fillers both have as many places; without them the empty place is talked about.",
  refusals: {},
};
