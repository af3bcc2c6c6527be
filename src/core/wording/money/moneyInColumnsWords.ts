import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const MONEY_IN_COLUMNS_WORDS: MethodWords<"money-in-columns"> = {
  name: "Money in columns",
  about: "Amounts as decimals with two places, worked as the house works decimals.",
  preferredBy:
    "For totals, bills and what is left, on paper. Pence and cents get the places they hide: 7p is 0.07.",
  refusals: { byAmount: "divides by a plain number only" },
};
