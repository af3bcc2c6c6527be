import type { PatternWords } from "../../contract/patternWords";

export const SHIFT_PATTERN_WORDS = {
  "shift-one-short": {
    name: "One place too few",
    does: "The digits move one place fewer than there are zeros.",
    shows: "by 100 or 1000",
    apart:
      "from div-leading-zero-lost: 45 ÷ 100 gives 4.5 here, the right answer there; from mul-zeros-short: 3.2 × 100 gives 32 here, the right answer there; from div-remainder-as-decimal: 45 ÷ 100 gives 4.5 here, the right answer there",
    remedy: "one step for each zero, counted aloud on a chart",
    knownFrom: "classroom lore",
  },
  "shift-one-over": {
    name: "One place too many",
    does: "The digits move one place more than there are zeros.",
    shows: "by 10, 100 or 1000",
    apart:
      "from point-left-out: 3.25 × 10 gives 325 here, 3250 there; from mul-lattice-wrong-half: 45 ÷ 100 gives 0.045 here, the right answer there",
    remedy: "a hundredth of 45 is near a half",
    knownFrom: "classroom lore",
  },
  "shift-wrong-way": {
    name: "Moved in the wrong direction",
    does: "Multiplying moves as dividing should, and the other way round.",
    shows: "by 10, 100 or 1000",
    apart: "from point-left-out: 3.25 ÷ 10 gives 32.5 here, 325 there",
    remedy: "larger or smaller? say it before moving",
    knownFrom: "classroom lore",
  },
  "shift-zero-after-point": {
    name: "A zero put in after the point",
    does: "To divide a decimal by 10, 100, … as many zeros are put directly after its point.",
    shows: "decimal ÷ 10, 100, 1000",
    apart: "from shift-one-short: 12.6 ÷ 100 gives 12.006 here, 1.26 there",
    remedy: "a tenth of 7.5 cannot be more than 7",
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
