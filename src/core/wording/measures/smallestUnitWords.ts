import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const SMALLEST_UNIT_WORDS: MethodWords<"smallest-unit"> = {
  name: "Smallest unit",
  about: "Everything in the smallest unit, worked as one number, and written back.",
  preferredBy:
    "It works for everything, dividing one measure by another too, and needs no regrouping between columns. The numbers are larger.",
  refusals: {},
};
