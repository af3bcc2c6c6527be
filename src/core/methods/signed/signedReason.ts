import type { Numeral } from "../../number";
import type { Problem, SignedProblem } from "../../problem";

/** What the steps of working with signed numbers do and why. */
export type SignedReason =
  | { readonly kind: "writeSigned"; readonly problem: SignedProblem }
  /** Every subtraction written as adding the opposite. */
  | { readonly kind: "addOpposites"; readonly terms: readonly Numeral[]; readonly turned: number }
  | {
      readonly kind: "sameSigns";
      readonly left: Numeral;
      readonly right: Numeral;
      readonly result: Numeral;
    }
  | {
      readonly kind: "differentSigns";
      readonly left: Numeral;
      readonly right: Numeral;
      /** Their sizes, the larger first. */
      readonly larger: Numeral;
      readonly smaller: Numeral;
      readonly result: Numeral;
    }
  /** The sizes worked by themselves on another page. */
  | { readonly kind: "sizesApart"; readonly problem: Problem }
  /** Numbers that no sign is needed for, worked by themselves on another page. */
  | { readonly kind: "nextTwo"; readonly problem: Problem }
  | {
      readonly kind: "resultSoFar";
      readonly op: "add" | "subtract";
      readonly left: Numeral;
      readonly right: Numeral;
      readonly result: Numeral;
    }
  /** All that is taken away put together first. */
  | {
      readonly kind: "takenTogether";
      readonly numbers: readonly Numeral[];
      readonly total: Numeral;
      readonly from: Numeral;
    }
  | { readonly kind: "gatherSides"; readonly above: readonly Numeral[]; readonly below: readonly Numeral[] }
  | {
      readonly kind: "productSign";
      readonly negatives: number;
      readonly negative: boolean;
      readonly quotient: boolean;
    }
  | {
      readonly kind: "productSize";
      readonly problem: Problem;
      readonly size: Numeral;
      readonly result: Numeral;
    }
  | { readonly kind: "drawNumberLine"; readonly from: number; readonly to: number; readonly start: number }
  | {
      readonly kind: "jumpAlong";
      readonly from: number;
      readonly by: number;
      readonly to: number;
      /** Whether a number below zero was taken away or a positive one, so that the way is turned round. */
      readonly taken: boolean;
    }
  | { readonly kind: "layCounters"; readonly value: number; readonly first: boolean }
  | {
      readonly kind: "bringZeroPairs";
      readonly pairs: number;
      readonly there: number;
      readonly needed: number;
      readonly negative: boolean;
    }
  | {
      readonly kind: "takeCounters";
      readonly count: number;
      readonly negative: boolean;
      readonly left: number;
    }
  | {
      readonly kind: "cancelPairs";
      readonly pairs: number;
      readonly positives: number;
      readonly negatives: number;
    }
  | { readonly kind: "layGroups"; readonly groups: number; readonly each: number; readonly total: number };
