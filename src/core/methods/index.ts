export { chainMethods } from "./chains/chainMethods";
export { type Row, SOUND_ADDITION } from "./columnSums";
export { decimalMethods } from "./decimalMethods";
export type { Change } from "./decomposition";
export { SOUND_PRODUCTS } from "./digitProducts";
export { fractionMethods } from "./fractions/fractionMethods";
export { measureMethods } from "./measures/measureMethods";
export { METHOD_IDS, type MethodId, type Refusal, type WorkingBy } from "./method";
export { type Library, libraryOf, type MethodSet } from "./methodSet";
export { moneyMethods } from "./money/moneyMethods";
export { type OtherDecisions, workingWith } from "./otherDecisions";
export { newPad, PLAIN_LAYOUT, text } from "./pad";
export type {
  ChainReason,
  DecimalReason,
  FractionReason,
  MeasureReason,
  MoneyReason,
  Reason,
  SignedReason,
} from "./reason";
export { METHOD_SAMPLES } from "./samples";
export { signedMethods } from "./signed/signedMethods";
export type { Stage, Step } from "./step";
export { Stuck } from "./stuck";
export { EVERY_METHOD, methodsFor, type Working, workingOf } from "./workings";
