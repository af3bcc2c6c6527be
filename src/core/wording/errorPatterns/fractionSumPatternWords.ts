import type { PatternWords } from "./patternWords";

export const FRACTION_SUM_PATTERN_WORDS = {
  "frac-straight-across": {
    name: "Tops with tops, bottoms with bottoms",
    does: "Add: top plus top over bottom plus bottom. Subtract: difference of tops over difference of bottoms, larger minus smaller. Whole parts added or subtracted separately.",
    shows: "adding or subtracting any two fractions",
    apart: "like bottoms already show it: 1/5 + 2/5 gives 3/10",
    remedy: "bar model: is 3/8 more than 2/5? same-size pieces first",
    knownFrom: "Hart (1981); Vinner, Hershkowitz & Bruckheimer (1981); Kerslake (1986); Tatsuoka (1984)",
  },
  "frac-old-tops": {
    name: "New bottom, old tops",
    does: "Find the lowest common denominator, write it under both fractions, keep the numerators. In ?/12 tasks write the old numerator. Whole parts done separately.",
    shows: "unlike denominators",
    apart: "from frac-straight-across: the bottom is the common multiple, not the sum",
    remedy: "cut the bar again: when pieces shrink, their number grows",
    knownFrom: "Brueckner (1928); Tatsuoka (1984); Ashlock",
  },
  "frac-add-to-both": {
    name: "Whatever was added below is added above",
    does: "To change denominators, add to the numerator the amount by which the denominator grew (2/3 to twelfths: 2 + 9). Then add or subtract.",
    shows: "equivalent-fraction tasks; unlike denominators",
    apart: "from frac-old-tops: the tops change",
    remedy: "fold paper: scale pieces and count together",
    knownFrom: "Hart (1981) for additive thinking about equal ratios; classroom lore for fractions",
  },
  "mixed-small-from-big": {
    name: "The smaller fraction part is taken from the larger",
    does: "Subtract the whole parts; over the common denominator take the smaller fraction part from the larger, no regrouping.",
    shows: "mixed − mixed where the first fraction part is smaller",
    apart: "from mixed-borrow-unpaid: they agree only when the fraction parts differ by a half",
    remedy: "number line: count up from 2 3/4",
    knownFrom: "Tatsuoka (1984); Ashlock",
  },
  "mixed-borrow-ten": {
    name: "One whole regrouped as ten pieces",
    does: "Take 1 from the whole part and add 10 to the numerator over the common denominator, whatever the denominator.",
    shows: "mixed or whole − mixed needing a regroup",
    apart: "answer's fraction part is often above one; error disappears with tenths",
    remedy: "one whole is five fifths: build it",
    knownFrom: "Ashlock (Error Patterns in Computation)",
  },
  "mixed-borrow-unpaid": {
    name: "Regroups but keeps the whole",
    does: "Add the denominator to the numerator correctly but leave the whole part as it was. The answer is one too large.",
    shows: "mixed or whole − mixed needing a regroup",
    apart: "exactly 1 too large every time",
    remedy: "cross out the whole number as the pieces are written",
    knownFrom: "Brueckner (1928); Tatsuoka (1984)",
  },
  "mixed-fraction-copied": {
    name: "The fraction with nothing above it is copied",
    does: "Whole number minus fraction or mixed number: subtract whole parts and bring down the fraction.",
    shows: "whole − mixed, whole − fraction",
    apart:
      "from mixed-small-from-big: only shows when there is no first fraction; a learner with either pattern may write the same answer here",
    remedy: "write 6 as 5 8/8",
    knownFrom: "Brueckner (1928); Tatsuoka (1984); Ashlock",
  },
  "mixed-carry-forgotten": {
    name: "The extra whole is lost",
    does: "Add whole parts and fraction parts; when the fraction parts reach one, reduce them by one whole but do not add it to the whole part.",
    shows: "mixed addition with fraction parts reaching one",
    apart: "exactly 1 too small every time",
    remedy: "circle four fourths, move them to the wholes",
    knownFrom: "Brueckner (1928); classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
