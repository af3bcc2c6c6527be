import { chainMethods } from "./chains/chainMethods";
import type { WorkingBy } from "./contract/method";
import { libraryOf } from "./contract/methodSet";
import { decimalMethods } from "./decimalMethods";
import { fractionMethods } from "./fractions/fractionMethods";
import { measureMethods } from "./measures/measureMethods";
import { moneyMethods } from "./money/moneyMethods";
import type { Reason } from "./reason";
import { signedMethods } from "./signed/signedMethods";

export type Working = WorkingBy<Reason>;

/** Every method there is. */
export const EVERY_METHOD = libraryOf<Reason>([
  decimalMethods,
  fractionMethods,
  signedMethods,
  moneyMethods,
  measureMethods,
  chainMethods,
]);

export const { methodsFor, workingOf } = EVERY_METHOD;
