import type { PatternWords } from "../../contract/patternWords";

export const ACROSS_PATTERN_WORDS = {
  "point-left-out": {
    name: "The point is never written",
    does: "All is right up to the last line; then the digits of the result, with all the places of the working, are written without the point. In division only with a decimal among the numbers and places in the quotient. In money the number of cents stands after the dollar sign.",
    shows: "results with decimal places; money",
    apart:
      "from div-points-ignored: 3.6 ÷ 0.12 gives the right answer here, 3 there; from shift-wrong-way: 3.25 ÷ 10 gives 325 here, 32.5 there",
    remedy: (_, __, { line }) => `estimate ${line} first, and write the point before the digits`,
    knownFrom: "Brueckner (1928)",
    did: (_, __, { wrong }) => `The point was not written: ${wrong}.`,
  },
  "comp-wrong-way": {
    name: "Rounded up, then corrected in the wrong direction",
    does: "The second number is rounded up to the next ten; the 1 or 2 added is added once more in a sum and taken off once more in a difference. In money: to the next whole dollar.",
    shows: "second number just below a round one",
    apart:
      "from sub-complement-only: 83 − 29 gives 52 here, 51 there; from sub-all-nines: 700 − 258 gives 438 here, 441 there",
    remedy: "story: I paid one too many, so I get one back; empty number line",
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
