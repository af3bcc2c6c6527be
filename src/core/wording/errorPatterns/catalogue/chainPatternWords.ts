import type { PatternWords } from "../../contract/patternWords";

export const CHAIN_PATTERN_WORDS = {
  "chain-left-to-right": {
    name: "Worked in the order it is written",
    does: "Every sign is carried out as it comes, from left to right; what is in brackets is worked first, rightly.",
    shows: "a product or quotient that stands after a sum or difference, without brackets",
    apart: "from chain-brackets-ignored: that one shows only where there are brackets",
    remedy: "tell the line as a story, and ring each product and quotient before anything is added",
    knownFrom: "Kieran (1979); Linchevski & Livneh (1999)",
  },
  "chain-brackets-ignored": {
    name: "Brackets passed over",
    does: "The line is worked as if its brackets were not there, with products and quotients first.",
    shows: "brackets round a sum or a difference",
    apart: "from chain-left-to-right: set a line without brackets",
    remedy: "work the bracket on a line of its own and write the line again with its value in place of it",
    knownFrom: "Kieran (1979)",
  },
  "chain-signs-ranked-singly": {
    name: "All products before any quotient, all sums before any difference",
    does: "The letters of a rule for the order are taken for four steps: multiply, then divide, then add, then subtract.",
    shows: "a quotient with a product after it, or a difference with a sum after it",
    apart: "from chain-left-to-right: set 24 ÷ 4 × 2 + 1, which that one gets right",
    remedy: "times and share are one rank, plus and minus another: within a rank, read from the left",
    knownFrom: "Linchevski & Livneh (1999)",
  },
  "chain-sum-first": {
    name: "Sums before products",
    does: "All + and − are done before any × and ÷, from left to right; brackets first, as they should.",
    shows: "a product or quotient beside a sum",
    apart:
      "from chain-left-to-right: 6 × 2 + 8 gives 60 here, the right answer there; from chain-signs-ranked-singly: 6 × 2 + 8 gives 60 here, the right answer there",
    remedy: "tell it as a story, and ring each product",
    knownFrom: "classroom lore",
  },
  "chain-from-the-right": {
    name: "The last two first",
    does: "Products and quotients before sums, as it should be; within one rank the line is worked from the right.",
    shows: "two quotients, or a difference before a sum or another difference",
    apart: "from chain-signs-ranked-singly: 36 ÷ 6 ÷ 2 gives 12 here, the right answer there",
    remedy: "within one rank, read from the left: ring the first two numbers",
    knownFrom: "Linchevski & Livneh (1999)",
  },
} satisfies Readonly<Record<string, PatternWords>>;
