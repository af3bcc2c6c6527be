import type { PatternWords } from "../../contract/patternWords";
import { partsName } from "../../numbers/numberWords";

export const FORM_PATTERN_WORDS = {
  "form-bar-is-point": {
    name: "Bar and point are the same sign",
    does: "The bar is read as a point: 3/4 is written 3.4, and 3.4 is written 3/4.",
    shows: "fraction as a decimal, decimal as a fraction",
    apart: "from form-bottom-after-point: 1/4 as a decimal gives 1.4 here, 0.4 there",
    remedy: ({ text }, __, { wrong }) => `is ${text} more or less than one, and ${wrong}?`,
    knownFrom: "classroom lore",
    did: ({ text }) => `The bar of ${text} was read as a point.`,
  },
  "form-bottom-after-point": {
    name: "The bottom stands after the point",
    does: "The bottom is written after the point: 1/8 becomes 0.8.",
    shows: "unit fraction as a decimal",
    apart: "from form-bar-is-point: 1/8 as a decimal gives 0.8 here, 1.8 there",
    remedy: ({ text }, __, { wrong }) => `shade ${wrong} and ${text} of the same strip`,
    knownFrom: "classroom lore",
    did: ({ bottom }) => `The bottom ${bottom} was written after the point.`,
  },
  "form-bottom-by-top": {
    name: "The bottom divided by the top",
    does: "The bottom is divided by the top, where the top is to be divided by the bottom.",
    shows: "fraction as a decimal",
    apart: "from div-big-by-small: 5/4 as a decimal gives 0.8 here, the right answer there",
    remedy: ({ top, bottom }) => `${top} m of tape for ${bottom} handlebars: more or less than a metre each?`,
    knownFrom: "classroom lore",
  },
  "form-digits-under-one": {
    name: "One over the digits",
    does: "The digits after the point become the bottom, under a 1: 0.5 is written 1/5, and so is 0.05.",
    shows: "decimal below one as a fraction",
    apart: "from form-always-over-ten: 0.07 as a fraction gives 1/7 here, 7/10 there",
    remedy: ({ text }) => `read ${text} aloud by its last place`,
    knownFrom: "classroom lore",
    did: "The digits after the point were written under a 1.",
  },
  "form-always-over-ten": {
    name: "Every decimal is so many tenths",
    does: "The digits after the point, zeros in front left out, stand over 10; a whole part in front.",
    shows: "two or more places",
    apart: "from form-digits-under-one: 0.07 as a fraction gives 7/10 here, 1/7 there",
    remedy: ({ text }) => `name the last place of ${text}: tenths, or smaller?`,
    knownFrom: "classroom lore",
    did: "The digits after the point were written over 10.",
  },
  "form-digits-side-by-side": {
    name: "Top and bottom side by side",
    does: "Top and bottom are written one after the other behind the point: 3/8 becomes 0.38. The other way, two digits behind the point become top and bottom.",
    shows: "fraction as a decimal, decimal of two places as a fraction",
    apart:
      "from form-bottom-after-point: 1/8 as a decimal gives 0.18 here, 0.8 there; from form-bar-is-point: 3/8 gives 0.38 here, 3.8 there",
    remedy: ({ text }, __, { wrong }) => `is ${text} more or less than a half, and ${wrong}?`,
    knownFrom: "classroom lore",
    did: ({ text, top, bottom, ends }) =>
      bottom > 0n
        ? `The top ${top} and the bottom ${bottom} of ${text} were written side by side after the point.`
        : `The ${ends[0]} and the ${ends[1]} after the point of ${text} were written one above the other.`,
  },
  "form-always-over-hundred": {
    name: "Every decimal is so many hundredths",
    does: "The digits after the point, zeros in front left out, stand over 100.",
    shows: "one place, or three and more",
    apart: "from form-always-over-ten: 0.125 as a fraction gives 125/100 here, 125/10 there",
    remedy: ({ text }) => `name the last place of ${text}: hundredths, or another one?`,
    knownFrom: "classroom lore",
    did: "The digits after the point were written over 100.",
  },
  "equiv-added-to-both": {
    name: "As much added above as below",
    does: "To reach the wanted top or bottom, what was added to one, or taken from it, is added to the other or taken from it.",
    shows: "equivalent-fraction tasks with a missing bottom, or with smaller numbers",
    apart: "from frac-add-to-both: the same act; that one where the wanted bottom is larger",
    remedy: "by what was the one multiplied or divided? the other by the same",
    knownFrom: "Hart (1981) for additive thinking about equal ratios",
    did: "What was added to the one number, or taken from it, was added to the other or taken from it.",
  },
  "mixed-rest-over-top": {
    name: "What is left over stands over the old top",
    does: "Improper to mixed: the wholes are right; what is left over is written over the old top.",
    shows: "improper as mixed",
    apart: "from mixed-remainder-in-front: 11/4 gives 2 3/11 here, 3 2/4 there",
    remedy: ({ bottom }) => `what is left over is so many ${partsName(bottom)}: which bottom says so?`,
    knownFrom: "classroom lore",
    did: ({ top, bottom }) => `The ${top % bottom} left over was written over ${top}.`,
  },
  "mixed-rest-turned-over": {
    name: "What is left over stands below",
    does: "Improper to mixed: the wholes are right; the bottom stands above and what is left over below.",
    shows: "improper as mixed",
    apart: "from mixed-rest-over-top: 11/4 gives 2 4/3 here, 2 3/11 there",
    remedy: ({ bottom }) =>
      `what is left over is so many ${partsName(bottom)}: is that more or less than a whole?`,
    knownFrom: "classroom lore",
    did: ({ top, bottom }) => `The ${top % bottom} left over was written under ${bottom}.`,
  },
  "mixed-rest-after-point": {
    name: "What is left over stands after a point",
    does: "Improper to mixed: the wholes are right; what is left over is written after a point.",
    shows: "improper as mixed",
    apart: "from div-remainder-as-decimal: the same act, in a division",
    remedy: ({ top, bottom }) => `${top % bottom} of ${bottom} parts are left over: are these tenths?`,
    knownFrom: "classroom lore",
    did: ({ top, bottom }) => `The ${top % bottom} left over was written after a point.`,
  },
} satisfies Readonly<Record<string, PatternWords>>;
