import type { Mark, Writing } from "../../board";

/** The part of the run a step belongs to, in the words of a lesson. */
export type StepStage = "estimate" | "setOut" | "work" | "point" | "answer" | "check";

/**
 * One teachable move: its stage, why it is made, the marks it adds and the columns to look at.
 * `Why` is the union of reasons that the giver of the step owns.
 */
export interface Step<Why> extends Writing {
  readonly stage: StepStage;
  readonly reason: Why;
}

/** A step as a method makes it: its marks are made when they are looked at. */
export interface StepToDraw<Why> extends Omit<Step<Why>, "marks"> {
  /** The marks it adds; left out where it adds none. */
  draw?(): readonly Mark[];
}

/** The steps with their marks made. */
export const drawnSteps = <Why>(steps: readonly StepToDraw<Why>[]): readonly Step<Why>[] =>
  steps.map((step) => {
    const { stage, reason, focus, page } = step;
    const marks = step.draw?.() ?? [];
    return page === undefined ? { stage, reason, marks, focus } : { stage, reason, marks, focus, page };
  });
