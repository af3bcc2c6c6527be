import type { PaperLayout } from "../../board";
import type { HouseRules } from "../../house";
import type { Answer, Problem } from "../../problem";
import type { Step, StepToDraw } from "./step";

/** How a working stands on squared paper: its layout, and the steps that write it. */
export interface OnPaper<Why> {
  readonly layout: PaperLayout;
  readonly steps: readonly StepToDraw<Why>[];
}

/** What a method makes of a problem: the answer, and how it is reached on paper once that is looked at, since most workings are tried for their answers alone. */
export interface MethodResult<Why> {
  readonly answer: Answer;
  onPaper(): OnPaper<Why>;
}

interface By<Id extends string> {
  readonly problem: Problem;
  readonly method: Id;
  readonly house: HouseRules;
}

/** A problem worked by a method under some house rules, its steps not made yet. */
export type WorkingToDraw<Why, Id extends string = string> = MethodResult<Why> & By<Id>;

/** A problem worked by a method under some house rules, with all its marks. */
export interface WorkingBy<Why, Id extends string = string> extends By<Id> {
  readonly layout: PaperLayout;
  readonly steps: readonly Step<Why>[];
  readonly answer: Answer;
}

/** Works a problem that is a part of another one, by the method the house prefers for it. */
export type Solve<Inner> = (problem: Problem, house: HouseRules) => WorkingToDraw<Inner>;
