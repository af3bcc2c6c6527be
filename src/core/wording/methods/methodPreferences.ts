import type { MethodId } from "../../methods";

/** In two lines who prefers a method and why. */
export const METHOD_PREFERENCES: Readonly<Record<MethodId, string>> = {
  "column-addition":
    "The way of adding that most schools end with: short, and the same for whole numbers and decimals. They differ in where the carry is written, whether gaps are filled and what goes on top.",
  "expanded-addition":
    "For schools that want the value of each digit seen before columns make it short, and for learners who carry without knowing what. It is left behind once the columns are understood.",
  "subtraction-by-decomposition":
    "Where the value of the minuend is to be seen unchanged, and can be shown with things that are really exchanged. Across a run of zeros some exchange in one go, others place by place.",
  "equal-additions":
    "Where the digits of the minuend are to stay as they are, so that nothing is struck out. A run of zeros is no trouble, since both numbers simply grow by the same.",
  "making-up":
    "Where subtracting is taught as adding on, with the words of change given over a counter. It needs only the facts of adding, and several numbers can be taken away at once.",
  "expanded-subtraction":
    "A step before decomposition in columns: 50 and 3 are seen to be 40 and 13. For learners who borrow by rote, and for explaining why nothing is lost.",
  "counting-up":
    "For work in the head and for change, where the numbers lie close together or the larger one is round. Nothing is ever borrowed; a number line shows it.",
  "column-multiplication":
    "The way most schools multiply decimals, since one procedure serves all sizes. Some open each row with zeros and write rows of zeros, others leave both out.",
  "multiplication-in-line":
    "Where one factor is whole, as in a price times a number of parts: tenths stay tenths, and no places are counted. Preferred before two decimals are multiplied.",
  "multiples-of-ten":
    "For multipliers such as 60 or 300: times 60 is times 6 and one zero. It saves a row, and prepares for estimates and long multiplication.",
  lattice:
    "Where multiplying and adding are to be kept apart: no carry until the products are all there. Learners who lose their place in rows like it; the grid takes time to draw.",
  area: "Where the true value of every part is to be seen: it explains columns, and later brackets. Preferred for numbers of few digits.",
  shift:
    "Every school teaches it, in two ways: the digits move past a point that stays, which is what happens to their value, or the point hops, which is quicker to write.",
  "long-division":
    "For divisors that are too large to work in the head, and to show every step. The divisor stands before a bracket or in a corner at the right, as the school writes it.",
  "short-division":
    "For divisors up to twelve, whose multiples are known by heart. It is quick and takes one line, and less can go wrong in writing.",
  "rounding-by-place":
    "The rule of all schools: 5 and more goes up. Some show it on a number line first, with the two neighbours and the middle between them.",
  "comparing-by-place":
    "Against the decision of taking the longer decimal for the larger one. With fillers both have as many places; without them the empty place is talked about.",
  "denominators-by-multiples":
    "For denominators whose tables are known by heart. Every step can be seen, and the smallest common denominator comes by itself. Lists beyond twelve multiples are too long for it.",
  "denominators-by-factors":
    "For larger denominators, where lists would be long, and in schools that teach factors before fractions. It finds the smallest common denominator too.",
  "denominators-by-product":
    "It always works and needs no search, so some schools teach it first. With denominators that share a factor the numbers grow, and simplifying can't be forgotten.",
  "multiplying-across":
    "All schools multiply so. Some cancel common factors before they multiply, which keeps the numbers small; others multiply first and simplify after, which has one rule less.",
  "turning-over":
    "The shortest way to divide, and the one that algebra needs. Why it works is seen from the reciprocal: a number times its reciprocal is one.",
  "dividing-like-parts":
    "Where dividing is to keep its meaning, how often one goes into the other, and the common denominator is known already. Nothing is turned over.",
  "changing-form":
    "Simplifying by the largest common factor takes one line; by small steps it takes only the tables of 2, 3 and 5. House rules choose.",
  "sign-rule":
    "For any numbers, large ones, decimals and fractions too. The sizes are worked like plain numbers, and the rule gives the sign.",
  gathering:
    "For longer chains: the sign changes only once, at the end. Others work from the left, as they read.",
  "number-line":
    "The first way in most schools, since it shows where zero is and which way each sign leads. For whole numbers from −20 to 20.",
  counters:
    "Where taking away a negative number is to be seen done: what is not there is brought as zero pairs first. For two numbers up to 20.",
  "money-in-columns":
    "For totals, bills and what is left, on paper. Pence and cents get the places they hide: 7p is 0.07.",
  "repeated-addition":
    "Before multiplying decimals is taught, and for two or three of the same. Others multiply the price.",
  "change-by-counting-up":
    "As it is done at a till: the change is in the hand when the counting ends, and nothing is borrowed. The till may have run short of some pieces.",
  "enough-by-adding":
    "The question that is asked at every counter. An estimate often answers it; the sum makes sure.",
  "handing-over": "Before change is taught: which notes to take out, and what to expect back.",
  "sharing-a-bill":
    "Nobody can pay a third of a cent: the remainder is said, and someone takes it over. Where a rounded share will do, money in columns rounds.",
  "unit-columns":
    "For pounds and ounces, feet and inches, hours and minutes. Some regroup each column as they go, others all of them at the end.",
  "padded-columns":
    "Where metric measures are taught as decimals: 3 L 6 mL is 3.006 L, and the columns are those of decimals.",
  "smallest-unit":
    "It works for everything, dividing one measure by another too, and needs no regrouping between columns. The numbers are larger.",
  "changing-units": "Every school needs it, before measures are added and after.",
  "order-of-operations":
    "Brackets first, then times and divided by, then plus and minus. Each step is worked by the method the house prefers.",
};
