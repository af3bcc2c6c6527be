import { exactAnswer, fractionOf, operandsOf, type Problem, termsIn } from "../../problem";
import type { Quantity } from "../../quantity";
import type { Estimate } from "./roughAnswer";

/** On which side of its estimate an answer must lie, and for which numbers: those that were made larger, and smaller. */
export interface Direction {
  readonly answerIs: "less" | "more";
  /** Whether it is no more than a tenth off. */
  readonly little: boolean;
  readonly up: readonly Quantity[];
  readonly down: readonly Quantity[];
}

/** Whether a larger number in each place of a problem makes it come to more, or to less; none where that depends. */
function effectsOf(problem: Problem): readonly (1 | -1)[] | undefined {
  const operands = operandsOf(problem);
  if (operands.some(isBelowZero)) return undefined;
  switch (problem.op) {
    case "add":
    case "multiply":
      return operands.map(() => 1);
    case "subtract":
    case "divide":
      return [1, -1];
    case "terms":
      return termsIn(problem).map(({ join }) => (join === "add" ? 1 : -1));
    case "round":
    case "compare":
    case "order":
    case "rewrite":
    case "enough":
    case "pay":
    case "chain":
      return undefined;
  }
}

const isBelowZero = (quantity: Quantity): boolean =>
  quantity.kind === "amount" ? quantity.numeral.negative : quantity.negative;

/**
 * On which side of the estimate the answer lies, where all that was rounded moves it the same way, so that this
 * can be told before anything is worked; none where one number makes up for another.
 */
export function directionOf(problem: Problem, { rounded, result }: Estimate): Direction | undefined {
  const effects = effectsOf(problem);
  const [own, easy] = [operandsOf(problem), operandsOf(rounded)];
  if (effects === undefined || easy.length !== own.length) return undefined;
  const up: Quantity[] = [];
  const down: Quantity[] = [];
  const moved = new Set<number>();
  own.forEach((quantity, index) => {
    const order = fractionOf(easy[index] ?? quantity).compare(fractionOf(quantity));
    if (order > 0) up.push(quantity);
    if (order < 0) down.push(quantity);
    if (order !== 0) moved.add(Math.sign(order) * (effects[index] ?? 0));
  });
  const [way, other] = [...moved];
  // What comes to the estimate all the same, since that was rounded too, lies on neither side of it.
  const [exact, about] = [exactAnswer(problem), fractionOf(result)];
  const side = about.compare(exact);
  if (way === undefined || other !== undefined || side !== way) return undefined;
  const off = about.sub(exact).abs();
  return { answerIs: way > 0 ? "less" : "more", little: off.mul(10).compare(about.abs()) <= 0, up, down };
}
