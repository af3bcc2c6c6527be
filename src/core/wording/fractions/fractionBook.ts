import type { fractionMethods, ReasonIn } from "../../methods";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { CHANGING_FORM_WORDS } from "./changingFormWords";
import { CROSS_PRODUCTS_STEPS, CROSS_PRODUCTS_WORDS } from "./crossProductsWords";
import { DENOMINATORS_BY_FACTORS_WORDS } from "./denominatorsByFactorsWords";
import { DENOMINATORS_BY_MULTIPLES_WORDS } from "./denominatorsByMultiplesWords";
import { DENOMINATORS_BY_PRODUCT_WORDS } from "./denominatorsByProductWords";
import { DIVIDING_LIKE_PARTS_WORDS } from "./dividingLikePartsWords";
import { FRACTION_STEPS } from "./fractionSteps";
import { MULTIPLYING_ACROSS_WORDS } from "./multiplyingAcrossWords";
import { TURNING_OVER_WORDS } from "./turningOverWords";

/** All that is said of these methods and their steps. */
export const FRACTION_BOOK = {
  methods: {
    "denominators-by-multiples": DENOMINATORS_BY_MULTIPLES_WORDS,
    "denominators-by-factors": DENOMINATORS_BY_FACTORS_WORDS,
    "denominators-by-product": DENOMINATORS_BY_PRODUCT_WORDS,
    "multiplying-across": MULTIPLYING_ACROSS_WORDS,
    "turning-over": TURNING_OVER_WORDS,
    "dividing-like-parts": DIVIDING_LIKE_PARTS_WORDS,
    "changing-form": CHANGING_FORM_WORDS,
    "cross-products": CROSS_PRODUCTS_WORDS,
  } satisfies WordsOf<typeof fractionMethods>,
  steps: { ...FRACTION_STEPS, ...CROSS_PRODUCTS_STEPS } satisfies StepsOf<ReasonIn<typeof fractionMethods>>,
} satisfies Wordbook;
