import type { Reason, Step, Working } from "../methods";
import type { Decimal } from "../number";
import type { Problem } from "../problem";
import { type Estimate, estimateOf, isNear } from "./estimate";
import { type Inverse, inverseOf } from "./inverse";

type CheckReason =
  | { readonly kind: "estimate"; readonly problem: Problem; readonly estimate: Estimate }
  | {
      readonly kind: "compareWithEstimate";
      readonly estimate: Estimate;
      readonly answer: Decimal;
      readonly near: boolean;
    }
  | {
      readonly kind: "inverse";
      readonly problem: Problem;
      readonly answer: Decimal;
      readonly inverse: Inverse;
    };

/** Why a step of the run is made: a reason of the working, or of a check around it. */
export type RunReason = Reason | CheckReason;

/** All that a board is stepped through: the estimate before the working, the working, the checks after it. */
export interface Run {
  readonly working: Working;
  readonly estimate: Estimate;
  readonly inverse: Inverse;
  readonly steps: readonly Step<RunReason>[];
}

/** The run of a working. Position 0 is blank paper; position n shows the first n steps. */
export function runOf(working: Working): Run {
  const { problem, answer } = working;
  const estimate = estimateOf(problem);
  const inverse = inverseOf(working);
  const near = isNear(answer, estimate, problem);
  const bare = { marks: [], focus: [] };
  return {
    working,
    estimate,
    inverse,
    steps: [
      { stage: "estimate", reason: { kind: "estimate", problem, estimate }, ...bare },
      ...working.steps,
      { stage: "check", reason: { kind: "compareWithEstimate", estimate, answer, near }, ...bare },
      { stage: "check", reason: { kind: "inverse", problem, answer, inverse }, ...bare },
    ],
  };
}
