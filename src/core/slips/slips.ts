import { ADDITION_SLIPS } from "./additionSlips";
import { DIVISION_SLIPS } from "./divisionSlips";
import { FRACTIONS_SLIPS } from "./fractionsSlips";
import { INTEGERS_SLIPS } from "./integersSlips";
import { JUDGING_SLIPS } from "./judgingSlips";
import { MONEY_SLIPS } from "./moneySlips";
import { MULTIPLICATION_SLIPS } from "./multiplicationSlips";
import type { Slip, SlipSkill } from "./slip";
import { SUBTRACTION_SLIPS } from "./subtractionSlips";
import { UNITS_SLIPS } from "./unitsSlips";

/** The systematic errors of each skill. What is merely carried out badly has its own file. */
export const SLIPS: Readonly<Record<Exclude<SlipSkill, "execution">, readonly Slip[]>> = {
  addition: ADDITION_SLIPS,
  subtraction: SUBTRACTION_SLIPS,
  multiplication: MULTIPLICATION_SLIPS,
  division: DIVISION_SLIPS,
  fractions: FRACTIONS_SLIPS,
  integers: INTEGERS_SLIPS,
  money: MONEY_SLIPS,
  units: UNITS_SLIPS,
  judging: JUDGING_SLIPS,
};
