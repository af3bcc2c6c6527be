export { chainShelf } from "./chains/chainShelf";
export { decimalShelf } from "./decimalShelf";
export { fractionShelf } from "./fractions/fractionShelf";
export { measureShelf } from "./measures/measureShelf";
export { METHOD_IDS, type MethodId, type Refusal } from "./method";
export { moneyShelf } from "./money/moneyShelf";
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
export { EVERY_METHOD, methodsFor, type Working, workingOf } from "./workings";
