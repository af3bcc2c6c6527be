import type { moneyMethods, ReasonIn } from "../../methods";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { CHANGE_BY_COUNTING_UP_WORDS } from "./changeByCountingUpWords";
import { ENOUGH_BY_ADDING_WORDS } from "./enoughByAddingWords";
import { HANDING_OVER_WORDS } from "./handingOverWords";
import { MONEY_IN_COLUMNS_WORDS } from "./moneyInColumnsWords";
import { MONEY_STEPS } from "./moneySteps";
import { REPEATED_ADDITION_WORDS } from "./repeatedAdditionWords";
import { SHARING_ABILL_WORDS } from "./sharingABillWords";

/** All that is said of these methods and their steps. */
export const MONEY_BOOK = {
  methods: {
    "money-in-columns": MONEY_IN_COLUMNS_WORDS,
    "repeated-addition": REPEATED_ADDITION_WORDS,
    "change-by-counting-up": CHANGE_BY_COUNTING_UP_WORDS,
    "enough-by-adding": ENOUGH_BY_ADDING_WORDS,
    "handing-over": HANDING_OVER_WORDS,
    "sharing-a-bill": SHARING_ABILL_WORDS,
  } satisfies WordsOf<typeof moneyMethods>,
  steps: MONEY_STEPS satisfies StepsOf<ReasonIn<typeof moneyMethods>>,
} satisfies Wordbook;
