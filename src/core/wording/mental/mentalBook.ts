import type { mentalMethods, ReasonIn } from "../../methods";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { COMPENSATION_STEPS, COMPENSATION_WORDS } from "./compensationWords";

/** All that is said of what is worked in the head. */
export const MENTAL_BOOK = {
  methods: { compensation: COMPENSATION_WORDS } satisfies WordsOf<typeof mentalMethods>,
  steps: COMPENSATION_STEPS satisfies StepsOf<ReasonIn<typeof mentalMethods>>,
} satisfies Wordbook;
