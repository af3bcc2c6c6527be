import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const UNIT_COLUMNS_WORDS: MethodWords<"unit-columns"> = {
  name: "Columns by unit",
  about: "Unit under unit; too many of one are regrouped into the next, and one of the next decomposed.",
  preferredBy:
    "For pounds and ounces, feet and inches, hours and minutes. Some regroup each column as they go, others all of them at the end.",
  refusals: {
    byMeasure: "divides by a plain number only",
    wholeCounts: "needs whole counts of each unit",
    otherForm: "gives its answer in the units of the problem; choose the units afterwards",
    longCounts: (most) => `takes counts of ${most} digits at most`,
    unitsInOrder: "needs every smaller unit to have fewer than make one of the next",
  },
};
