import { over, plus, type Ratio, ratio, times } from "../../claims";
import { minusOf } from "./forms";
import { digits } from "./numbersRead";

/** Chains of equal things in signs: both sides of every equals sign, worked with brackets and the usual order. */
export const CHAIN =
  /(?<![\d\w/.])[−-]?[\d(](?:[\d./ ()×÷·+−]*[\d)])?(?: (?:[=<>]|is) [−-]?[\d(](?:[\d./ ()×÷·+−]*[\d)])?)+(?![\d/])/g;

/** What an expression in signs comes to; none where it is not one. */
export function worked(text: string): Ratio | undefined {
  const tokens = text.match(/\d+(?:\.\d+)?(?: \d+)?\/\d+|\d+(?:\.\d+)?|[()×÷·+−]/g) ?? [];
  let at = 0;
  const factor = (): Ratio | undefined => {
    const token = tokens[at++];
    if (token === "−") {
      const value = factor();
      return value && ratio(-value.over, value.under);
    }
    if (token === "(") {
      const value = total();
      return tokens[at++] === ")" ? value : undefined;
    }
    return token !== undefined && /^\d/.test(token) ? digits(token) : undefined;
  };
  const product = (): Ratio | undefined => {
    let value = factor();
    while (value && /^[×·÷]$/.test(tokens[at] ?? "")) {
      const divides = tokens[at++] === "÷";
      const next = factor();
      if (next === undefined || (divides && next.over === 0n)) return undefined;
      value = divides ? over(value, next) : times(value, next);
    }
    return value;
  };
  const total = (): Ratio | undefined => {
    let value = product();
    while (value && /^[+−]$/.test(tokens[at] ?? "")) {
      const takes = tokens[at++] === "−";
      const next = product();
      value = next && (takes ? minusOf(value, next) : plus(value, next));
    }
    return value;
  };
  const value = total();
  return at === tokens.length ? value : undefined;
}
