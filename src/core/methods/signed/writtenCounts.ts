import type { HouseRules } from "../../house";
import { type SignedProblem, signOf } from "../../problem";

/** A whole number with its sign, as it stands in a line. */
export const countText = (count: number): string => (count < 0 ? `−${-count}` : String(count));

/** The sign and the second number of a problem, in brackets where it has a sign of its own. */
export function afterSignText(
  { op, joins }: SignedProblem,
  count: number,
  house: HouseRules,
  index = 1,
): string {
  const sign = signOf(op === "terms" ? (joins[index - 1] ?? "add") : op, house);
  return sign + (count < 0 ? `(${countText(count)})` : countText(count));
}
