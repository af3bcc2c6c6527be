export { columnAddition } from "./addition/columnAddition";
export type { ExpandedAdditionReason } from "./addition/expandedAddition";
export { chainMethods } from "./chains/chainMethods";
export type { AnyMethod, Method, MethodRefusal } from "./contract/method";
export { drawn, libraryOf, type MethodSet } from "./contract/methodSet";
export type { Step, StepStage, StepToDraw } from "./contract/step";
export { Stuck } from "./contract/stuck";
export type { InHouse } from "./contract/workContext";
export type { OnPaper, WorkingBy, WorkingToDraw } from "./contract/working";
export type {
  DivisionEndReason,
  End as DivisionEnd,
  QuotientPosition as DivisionPosition,
} from "./division/divisionEnd";
export type { DivisionPlan } from "./division/divisionPlan";
export type { DivisionSettingReason } from "./division/divisionSetting";
export { quotientNumeral } from "./division/divisionSetting";
export type { DivisionDecisions, LongDivisionReason } from "./division/longDivision";
export { longDivision } from "./division/longDivision";
export type { ShortDivisionReason } from "./division/shortDivision";
export { changingForm } from "./fractions/changingForm";
export {
  denominatorsByFactors,
  denominatorsByMultiples,
  denominatorsByProduct,
} from "./fractions/commonDenominator";
export { dividingLikeParts } from "./fractions/dividingLikeParts";
export { fractionMethods } from "./fractions/fractionMethods";
export { multiplyingAcross, turningOver } from "./fractions/multiplyingAcross";
export type { ComparingReason } from "./judging/comparingByPlace";
export type { OrderingReason } from "./judging/orderingByPlace";
export type { RoundingReason } from "./judging/roundingByPlace";
export { roundingByPlace } from "./judging/roundingByPlace";
export { measureMethods } from "./measures/measureMethods";
export { unitColumns } from "./measures/unitColumns";
export { compensation } from "./mental/compensation";
export { mentalMethods } from "./mental/mentalMethods";
export { moneyMethods } from "./money/moneyMethods";
export type { AreaReason } from "./multiplication/area";
export type { ColumnMultiplicationReason } from "./multiplication/columnMultiplication";
export { columnMultiplication } from "./multiplication/columnMultiplication";
export type { InLineReason } from "./multiplication/inLineBlock";
export type { LatticeReason } from "./multiplication/lattice";
export { lattice } from "./multiplication/lattice";
export type { MultiplesOfTenReason } from "./multiplication/multiplesOfTen";
export type { ProductBlock, WorkedBlock } from "./multiplication/productBlock";
export type { BlockReason, ProductReason } from "./multiplication/productReason";
export { type ShiftDecisions, type ShiftReason, shift } from "./multiplication/shift";
export { type ColumnRow, type ColumnSum, partsOf, SOUND_ADDITION } from "./procedures/columnSums";
export type { Exchange } from "./procedures/decomposition";
export { SOUND_PRODUCTS, withoutFrontZeros } from "./procedures/digitProducts";
export type { Quotient } from "./procedures/quotientDigits";
export { productMethods } from "./productMethods";
export type { QuantityReason } from "./quantities/comparingAlike";
export { quantityMethods } from "./quantities/quantityMethods";
export type {
  AnyMethodSet,
  ChainReason,
  FractionReason,
  Library,
  MeasureReason,
  MethodId,
  MoneyReason,
  OwnReason,
  ProductMethodReason,
  Reason,
  ReasonIn,
  RefusesAs,
  SignedReason,
  SumMethodReason,
} from "./reason";
export { signedMethods } from "./signed/signedMethods";
export { signedNumbers, signRule } from "./signed/signRule";
export { staysAbove } from "./signed/takingAway";
export type { AnswerReason } from "./squares/answer";
export { finishAnswer } from "./squares/answer";
export type { ExpandedReason } from "./squares/expandedSetting";
export { newPad, PLAIN_LAYOUT, padText } from "./squares/pad";
export type { SettingOutReason } from "./squares/settingOut";
export { carryMarks } from "./squares/smallMarks";
export { digitCol, numeralMarks } from "./squares/writtenNumber";
export type { CountingUpReason } from "./subtraction/countingUp";
export { equalAdditions } from "./subtraction/equalAdditions";
export type { ExpandedSubtractionReason } from "./subtraction/expandedSubtraction";
export { makingUp } from "./subtraction/makingUp";
export { subtractionByDecomposition } from "./subtraction/subtractionByDecomposition";
export { sumMethods } from "./sumMethods";
export {
  answerOf,
  type CountedWorking,
  EVERY_METHOD,
  METHOD_IDS,
  methodsFor,
  type Working,
  workingInSteps,
  workingOf,
} from "./workings";
