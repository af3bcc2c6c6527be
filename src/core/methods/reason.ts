import type { ColumnAdditionReason } from "./addition/columnAddition";
import type { ExpandedAdditionReason } from "./addition/expandedAddition";
import type { ChainReason } from "./chains/chainReason";
import type { DivisionEndReason } from "./division/divisionEnd";
import type { DivisionSettingReason } from "./division/divisionSetting";
import type { LongDivisionReason } from "./division/longDivision";
import type { ShortDivisionReason } from "./division/shortDivision";
import type { FractionReason } from "./fractions/fractionReason";
import type { ComparingReason } from "./judging/comparingByPlace";
import type { RoundingReason } from "./judging/roundingByPlace";
import type { MeasureReason } from "./measures/measureReason";
import type { MoneyReason } from "./money/moneyReason";
import type { AreaReason } from "./multiplication/area";
import type { ColumnMultiplicationReason } from "./multiplication/columnMultiplication";
import type { InLineReason } from "./multiplication/inLineBlock";
import type { LatticeReason } from "./multiplication/lattice";
import type { MultiplesOfTenReason } from "./multiplication/multiplesOfTen";
import type { ProductReason } from "./multiplication/productBlock";
import type { ShiftReason } from "./multiplication/shift";
import type { SignedReason } from "./signed/signedReason";
import type { AnswerReason } from "./squares/answer";
import type { ExpandedReason } from "./squares/expandedSetting";
import type { SettingOutReason } from "./squares/settingOut";
import type { CountingUpReason } from "./subtraction/countingUp";
import type { EqualAdditionsReason } from "./subtraction/equalAdditions";
import type { ExpandedSubtractionReason } from "./subtraction/expandedSubtraction";
import type { MakingUpReason } from "./subtraction/makingUp";
import type { DecompositionReason } from "./subtraction/subtractionByDecomposition";

/** What a step does and why, as arithmetic; each file owns its own reasons. A reason knows no squares. */
export type DecimalReason =
  | SettingOutReason
  | ColumnAdditionReason
  | ExpandedReason
  | ExpandedAdditionReason
  | DecompositionReason
  | EqualAdditionsReason
  | MakingUpReason
  | ExpandedSubtractionReason
  | CountingUpReason
  | ProductReason
  | ColumnMultiplicationReason
  | InLineReason
  | MultiplesOfTenReason
  | LatticeReason
  | AreaReason
  | ShiftReason
  | DivisionSettingReason
  | LongDivisionReason
  | ShortDivisionReason
  | DivisionEndReason
  | RoundingReason
  | ComparingReason
  | AnswerReason;

export type { ChainReason, FractionReason, MeasureReason, MoneyReason, SignedReason };

export type Reason =
  | DecimalReason
  | FractionReason
  | SignedReason
  | MoneyReason
  | MeasureReason
  | ChainReason;
