import type { MethodId, Reason } from "../methods";
import type { Decimal } from "../number";
import type { Answer, Problem } from "../problem";
import type { Direction } from "./estimating/direction";
import type { Estimate } from "./estimating/roughAnswer";
import type { Inverse } from "./inverse";
import type { PlausibilityReason } from "./plausibility";

/** Why a step around the working is made: the estimate before it, the checks after it. */
export type CheckReason =
  | {
      readonly kind: "estimate";
      readonly problem: Problem;
      readonly estimate: Estimate;
      /** On which side of it the answer must lie, where that can be told beforehand. */
      readonly direction: Direction | undefined;
    }
  | {
      readonly kind: "compareWithEstimate";
      readonly estimate: Estimate;
      readonly answer: Answer;
      /** Whether it lies no further from the estimate than the numbers were rounded; and whether that is close. */
      readonly near: boolean;
      readonly close: boolean;
      readonly direction: Direction | undefined;
    }
  | { readonly kind: "inverse"; readonly inverse: Inverse }
  | {
      readonly kind: "otherMethod";
      readonly method: MethodId;
      readonly answer: Answer;
      readonly agrees: boolean;
    }
  /** A rounded number between the two it could have become. */
  | {
      readonly kind: "neighbours";
      readonly numeral: Decimal;
      readonly below: Decimal;
      readonly above: Decimal;
      readonly answer: Decimal;
      /** Whether it lies just in the middle. */
      readonly halfway: boolean;
    }
  | {
      readonly kind: "bySubtracting";
      readonly larger: Decimal;
      readonly smaller: Decimal;
      readonly difference: Decimal;
    }
  /** The numbers that were set out are read back, in a house that ticks them off. */
  | { readonly kind: "readBack"; readonly problem: Problem }
  | PlausibilityReason;

/** Why a step of the run is made: a reason of the working, or of a check around it. */
export type RunReason = Reason | CheckReason;
