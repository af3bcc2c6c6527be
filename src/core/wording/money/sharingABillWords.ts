import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const SHARING_ABILL_WORDS: MethodWords<"sharing-a-bill"> = {
  name: "Sharing a bill",
  about: "The bill in its small unit, shared out whole, with what is left over.",
  preferredBy:
    "Nobody can pay a third of a cent: the remainder is said, and someone takes it over. Where a rounded share will do, money in columns rounds.",
  refusals: { wholeShares: "shares among a whole number only" },
};
