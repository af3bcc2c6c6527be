import type { HouseRules } from "../../house";
import type { Place } from "../../number";
import type { StepToDraw } from "../contract/step";
import type { ColumnSum } from "../procedures/columnSums";
import { type CarrySquare, carryMarks } from "../squares/smallMarks";

export interface ColumnAdditionReason extends Omit<ColumnSum, "column"> {
  readonly kind: "columnSum";
  readonly place: Place;
  /** A zero in front of the number, which is not written. */
  readonly blank: boolean;
}

/** Where a column's sum is written: the place it is of, its square, and where its carry stands. */
interface SumSquare {
  readonly place: Place;
  readonly col: number;
  readonly row: number;
  readonly carry: CarrySquare;
}

/** The step of one column: its sum written, and its carry where the house writes it. */
export function columnSumStep(
  { column: _, ...sum }: ColumnSum,
  { place, col, row, carry }: SumSquare,
  blank: boolean,
  house: HouseRules,
): StepToDraw<ColumnAdditionReason> {
  return {
    stage: "work",
    reason: { kind: "columnSum", place, ...sum, blank },
    draw: () => [
      ...(blank ? [] : [{ kind: "glyph", col, row, text: String(sum.written), look: "written" } as const]),
      ...carryMarks(carry, sum.carriedOut, house),
    ],
    focus: [col],
  };
}
