import { bareDigits } from "../../../number";
import type { PatternWords } from "../../contract/patternWords";

export const PRODUCT_ROW_PATTERN_WORDS = {
  "mul-zero-fact-copied": {
    name: "Zero times a digit is that digit",
    does: "In every digit product with one 0, the other digit is written; carrying is sound; rows shifted, places counted rightly.",
    shows: "a 0 among the digits of a factor",
    apart:
      "from mul-carry-before: 406 × 7 gives 2912 here, 4282 there; from mul-inner-zero-dropped: 406 × 7 gives 2912 here, 322 there",
    remedy: "empty plates: however many there are, how many cakes lie on them?",
    knownFrom: "Buswell & John (1926)",
    did: "Zero times a digit was taken for that digit.",
  },
  "mul-zeros-short": {
    name: "One zero too few",
    does: "Whole factors, at least one ending in 0: the front digits are multiplied rightly, and one zero fewer is hung on than both factors have.",
    shows: "multiples of ten",
    apart:
      "from shift-one-short: 48 × 30 gives 144 here, the right answer there; from mul-row-not-shifted: 25 × 30 gives 75 here, the right answer there",
    remedy: "one step at a time: leave one zero out and multiply, then ten times that",
    knownFrom: "classroom lore",
    did: "One zero fewer was hung on than the factors have.",
  },
  "mul-double-digit": {
    name: "Every product written out whole",
    does: "In each row every digit product is written in full, nothing is carried; rows shifted, places counted rightly.",
    shows: "products of ten or more",
    apart:
      "from mul-carry-dropped: 47 × 6 gives 2442 here, 242 there; from mul-lattice-wrong-half: 47 × 6 gives 2442 here, the right answer there",
    remedy: (_, __, { line }) =>
      `of a product only the ones stay in its column: the tens go next door; estimate ${line}`,
    knownFrom: "classroom lore",
  },
  "mul-one-row-only": {
    name: "Only the ones digit multiplies",
    does: "The upper number is multiplied by the last digit of the lower one only. Places as in the problem.",
    shows: "a lower factor of two or more digits",
    apart:
      "from mul-row-not-shifted: 23 × 14 gives 92 here, 115 there; from mul-straight-down: 23 × 14 gives 92 here, 32 there",
    remedy: (_, { text }) => `only the ${text.at(-1)} of ${text} was used: which rows are still to come?`,
    knownFrom: "classroom lore",
  },
  "mul-inner-zero-dropped": {
    name: "A zero inside a factor is passed over",
    does: "Zeros between other digits of a factor are left out, then all is right; places counted as in the problem.",
    shows: "a factor such as 305 or 4.02",
    apart: "from mul-zero-fact-copied: 305 × 4 gives 140 here, 1260 there",
    remedy: (first, second) =>
      `read ${bareDigits(first.whole + first.ends).includes("0") ? first.text : second.text} aloud, and expand it place by place`,
    knownFrom: "classroom lore",
  },
  "mul-straight-down-full": {
    name: "Straight down, each product written whole",
    does: "Right-aligned, each lower digit multiplies only the digit above it; products stand side by side in full, lone digits are copied. Two digits in each factor.",
    shows: "two factors of two or more digits",
    apart:
      "from mul-straight-down: 23 × 14 gives 212 here, 32 there; from mul-cross-products-missing: 32 × 13 gives 36 here, 306 there",
    remedy: "rectangle in four regions: two are missing",
    knownFrom: "classroom lore",
  },
  "mul-lattice-double-digit": {
    name: "Diagonal totals written out whole",
    does: "Lattice, two or more digits in each factor, sound cells; every diagonal total is written in full, nothing is carried.",
    shows: "a diagonal totalling ten or more",
    apart: "from mul-lattice-no-carry: 34 × 26 gives 7184 here, 784 there",
    remedy: (_, __, { line }) => `estimate ${line}; one digit to a diagonal`,
    knownFrom: "classroom lore",
    did: "The totals of the diagonals were written whole, side by side.",
  },
  "mul-cross-products-missing": {
    name: "Tens by tens and ones by ones only",
    does: "Two-digit whole factors: tens times tens plus ones times ones; the two mixed products are missing.",
    shows: "two-digit by two-digit",
    apart:
      "from mul-straight-down-full: 32 × 13 gives 306 here, 36 there; from mul-row-not-shifted: 32 × 13 gives 306 here, 128 there",
    remedy: "area rectangle: write all four regions",
    knownFrom: "classroom lore",
  },
  "mul-only-whole-part": {
    name: "What stands after the point is not multiplied",
    does: "A decimal not below one times a whole number: the whole part is multiplied, the digits after the point are copied.",
    shows: "decimal × whole number",
    apart: "from mul-two-halves: 3.4 × 3 gives 9.4 here, 9.12 there",
    remedy: (first, second) =>
      first.ends === ""
        ? `${first.text} lengths of ${second.text} end to end: how much do the parts after the point make?`
        : `${second.text} lengths of ${first.text} end to end: how much do the parts after the point make?`,
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
