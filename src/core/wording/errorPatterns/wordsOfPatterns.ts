import type { PatternId } from "../../errorPatterns";
import { ACROSS_PATTERN_WORDS } from "./acrossPatternWords";
import { ADDITION_PATTERN_WORDS } from "./additionPatternWords";
import { CHAIN_PATTERN_WORDS } from "./chainPatternWords";
import { DIVISION_PATTERN_WORDS } from "./divisionPatternWords";
import { FORM_PATTERN_WORDS } from "./formPatternWords";
import { FRACTION_PRODUCT_PATTERN_WORDS } from "./fractionProductPatternWords";
import { FRACTION_SUM_PATTERN_WORDS } from "./fractionSumPatternWords";
import { INTEGERS_PATTERN_WORDS } from "./integersPatternWords";
import { JUDGING_PATTERN_WORDS } from "./judgingPatternWords";
import { MONEY_PATTERN_WORDS } from "./moneyPatternWords";
import { MULTIPLICATION_PATTERN_WORDS } from "./multiplicationPatternWords";
import type { PatternWords } from "./patternWords";
import { PRODUCT_ROW_PATTERN_WORDS } from "./productRowPatternWords";
import { SHIFT_PATTERN_WORDS } from "./shiftPatternWords";
import { SLIP_WORDS } from "./slipWords";
import { SUBTRACTION_PATTERN_WORDS } from "./subtractionPatternWords";
import { UNITS_PATTERN_WORDS } from "./unitsPatternWords";

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
