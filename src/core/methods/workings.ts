import { chainShelf } from "./chains/chainShelf";
import { decimalShelf } from "./decimalShelf";
import { fractionShelf } from "./fractions/fractionShelf";
import { measureShelf } from "./measures/measureShelf";
import type { WorkingBy } from "./method";
import { moneyShelf } from "./money/moneyShelf";
import type { Reason } from "./reason";
import { libraryOf } from "./shelf";
import { signedShelf } from "./signed/signedShelf";

export type Working = WorkingBy<Reason>;

/** Every method there is. */
export const EVERY_METHOD = libraryOf<Reason>([
  decimalShelf,
  fractionShelf,
  signedShelf,
  moneyShelf,
  measureShelf,
  chainShelf,
]);

export const { methodsFor, workingOf } = EVERY_METHOD;
