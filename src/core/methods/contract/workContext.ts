import type { HouseRules } from "../../house";
import type { Solve } from "./working";

/** What is worked under some house rules. */
export interface InHouse {
  readonly house: HouseRules;
}

/** The rules of a procedure: the house's, and what it decides where a learner may do otherwise. */
export interface WorkRules<Decisions> extends InHouse {
  readonly decisions: Decisions;
}

/** What works the problems that a procedure leaves to other methods, on a page of its own or as the body of its own. */
export interface Solving<Inner> {
  readonly solve: Solve<Inner>;
}

/** All that a procedure is given beside its problem. */
export interface WorkContext<Decisions, Inner> extends WorkRules<Decisions>, Solving<Inner> {}

/** The pad that the lines of a working are written on, one under the other. */
export interface OnPad<Pad> {
  readonly pad: Pad;
}
