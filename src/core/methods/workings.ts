import { chainMethods } from "./chains/chainMethods";
import { libraryOf } from "./contract/methodSet";
import type { WorkingBy } from "./contract/working";
import { fractionMethods } from "./fractions/fractionMethods";
import { measureMethods } from "./measures/measureMethods";
import { mentalMethods } from "./mental/mentalMethods";
import { moneyMethods } from "./money/moneyMethods";
import { productMethods } from "./productMethods";
import { quantityMethods } from "./quantities/quantityMethods";
import type { MethodId, Reason } from "./reason";
import { signedMethods } from "./signed/signedMethods";
import { sumMethods } from "./sumMethods";

export type Working = WorkingBy<Reason, MethodId>;
/** What is counted of a working: its problem, its answer, and the reasons of its steps. */
export type CountedWorking = Pick<Working, "problem" | "answer"> & {
  readonly steps: readonly Pick<Working["steps"][number], "reason">[];
};

/** Every method there is. */
export const EVERY_METHOD = libraryOf<Reason, MethodId>([
  sumMethods,
  productMethods,
  fractionMethods,
  signedMethods,
  moneyMethods,
  measureMethods,
  quantityMethods,
  chainMethods,
  mentalMethods,
]);

export const { answerOf, methodsFor, workingInSteps, workingOf } = EVERY_METHOD;

/** The ids of all methods, in the order of their sets. */
export const METHOD_IDS: readonly MethodId[] = EVERY_METHOD.methods.map(({ id }) => id);
