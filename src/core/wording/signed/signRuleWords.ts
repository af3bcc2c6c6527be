import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const SIGN_RULE_WORDS: MethodWords<"sign-rule"> = {
  name: "Sign rule",
  about: "Same signs are added, different signs subtracted; taking away is adding the opposite.",
  preferredBy:
    "For any numbers, large ones, decimals and fractions too. The sizes are worked like plain numbers, and the rule gives the sign.",
  refusals: {},
};
