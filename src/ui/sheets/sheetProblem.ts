/** A problem of a sheet with its answer, and how far up its skill it stands: 1 for plain, 4 for the trap. */
export interface SheetProblem {
  readonly problem: string;
  readonly answer: string;
  readonly notch: number;
}
