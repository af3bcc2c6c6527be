export { chainShelf } from "./chains/chainShelf";
export { type Row, SOUND_ADDITION } from "./columnSums";
export { decimalShelf } from "./decimalShelf";
export type { Change } from "./decomposition";
export { SOUND_PRODUCTS } from "./digitProducts";
export { fractionShelf } from "./fractions/fractionShelf";
export { measureShelf } from "./measures/measureShelf";
export { METHOD_IDS, type MethodId, type Refusal, type WorkingBy } from "./method";
export { moneyShelf } from "./money/moneyShelf";
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
export { type Library, libraryOf, type Shelf } from "./shelf";
export { signedShelf } from "./signed/signedShelf";
export type { Stage, Step } from "./step";
export { Stuck } from "./stuck";
export { EVERY_METHOD, methodsFor, type Working, workingOf } from "./workings";
