import type { Decimal, Notation, Numeral, Place } from "../number";
import type { Amount, CurrencyId, Measure, Quantity, UnitId } from "../quantity";
import type { Expression } from "./expression";
import type { Join, SignedOperation } from "./operation";

/** The form in which the answer is wanted; `asItComes` leaves it to the house. */
export type AnswerForm =
  | { readonly kind: "asItComes" }
  | { readonly kind: "toPlace"; readonly place: Place }
  /** These two are forms of a quotient. */
  | { readonly kind: "withRemainder" }
  | { readonly kind: "exactly" }
  /** These are forms of a number that may be a fraction. */
  | { readonly kind: "asMixed" }
  | { readonly kind: "asFraction" }
  | { readonly kind: "asDecimal" }
  | { readonly kind: "simplest" }
  | { readonly kind: "overDenominator"; readonly denominator: bigint }
  | { readonly kind: "overNumerator"; readonly numerator: bigint }
  /** A measure in these units, the largest first. */
  | { readonly kind: "inUnits"; readonly units: readonly UnitId[] };

export const AS_IT_COMES = { kind: "asItComes" } as const;

/** The forms that a working with decimals ends in by itself. */
export type DecimalForm = Extract<
  AnswerForm,
  { kind: "asItComes" | "toPlace" | "withRemainder" | "exactly" | "asMixed" }
>;

/** One operation on plain decimal numerals, none below zero. */
export interface DecimalProblem {
  readonly kind: "decimals";
  readonly op: SignedOperation | "round" | "compare";
  readonly operands: readonly Decimal[];
  readonly form: DecimalForm;
}

/** One operation among fractions, mixed numbers, whole numbers and decimals, none below zero. */
export interface FractionProblem {
  readonly kind: "fractions";
  readonly op: SignedOperation | "compare" | "order" | "rewrite";
  readonly operands: readonly Numeral[];
  readonly form: AnswerForm;
}

/** Numbers on both sides of zero: up to six terms, or a product or quotient. */
export interface SignedProblem {
  readonly kind: "signed";
  readonly op: "terms" | "multiply" | "divide";
  /** For terms, the sign before each but the first. */
  readonly joins: readonly Join[];
  readonly operands: readonly Numeral[];
  readonly form: AnswerForm;
}

/** Amounts of one currency, with plain numbers to multiply or share by. */
export interface MoneyProblem {
  readonly kind: "money";
  readonly op: SignedOperation | "enough" | "pay";
  readonly operands: readonly (Amount | Decimal)[];
  readonly currency: CurrencyId;
  /** The coins and notes that the till has run short of, in the minor unit. */
  readonly without: readonly number[];
  readonly form: AnswerForm;
}

/** Compound measures of one scale, with plain numbers to multiply or divide by. */
export interface MeasureProblem {
  readonly kind: "measures";
  readonly op: SignedOperation | "rewrite";
  readonly operands: readonly (Measure | Decimal)[];
  readonly form: AnswerForm;
}

/** Several operations with brackets, worked in their right order. */
export interface ChainProblem {
  readonly kind: "chain";
  readonly op: "chain";
  readonly expression: Expression;
  /** Its quantities from left to right. */
  readonly operands: readonly Quantity[];
  readonly form: AnswerForm;
}

/** What is asked: quantities in the order they were given, what is to be done with them, and the form of the answer. */
export type Problem =
  | DecimalProblem
  | FractionProblem
  | SignedProblem
  | MoneyProblem
  | MeasureProblem
  | ChainProblem;

export const PROBLEM_KINDS = ["decimals", "fractions", "signed", "money", "measures", "chain"] as const;
export type ProblemKind = (typeof PROBLEM_KINDS)[number];

/** The most numbers an operation takes. */
export const MOST_OPERANDS = {
  add: 10,
  subtract: 2,
  multiply: 3,
  divide: 2,
  /** Terms with both signs between them. */
  terms: 6,
  order: 6,
  /** Fractions to be added. */
  fractions: 6,
  chain: 8,
} as const;

/** The largest price that notes are handed over for, in the major unit. */
export const MOST_HANDED = 10_000;

/** The most brackets inside one another. */
export const MOST_BRACKETS = 5;

/** What is needed to read a problem: how numbers are written, and whose coins are meant. */
export interface ReadingNotation extends Notation {
  readonly currency: CurrencyId;
}
