import type { PatternId } from "./patternIds";

/** Patterns that are ways of doing one and the same thing: nobody does it in two of them at once. */
const EITHER_OR: readonly (readonly PatternId[])[] = [
  // What is turned over in a quotient of fractions.
  ["frac-div-no-flip", "frac-div-flips-first", "frac-div-flips-both", "frac-div-bottom-kept"],
  // What becomes of the bottoms of a sum.
  ["frac-larger-bottom", "frac-only-first-converted"],
];

/** Whether two patterns can be in one working. */
export const goTogether = (one: PatternId, other: PatternId): boolean =>
  !EITHER_OR.some((ways) => ways.includes(one) && ways.includes(other));
