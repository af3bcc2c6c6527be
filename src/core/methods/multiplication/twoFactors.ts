import type { Decimal } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { isTwo, type Two } from "../../tuples";

/** Two factors, and the form their product is wanted in. */
export interface TwoFactors extends Pick<DecimalProblem, "form"> {
  readonly factors: Two<Decimal>;
}

/** The two factors of a product; none where there are more. */
export function twoFactorsOf(problem: Asks<DecimalProblem, "multiply">): TwoFactors | undefined {
  const factors: readonly Decimal[] = problem.operands;
  return isTwo(factors) ? { factors, form: problem.form } : undefined;
}
