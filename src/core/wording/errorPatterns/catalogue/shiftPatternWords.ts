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
    did: "The digits were moved one place less than there are zeros.",
  },
  "shift-one-over": {
    name: "One place too many",
    does: "The digits move one place more than there are zeros.",
    shows: "by 10, 100 or 1000",
    apart:
      "from point-left-out: 3.25 × 10 gives 325 here, 3250 there; from mul-lattice-wrong-half: 45 ÷ 100 gives 0.045 here, the right answer there",
    remedy: "one step for each zero, counted aloud on a chart",
    knownFrom: "classroom lore",
    did: "The digits were moved one place further than there are zeros.",
  },
  "shift-wrong-way": {
    name: "Moved in the wrong direction",
    does: "Multiplying moves as dividing should, and the other way round.",
    shows: "by 10, 100 or 1000",
    apart: "from point-left-out: 3.25 ÷ 10 gives 32.5 here, 325 there",
    remedy: "larger or smaller? say it before moving",
    knownFrom: "classroom lore",
    did: "The digits were moved the wrong way.",
  },
  "shift-zero-after-point": {
    name: "A zero put in after the point",
    does: "To divide a decimal by 10, 100, … as many zeros are put directly after its point.",
    shows: "decimal ÷ 10, 100, 1000",
    apart: "from shift-one-short: 12.6 ÷ 100 gives 12.006 here, 1.26 there",
    remedy: (first, second, { wrong }) =>
      `${wrong} taken ${second.text} times: does that come back to ${first.text}?`,
    knownFrom: "classroom lore",
    did: "Zeros were put in straight after the point.",
  },
  "shift-zero-struck": {
    name: "To divide by ten, a zero is struck",
    does: "To divide by 10, 100, … as many zeros are struck out of the number, wherever they stand.",
    shows: "a zero between the digits, ÷ 10 or 100",
    apart: "from shift-one-short: 405 ÷ 10 gives 45 here, the right answer there",
    remedy: (first, second, { wrong }) =>
      `${wrong} taken ${second.text} times: does that come back to ${first.text}?`,
    knownFrom: "classroom lore",
    did: (first) => `A zero between the digits of ${first.text} was struck.`,
  },
} satisfies Readonly<Record<string, PatternWords>>;
