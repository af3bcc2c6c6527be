import type { HouseRules } from "../house";
import type { MethodId, Refusal, Stage } from "../methods";
import type { Operation, ProblemKind } from "../problem";

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
  "denominators-by-multiples": {
    name: "Multiples listed",
    about: "The multiples of each denominator are listed until one meets; that is the common denominator.",
    preferred:
      "For denominators whose tables are known by heart. Every step can be seen, and the smallest common denominator comes by itself. Lists beyond twelve multiples are too long for it.",
  },
  "denominators-by-factors": {
    name: "Prime factors",
    about: "Each denominator as a product of primes; the common one has each prime as often as it is needed.",
    preferred:
      "For larger denominators, where lists would be long, and in schools that teach factors before fractions. It finds the smallest common denominator too.",
  },
  "denominators-by-product": {
    name: "Denominators multiplied",
    about: "The denominators are multiplied with each other; the answer is made simpler in the end.",
    preferred:
      "It always works and needs no search, so some schools teach it first. With denominators that share a factor the numbers grow, and simplifying can't be forgotten.",
  },
  "multiplying-across": {
    name: "Multiplying across",
    about: "Numerator times numerator, denominator times denominator; whole numbers stand over one.",
    preferred:
      "All schools multiply so. Some cancel common factors before they multiply, which keeps the numbers small; others multiply first and simplify after, which has one rule less.",
  },
  "turning-over": {
    name: "Turning over",
    about: "The divisor is turned over and multiplied by.",
    preferred:
      "The shortest way to divide, and the one that algebra needs. Why it works is seen from the reciprocal: a number times its reciprocal is one.",
  },
  "dividing-like-parts": {
    name: "Dividing like parts",
    about: "Both over a common denominator; then the numerators are divided.",
    preferred:
      "Where dividing is to keep its meaning, how often one goes into the other, and the common denominator is known already. Nothing is turned over.",
  },
  "changing-form": {
    name: "Changing form",
    about:
      "One number written otherwise: simpler, mixed or improper, over another denominator, as a decimal.",
    preferred:
      "Simplifying by the largest common factor takes one line; by small steps it takes only the tables of 2, 3 and 5. House rules choose.",
  },
  "sign-rule": {
    name: "Sign rule",
    about: "Same signs are added, different signs subtracted; taking away is adding the opposite.",
    preferred:
      "For any numbers, large ones, decimals and fractions too. The sizes are worked like plain numbers, and the rule gives the sign.",
  },
  gathering: {
    name: "Gathering",
    about: "What lies above zero is added up, what lies below too, and then the two are put together.",
    preferred:
      "For longer chains: the sign changes only once, at the end. Others work from the left, as they read.",
  },
  "number-line": {
    name: "Number line",
    about: "Jumps along a line, right for more and left for less; the landing is the answer.",
    preferred:
      "The first way in most schools, since it shows where zero is and which way each sign leads. For whole numbers from −20 to 20.",
  },
  counters: {
    name: "Counters",
    about: "Plus and minus counters; one of each is nothing, and can be brought or taken.",
    preferred:
      "Where taking away a negative number is to be seen done: what is not there is brought as zero pairs first. For two numbers up to 20.",
  },
  "money-in-columns": {
    name: "Money in columns",
    about: "Amounts as decimals with two places, worked as the house works decimals.",
    preferred:
      "For totals, bills and what is left, on paper. Pence and cents get the places they hide: 7p is 0.07.",
  },
  "repeated-addition": {
    name: "Repeated addition",
    about: "Several of the same price, under one another and added.",
    preferred:
      "Before multiplying decimals is taught, and for two or three of the same. Others multiply the price.",
  },
  "change-by-counting-up": {
    name: "Change by counting up",
    about: "From the price up to what was paid, with the fewest coins and notes laid down on the way.",
    preferred:
      "As it is done at a till: the change is in the hand when the counting ends, and nothing is borrowed. The till may have run short of some pieces.",
  },
  "enough-by-adding": {
    name: "Is it enough?",
    about: "The prices added, and compared with what there is.",
    preferred:
      "The question that is asked at every counter. An estimate often answers it; the sum makes sure.",
  },
  "handing-over": {
    name: "Handing over",
    about: "The notes to pay a price with: as little over it as can be, in as few as can be.",
    preferred: "Before change is taught: which notes to take out, and what to expect back.",
  },
  "sharing-a-bill": {
    name: "Sharing a bill",
    about: "The bill in its small unit, shared out whole, with what is left over.",
    preferred:
      "Nobody can pay a third of a cent: the remainder is said, and someone takes it over. Where a rounded share will do, money in columns rounds.",
  },
  "unit-columns": {
    name: "Columns by unit",
    about: "Unit under unit; too many of one are regrouped into the next, and one of the next decomposed.",
    preferred:
      "For pounds and ounces, feet and inches, hours and minutes. Some regroup each column as they go, others all of them at the end.",
  },
  "padded-columns": {
    name: "Padded columns",
    about: "Metric measures as decimals of the larger unit, the smaller one filled up to its full width.",
    preferred:
      "Where metric measures are taught as decimals: 3 L 6 mL is 3.006 L, and the columns are those of decimals.",
  },
  "smallest-unit": {
    name: "Smallest unit",
    about: "Everything in the smallest unit, worked as one number, and written back.",
    preferred:
      "It works for everything, dividing one measure by another too, and needs no regrouping between columns. The numbers are larger.",
  },
  "changing-units": {
    name: "Changing units",
    about: "One measure in other units: times the rate into smaller ones, divided by it into larger.",
    preferred: "Every school needs it, before measures are added and after.",
  },
  "order-of-operations": {
    name: "Order of operations",
    about: "Several operations, one after the other, each on a sheet of its own.",
    preferred:
      "Brackets first, then times and divided by, then plus and minus. Each step is worked by the method the house prefers.",
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
  order: "puts in order",
  rewrite: "changes the form of one quantity",
  terms: "adds and subtracts",
  enough: "says whether an amount is enough",
  pay: "pays a price",
  chain: "works several operations",
};

const KIND_NAMES: Readonly<Record<ProblemKind, string>> = {
  decimals: "whole numbers and decimals",
  fractions: "fractions and mixed numbers",
  signed: "numbers with signs",
  money: "amounts of money",
  measures: "measures with units",
  chain: "several operations",
};

/** One sentence on why a method does not take a problem. */
export function refusalWords(method: MethodId, refusal: Refusal): string {
  const { name } = METHOD_WORDS[method];
  switch (refusal.kind) {
    case "otherKind":
      return `${name} is for ${KIND_NAMES[refusal.worksOn]}.`;
    case "longList":
      return `${name} would take a list of more than ${refusal.most} multiples.`;
    case "largeNumber":
      return `${name} would come to numbers of more than ${refusal.most} digits.`;
    case "wholeBetween":
      return `${name} takes whole numbers that stay between −${refusal.most} and ${refusal.most}.`;
    case "severalTerms":
      return `${name} needs three terms or more, on both sides of zero.`;
    case "metricOnly":
      return `${name} is for metric measures in two units or more.`;
    case "fromLarger":
      return `${name} needs a larger amount to count up to, of 10,000 at most.`;
    case "shortTill":
      return `${name}: this amount can't be made with the coins and notes there are.`;
    case "measureByMeasure":
      return `${name} divides by a plain number only.`;
    case "wholeCounts":
      return `${name} needs whole counts of each unit.`;
    case "unitsInOrder":
      return `${name} needs every smaller unit to have fewer than make one of the next.`;
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
