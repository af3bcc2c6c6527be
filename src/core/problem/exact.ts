import Fraction from "fraction.js";
import type { Decimal } from "../number";
import type { Problem } from "./problem";

/** The numeral as an exact fraction of a library that knows nothing of columns. */
export function fractionOf(numeral: Decimal): Fraction {
  const size = new Fraction(
    BigInt(numeral.whole + numeral.fraction || "0"),
    10n ** BigInt(numeral.fraction.length),
  );
  return numeral.negative ? size.neg() : size;
}

/** The value a problem must come to, by the library's own arithmetic: the second opinion on every working. */
export function exactAnswer(problem: Problem): Fraction {
  const [first, ...rest] = problem.operands.map(fractionOf);
  if (first === undefined) throw new Error("exactAnswer: a problem without operands");
  switch (problem.op) {
    case "add":
      return rest.reduce((sum, addend) => sum.add(addend), first);
    case "subtract":
      return rest.reduce((left, subtrahend) => left.sub(subtrahend), first);
  }
}
