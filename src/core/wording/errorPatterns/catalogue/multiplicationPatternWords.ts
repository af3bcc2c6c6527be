import type { PatternWords } from "../../contract/patternWords";

export const MULTIPLICATION_PATTERN_WORDS = {
  "mul-keep-places": {
    name: "The point comes straight down, as in addition",
    does: "Multiply as whole numbers; give the product as many places as the factor with the most places has.",
    shows: "two factors that both have decimals",
    apart: "from mul-point-from-left: 1.2 x 3.4 gives 40.8 both ways; use factors with unequal places",
    remedy: "tenths of tenths on a hundred grid; estimate the size first",
    knownFrom: "Hiebert & Wearne (1985, 1986)",
  },
  "mul-trailing-zero-dropped": {
    name: "Final zeros struck out before the places are counted",
    does: "Multiply as whole numbers, delete every zero at the end of the product, then mark off the sum of the places, filling with zeros if needed.",
    shows: "digit products ending in 0 (a 5 with an even digit, or a multiple of ten)",
    apart:
      "from mul-zero-on-the-end: identical when the only final zeros are those of the multiple of ten; use 0.5 x 0.6",
    remedy: "place the point first, tidy zeros afterwards",
    knownFrom: "classroom lore",
  },
  "mul-no-filler-zeros": {
    name: "The point goes in front of whatever digits there are",
    does: "Multiply as whole numbers; when the product has fewer digits than places to count, write the point directly in front of it instead of filling with zeros.",
    shows: "very small factors, product shorter than the number of places",
    apart:
      "from mul-two-halves: identical when both factors are below one; give one factor a whole part and unequal places",
    remedy: "count places on the page with empty boxes, then fill them",
    knownFrom: "Brueckner (1928) for misplaced points; otherwise classroom lore",
  },
  "mul-point-from-left": {
    name: "Places counted from the wrong end",
    does: "Multiply as whole numbers, add up the places of both factors, and count that many digits from the left of the product.",
    shows: "product digits not equal to twice the number of places",
    apart:
      "from mul-keep-places: use a whole-number factor with a longer product, 0.7 x 32, which that one gets right",
    remedy: "estimate 5 x 3 before placing the point",
    knownFrom: "Ashlock (Error Patterns in Computation)",
  },
  "mul-two-halves": {
    name: "Whole part times whole part, decimal part times decimal part",
    does: "Multiply the whole parts; multiply the strings after the points as whole numbers; join with a point and carry nothing across. If one factor is whole it multiplies both parts.",
    shows: "decimals; decimal × whole when the second part overflows",
    apart: "from mul-no-filler-zeros: give a factor a non-zero whole part",
    remedy: "area rectangle with four regions; two of them are missing",
    knownFrom: "Ryan & Williams (2007) for the separate-numbers view; classroom lore",
  },
  "mul-zero-on-the-end": {
    name: "Times ten means write a zero",
    does: "Multiply the decimal by the multiple of ten with its zeros removed, place the point correctly, then write the zeros on the end of the decimal digits.",
    shows: "decimal × 10, 100, 20, 300, ...",
    apart:
      "from mul-trailing-zero-dropped: look for the written final zeros, or use 4.5 x 20, where that one gives 0.9",
    remedy: "slide the digits one place on a chart, the point stays still",
    knownFrom: "Brown, M. (1981, in Hart); Swan (1983); Ryan & Williams (2007)",
  },
  "mul-row-not-shifted": {
    name: "Second row starts in the same place as the first",
    does: "Multiply by each digit of the lower number, write every partial product right-aligned with no placeholder zeros, add, count places.",
    shows: "a lower factor with two or more digits",
    apart: "the answer equals the upper number times the digit sum of the lower one",
    remedy: "read the 1 in 14 as ten; area rectangle 23 by 10 and 23 by 4",
    knownFrom: "Buswell & John (1926); Cox (1975); Ashlock",
  },
  "mul-carry-before": {
    name: "The carried digit is added before multiplying",
    does: "In each row, add the carried digit to the next upper digit first, then multiply; write the ones and carry the tens; last product in full. Rows shifted correctly; places counted correctly.",
    shows: "a carry within a row",
    apart: "the answer is too large; from a fact slip: recurs in every column that receives a carry",
    remedy: "write partial products in full (18 and 120) and add them",
    knownFrom: "Cox (1975); Ashlock",
  },
  "mul-carry-dropped": {
    name: "The carry is forgotten in multiplying",
    does: "In each row write only the ones digit of every product (the last in full) and carry nothing. Rows shifted and places counted correctly.",
    shows: "a carry within a row",
    apart:
      "from mul-lattice-no-carry: with a one-digit multiplier the lattice learner is usually right; ask which layout was used",
    remedy: "partial products in full; box for the carry",
    knownFrom: "Buswell & John (1926); Cox (1975)",
  },
  "mul-straight-down": {
    name: "Columns multiplied straight down, as in adding",
    does: "Right-align the digits, multiply each lower digit only by the digit above it, carrying tens; where just one number has a digit, copy it plus the carry. Count places.",
    shows: "two factors of two or more digits",
    apart: "answer far too small, only as long as the factors",
    remedy: "rectangle in four regions: two cross products are missing",
    knownFrom: "Cox (1975); Ashlock",
  },
  "mul-lattice-wrong-half": {
    name: "A one-digit product lands in the tens half of its cell",
    does: "Lattice: a product below ten is written in the upper (tens) triangle instead of the lower one, so it counts ten times over; other cells and diagonal sums correct. Count places correctly.",
    shows: "any pair of digits whose product is 1 to 9, at least three digits in all",
    apart: "answer too large; an area estimate exposes it",
    remedy: "write 0 in the upper triangle every time",
    knownFrom: "classroom lore",
  },
  "mul-lattice-no-carry": {
    name: "Diagonal totals lose their tens",
    does: "Lattice: cells correct, but each diagonal total contributes only its ones digit (the leftmost in full); nothing is carried to the next diagonal. Count places correctly.",
    shows: "a diagonal totalling ten or more",
    apart: "from mul-carry-dropped: cells hold both digits, so only diagonal overflow is lost",
    remedy: "write the carried ten in the next diagonal before totalling it",
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
