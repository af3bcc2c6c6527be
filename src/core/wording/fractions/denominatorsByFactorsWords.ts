import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const DENOMINATORS_BY_FACTORS_WORDS: MethodWords<"denominators-by-factors"> = {
  name: "Prime factors",
  about: "Each denominator as a product of primes; the common one has each prime as often as it is needed.",
  preferredBy:
    "For larger denominators, where lists would be long, and in schools that teach factors before fractions. It finds the smallest common denominator too.",
  refusals: { largeNumber: (most) => `would come to numbers of more than ${most} digits` },
};
