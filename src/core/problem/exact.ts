import Fraction from "fraction.js";
import type { Decimal } from "../number";
import type { Answer } from "./answer";
import type { Problem } from "./problem";

/** The numeral as an exact fraction of a library that knows nothing of columns. */
export function fractionOf(numeral: Decimal): Fraction {
  const size = new Fraction(
    BigInt(numeral.whole + numeral.fraction || "0"),
    10n ** BigInt(numeral.fraction.length),
  );
  return numeral.negative ? size.neg() : size;
}

/**
 * The value a problem must come to before any rounding, by the library's own arithmetic: the second
 * opinion on every working. A comparison comes to the difference of its numbers.
 */
export function exactAnswer(problem: Problem): Fraction {
  const [first, ...rest] = problem.operands.map(fractionOf);
  if (first === undefined) throw new Error("exactAnswer: a problem without operands");
  switch (problem.op) {
    case "add":
      return rest.reduce((sum, addend) => sum.add(addend), first);
    case "subtract":
    case "compare":
      return rest.reduce((left, subtrahend) => left.sub(subtrahend), first);
    case "multiply":
      return rest.reduce((product, factor) => product.mul(factor), first);
    case "divide":
      return rest.reduce((quotient, divisor) => quotient.div(divisor), first);
    case "round":
      return first;
  }
}

/** Exactly what an answer says it is worth; a quotient with a remainder needs its divisor, and a comparison is worth its difference. */
export function worthOf(answer: Answer, divisor: Decimal | undefined): Fraction {
  switch (answer.kind) {
    case "decimal":
      return fractionOf(answer);
    case "rounded":
      return fractionOf(answer.numeral);
    case "remainder":
      if (divisor === undefined) throw new Error("worthOf: a remainder without a divisor");
      return fractionOf(answer.quotient).add(fractionOf(answer.remainder).div(fractionOf(divisor)));
    case "mixed":
      return new Fraction(answer.whole).add(new Fraction(answer.numerator, answer.denominator));
    case "recurring": {
      const { whole, fixed, block } = answer;
      const shift = 10n ** BigInt(fixed.length);
      const nines = 10n ** BigInt(block.length) - 1n;
      return new Fraction(BigInt(whole + fixed), shift).add(new Fraction(BigInt(block), shift * nines));
    }
    case "comparison":
      return fractionOf(answer.left).sub(fractionOf(answer.right));
  }
}

/** Whether an answer is right: its value is the exact one, or that one rounded where it is a rounded answer. */
export function isRight(problem: Problem, answer: Answer): boolean {
  const exact = exactAnswer(problem);
  const divisor = problem.op === "divide" ? problem.operands[1] : undefined;
  if (answer.kind === "comparison") {
    return answer.relation === (exact.s < 0n ? "<" : exact.n === 0n ? "=" : ">");
  }
  if (answer.kind !== "rounded") return worthOf(answer, divisor).equals(exact);
  // Half of the last place at most, and a half goes away from zero.
  const unit = unitOf(problem, answer.numeral);
  const off = worthOf(answer, divisor)
    .sub(exact)
    .mul(exact.s < 0n ? -1n : 1n)
    .mul(2n);
  return off.compare(unit) <= 0 && off.add(unit).compare(0n) > 0;
}

/** What one of the last place of a rounded answer is worth: the wanted place, or the last one written. */
const unitOf = ({ wanted }: Problem, numeral: Decimal): Fraction =>
  new Fraction(10).pow(wanted.kind === "toPlace" ? wanted.place : -numeral.fraction.length) ??
  new Fraction(1);
