import type { measureMethods, ReasonIn } from "../../methods";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { CHANGING_UNITS_WORDS } from "./changingUnitsWords";
import { MEASURE_STEPS } from "./measureSteps";
import { PADDED_COLUMNS_WORDS } from "./paddedColumnsWords";
import { SMALLEST_UNIT_WORDS } from "./smallestUnitWords";
import { UNIT_COLUMNS_WORDS } from "./unitColumnsWords";

/** All that is said of these methods and their steps. */
export const MEASURE_BOOK = {
  methods: {
    "unit-columns": UNIT_COLUMNS_WORDS,
    "padded-columns": PADDED_COLUMNS_WORDS,
    "smallest-unit": SMALLEST_UNIT_WORDS,
    "changing-units": CHANGING_UNITS_WORDS,
  } satisfies WordsOf<typeof measureMethods>,
  steps: MEASURE_STEPS satisfies StepsOf<ReasonIn<typeof measureMethods>>,
} satisfies Wordbook;
