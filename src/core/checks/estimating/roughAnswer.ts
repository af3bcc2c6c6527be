import type { Problem } from "../../problem";
import type { Quantity } from "../../quantity";

/** How numbers are made easy before they are computed with in the head. */
export type Rounding =
  | "ones"
  | "leadingDigit"
  | "evened"
  /** One factor taken as a half, a quarter of a hundred or the like, the other as a multiple that goes with it. */
  | "friendly"
  | "multiple"
  | "benchmarks"
  | "largestUnit"
  | "wholeMoney";

/** A rough answer made before the working: the problem with easy numbers, and what these come to. */
export interface Estimate {
  readonly rounding: Rounding;
  readonly rounded: Problem;
  readonly result: Quantity;
}
