import type { PatternWords } from "../../contract/patternWords";

export const MONEY_PATTERN_WORDS = {
  "money-cents-as-tenths": {
    name: "Cents below ten written in the tenths place",
    does: "An amount with 1 to 9 cents is read or written without its zero, so 8c becomes 0.8 and $4.07 becomes 4.7; then everything is done right.",
    shows: "any amount with 1 to 9 cents",
    apart: "from money-tenths-as-cents: use 8c with two-place amounts only",
    remedy: "coins on a dollars | dimes | pennies chart",
    knownFrom:
      "Brown, M. (1981, in Hart) and Ryan & Williams (2007) for place-holding zero; otherwise classroom lore",
  },
  "money-tenths-as-cents": {
    name: "A single decimal digit read as that many cents",
    does: "An amount with one decimal digit is read as cents: $3.9 is 3 dollars 9 cents. Then everything is done right.",
    shows: "an amount written with one decimal digit",
    apart:
      "from add-two-halves (73% agreement): let the cents pass 99, as in $2.98 + $1.4 (4.02 here, 3.102 there); from add-right-flush: the dollars still line up",
    remedy: "write money with two places; trade dimes for pennies",
    knownFrom: "classroom lore",
  },
  "money-change-dollar-too-many": {
    name: "Makes up the cents and still counts the whole dollars",
    does: "The cents are completed to a hundred, and the dollars of the price taken from those that were given; the dollar that the cents were completed to is not taken off.",
    shows: "change from whole dollars, price with cents",
    apart:
      "exactly one dollar too much; on everyday tenders a borrowing error of B gives the same answer, so watch the method or use a $100 tender",
    remedy: (first, second) =>
      `empty number line from ${second.text} to the next whole and on to ${first.text}; add back`,
    knownFrom: "classroom lore",
  },
  "money-change-stops-at-next-dollar": {
    name: "Counts up to the next dollar and stops",
    does: "The cents are completed to a hundred; the dollars that are left are forgotten.",
    shows: "change from whole dollars, price with cents, more than a dollar of change",
    apart: "always less than one dollar",
    remedy: "mark the goal at the end of the line before hopping",
    knownFrom: "classroom lore",
  },
  "money-digit-complements": {
    name: "Each cents digit made up to ten",
    does: "The cents of the change are found digit by digit as complements to ten (43 gives 67), the dollars correctly. Exactly ten cents too much.",
    shows: "change from whole dollars, two non-zero cents digits",
    apart:
      "exactly ten cents too much; sub-zero-to-ten writes the same on a tender with no zero in the ones ($5, $15), so use $10 or $20",
    remedy: "first hop to the next ten, then the tens to a hundred",
    knownFrom: "classroom lore",
  },
  "money-only-dollars-multiplied": {
    name: "The cents are bought once",
    does: "Number of items multiplies the dollars only, cents are copied.",
    shows: "several items at a price with dollars and cents",
    apart: "cents of the answer equal the cents of one item",
    remedy: "lay out one pile of coins for each",
    knownFrom: "classroom lore (partial distribution)",
  },
  "money-compensation-once": {
    name: "The rounding is given back only once",
    does: "A price at most five cents below a whole dollar is rounded up and multiplied; the cents are taken off once.",
    shows: "several items at $2.99 and the like",
    apart:
      "from money-only-dollars-multiplied (4 × $2.99 gives $8.99): the dollars are those of the rounded price",
    remedy: "each item was counted that much too high: how much is that in all?",
    knownFrom: "classroom lore",
    did: "What was added to one price was taken off once, for all of them.",
  },
  "money-one-item-only": {
    name: "Change reckoned for a single item",
    does: "In tender minus number × price, subtract the price once.",
    shows: "change after a multi-buy",
    apart:
      "from working left to right ((10 - 3) x 1.25 also gives 8.75 here by coincidence): change the tender",
    remedy: "write the till receipt line by line",
    knownFrom: "classroom lore",
  },
  "money-cents-as-dollars": {
    name: "Cents added in as dollars",
    does: "An amount given in cents is added as if it were dollars.",
    shows: "dollars and a c-amount in one sum",
    apart: "answer absurdly large",
    remedy: "rewrite all amounts in one unit first",
    knownFrom: "classroom lore",
  },
  "money-paid-cents-copied": {
    name: "A dollar is paid, and the cents copied",
    does: "Change from whole dollars: one dollar is taken off for the cents, and the cents of the price are written as they are.",
    shows: "tender without cents, a price with cents",
    apart: "from money-change-dollar-too-many: $4 − 35c gives $3.35 here, $4.65 there",
    remedy: (first, second) =>
      `count up from ${second.text} to ${first.text}: how many cents to the next whole?`,
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
