import type { PatternWords } from "../../contract/patternWords";

export const FORM_PATTERN_WORDS = {
  "form-bar-is-point": {
    name: "Bar and point are the same sign",
    does: "The bar is read as a point: 3/4 is written 3.4, and 3.4 is written 3/4.",
    shows: "fraction as a decimal, decimal as a fraction",
    apart: "from form-bottom-after-point: 1/4 as a decimal gives 1.4 here, 0.4 there",
    remedy: "is 3/4 more or less than one?",
    knownFrom: "classroom lore",
  },
  "form-bottom-after-point": {
    name: "The bottom stands after the point",
    does: "The bottom is written after the point: 1/8 becomes 0.8.",
    shows: "unit fraction as a decimal",
    apart: "from form-bar-is-point: 1/8 as a decimal gives 0.8 here, 1.8 there",
    remedy: "shade 0.8 and 1/8 of the same strip",
    knownFrom: "classroom lore",
  },
  "form-bottom-by-top": {
    name: "The bottom divided by the top",
    does: "The bottom is divided by the top, where the top is to be divided by the bottom.",
    shows: "fraction as a decimal",
    apart: "from div-big-by-small: 5/4 as a decimal gives 0.8 here, the right answer there",
    remedy: "4 cakes for 5 people: more or less than one each?",
    knownFrom: "classroom lore",
  },
  "form-digits-under-one": {
    name: "One over the digits",
    does: "The digits after the point become the bottom, under a 1: 0.5 is written 1/5, and so is 0.05.",
    shows: "decimal below one as a fraction",
    apart: "from form-always-over-ten: 0.07 as a fraction gives 1/7 here, 7/10 there",
    remedy: "read it aloud: three tenths",
    knownFrom: "classroom lore",
  },
  "form-always-over-ten": {
    name: "Every decimal is so many tenths",
    does: "The digits after the point, zeros in front left out, stand over 10; a whole part in front.",
    shows: "two or more places",
    apart: "from form-digits-under-one: 0.07 as a fraction gives 7/10 here, 1/7 there",
    remedy: "name the last place: hundredths",
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
