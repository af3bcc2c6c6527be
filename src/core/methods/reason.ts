import type { AnswerReason } from "./answer";
import type { AreaReason } from "./area";
import type { ChainReason } from "./chains/chainReason";
import type { ColumnAdditionReason } from "./columnAddition";
import type { ColumnMultiplicationReason } from "./columnMultiplication";
import type { ComparingReason } from "./comparingByPlace";
import type { CountingUpReason } from "./countingUp";
import type { DivisionEndReason } from "./divisionEnd";
import type { DivisionSettingReason } from "./divisionSetting";
import type { EqualAdditionsReason } from "./equalAdditions";
import type { ExpandedAdditionReason } from "./expandedAddition";
import type { ExpandedReason } from "./expandedSetting";
import type { ExpandedSubtractionReason } from "./expandedSubtraction";
import type { FractionReason } from "./fractions/fractionReason";
import type { InLineReason } from "./inLineBlock";
import type { LatticeReason } from "./lattice";
import type { LongDivisionReason } from "./longDivision";
import type { MakingUpReason } from "./makingUp";
import type { MeasureReason } from "./measures/measureReason";
import type { MoneyReason } from "./money/moneyReason";
import type { MultiplesOfTenReason } from "./multiplesOfTen";
import type { ProductReason } from "./productBlock";
import type { RoundingReason } from "./roundingByPlace";
import type { SettingOutReason } from "./settingOut";
import type { ShiftReason } from "./shift";
import type { ShortDivisionReason } from "./shortDivision";
import type { SignedReason } from "./signed/signedReason";
import type { DecompositionReason } from "./subtractionByDecomposition";

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
