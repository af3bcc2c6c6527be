import type { HouseRules } from "../house";
import type { MethodId, Refusal, Stage } from "../methods";
import type { Operation } from "../problem";

/** What a method is called, in a line what it does, and in two who prefers it and why. */
export const METHOD_WORDS: Readonly<
  Record<MethodId, { readonly name: string; readonly about: string; readonly preferred: string }>
> = {
  "column-addition": {
    name: "Column addition",
    about: "Place under place, added from the smallest place, ten of one carried into the next.",
    preferred:
      "The way of adding that most schools end with: short, and the same for whole numbers and decimals. They differ in where the carry is written, whether gaps are filled and what goes on top.",
  },
  "expanded-addition": {
    name: "Addition in expanded form",
    about: "Numbers pulled apart into true values; like parts joined, ten of one regrouped into the next.",
    preferred:
      "For schools that want the value of each digit seen before columns make it short, and for learners who carry without knowing what. It is left behind once the columns are understood.",
  },
  "subtraction-by-decomposition": {
    name: "Subtraction by decomposition",
    about: "Where a place has too little, one of a larger place is exchanged for ten of it.",
    preferred:
      "Where the value of the minuend is to be seen unchanged, and can be shown with things that are really exchanged. Across a run of zeros some exchange in one go, others place by place.",
  },
  "equal-additions": {
    name: "Equal additions",
    about: "Where a place has too little, ten go to the top and one to the next place below.",
    preferred:
      "Where the digits of the minuend are to stay as they are, so that nothing is struck out. A run of zeros is no trouble, since both numbers simply grow by the same.",
  },
  "making-up": {
    name: "Making up",
    about: "What goes with the lower digit to make the upper one, with a carry to the lower number.",
    preferred:
      "Where subtracting is taught as adding on, with the words of change given over a counter. It needs only the facts of adding, and several numbers can be taken away at once.",
  },
  "expanded-subtraction": {
    name: "Subtraction in expanded form",
    about: "Both numbers pulled apart into true values; a part too small is regrouped from the next.",
    preferred:
      "A step before decomposition in columns: 50 and 3 are seen to be 40 and 13. For learners who borrow by rote, and for explaining why nothing is lost.",
  },
  "counting-up": {
    name: "Counting up",
    about:
      "From the smaller number up to the larger in hops to rounder numbers; the hops are the difference.",
    preferred:
      "For work in the head and for change, where the numbers lie close together or the larger one is round. Nothing is ever borrowed; a number line shows it.",
  },
  "column-multiplication": {
    name: "Column multiplication",
    about: "The digits as whole numbers, row by row; the places counted and the point set at the end.",
    preferred:
      "The way most schools multiply decimals, since one procedure serves all sizes. Some open each row with zeros and write rows of zeros, others leave both out.",
  },
  "multiplication-in-line": {
    name: "Multiplication in line",
    about: "A number on the plumb line times a whole number: every row keeps its point on the line.",
    preferred:
      "Where one factor is whole, as in a price times a number of parts: tenths stay tenths, and no places are counted. Preferred before two decimals are multiplied.",
  },
  "multiples-of-ten": {
    name: "Multiples of ten",
    about: "A multiplier that ends in zeros taken apart: the zeros first, as a shift, then its digits.",
    preferred:
      "For multipliers such as 60 or 300: times 60 is times 6 and one zero. It saves a row, and prepares for estimates and long multiplication.",
  },
  lattice: {
    name: "Lattice",
    about:
      "A square for each two digits, cut by a diagonal; every product as two digits, the diagonals added.",
    preferred:
      "Where multiplying and adding are to be kept apart: no carry until the products are all there. Learners who lose their place in rows like it; the grid takes time to draw.",
  },
  area: {
    name: "Area",
    about: "A rectangle with the factors pulled apart along its sides; each part a product, all added.",
    preferred:
      "Where the true value of every part is to be seen: it explains columns, and later brackets. Preferred for numbers of few digits.",
  },
  shift: {
    name: "Shift by tens",
    about: "Times or divided by 10, 100, 1000 or 0.1: every digit moves, or the point hops the other way.",
    preferred:
      "Every school teaches it, in two ways: the digits move past a point that stays, which is what happens to their value, or the point hops, which is quicker to write.",
  },
  "long-division": {
    name: "Long division",
    about: "How many times, multiply, subtract, bring down, with every line written.",
    preferred:
      "For divisors that are too large to work in the head, and to show every step. The divisor stands before a bracket or in a corner at the right, as the school writes it.",
  },
  "short-division": {
    name: "Short division",
    about: "Digit by digit in the head; only what is left is written, small before the next digit.",
    preferred:
      "For divisors up to twelve, whose multiples are known by heart. It is quick and takes one line, and less can go wrong in writing.",
  },
  "rounding-by-place": {
    name: "Rounding",
    about: "The place ringed, the digit after it asked whether the place grows or stays.",
    preferred:
      "The rule of all schools: 5 and more goes up. Some show it on a number line first, with the two neighbours and the middle between them.",
  },
  "comparing-by-place": {
    name: "Comparing by place",
    about: "One number under the other, compared from the largest place until two digits differ.",
    preferred:
      "Against the habit of taking the longer decimal for the larger one. With fillers both have as many places; without them the empty place is talked about.",
  },
};

/** What an operation is called. */
const OPERATION_NAMES: Readonly<Record<Operation, string>> = {
  add: "adds",
  subtract: "subtracts",
  multiply: "multiplies",
  divide: "divides",
  round: "rounds",
  compare: "compares",
};

/** One sentence on why a method does not take a problem. */
export function refusalWords(method: MethodId, refusal: Refusal): string {
  const { name } = METHOD_WORDS[method];
  switch (refusal.kind) {
    case "otherOperation":
      return `${name} only ${refusal.worksOn.map((op) => OPERATION_NAMES[op]).join(" or ")}.`;
    case "twoFactors":
      return `${name} takes two factors at a time, and here are more.`;
    case "wholeMultiplier":
      return `${name} needs one factor that is a whole number.`;
    case "multipleOfTen":
      return `${name} needs a whole factor that ends in a zero, such as 60 or 300.`;
    case "powerOfTen":
      return `${name} needs a one with zeros, such as 10, 1000 or 0.1, to multiply or divide by.`;
    case "manyParts":
      return `${name} takes numbers with ${refusal.most} digits other than zero at most.`;
    case "manyPlaces":
      return `${name} takes numbers with at most ${refusal.most} digits in the whole part and ${refusal.most} decimals.`;
    case "largeDivisor":
      return `${name} is for divisors up to ${refusal.most}, once they are whole.`;
    case "otherForm":
      return `${name} gives no remainder: it only moves the digits.`;
  }
}

/** What a stage is called under the run. */
export function stageName(stage: Stage, house: HouseRules): string {
  switch (stage) {
    case "estimate":
      return "Estimate";
    case "setOut":
      return "Set out";
    case "work":
      return "Work";
    case "point":
      return house.decimalMark === "point" ? "Point" : "Comma";
    case "answer":
      return "Answer";
    case "check":
      return "Check";
  }
}
