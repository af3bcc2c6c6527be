import type { Decimal, Notation, Numeral, Place } from "../number";
import type { Amount, CurrencyId, Measure, Quantity, UnitId } from "../quantity";
import type { One, OneOrMore, Two, TwoOrMore } from "../tuples";
import type { Branch } from "./expression";
import { quantitiesOf } from "./expression";
import type { Join, Operation } from "./operation";

/** Rounded to a place, or filled up to it. */
interface ToPlace {
  readonly kind: "toPlace";
  readonly place: Place;
}

/** The form in which the answer is wanted; `asItComes` leaves it to the house. */
export type AnswerForm =
  | { readonly kind: "asItComes" }
  | ToPlace
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
  | { readonly kind: "inUnits"; readonly units: OneOrMore<UnitId> };

export const AS_IT_COMES = { kind: "asItComes" } as const;

/** The forms that a working with decimals ends in by itself. */
export type DecimalForm = Extract<
  AnswerForm,
  { kind: "asItComes" | "toPlace" | "withRemainder" | "exactly" | "asMixed" }
>;

/** An operation asked of operands, as many as it takes, in the order they were given. */
type Asked<Kind extends string, Op extends Operation, Operands, Form = AnswerForm> = {
  [One in Op]: {
    readonly kind: Kind;
    readonly op: One;
    readonly operands: Operands;
    readonly form: Form;
  };
}[Op];

/** One operation on plain decimal numerals, none below zero. */
export type DecimalProblem =
  | Asked<"decimals", "add" | "multiply" | "order", TwoOrMore<Decimal>, DecimalForm>
  | Asked<"decimals", "subtract" | "divide" | "compare", Two<Decimal>, DecimalForm>
  | Asked<"decimals", "round", One<Decimal>, ToPlace>;

/** One operation among fractions, mixed numbers, whole numbers and decimals, none below zero. */
export type FractionProblem =
  | Asked<"fractions", "add" | "multiply" | "order", TwoOrMore<Numeral>>
  | Asked<"fractions", "subtract" | "divide" | "compare", Two<Numeral>>
  | Asked<"fractions", "rewrite", One<Numeral>>;

/** A number with the sign before it. */
export interface Term {
  readonly join: Join;
  readonly numeral: Numeral;
}

/** Up to six terms on both sides of zero. */
export interface TermsProblem {
  readonly kind: "signed";
  readonly op: "terms";
  readonly first: Numeral;
  readonly more: OneOrMore<Term>;
  readonly form: AnswerForm;
}

/** Numbers on both sides of zero: up to six terms, or a product or quotient. */
export type SignedProblem =
  | TermsProblem
  | Asked<"signed", "multiply", TwoOrMore<Numeral>>
  | Asked<"signed", "divide", Two<Numeral>>;

/** Whose coins and notes are used, and those that the till has run short of, in the minor unit. */
interface Till {
  readonly currency: CurrencyId;
  readonly without: readonly number[];
}

/** Amounts of one currency, with plain numbers to multiply or share by. What one has stands before the prices it is to be enough for. */
export type MoneyProblem = Till &
  (
    | Asked<"money", "add" | "enough", TwoOrMore<Amount>>
    | Asked<"money", "subtract", Two<Amount>>
    | Asked<"money", "multiply", readonly [Amount, Decimal] | readonly [Decimal, Amount]>
    | Asked<"money", "divide", readonly [Amount, Decimal | Amount]>
    | Asked<"money", "pay", One<Amount>>
  );

/** Compound measures of one scale, with plain numbers to multiply or divide by. */
export type MeasureProblem =
  | Asked<"measures", "add", TwoOrMore<Measure>>
  | Asked<"measures", "subtract", Two<Measure>>
  | Asked<"measures", "multiply", readonly [Measure, Decimal] | readonly [Decimal, Measure]>
  | Asked<"measures", "divide", readonly [Measure, Decimal | Measure]>
  | Asked<"measures", "rewrite", One<Measure>>;

/** Amounts of one currency, measures of one scale, or numbers on both sides of zero, to be compared or put in order. */
export type QuantitiesProblem =
  | Asked<"quantities", "compare", Two<Quantity>>
  | Asked<"quantities", "order", TwoOrMore<Quantity>>;

/** Several operations with brackets, worked in their right order. */
export interface ChainProblem {
  readonly kind: "chain";
  readonly op: "chain";
  readonly expression: Branch;
  readonly form: AnswerForm;
}

/** The problems of a kind whose operation this one is: their operands are as many as it takes. */
export type Asks<P extends Problem, Op extends Operation> = Extract<P, { readonly op: Op }>;

/** What is asked: quantities in the order they were given, what is to be done with them, and the form of the answer. */
export type Problem =
  | DecimalProblem
  | FractionProblem
  | SignedProblem
  | MoneyProblem
  | MeasureProblem
  | QuantitiesProblem
  | ChainProblem;

/** Every term with its sign: the first is added. */
export const termsIn = ({ first, more }: Pick<TermsProblem, "first" | "more">): TwoOrMore<Term> => [
  { join: "add", numeral: first },
  ...more,
];

/** The quantities of a problem, in the order they were given. */
export function operandsOf(problem: Problem): readonly Quantity[] {
  if (problem.op === "chain") return quantitiesOf(problem.expression);
  return problem.op === "terms"
    ? [problem.first, ...problem.more.map(({ numeral }) => numeral)]
    : problem.operands;
}

export const PROBLEM_KINDS = [
  "decimals",
  "fractions",
  "signed",
  "money",
  "measures",
  "quantities",
  "chain",
] as const;
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
  /** Whether money may have more places than its minor unit, as it has in a wrong answer. */
  readonly anyPlaces?: boolean;
}
