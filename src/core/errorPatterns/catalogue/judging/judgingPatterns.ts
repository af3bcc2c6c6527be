import type { PatternsOf } from "../../contract/errorPattern";
import { COMPARING_PATTERNS } from "./comparingPatterns";
import { ROUNDING_PATTERNS } from "./roundingPatterns";

/** Errors in judging what numbers are worth: comparing, ordering, rounding, and what times makes of them. */
export const JUDGING_PATTERNS: PatternsOf = [
  ...COMPARING_PATTERNS,
  ...ROUNDING_PATTERNS,
  {
    id: "check-times-always-grows",
    example: ["12 × 0.3", "more"],
    frequency: 2,
    lookAlikes: [],
    needs: () => false,
  },
];
