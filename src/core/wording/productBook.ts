import type { CheckReason } from "../checks";
import type { ProductMethodReason, productMethods, SumMethodReason } from "../methods";
import type { WordsOf } from "./contract/methodWords";
import type { StepsOf, Wordbook } from "./contract/wordbook";
import { DIVISION_END_STEPS, DIVISION_STEPS } from "./division/divisionSteps";
import { LONG_DIVISION_WORDS } from "./division/longDivisionWords";
import { PARTIAL_QUOTIENTS_STEPS, PARTIAL_QUOTIENTS_WORDS } from "./division/partialQuotientsWords";
import { SHORT_DIVISION_WORDS } from "./division/shortDivisionWords";
import { AREA_STEPS, AREA_WORDS } from "./multiplication/areaWords";
import { COLUMN_MULTIPLICATION_WORDS, PRODUCT_STEPS } from "./multiplication/columnMultiplicationWords";
import { IN_LINE_STEPS } from "./multiplication/inLineSteps";
import { LATTICE_STEPS, LATTICE_WORDS } from "./multiplication/latticeWords";
import { MULTIPLES_OF_TEN_WORDS } from "./multiplication/multiplesOfTenWords";
import { MULTIPLICATION_IN_LINE_WORDS } from "./multiplication/multiplicationInLineWords";
import { SHIFT_STEPS, SHIFT_WORDS } from "./multiplication/shiftWords";

/** All that is said of the methods for products and quotients, and of the steps that only they have. */
export const PRODUCT_BOOK = {
  methods: {
    "column-multiplication": COLUMN_MULTIPLICATION_WORDS,
    "multiplication-in-line": MULTIPLICATION_IN_LINE_WORDS,
    "multiples-of-ten": MULTIPLES_OF_TEN_WORDS,
    lattice: LATTICE_WORDS,
    area: AREA_WORDS,
    shift: SHIFT_WORDS,
    "long-division": LONG_DIVISION_WORDS,
    "short-division": SHORT_DIVISION_WORDS,
    "partial-quotients": PARTIAL_QUOTIENTS_WORDS,
  } satisfies WordsOf<typeof productMethods>,
  steps: {
    ...PRODUCT_STEPS,
    ...IN_LINE_STEPS,
    ...SHIFT_STEPS,
    ...LATTICE_STEPS,
    ...AREA_STEPS,
    ...DIVISION_STEPS,
    ...PARTIAL_QUOTIENTS_STEPS,
    ...DIVISION_END_STEPS,
  } satisfies StepsOf<Exclude<ProductMethodReason, SumMethodReason | CheckReason>>,
} satisfies Wordbook;
