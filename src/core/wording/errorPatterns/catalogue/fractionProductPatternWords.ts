import type { PatternWords } from "../../contract/patternWords";
import { partName, partsName } from "../../numbers/numberWords";

export const FRACTION_PRODUCT_PATTERN_WORDS = {
  "mixed-part-by-part": {
    name: "Wholes and fractions handled separately in × and ÷",
    does: "Multiply whole part by whole part and fraction by fraction; a missing part leaves the other unchanged. Divide by a whole number: divide the whole part only.",
    shows: "mixed × anything, mixed ÷ whole",
    apart: "from improper-whole-plus-top: the whole part of the answer is the product of the whole parts",
    remedy: "area rectangle with four regions",
    knownFrom: "Newton (2008); classroom lore",
  },
  "frac-mul-bottom-kept": {
    name: "Common bottom kept when multiplying",
    does: "Give the fractions a common denominator, multiply the tops, keep that denominator once.",
    shows: "fraction × fraction, most often with like denominators",
    apart: "from frac-mul-flips-second: with like denominators the bottom stays as given",
    remedy: (first, second) =>
      `a square cut ${first.bottom} one way and ${second.bottom} the other: how many small cells?`,
    knownFrom: "Siegler, Thompson & Schneider (2011); Newton (2008); Braithwaite, Pyke & Siegler (2017)",
    did: "The tops were multiplied, and the bottom kept once.",
  },
  "frac-mul-flips-second": {
    name: "The division rule used on a multiplication",
    does: "Turn the second fraction over, then multiply across.",
    shows: "fraction × fraction",
    apart: "the answer is what dividing would give",
    remedy: "say the sign aloud as “of”; half of a half is smaller",
    knownFrom: "Newton (2008); classroom lore (often from cross-multiplying)",
  },
  "frac-mul-whole-on-both": {
    name: "The whole number multiplies top and bottom",
    does: "Whole × fraction: multiply both numerator and denominator by the whole number.",
    shows: "whole × fraction",
    apart: "the answer simplifies back to the fraction you started with",
    remedy: (first, second) => {
      const [times, part] = first.bottom === 0n ? [first, second] : [second, first];
      return `repeated addition: ${part.text} taken ${times.text} times`;
    },
    knownFrom: "classroom lore",
  },
  "frac-div-no-flip": {
    name: "Divides by multiplying across",
    does: "Multiply tops and bottoms without turning the divisor over (mixed numbers made improper correctly, whole numbers over 1); the result is left unsimplified.",
    shows: "any division of fractions",
    apart: "from frac-div-flips-first: the answer is the product",
    remedy: (first, second) =>
      `how many times does ${second.text} fit in ${first.text}? more or less than once?`,
    knownFrom: "Tirosh (2000) and Newton (2008) for algorithm mix-ups; classroom lore",
    did: (first, second) =>
      `Nothing was turned over: ${first.top} and ${second.top} were multiplied, and ${first.bottom} and ${second.bottom}.`,
  },
  "frac-div-flips-first": {
    name: "Turns over the wrong one",
    does: "Invert the dividend instead of the divisor, then multiply. The answer, left unsimplified, is the reciprocal of the right one; right only when that is 1.",
    shows: "any division of fractions",
    apart: "reciprocal of the right answer; hidden when the quotient is 1",
    remedy: "common-denominator division, then compare with the rule",
    knownFrom: "Tirosh (2000)",
    did: (first, second) => `${first.text} was turned over, and ${second.text} was not.`,
  },
  "frac-div-bottom-kept": {
    name: "Common bottom kept when dividing",
    does: "With a common denominator, divide the tops and keep the denominator under the result.",
    shows: "fraction ÷ fraction with tops that divide",
    apart: "from frac-mul-bottom-kept: same pattern, other operation; test both",
    remedy: (first, second) =>
      first.bottom === second.bottom
        ? `${first.top} ${partsName(first.bottom)} in groups of ${second.top}: how many groups?`
        : undefined,
    knownFrom: "Braithwaite, Pyke & Siegler (2017); Siegler, Thompson & Schneider (2011)",
    did: "The tops were divided, and the common bottom was kept under what came out.",
  },
  "simplify-strikes-digit": {
    name: "Strikes out a digit that appears above and below",
    does: "Find the first digit of the numerator (0 excepted) that also occurs in the denominator, delete it once from each.",
    shows: "two-digit numerator and denominator sharing a digit",
    apart: "only fires on shared digits",
    remedy: "factor trees: digits are not factors",
    knownFrom: "Ashlock; classroom lore",
    did: "A digit that stands above and below was struck from both.",
  },
  "simplify-own-divisors": {
    name: "Top and bottom divided by different numbers",
    does: "Divide the numerator by its own smallest prime factor and the denominator by its own.",
    shows: "simplifying where the smallest prime factors differ",
    apart: "from simplify-strikes-digit: no digit need be shared",
    remedy: "write the divisor once, as a fraction equal to 1",
    knownFrom: "classroom lore",
    did: "Top and bottom were divided by different numbers.",
  },
  "improper-whole-plus-top": {
    name: "Whole number added to the top",
    does: "Mixed to improper: numerator becomes whole plus numerator, denominator unchanged. Also inside × and ÷ of mixed numbers, the rest done right and simplified.",
    shows: "mixed to improper; × and ÷ with mixed numbers",
    apart: "from improper-top-bottom-swapped: give a direct conversion",
    remedy: ({ whole, bottom }) => `how many ${partsName(bottom)} are in ${whole} wholes? draw them`,
    knownFrom: "classroom lore",
    did: ({ whole, top, bottom }) =>
      `${whole} and ${top} were added: ${BigInt(whole) + top}, and written over ${bottom}.`,
  },
  "improper-top-bottom-swapped": {
    name: "Multiplies by the top, adds the bottom",
    does: "Mixed to improper: numerator becomes whole × numerator + denominator. Also inside × and ÷ of mixed numbers.",
    shows: "mixed to improper with a whole part above 1; × and ÷ with mixed numbers",
    apart: "hidden when the whole part is 1, where improper-whole-plus-top still fails",
    remedy: ({ whole, top, bottom }) =>
      `say what each number counts: ${whole} wholes of ${bottom} ${partsName(bottom)} each, and ${top} more`,
    knownFrom: "classroom lore",
    did: ({ whole, top, bottom }) =>
      `${whole} was multiplied by ${top}, and ${bottom} added: ${BigInt(whole) * top + bottom}.`,
  },
  "mixed-remainder-in-front": {
    name: "Quotient and remainder change places",
    does: "Improper to mixed: write the remainder as the whole part and the quotient as the new numerator.",
    shows: "improper to mixed",
    apart: "hidden when quotient and remainder are equal",
    remedy: "group the pieces into wholes; the groups are the wholes",
    knownFrom: "classroom lore",
    did: ({ top, bottom }) =>
      `In ${top} there are ${top / bottom} times ${bottom}, and ${top % bottom} are left: the two changed places.`,
  },
  "frac-times-whole-divides-only": {
    name: "The top of the fraction is forgotten",
    does: "Whole × fraction: the whole number is divided by the bottom and that is the answer.",
    shows: "fraction of a number, top above 1",
    apart: "from frac-mul-whole-on-both: 3/4 × 20 gives 5 here, 60/80 there",
    remedy: (first, second) => {
      const [whole, part] = first.bottom === 0n ? [first, second] : [second, first];
      return `bar of ${whole.text} in ${part.bottom} equal parts: how much is one, and how much are ${part.top}?`;
    },
    knownFrom: "classroom lore",
  },
  "frac-div-flips-both": {
    name: "Both fractions turned over",
    does: "Dividend and divisor are both turned over, then multiplied (mixed numbers improper, wholes over 1).",
    shows: "any division of fractions",
    apart:
      "from frac-div-no-flip: 2/3 ÷ 4/5 gives 15/8 here, 8/15 there; from frac-div-flips-first: 2/3 ÷ 4/5 gives 15/8 here, 12/10 there",
    remedy: (first, second) => `how many times does ${second.text} fit in ${first.text}?`,
    knownFrom: "classroom lore",
    did: (first, second) => `Both were turned over, ${first.text} and ${second.text}.`,
  },
  "frac-mul-bottoms-added": {
    name: "Tops multiplied, bottoms added",
    does: "Proper or improper fractions only: product of the tops over the sum of the bottoms.",
    shows: "fraction × fraction",
    apart:
      "from frac-mul-tops-added: 1/2 × 1/3 gives 1/5 here, 2/6 there; from frac-mul-bottom-kept: 2/3 × 4/5 gives 8/8 here, 120/15 there",
    remedy: (first, second) =>
      `a square cut ${first.bottom} one way and ${second.bottom} the other: how many small cells?`,
    knownFrom: "classroom lore",
    did: (first, second) => `The bottoms were added: ${first.bottom} and ${second.bottom}.`,
  },
  "frac-mul-tops-added": {
    name: "Tops added, bottoms multiplied",
    does: "Sum of the tops over the product of the bottoms, fractions only.",
    shows: "fraction × fraction",
    apart:
      "from frac-mul-bottoms-added: 1/2 × 1/3 gives 2/6 here, 1/5 there; from frac-mul-flips-second: 2/3 × 4/5 gives 6/15 here, 10/12 there",
    remedy: (first, second) => `can ${first.text} of ${second.text} be as much as that? draw it`,
    knownFrom: "classroom lore",
    did: (first, second) => `The tops were added: ${first.top} and ${second.top}.`,
  },
  "improper-whole-in-front": {
    name: "The whole number written in front of the top",
    does: "Mixed to improper: whole number and top stand side by side as the new top. Also inside × and ÷, the rest done rightly.",
    shows: "mixed to improper; × and ÷ with mixed numbers",
    apart: "from improper-whole-plus-top: 2 3/4 as an improper fraction gives 23/4 here, 5/4 there",
    remedy: ({ whole, top, bottom }) => `${whole}${top} ${partsName(bottom)} are how many wholes?`,
    knownFrom: "classroom lore",
    did: ({ whole, top }) => `${whole} was written in front of ${top}: ${whole}${top}.`,
  },
  "equiv-factor-written": {
    name: "The factor is written as the new top",
    does: "In ?/12 tasks the number of times the old bottom goes into the new one is written.",
    shows: "equivalent fractions, top above 1",
    apart:
      "from frac-old-tops: 2/3 = ?/12 gives 4 here, 2 there; from frac-add-to-both: 2/3 = ?/12 gives 4 here, 11 there",
    remedy: ({ top, bottom }, __, { wanted }) =>
      `how many ${partsName(wanted)} is one ${partName(bottom)}? and how many are ${top}?`,
    knownFrom: "classroom lore",
    did: ({ bottom }, __, { wanted }) =>
      `${bottom} goes into ${wanted} just so often: that was written above.`,
  },
  "frac-mul-flips-first": {
    name: "The first factor is turned over",
    does: "The first fraction is turned over, then tops and bottoms are multiplied.",
    shows: "fraction × fraction",
    apart: "from frac-mul-flips-second: 3/5 × 2/7 gives 10/21 here, 21/10 there",
    remedy: "nothing is turned over in a product: say the sign aloud as “of”",
    knownFrom: "classroom lore",
    did: (first) => `${first.text} was turned over.`,
  },
  "frac-mul-all-added": {
    name: "Tops added, bottoms added",
    does: "A product worked as a sum is by those who add across: tops added, bottoms added.",
    shows: "fraction × fraction",
    apart: "from frac-mul-tops-added: 2/3 × 3/4 gives 5/7 here, 5/12 there",
    remedy: (first, second) => `say the sign as “of”: ${first.text} of ${second.text}, drawn on a square`,
    knownFrom: "classroom lore",
    did: (first, second) =>
      `The tops ${first.top} and ${second.top} were added, and so were the bottoms ${first.bottom} and ${second.bottom}.`,
  },
  "frac-div-rests-dropped": {
    name: "Divided across, what is left over dropped",
    does: "Top divided by top and bottom by bottom; what does not come out is left off.",
    shows: "fraction ÷ smaller numbers above and below",
    apart: "from frac-div-no-flip: 7/8 ÷ 2/3 gives 3/2 here, 14/24 there",
    remedy: (first, second) =>
      `how many times does ${second.text} fit in ${first.text}? draw both over one bottom`,
    knownFrom: "classroom lore",
  },
  "frac-of-turned-over": {
    name: "A part of a number with the fraction turned over",
    does: "A fraction of a whole number: multiplied by the bottom and divided by the top.",
    shows: "fraction below one × whole number",
    apart: "from frac-times-whole-divides-only: 2/3 × 12 gives 18 here, 4 there",
    remedy: (first, second) => {
      const [whole, part] = first.bottom === 0n ? [first, second] : [second, first];
      return `bar of ${whole.text} in ${part.bottom} equal parts: how much is one?`;
    },
    knownFrom: "classroom lore",
  },
  "improper-whole-times-top": {
    name: "The whole number times the top",
    does: "Mixed to improper: whole number times top, over the bottom.",
    shows: "mixed as improper; × and ÷ of mixed numbers",
    apart: "from improper-whole-plus-top: 3 2/5 gives 6/5 here, 5/5 there",
    remedy: ({ whole, bottom }) => `how many ${partsName(bottom)} are in ${whole} wholes? draw them`,
    knownFrom: "classroom lore",
    did: ({ whole, top }) => `${whole} was multiplied by ${top}: ${BigInt(whole) * top}.`,
  },
} satisfies Readonly<Record<string, PatternWords>>;
