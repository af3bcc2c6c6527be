import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const ORDER_OF_OPERATIONS_WORDS: MethodWords<"order-of-operations"> = {
  name: "Order of operations",
  about: "Several operations, one after the other, each on a page of its own.",
  preferredBy:
    "Brackets first, then times and divided by, then plus and minus. Each step is worked by the method the house prefers.",
  refusals: {},
};
