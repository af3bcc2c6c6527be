import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const PADDED_COLUMNS_WORDS: MethodWords<"padded-columns"> = {
  name: "Padded columns",
  about: "Metric measures as decimals of the larger unit, the smaller one filled up to its full width.",
  preferredBy:
    "Where metric measures are taught as decimals: 3 L 6 mL is 3.006 L, and the columns are those of decimals.",
  refusals: {
    metricOnly: "is for metric measures in two units or more",
    otherForm: "gives its answer in the units of the problem; choose the units afterwards",
    wholeCounts: "needs whole counts of each unit",
    unitsInOrder: "needs every smaller unit to have fewer than make one of the next",
  },
};
