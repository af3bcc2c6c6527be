import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const DENOMINATORS_BY_MULTIPLES_WORDS: MethodWords<"denominators-by-multiples"> = {
  name: "Multiples listed",
  about: "The multiples of each denominator are listed until one meets; that is the common denominator.",
  preferredBy:
    "For denominators whose tables are known by heart. Every step can be seen, and the smallest common denominator comes by itself. Lists beyond twelve multiples are too long for it.",
  refusals: { longList: (most) => `would take a list of more than ${most} multiples` },
};
