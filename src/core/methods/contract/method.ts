import type { Layout } from "../../board";
import type { HouseRules } from "../../house";
import type { Answer, DecimalProblem, Operation, Problem, ProblemKind } from "../../problem";
import type { Step } from "./step";

export const METHOD_IDS = [
  "column-addition",
  "expanded-addition",
  "subtraction-by-decomposition",
  "equal-additions",
  "making-up",
  "expanded-subtraction",
  "counting-up",
  "column-multiplication",
  "multiplication-in-line",
  "multiples-of-ten",
  "lattice",
  "area",
  "shift",
  "long-division",
  "short-division",
  "rounding-by-place",
  "comparing-by-place",
  "denominators-by-multiples",
  "denominators-by-factors",
  "denominators-by-product",
  "multiplying-across",
  "turning-over",
  "dividing-like-parts",
  "changing-form",
  "sign-rule",
  "number-line",
  "counters",
  "gathering",
  "money-in-columns",
  "repeated-addition",
  "change-by-counting-up",
  "enough-by-adding",
  "handing-over",
  "sharing-a-bill",
  "unit-columns",
  "padded-columns",
  "smallest-unit",
  "changing-units",
  "order-of-operations",
] as const;

export type MethodId = (typeof METHOD_IDS)[number];

/** A method carried out on a problem under some house rules: steps on a board, and the answer they reach. */
export interface WorkingBy<Why> {
  readonly problem: Problem;
  readonly method: MethodId;
  readonly house: HouseRules;
  readonly layout: Layout;
  readonly steps: readonly Step<Why>[];
  readonly answer: Answer;
}

/** Why a method does not take a problem. */
export type Refusal =
  /** It is for problems of another kind. */
  | { readonly kind: "otherKind"; readonly worksOn: ProblemKind }
  | { readonly kind: "otherOperation"; readonly worksOn: readonly Operation[] }
  /** It multiplies two factors, and there are more. */
  | { readonly kind: "twoFactors" }
  /** One factor at least must be a whole number. */
  | { readonly kind: "wholeMultiplier" }
  /** One factor must be a whole number that ends in a zero, and be more than a one with zeros. */
  | { readonly kind: "multipleOfTen" }
  /** A factor, or the divisor, must be a one with zeros. */
  | { readonly kind: "powerOfTen" }
  /** A number has more digits other than zero than can be pulled apart on one sheet. */
  | { readonly kind: "manyParts"; readonly most: number }
  /** The numbers reach over more places than can be pulled apart on one sheet. */
  | { readonly kind: "manyPlaces"; readonly most: number }
  /** The divisor, once it is whole, is too large to work in the head. */
  | { readonly kind: "largeDivisor"; readonly most: number }
  /** The method ends in one way only. */
  | { readonly kind: "otherForm" }
  /** A list would go on for longer than fits on a sheet. */
  | { readonly kind: "longList"; readonly most: number }
  /** A number can't be taken apart, or written so large. */
  | { readonly kind: "largeNumber"; readonly most: number }
  /** It works on whole numbers between two ends. */
  | { readonly kind: "wholeBetween"; readonly most: number }
  /** It needs numbers of both signs, or several of one. */
  | { readonly kind: "severalTerms" }
  /** It is for measures in units of tens, hundreds and thousands. */
  | { readonly kind: "metricOnly" }
  /** It is for one amount taken from another that is at least as large. */
  | { readonly kind: "fromLarger" }
  /** The till can't make the amount with what it has. */
  | { readonly kind: "shortTill" }
  /** Two measures, one divided by the other, are worked otherwise. */
  | { readonly kind: "measureByMeasure" }
  /** Counts of a unit must be whole. */
  | { readonly kind: "wholeCounts" }
  /** A smaller unit has more than make one of the next. */
  | { readonly kind: "unitsInOrder" };

/** Works a problem that is a part of another one, by the method the house prefers for it. */
export type Solve<Inner> = (problem: Problem, house: HouseRules) => WorkingBy<Inner>;

/** One written procedure of one school, for problems of one kind. */
export interface Method<Why, Asked extends Problem = DecimalProblem> {
  readonly id: MethodId;
  /** None where the method takes the problem, else why it does not. */
  refuses(problem: Asked): Refusal | undefined;
  /**
   * The working with sound decisions. The problem must be one the method does not refuse. `solve` works what
   * is left to other methods, on a sheet of its own or as the body of this one.
   */
  work<Inner>(problem: Asked, house: HouseRules, solve: Solve<Inner>): WorkingBy<Why | Inner>;
}

/** Refuses every operation but these. */
export const worksOnly =
  (...worksOn: readonly Operation[]) =>
  ({ op }: { readonly op: Operation }): Refusal | undefined =>
    worksOn.includes(op) ? undefined : { kind: "otherOperation", worksOn };
