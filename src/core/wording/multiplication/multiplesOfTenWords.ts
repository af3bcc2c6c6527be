import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const MULTIPLES_OF_TEN_WORDS: MethodWords<"multiples-of-ten"> = {
  name: "Multiples of ten",
  about: "A multiplier that ends in zeros taken apart: the zeros first, as a shift, then its digits.",
  preferredBy:
    "For multipliers such as 60 or 300: times 60 is times 6 and one zero. It saves a row, and prepares for estimates and long multiplication.",
  refusals: {
    twoFactors: "takes two factors at a time, and here are more",
    multipleOfTen: "needs a whole factor that ends in a zero, such as 60 or 300",
  },
};
