import type { chainMethods, ReasonIn } from "../../methods";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { CHAIN_STEPS } from "./chainSteps";
import { ORDER_OF_OPERATIONS_WORDS } from "./orderOfOperationsWords";

/** All that is said of these methods and their steps. */
export const CHAIN_BOOK = {
  methods: { "order-of-operations": ORDER_OF_OPERATIONS_WORDS } satisfies WordsOf<typeof chainMethods>,
  steps: CHAIN_STEPS satisfies StepsOf<ReasonIn<typeof chainMethods>>,
} satisfies Wordbook;
