import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const CHANGING_FORM_WORDS: MethodWords<"changing-form"> = {
  name: "Changing form",
  about: "One number written otherwise: simpler, mixed or improper, over another denominator, as a decimal.",
  preferredBy:
    "Simplifying by the largest common factor takes one line; by small steps it takes only the tables of 2, 3 and 5. House rules choose.",
  refusals: {},
};
