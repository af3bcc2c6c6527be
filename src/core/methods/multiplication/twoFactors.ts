import type { Decimal } from "../../number";
import type { DecimalProblem } from "../../problem";
import type { Two } from "../../tuples";

/** Two factors, and the form their product is wanted in. */
export interface TwoFactors extends Pick<DecimalProblem, "form"> {
  readonly factors: Two<Decimal>;
}
