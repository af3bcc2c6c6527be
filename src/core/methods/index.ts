export { columnAddition } from "./addition/columnAddition";
export { chainMethods } from "./chains/chainMethods";
export type { AnyMethod, Method, Refusal, WorkingBy } from "./contract/method";
export { libraryOf, type MethodSet } from "./contract/methodSet";
export type { Stage, Step } from "./contract/step";
export { Stuck } from "./contract/stuck";
export { decimalMethods } from "./decimalMethods";
export { longDivision } from "./division/longDivision";
export { changingForm } from "./fractions/changingForm";
export {
  denominatorsByFactors,
  denominatorsByMultiples,
  denominatorsByProduct,
} from "./fractions/commonDenominator";
export { dividingLikeParts } from "./fractions/dividingLikeParts";
export { fractionMethods } from "./fractions/fractionMethods";
export { multiplyingAcross, turningOver } from "./fractions/multiplyingAcross";
export { roundingByPlace } from "./judging/roundingByPlace";
export { measureMethods } from "./measures/measureMethods";
export { unitColumns } from "./measures/unitColumns";
export { moneyMethods } from "./money/moneyMethods";
export { columnMultiplication } from "./multiplication/columnMultiplication";
export { lattice } from "./multiplication/lattice";
export { type Row, SOUND_ADDITION } from "./procedures/columnSums";
export type { Change } from "./procedures/decomposition";
export { SOUND_PRODUCTS } from "./procedures/digitProducts";
export type {
  AnyMethodSet,
  ChainReason,
  DecimalReason,
  FractionReason,
  Library,
  MeasureReason,
  MethodId,
  MoneyReason,
  Reason,
  RefusesAs,
  SignedReason,
} from "./reason";
export { signedMethods } from "./signed/signedMethods";
export { signRule } from "./signed/signRule";
export { newPad, PLAIN_LAYOUT, text } from "./squares/pad";
export { equalAdditions } from "./subtraction/equalAdditions";
export { makingUp } from "./subtraction/makingUp";
export { subtractionByDecomposition } from "./subtraction/subtractionByDecomposition";
export { EVERY_METHOD, METHOD_IDS, methodsFor, type Working, workingOf } from "./workings";
