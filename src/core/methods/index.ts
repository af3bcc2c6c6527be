export { chainMethods } from "./chains/chainMethods";
export { METHOD_IDS, type MethodId, type Refusal, type WorkingBy } from "./contract/method";
export { type Library, libraryOf, type MethodSet } from "./contract/methodSet";
export type { Stage, Step } from "./contract/step";
export { Stuck } from "./contract/stuck";
export { decimalMethods } from "./decimalMethods";
export { fractionMethods } from "./fractions/fractionMethods";
export { measureMethods } from "./measures/measureMethods";
export { moneyMethods } from "./money/moneyMethods";
export { type OtherDecisions, workingWith } from "./otherDecisions";
export { type Row, SOUND_ADDITION } from "./procedures/columnSums";
export type { Change } from "./procedures/decomposition";
export { SOUND_PRODUCTS } from "./procedures/digitProducts";
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
export { newPad, PLAIN_LAYOUT, text } from "./squares/pad";
export { EVERY_METHOD, methodsFor, type Working, workingOf } from "./workings";
