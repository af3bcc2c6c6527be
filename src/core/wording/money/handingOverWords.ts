import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const HANDING_OVER_WORDS: MethodWords<"handing-over"> = {
  name: "Handing over",
  about: "The notes to pay a price with: as little over it as can be, in as few as can be.",
  preferredBy: "Before change is taught: which notes to take out, and what to expect back.",
  refusals: { shortTill: "can't pay this price with the notes there are" },
};
