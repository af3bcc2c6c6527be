import { ACROSS_PATTERNS } from "./catalogue/acrossPatterns";
import { CHAIN_PATTERNS } from "./catalogue/chainPatterns";
import { ADDITION_PATTERNS } from "./catalogue/columns/additionPatterns";
import { DIVISION_PATTERNS } from "./catalogue/columns/divisionPatterns";
import { LENDING_PATTERNS } from "./catalogue/columns/lendingPatterns";
import { MULTIPLICATION_PATTERNS } from "./catalogue/columns/multiplicationPatterns";
import { PRODUCT_ROW_PATTERNS } from "./catalogue/columns/productRowPatterns";
import { QUOTIENT_ZERO_PATTERNS } from "./catalogue/columns/quotientZeroPatterns";
import { SHIFT_PATTERNS } from "./catalogue/columns/shiftPatterns";
import { SUBTRACTION_PATTERNS } from "./catalogue/columns/subtractionPatterns";
import { FORM_PATTERNS } from "./catalogue/fractions/formPatterns";
import { FRACTION_PRODUCT_PATTERNS } from "./catalogue/fractions/fractionProductPatterns";
import { FRACTION_SUM_PATTERNS } from "./catalogue/fractions/fractionSumPatterns";
import { INTEGERS_PATTERNS } from "./catalogue/integersPatterns";
import { JUDGING_PATTERNS } from "./catalogue/judging/judgingPatterns";
import { MONEY_PATTERNS } from "./catalogue/quantities/moneyPatterns";
import { UNIT_CHANGE_PATTERNS } from "./catalogue/quantities/unitChangePatterns";
import { UNITS_PATTERNS } from "./catalogue/quantities/unitsPatterns";
import type { ErrorPattern, PatternSkill } from "./contract/errorPattern";
import { PATTERN_IDS, type PatternId } from "./contract/patternIds";

/** The systematic errors of each skill. What is merely carried out badly has its own file. */
export const PATTERNS: Readonly<Record<PatternSkill, readonly ErrorPattern[]>> = {
  addition: ADDITION_PATTERNS,
  subtraction: [...SUBTRACTION_PATTERNS, ...LENDING_PATTERNS],
  multiplication: [...MULTIPLICATION_PATTERNS, ...PRODUCT_ROW_PATTERNS],
  division: [...DIVISION_PATTERNS, ...QUOTIENT_ZERO_PATTERNS],
  fractions: [...FRACTION_SUM_PATTERNS, ...FRACTION_PRODUCT_PATTERNS, ...FORM_PATTERNS],
  integers: INTEGERS_PATTERNS,
  money: MONEY_PATTERNS,
  units: [...UNITS_PATTERNS, ...UNIT_CHANGE_PATTERNS],
  chains: CHAIN_PATTERNS,
  judging: JUDGING_PATTERNS,
  shifting: SHIFT_PATTERNS,
  across: ACROSS_PATTERNS,
};

/** Every systematic error, in the order of the catalogue. */
export const EVERY_PATTERN: readonly ErrorPattern[] = Object.values(PATTERNS).flat();

/** The patterns of some ids that are systematic; none where another one is among them. */
export function patternsNamed(ids: readonly PatternId[]): readonly ErrorPattern[] | undefined {
  const patterns = EVERY_PATTERN.filter(({ id }) => ids.includes(id));
  return patterns.length === ids.length ? patterns : undefined;
}

const KNOWN: ReadonlyMap<string, PatternId> = new Map(PATTERN_IDS.map((id) => [id, id]));

/** The pattern id that a text is; none where it is none. */
export const patternIdOf = (text: string): PatternId | undefined => KNOWN.get(text);
