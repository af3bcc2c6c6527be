import type { MethodId } from "../../methods";

/** What a method does, in a line. */
export const METHOD_ABOUTS: Readonly<Record<MethodId, string>> = {
  "column-addition": "Place under place, added from the smallest place, ten of one carried into the next.",
  "expanded-addition":
    "Numbers pulled apart into true values; like parts joined, ten of one regrouped into the next.",
  "subtraction-by-decomposition":
    "Where a place has too little, one of a larger place is exchanged for ten of it.",
  "equal-additions": "Where a place has too little, ten go to the top and one to the next place below.",
  "making-up": "What goes with the lower digit to make the upper one, with a carry to the lower number.",
  "expanded-subtraction":
    "Both numbers pulled apart into true values; a part too small is regrouped from the next.",
  "counting-up":
    "From the smaller number up to the larger in hops to rounder numbers; the hops are the difference.",
  "column-multiplication":
    "The digits as whole numbers, row by row; the places counted and the point set at the end.",
  "multiplication-in-line":
    "A number on the plumb line times a whole number: every row keeps its point on the line.",
  "multiples-of-ten":
    "A multiplier that ends in zeros taken apart: the zeros first, as a shift, then its digits.",
  lattice:
    "A square for each two digits, cut by a diagonal; every product as two digits, the diagonals added.",
  area: "A rectangle with the factors pulled apart along its sides; each part a product, all added.",
  shift: "Times or divided by 10, 100, 1000 or 0.1: every digit moves, or the point hops the other way.",
  "long-division": "How many times, multiply, subtract, bring down, with every line written.",
  "short-division": "Digit by digit in the head; only what is left is written, small before the next digit.",
  "rounding-by-place": "The place ringed, the digit after it asked whether the place grows or stays.",
  "comparing-by-place":
    "One number under the other, compared from the largest place until two digits differ.",
  "denominators-by-multiples":
    "The multiples of each denominator are listed until one meets; that is the common denominator.",
  "denominators-by-factors":
    "Each denominator as a product of primes; the common one has each prime as often as it is needed.",
  "denominators-by-product":
    "The denominators are multiplied with each other; the answer is made simpler in the end.",
  "multiplying-across":
    "Numerator times numerator, denominator times denominator; whole numbers stand over one.",
  "turning-over": "The divisor is turned over and multiplied by.",
  "dividing-like-parts": "Both over a common denominator; then the numerators are divided.",
  "changing-form":
    "One number written otherwise: simpler, mixed or improper, over another denominator, as a decimal.",
  "sign-rule": "Same signs are added, different signs subtracted; taking away is adding the opposite.",
  gathering: "What lies above zero is added up, what lies below too, and then the two are put together.",
  "number-line": "Jumps along a line, right for more and left for less; the landing is the answer.",
  counters: "Plus and minus counters; one of each is nothing, and can be brought or taken.",
  "money-in-columns": "Amounts as decimals with two places, worked as the house works decimals.",
  "repeated-addition": "Several of the same price, under one another and added.",
  "change-by-counting-up":
    "From the price up to what was paid, with the fewest coins and notes laid down on the way.",
  "enough-by-adding": "The prices added, and compared with what there is.",
  "handing-over": "The notes to pay a price with: as little over it as can be, in as few as can be.",
  "sharing-a-bill": "The bill in its small unit, shared out whole, with what is left over.",
  "unit-columns":
    "Unit under unit; too many of one are regrouped into the next, and one of the next decomposed.",
  "padded-columns":
    "Metric measures as decimals of the larger unit, the smaller one filled up to its full width.",
  "smallest-unit": "Everything in the smallest unit, worked as one number, and written back.",
  "changing-units":
    "One measure in other units: times the rate into smaller ones, divided by it into larger.",
  "order-of-operations": "Several operations, one after the other, each on a sheet of its own.",
};
