import type { Layout } from "../board";
import type { HouseRules } from "../house";
import type { Answer, Operation, Problem } from "../problem";
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
  | { readonly kind: "otherForm" };

/** One written procedure of one school. */
export interface Method<Why> {
  readonly id: MethodId;
  /** Nothing where the method takes the problem, else why it does not. */
  refuses(problem: Problem): Refusal | undefined;
  /** The working with sound habits. The problem must be one the method does not refuse. */
  work(problem: Problem, house: HouseRules): WorkingBy<Why>;
}

/** Refuses every operation but these. */
export const worksOnly =
  (...worksOn: readonly Operation[]) =>
  ({ op }: Problem): Refusal | undefined =>
    worksOn.includes(op) ? undefined : { kind: "otherOperation", worksOn };
