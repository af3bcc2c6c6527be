/**
 * What is to be done, in any kind of problem. Adding takes two addends or more, multiplying two or three
 * factors; subtracting the minuend, then the subtrahend; dividing the dividend, then the divisor.
 */
export type Operation =
  | "add"
  | "subtract"
  | "multiply"
  | "divide"
  | "round"
  | "compare"
  /** Numbers put in order, smallest first. */
  | "order"
  /** One quantity written in another form. */
  | "rewrite"
  /** Up to six terms with + and − between them. */
  | "terms"
  /** Whether an amount is enough for some prices. */
  | "enough"
  /** Which notes and coins to hand over for a price. */
  | "pay"
  /** Several operations, one after the other. */
  | "chain";

/** The operations that are written with a sign between their numbers. */
export type SignedOperation = "add" | "subtract" | "multiply" | "divide";

/** The sign before a term. */
export type Join = "add" | "subtract";
