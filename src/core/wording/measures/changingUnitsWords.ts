import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const CHANGING_UNITS_WORDS: MethodWords<"changing-units"> = {
  name: "Changing units",
  about: "One measure in other units: times the rate into smaller ones, divided by it into larger.",
  preferredBy: "Every school needs it, before measures are added and after.",
  refusals: {},
};
