import type { ChainMethod } from "./chains/chainMethods";
import type { ChainReason } from "./chains/chainReason";
import type { IdOf, ReasonOf, RefusesOf } from "./contract/method";
import type { LibraryBy, MethodSet } from "./contract/methodSet";
import type { FractionMethod } from "./fractions/fractionMethods";
import type { FractionReason } from "./fractions/fractionReason";
import type { MeasureMethod } from "./measures/measureMethods";
import type { MeasureReason } from "./measures/measureReason";
import type { MentalMethod } from "./mental/mentalMethods";
import type { MoneyMethod } from "./money/moneyMethods";
import type { MoneyReason } from "./money/moneyReason";
import type { ProductMethod, ProductMethodReason } from "./productMethods";
import type { QuantityMethod } from "./quantities/quantityMethods";
import type { SignedMethod } from "./signed/signedMethods";
import type { SignedReason } from "./signed/signedReason";
import type { AnswerReason } from "./squares/answer";
import type { SumMethod, SumMethodReason } from "./sumMethods";

export type {
  ChainReason,
  FractionReason,
  MeasureReason,
  MoneyReason,
  ProductMethodReason,
  SignedReason,
  SumMethodReason,
};

/** Every method there is, as types: what they are called and why their steps are made is read off them. */
type EveryMethod =
  | SumMethod
  | ProductMethod
  | FractionMethod
  | SignedMethod
  | MoneyMethod
  | MeasureMethod
  | QuantityMethod
  | ChainMethod
  | MentalMethod;

/** Why a step of any method is made. */
export type Reason = ReasonOf<EveryMethod>;

/** The id of any method. */
export type MethodId = IdOf<EveryMethod>;

/** The reasons that a method has for refusing, of its own. */
export type RefusesAs<Id extends MethodId> = RefusesOf<MethodOf<Id>>;

/** Why steps of a set are made, but for how its answers are named, which all sets share. */
export type ReasonIn<Set> = Set extends MethodSet<infer Why, infer _Id> ? Exclude<Why, AnswerReason> : never;

type MethodOf<Id extends MethodId> = Extract<EveryMethod, { readonly id: Id }>;

/** Why the steps of a method are made that no other method makes. */
export type OwnReason<Id extends MethodId> = Exclude<
  ReasonOf<MethodOf<Id>>,
  ReasonOf<Exclude<EveryMethod, { readonly id: Id }>>
>;

/** Some sets of methods together. */
export type Library = LibraryBy<Reason, MethodId>;

/** A set of methods for problems of one kind. */
export type AnyMethodSet = MethodSet<Reason, MethodId>;
