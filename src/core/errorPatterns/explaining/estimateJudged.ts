import { compareNumerals, type Numeral, wholeNumeral } from "../../number";
import { isNumeral, operandsOf, type Problem } from "../../problem";
import type { Quantity } from "../../quantity";
import type { PatternId } from "../contract/patternIds";

/** What an estimate says of a belief: the pattern that it could have shown, and whether it did. */
interface Judged {
  readonly pattern: PatternId;
  readonly shown: boolean;
}

/**
 * Holds an estimate against the belief that multiplying always makes larger and dividing smaller: where one
 * factor, or the divisor, lies between nothing and one, an estimate on the other side of the first number shows
 * it. None for other problems, where the belief would not show.
 */
export function estimateJudged(problem: Problem, estimate: Quantity): Judged | undefined {
  const { op } = problem;
  const [first, second, more] = operandsOf(problem);
  if (op !== "multiply" && op !== "divide") return undefined;
  if (first === undefined || second === undefined || more !== undefined) return undefined;
  if (!isNumeral(first) || !isNumeral(second) || !isNumeral(estimate)) return undefined;
  const [one, nothing] = [wholeNumeral(1n), wholeNumeral(0n)];
  const small = (numeral: Numeral): boolean =>
    compareNumerals(numeral, one) < 0 && compareNumerals(numeral, nothing) > 0;
  const pattern = "check-times-always-grows";
  if (op === "divide")
    return small(second) ? { pattern, shown: compareNumerals(estimate, first) < 0 } : undefined;
  // Of two factors it is the other one that a small one makes less of.
  const base = small(second) ? first : small(first) ? second : undefined;
  return base === undefined || small(base)
    ? undefined
    : { pattern, shown: compareNumerals(estimate, base) > 0 };
}
