import type { PatternId } from "../../errorPatterns";
import type { PatternWords } from "../contract/patternWords";
import { ACROSS_PATTERN_WORDS } from "./catalogue/acrossPatternWords";
import { ADDITION_PATTERN_WORDS } from "./catalogue/additionPatternWords";
import { CHAIN_PATTERN_WORDS } from "./catalogue/chainPatternWords";
import { DIVISION_PATTERN_WORDS } from "./catalogue/divisionPatternWords";
import { FORM_PATTERN_WORDS } from "./catalogue/formPatternWords";
import { FRACTION_PRODUCT_PATTERN_WORDS } from "./catalogue/fractionProductPatternWords";
import { FRACTION_SUM_PATTERN_WORDS } from "./catalogue/fractionSumPatternWords";
import { INTEGERS_PATTERN_WORDS } from "./catalogue/integersPatternWords";
import { JUDGING_PATTERN_WORDS } from "./catalogue/judgingPatternWords";
import { MONEY_PATTERN_WORDS } from "./catalogue/moneyPatternWords";
import { MULTIPLICATION_PATTERN_WORDS } from "./catalogue/multiplicationPatternWords";
import { PRODUCT_ROW_PATTERN_WORDS } from "./catalogue/productRowPatternWords";
import { SHIFT_PATTERN_WORDS } from "./catalogue/shiftPatternWords";
import { SUBTRACTION_PATTERN_WORDS } from "./catalogue/subtractionPatternWords";
import { UNITS_PATTERN_WORDS } from "./catalogue/unitsPatternWords";
import { SLIP_WORDS } from "./slipWords";

const WORDS: Readonly<Record<PatternId, PatternWords>> = {
  ...ADDITION_PATTERN_WORDS,
  ...CHAIN_PATTERN_WORDS,
  ...DIVISION_PATTERN_WORDS,
  ...FRACTION_PRODUCT_PATTERN_WORDS,
  ...FRACTION_SUM_PATTERN_WORDS,
  ...INTEGERS_PATTERN_WORDS,
  ...JUDGING_PATTERN_WORDS,
  ...MONEY_PATTERN_WORDS,
  ...MULTIPLICATION_PATTERN_WORDS,
  ...SUBTRACTION_PATTERN_WORDS,
  ...UNITS_PATTERN_WORDS,
  ...ACROSS_PATTERN_WORDS,
  ...FORM_PATTERN_WORDS,
  ...PRODUCT_ROW_PATTERN_WORDS,
  ...SHIFT_PATTERN_WORDS,
  ...SLIP_WORDS,
};

/** What is said of a pattern, systematic or not. */
export const patternWords = (id: PatternId): PatternWords => WORDS[id];
