import type { CheckReason } from "../checks";
import type { SumMethodReason, sumMethods } from "../methods";
import { COLUMN_ADDITION_WORDS, COLUMN_SUM_STEPS } from "./addition/columnAdditionWords";
import { EXPANDED_ADDITION_WORDS } from "./addition/expandedAdditionWords";
import { CHECK_STEPS } from "./checks/checkWords";
import type { WordsOf } from "./contract/methodWords";
import type { StepsOf, Wordbook } from "./contract/wordbook";
import { COMPARING_BY_PLACE_WORDS } from "./judging/comparingByPlaceWords";
import { JUDGING_STEPS } from "./judging/judgingSteps";
import { ORDERING_BY_PLACE_WORDS } from "./judging/orderingByPlaceWords";
import { ROUNDING_BY_PLACE_WORDS } from "./judging/roundingByPlaceWords";
import { ANSWER_STEPS } from "./squares/answerSteps";
import { EXPANDED_STEPS } from "./squares/expandedSteps";
import { SETTING_OUT_STEPS } from "./squares/settingOutSteps";
import { COUNTING_STEPS, COUNTING_UP_WORDS } from "./subtraction/countingUpWords";
import { EQUAL_ADDITIONS_WORDS } from "./subtraction/equalAdditionsWords";
import { EXPANDED_SUBTRACTION_WORDS } from "./subtraction/expandedSubtractionWords";
import { MAKING_UP_WORDS } from "./subtraction/makingUpWords";
import { PAYMENT_STEPS } from "./subtraction/paymentSteps";
import {
  DECOMPOSITION_STEPS,
  SUBTRACTION_BY_DECOMPOSITION_WORDS,
} from "./subtraction/subtractionByDecompositionWords";

/** All that is said of the methods for sums, differences and judging and of their steps, and of the checks around every working. */
export const SUM_BOOK = {
  methods: {
    "column-addition": COLUMN_ADDITION_WORDS,
    "expanded-addition": EXPANDED_ADDITION_WORDS,
    "subtraction-by-decomposition": SUBTRACTION_BY_DECOMPOSITION_WORDS,
    "equal-additions": EQUAL_ADDITIONS_WORDS,
    "making-up": MAKING_UP_WORDS,
    "expanded-subtraction": EXPANDED_SUBTRACTION_WORDS,
    "counting-up": COUNTING_UP_WORDS,
    "rounding-by-place": ROUNDING_BY_PLACE_WORDS,
    "comparing-by-place": COMPARING_BY_PLACE_WORDS,
    "ordering-by-place": ORDERING_BY_PLACE_WORDS,
  } satisfies WordsOf<typeof sumMethods>,
  steps: {
    ...COLUMN_SUM_STEPS,
    ...DECOMPOSITION_STEPS,
    ...PAYMENT_STEPS,
    ...EXPANDED_STEPS,
    ...COUNTING_STEPS,
    ...SETTING_OUT_STEPS,
    ...ANSWER_STEPS,
    ...JUDGING_STEPS,
    ...CHECK_STEPS,
  } satisfies StepsOf<SumMethodReason | CheckReason>,
} satisfies Wordbook;
