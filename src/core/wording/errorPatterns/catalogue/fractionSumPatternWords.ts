import type { PatternWords } from "../../contract/patternWords";
import { partsName } from "../../numbers/numberWords";

export const FRACTION_SUM_PATTERN_WORDS = {
  "frac-straight-across": {
    name: "Tops with tops, bottoms with bottoms",
    does: "Add: top plus top over bottom plus bottom. Subtract: difference of tops over difference of bottoms, larger minus smaller. Whole parts added or subtracted separately.",
    shows: "adding or subtracting any two fractions",
    apart: "like bottoms already show it: 1/5 + 2/5 gives 3/10",
    remedy: (first, __, { isSum, wrong }) =>
      isSum ? `bar model: is ${wrong} more than ${first.text}? same-size pieces first` : undefined,
    knownFrom: "Hart (1981); Vinner, Hershkowitz & Bruckheimer (1981); Kerslake (1986); Tatsuoka (1984)",
    did: (first, second, { isSum }) =>
      isSum
        ? `${first.top} and ${second.top} were added: ${first.top + second.top}; and ${first.bottom} and ${second.bottom}: ${first.bottom + second.bottom}.`
        : `The tops ${first.top} and ${second.top} were subtracted, and so were the bottoms ${first.bottom} and ${second.bottom}.`,
  },
  "frac-old-tops": {
    name: "New bottom, old tops",
    does: "Find the lowest common denominator, write it under both fractions, keep the numerators. In ?/12 tasks write the old numerator. Whole parts done separately.",
    shows: "unlike denominators",
    apart: "from frac-straight-across: the bottom is the common multiple, not the sum",
    remedy: "cut the bar again: when pieces shrink, their number grows",
    knownFrom: "Brueckner (1928); Tatsuoka (1984); Ashlock",
    did: (first, second) =>
      `Both were written over a new bottom, and the tops ${first.top} and ${second.top} stayed as they were.`,
  },
  "frac-add-to-both": {
    name: "Whatever was added below is added above",
    does: "To change denominators, add to the numerator the amount by which the denominator grew (2/3 to twelfths: 2 + 9). Then add or subtract.",
    shows: "equivalent-fraction tasks; unlike denominators",
    apart: "from frac-old-tops: the tops change",
    remedy: "fold paper: scale pieces and count together",
    knownFrom: "Hart (1981) for additive thinking about equal ratios; classroom lore for fractions",
    did: ({ top, bottom }, __, { wanted }) =>
      `What was added below was added above: ${bottom} and ${wanted - bottom}, ${top} and ${wanted - bottom}.`,
  },
  "mixed-small-from-big": {
    name: "The smaller fraction part is taken from the larger",
    does: "Subtract the whole parts; over the common denominator take the smaller fraction part from the larger, no regrouping.",
    shows: "mixed − mixed where the first fraction part is smaller",
    apart: "from mixed-borrow-unpaid: they agree only when the fraction parts differ by a half",
    remedy: (_, second) => `number line: count up from ${second.text}`,
    knownFrom: "Tatsuoka (1984); Ashlock",
    did: (first, second) =>
      `Of the parts the smaller was taken from the larger, though it stands in ${first.top * second.bottom < second.top * first.bottom ? first.text : second.text}.`,
  },
  "mixed-borrow-ten": {
    name: "One whole regrouped as ten pieces",
    does: "Take 1 from the whole part and add 10 to the numerator over the common denominator, whatever the denominator.",
    shows: "mixed or whole − mixed needing a regroup",
    apart: "answer's fraction part is often above one; error disappears with tenths",
    remedy: "how many such parts make one whole? build it",
    knownFrom: "Ashlock (Error Patterns in Computation)",
    did: "A whole was taken, and ten parts were added for it.",
  },
  "mixed-borrow-unpaid": {
    name: "Regroups but keeps the whole",
    does: "Add the denominator to the numerator correctly but leave the whole part as it was. The answer is one too large.",
    shows: "mixed or whole − mixed needing a regroup",
    apart: "exactly 1 too large every time",
    remedy: "cross out the whole number as the pieces are written",
    knownFrom: "Brueckner (1928); Tatsuoka (1984)",
    did: "A whole was broken into parts, and the wholes stayed as they were.",
  },
  "mixed-fraction-copied": {
    name: "The fraction with nothing above it is copied",
    does: "Whole number minus fraction or mixed number: subtract whole parts and bring down the fraction.",
    shows: "whole − mixed, whole − fraction",
    apart:
      "from mixed-small-from-big: only shows when there is no first fraction; a learner with either pattern may write the same answer here",
    remedy: (first, second) =>
      `write ${first.text} as ${BigInt(first.whole) - 1n} ${second.bottom}/${second.bottom}`,
    knownFrom: "Brueckner (1928); Tatsuoka (1984); Ashlock",
    did: (_, second) =>
      `The part of ${second.text} was written down as it is: nothing was taken from a whole.`,
  },
  "mixed-carry-forgotten": {
    name: "The extra whole is lost",
    does: "Add whole parts and fraction parts; when the fraction parts reach one, reduce them by one whole but do not add it to the whole part.",
    shows: "mixed addition with fraction parts reaching one",
    apart: "exactly 1 too small every time",
    remedy: "circle the parts that make a whole, and move them to the wholes",
    knownFrom: "Brueckner (1928); classroom lore",
    did: "The parts made a whole, and it was not added to the wholes.",
  },
  "frac-larger-bottom": {
    name: "Tops added, the larger bottom kept",
    does: "Unlike bottoms: tops added (or subtracted) as they are over the larger bottom; whole parts apart.",
    shows: "adding, subtracting unlike fractions",
    apart:
      "from frac-old-tops: 1/4 + 2/3 gives 3/4 here, 3/12 there; from frac-only-first-converted: 1/2 + 2/5 gives 3/5 here, 7/10 there",
    remedy: (first, second) =>
      `${partsName(first.bottom)} and ${partsName(second.bottom)} are pieces of different size`,
    knownFrom: "classroom lore",
    did: (first, second) =>
      `The tops ${first.top} and ${second.top} were put together as they are, over the larger bottom.`,
  },
  "frac-only-first-converted": {
    name: "Only the first top is scaled",
    does: "The lowest common bottom is found and the first top scaled to it; the second top stays. Whole parts apart.",
    shows: "unlike bottoms, neither a multiple of the other",
    apart:
      "from frac-old-tops: 1/2 + 2/5 gives 7/10 here, 3/10 there; from frac-larger-bottom: 1/2 + 2/5 gives 7/10 here, 3/5 there",
    remedy: "write both new fractions in full before adding",
    knownFrom: "classroom lore",
    did: (first, second) =>
      `${first.text} was written over the new bottom; of ${second.text} the top stayed ${second.top}.`,
  },
  "frac-whole-as-top": {
    name: "The whole number joins the top",
    does: "Whole number and fraction: the whole number is added to the top, or the top is taken from it, over the given bottom.",
    shows: "whole ± fraction",
    apart:
      "from mixed-fraction-copied: 3 − 1/4 gives 2/4 here, 3 1/4 there; from mixed-borrow-ten: 3 − 1/4 gives 2/4 here, 2 9/4 there",
    remedy: (first, second) =>
      `draw ${first.bottom === 0n ? first.text : second.text} whole bars first, and then the parts`,
    knownFrom: "classroom lore",
  },
  "mixed-carry-ten": {
    name: "Ten parts carried as a whole",
    does: "Mixed addition: when the tops over the common bottom total ten or more, the ones digit is kept as top and the tens digit carried to the wholes.",
    shows: "tops that total ten or more",
    apart: "from mixed-carry-forgotten: 2 7/8 + 1 5/8 gives 4 2/8 here, 3 4/8 there",
    remedy: "how many such parts make a whole?",
    knownFrom: "classroom lore",
  },
  "mixed-borrow-one-part": {
    name: "The borrowed whole counts as one part",
    does: "One whole is taken off and 1 is added to the top, whatever the bottom.",
    shows: "mixed or whole − mixed needing a regroup",
    apart:
      "from mixed-borrow-ten: 7 1/5 − 3 2/5 gives 3 here, 3 9/5 there; from mixed-borrow-unpaid: 7 1/5 − 3 2/5 gives 3 here, 4 4/5 there",
    remedy: "cut the borrowed whole into parts of that size: how many are there?",
    knownFrom: "classroom lore",
    did: "A whole was taken, and one part was added for it.",
  },
  "frac-tops-over-product": {
    name: "Old tops over the product of the bottoms",
    does: "The bottoms are multiplied, and the tops put together as they are.",
    shows: "unlike bottoms with a common factor",
    apart: "from frac-old-tops: 1/4 + 1/6 gives 2/24 here, 2/12 there",
    remedy: "cut the bar again: when pieces shrink, their number grows",
    knownFrom: "Brueckner (1928)",
    did: (first, second) =>
      `The bottoms were multiplied: ${first.bottom * second.bottom}, and the tops ${first.top} and ${second.top} stayed as they were.`,
  },
  "frac-only-second-converted": {
    name: "Only the second top is scaled",
    does: "The lowest common bottom is found and the second top scaled to it; the first top stays. Whole parts apart.",
    shows: "unlike bottoms, neither a multiple of the other",
    apart:
      "from frac-only-first-converted: 1/2 + 2/3 gives 5/6 here, 5/6 there too; 1/2 + 2/5 gives 5/10 here, 7/10 there",
    remedy: "write both new fractions in full before adding",
    knownFrom: "classroom lore",
    did: (first, second) =>
      `${second.text} was written over the new bottom; of ${first.text} the top stayed ${first.top}.`,
  },
  "mixed-paid-part-copied": {
    name: "The whole is paid, and the part copied",
    does: "Whole number minus fraction or mixed number: one whole is taken off, as if it were broken, and the fraction is written down as it is.",
    shows: "whole − mixed, whole − fraction",
    apart: "from mixed-fraction-copied: 5 − 2 1/4 gives 2 1/4 here, 3 1/4 there",
    remedy: (first, second) =>
      `write ${first.text} as ${BigInt(first.whole) - 1n} ${second.bottom}/${second.bottom}`,
    knownFrom: "classroom lore",
    did: (_, second) => `A whole was taken off, and the part of ${second.text} was written down as it is.`,
  },
} satisfies Readonly<Record<string, PatternWords>>;
