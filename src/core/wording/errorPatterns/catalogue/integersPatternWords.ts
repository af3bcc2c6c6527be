import type { PatternWords } from "../../contract/patternWords";

export const INTEGERS_PATTERN_WORDS = {
  "int-sizes-added-minus": {
    name: "Unlike signs: sizes added, minus kept",
    does: "Adding a positive and a negative: add the sizes and put a minus in front.",
    shows: "sum of a positive and a negative",
    apart: "from int-minus-unread: sign of the answer",
    remedy: "counters in two colours: pair off opposites",
    knownFrom: "Tatsuoka (1983); Birenbaum & Tatsuoka (1983); detached minus: Herscovics & Linchevski (1994)",
    did: (first, second) =>
      `The sizes ${first.size} and ${second.size} were added, and a minus set before their sum.`,
  },
  "int-first-sign-rules": {
    name: "The first number decides the sign",
    does: "Adding unlike signs (or subtracting a negative from a negative, after the signs are merged): take the difference of sizes and give it the sign of the number written first.",
    shows: "unlike signs, second number larger in size",
    apart: "exchange the addends: 8 + (-3) comes out right",
    remedy: ({ text }) => `number line: start at ${text}; on which side of zero do you end?`,
    knownFrom: "Birenbaum & Tatsuoka (1983) for sign-choice rules",
    did: (first, second) =>
      `${first.size} and ${second.size} were subtracted, and the first number gave its sign.`,
  },
  "int-swaps-to-subtract": {
    name: "Small minus large turned round",
    does: "A subtraction of a larger from a smaller non-negative number is done the other way and answered as positive.",
    shows: "small − large, both non-negative",
    apart: "from a dropped sign: -8 + 3 is unaffected",
    remedy: (first, second) => `thermometer: start at ${first.text}, go down ${second.text}`,
    knownFrom: "Murray (1985); Bishop et al. (2014); Bofferding (2014)",
  },
  "int-two-minuses-make-plus": {
    name: "Two minuses anywhere make a plus",
    does: "In -a - b and in -a + (-b), the two minus signs are cancelled and the sizes added as a positive.",
    shows: "negative minus positive; negative plus negative",
    apart: "from int-minus-unread: use -6 - 2, where that one gives 4",
    remedy: (first, second) => `debts: owing ${first.size}, and owing ${second.size} more`,
    knownFrom: "Küchemann (1981, in Hart); Ryan & Williams (2007)",
  },
  "int-second-minus-skipped": {
    name: "Minus a minus read as one minus",
    does: "a - (-b) is worked as a - b.",
    shows: "subtracting a negative",
    apart:
      "no single problem separates it from int-operation-changed-only; follow with -9 - 4, which only that one spoils",
    remedy: (_, second) => `take ${second.size} negative counters away: lay zero pairs first`,
    knownFrom: "Küchemann (1981, in Hart); Vlassis (2004)",
  },
  "int-operation-changed-only": {
    name: "Subtract becomes add, the number keeps its sign",
    does: "In a - b with a negative number present, the minus is changed to plus and the second number left as it stands: -9 - 4 becomes -9 + 4, and 5 - (-3) becomes 5 + (-3).",
    shows: "subtraction with at least one negative",
    apart: "from int-like-signs-subtracted: -4 - 9 gives 5 here, -5 there",
    remedy: "write both changes in one move: add the opposite",
    knownFrom: "Birenbaum & Tatsuoka (1983); classroom lore",
  },
  "int-minus-times-minus-is-minus": {
    name: "Two negatives multiply to a negative",
    does: "Product or quotient of two negatives is given a minus.",
    shows: "both numbers negative, × or ÷",
    apart: "from int-bigger-number-gives-sign: test -3 x 8",
    remedy: (_, second, { isDivision }) =>
      isDivision
        ? undefined
        : `pattern: twice ${second.text}, once ${second.text}, none at all, and on: what comes next?`,
    knownFrom: "Küchemann (1981, in Hart); classroom lore",
    did: "Both numbers have a minus, and the result was given one too.",
  },
  "int-bigger-number-gives-sign": {
    name: "The larger number lends its sign to the product",
    does: "In × and ÷ the result takes the sign of the number larger in size (the addition rule).",
    shows: "× and ÷: both negative, or unlike signs with the positive one larger",
    apart:
      "never alone on one problem: both negative it equals int-minus-times-minus-is-minus, unlike signs it equals int-minus-unread; a pair of problems is needed",
    remedy: "sort sign rules by operation; a product is a repeated addition",
    knownFrom: "classroom lore (rule transfer from addition)",
    did: "The number that is larger in size gave its sign.",
  },
  "int-like-signs-subtracted": {
    name: "Two negatives: sizes subtracted",
    does: "For -a + (-b) and -a - b, take the difference of the sizes and put a minus in front (0 when the sizes are equal).",
    shows: "negative plus negative; negative minus positive",
    apart: "from int-operation-changed-only: use addition, which that one gets right",
    remedy: "two-colour counters: nothing pairs off",
    knownFrom: "Birenbaum & Tatsuoka (1983)",
    did: (first, second) =>
      `The sizes ${first.size} and ${second.size} were subtracted, and a minus set before.`,
  },
  "int-minus-unread": {
    name: "The minus of the number is not read",
    does: "Both numbers are taken by size only; the operation between them is done as usual.",
    shows: "any negative number",
    apart: "also spoils × and ÷, always towards positive",
    remedy: (first, second) =>
      `place ${first.negative ? first.text : second.text} on a number line before working`,
    knownFrom: "Murray (1985); Bofferding (2014)",
  },
  "int-later-terms-first": {
    name: "The last two terms are done first",
    does: "In a ± b ± c, work out b ± c first with the sign between them, then apply the first sign.",
    shows: "three terms with a minus first",
    apart: "needs three terms; two-term work is sound",
    remedy: "read as steps along a line; box each term with its own sign",
    knownFrom: "Herscovics & Linchevski (1994); Linchevski & Livneh (1999)",
  },
  "int-below-zero-added": {
    name: "Too little to take from, so both are added",
    does: "A larger number is taken from a smaller one: both are added and a minus is set before.",
    shows: "smaller − larger",
    apart: "from int-swaps-to-subtract: 3 − 8 gives −11 here, 5 there",
    remedy: (first, second) => `thermometer: start at ${first.text}, go down ${second.text}`,
    knownFrom: "classroom lore",
  },
  "int-nothing-below-zero": {
    name: "Nothing lies below zero",
    does: "A larger number is taken from a smaller one: 0 is written, since more than all there is can't be taken.",
    shows: "smaller − larger",
    apart: "from int-swaps-to-subtract: 4 − 9 gives 0 here, 5 there",
    remedy: (first, second) => `thermometer: start at ${first.text}, go down ${second.text}`,
    knownFrom: "classroom lore",
    did: (first) => `From ${first.text} no more than ${first.text} was taken.`,
  },
  "int-minus-wins": {
    name: "One minus makes the answer negative",
    does: "Unlike signs: the sizes are subtracted, rightly, and the answer gets a minus because a minus stands there.",
    shows: "positive and negative added, the positive one larger in size",
    apart:
      "from int-first-sign-rules: 8 + (−3) is right there; from int-sizes-added-minus: 8 + (−3) gives −5 here, −11 there",
    remedy: "two-colour counters: pair off opposites, and of which colour are some left?",
    knownFrom: "classroom lore",
    did: (first, second) =>
      `${first.size} and ${second.size} were subtracted, and a minus set before because one stands there.`,
  },
} satisfies Readonly<Record<string, PatternWords>>;
