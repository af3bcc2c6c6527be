import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const COMPARING_ALIKE_WORDS: MethodWords<"comparing-alike"> = {
  name: "Comparing made alike",
  about:
    "Money in one unit, measures in their smallest one, numbers by their side of zero: then the numbers are compared.",
  preferredBy:
    "Against comparing the digits as they stand: 1 lb and 12 oz, 85c and $1, −5 and −3 look otherwise than they are.",
  refusals: {},
};
