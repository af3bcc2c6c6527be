import type { PatternWords } from "../../contract/patternWords";

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
  "frac-larger-bottom": {
    name: "Tops added, the larger bottom kept",
    does: "Unlike bottoms: tops added (or subtracted) as they are over the larger bottom; whole parts apart.",
    shows: "adding, subtracting unlike fractions",
    apart:
      "from frac-old-tops: 1/4 + 2/3 gives 3/4 here, 3/12 there; from frac-only-first-converted: 1/2 + 2/5 gives 3/5 here, 7/10 there",
    remedy: "thirds and quarters are pieces of different size",
    knownFrom: "classroom lore",
  },
  "frac-only-first-converted": {
    name: "Only the first top is scaled",
    does: "The lowest common bottom is found and the first top scaled to it; the second top stays. Whole parts apart.",
    shows: "unlike bottoms, neither a multiple of the other",
    apart:
      "from frac-old-tops: 1/2 + 2/5 gives 7/10 here, 3/10 there; from frac-larger-bottom: 1/2 + 2/5 gives 7/10 here, 3/5 there",
    remedy: "write both new fractions in full before adding",
    knownFrom: "classroom lore",
  },
  "frac-whole-as-top": {
    name: "The whole number joins the top",
    does: "Whole number and fraction: the whole number is added to the top, or the top is taken from it, over the given bottom.",
    shows: "whole ± fraction",
    apart:
      "from mixed-fraction-copied: 3 − 1/4 gives 2/4 here, 3 1/4 there; from mixed-borrow-ten: 3 − 1/4 gives 2/4 here, 2 9/4 there",
    remedy: "three whole bars, a quarter cut off: draw",
    knownFrom: "classroom lore",
  },
  "mixed-carry-ten": {
    name: "Ten parts carried as a whole",
    does: "Mixed addition: when the tops over the common bottom total ten or more, the ones digit is kept as top and the tens digit carried to the wholes.",
    shows: "tops that total ten or more",
    apart: "from mixed-carry-forgotten: 2 7/8 + 1 5/8 gives 4 2/8 here, 3 4/8 there",
    remedy: "how many eighths make a whole?",
    knownFrom: "classroom lore",
  },
  "mixed-borrow-one-part": {
    name: "The borrowed whole counts as one part",
    does: "One whole is taken off and 1 is added to the top, whatever the bottom.",
    shows: "mixed or whole − mixed needing a regroup",
    apart:
      "from mixed-borrow-ten: 7 1/5 − 3 2/5 gives 3 here, 3 9/5 there; from mixed-borrow-unpaid: 7 1/5 − 3 2/5 gives 3 here, 4 4/5 there",
    remedy: "cut the borrowed whole into fifths",
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
