import type { ReasonIn, signedMethods } from "../../methods";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { COUNTERS_WORDS } from "./countersWords";
import { GATHERING_WORDS } from "./gatheringWords";
import { NUMBER_LINE_WORDS } from "./numberLineWords";
import { SIGNED_STEPS } from "./signedSteps";
import { SIGN_RULE_WORDS } from "./signRuleWords";
import { ONE_BY_ONE_WORDS, TAKEN_TOGETHER_WORDS } from "./takingAwayWords";

/** All that is said of these methods and their steps. */
export const SIGNED_BOOK = {
  methods: {
    "sign-rule": SIGN_RULE_WORDS,
    gathering: GATHERING_WORDS,
    "number-line": NUMBER_LINE_WORDS,
    counters: COUNTERS_WORDS,
    "one-by-one": ONE_BY_ONE_WORDS,
    "taken-together": TAKEN_TOGETHER_WORDS,
  } satisfies WordsOf<typeof signedMethods>,
  steps: SIGNED_STEPS satisfies StepsOf<ReasonIn<typeof signedMethods>>,
} satisfies Wordbook;
