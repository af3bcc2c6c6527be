import type { Layout } from "../board";
import type { HouseRules } from "../house";
import type { Decimal } from "../number";
import type { Operation, Problem } from "../problem";
import type { Step } from "./step";

export const METHOD_IDS = [
  "column-addition",
  "subtraction-by-decomposition",
  "equal-additions",
  "making-up",
] as const;

export type MethodId = (typeof METHOD_IDS)[number];

/** A method carried out on a problem under some house rules: steps on a board, and the answer they reach. */
export interface WorkingBy<Why> {
  readonly problem: Problem;
  readonly method: MethodId;
  readonly house: HouseRules;
  readonly layout: Layout;
  readonly steps: readonly Step<Why>[];
  readonly answer: Decimal;
}

/** Why a method does not take a problem. */
export interface Refusal {
  readonly kind: "otherOperation";
  readonly worksOn: Operation;
}

/** One written procedure of one school. */
export interface Method<Why> {
  readonly id: MethodId;
  /** Nothing where the method takes the problem, else why it does not. */
  refuses(problem: Problem): Refusal | undefined;
  /** The working with sound habits. The problem must be one the method does not refuse. */
  work(problem: Problem, house: HouseRules): WorkingBy<Why>;
}
