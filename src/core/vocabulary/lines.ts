/** The words that problems, the forms they are wanted in, and answers are written with, each with the spaces round it. */
export const LINE_WORDS = {
  round: "round ",
  compare: "compare ",
  order: "order ",
  and: " and ",
  is: "is ",
  enoughFor: " enough for ",
  pay: "pay ",
  without: " without ",
} as const;

/** The forms that need no more than their name. */
export const FORM_WORDS = {
  asItComes: "",
  withRemainder: " with remainder",
  exactly: " exactly",
  asMixed: " as a mixed number",
  asFraction: " as a fraction",
  asDecimal: " as a decimal",
  simplest: " in simplest form",
} as const;

/** Rounded to a place, from its name for several: `to tenths`. */
export const toPlaceWords = (places: string): string => ` to ${places}`;

/** In some units: `in lb and oz`. */
export const inUnitsWords = (symbols: readonly string[]): string => ` in ${symbols.join(" and ")}`;

export const ANSWER_WORDS = {
  /** Between a quotient and what is left over. */
  remainder: " r ",
  each: " each, ",
  left: " left",
  yes: "yes, ",
  no: "no, ",
  short: " short",
  back: " back",
} as const;
