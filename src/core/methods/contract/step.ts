import type { Writing } from "../../board";

/** The part of the run a step belongs to, in the words of a lesson. */
export type Stage = "estimate" | "setOut" | "work" | "point" | "answer" | "check";

/**
 * One teachable move: its stage, why it is made, the marks it adds and the columns to look at.
 * `Why` is the union of reasons that the giver of the step owns.
 */
export interface Step<Why> extends Writing {
  readonly stage: Stage;
  readonly reason: Why;
}
