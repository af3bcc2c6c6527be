import type { CheckReason } from "../checks";
import type { DecimalReason, decimalMethods } from "../methods";
import { COLUMN_ADDITION_WORDS, COLUMN_SUM_STEPS } from "./addition/columnAdditionWords";
import { EXPANDED_ADDITION_WORDS } from "./addition/expandedAdditionWords";
import { CHECK_STEPS } from "./checks/checkWords";
import type { WordsOf } from "./contract/methodWords";
import type { StepsOf, Wordbook } from "./contract/wordbook";
import { DIVISION_END_STEPS, DIVISION_STEPS } from "./division/divisionSteps";
import { LONG_DIVISION_WORDS } from "./division/longDivisionWords";
import { PARTIAL_QUOTIENTS_STEPS, PARTIAL_QUOTIENTS_WORDS } from "./division/partialQuotientsWords";
import { SHORT_DIVISION_WORDS } from "./division/shortDivisionWords";
import { COMPARING_BY_PLACE_WORDS } from "./judging/comparingByPlaceWords";
import { JUDGING_STEPS } from "./judging/judgingSteps";
import { ORDERING_BY_PLACE_WORDS } from "./judging/orderingByPlaceWords";
import { ROUNDING_BY_PLACE_WORDS } from "./judging/roundingByPlaceWords";
import { AREA_STEPS, AREA_WORDS } from "./multiplication/areaWords";
import { COLUMN_MULTIPLICATION_WORDS, PRODUCT_STEPS } from "./multiplication/columnMultiplicationWords";
import { IN_LINE_STEPS } from "./multiplication/inLineSteps";
import { LATTICE_STEPS, LATTICE_WORDS } from "./multiplication/latticeWords";
import { MULTIPLES_OF_TEN_WORDS } from "./multiplication/multiplesOfTenWords";
import { MULTIPLICATION_IN_LINE_WORDS } from "./multiplication/multiplicationInLineWords";
import { SHIFT_STEPS, SHIFT_WORDS } from "./multiplication/shiftWords";
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

/** All that is said of the methods for decimals and of their steps, and of the checks around every working. */
export const DECIMAL_BOOK = {
  methods: {
    "column-addition": COLUMN_ADDITION_WORDS,
    "expanded-addition": EXPANDED_ADDITION_WORDS,
    "subtraction-by-decomposition": SUBTRACTION_BY_DECOMPOSITION_WORDS,
    "equal-additions": EQUAL_ADDITIONS_WORDS,
    "making-up": MAKING_UP_WORDS,
    "expanded-subtraction": EXPANDED_SUBTRACTION_WORDS,
    "counting-up": COUNTING_UP_WORDS,
    "column-multiplication": COLUMN_MULTIPLICATION_WORDS,
    "multiplication-in-line": MULTIPLICATION_IN_LINE_WORDS,
    "multiples-of-ten": MULTIPLES_OF_TEN_WORDS,
    lattice: LATTICE_WORDS,
    area: AREA_WORDS,
    shift: SHIFT_WORDS,
    "long-division": LONG_DIVISION_WORDS,
    "short-division": SHORT_DIVISION_WORDS,
    "partial-quotients": PARTIAL_QUOTIENTS_WORDS,
    "rounding-by-place": ROUNDING_BY_PLACE_WORDS,
    "comparing-by-place": COMPARING_BY_PLACE_WORDS,
    "ordering-by-place": ORDERING_BY_PLACE_WORDS,
  } satisfies WordsOf<typeof decimalMethods>,
  steps: {
    ...COLUMN_SUM_STEPS,
    ...DECOMPOSITION_STEPS,
    ...PAYMENT_STEPS,
    ...EXPANDED_STEPS,
    ...COUNTING_STEPS,
    ...PRODUCT_STEPS,
    ...IN_LINE_STEPS,
    ...SHIFT_STEPS,
    ...LATTICE_STEPS,
    ...AREA_STEPS,
    ...DIVISION_STEPS,
    ...PARTIAL_QUOTIENTS_STEPS,
    ...DIVISION_END_STEPS,
    ...SETTING_OUT_STEPS,
    ...ANSWER_STEPS,
    ...JUDGING_STEPS,
    ...CHECK_STEPS,
  } satisfies StepsOf<DecimalReason | CheckReason>,
} satisfies Wordbook;
