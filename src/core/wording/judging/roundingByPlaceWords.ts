import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const ROUNDING_BY_PLACE_WORDS: MethodWords<"rounding-by-place"> = {
  name: "Rounding",
  about: "The place ringed, the digit after it asked whether the place grows or stays.",
  preferredBy:
    "The rule of all schools: 5 and more goes up. Some show it on a number line first, with the two neighbours and the middle between them.",
  refusals: {},
};
