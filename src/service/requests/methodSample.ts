import type { HouseRules } from "@/core/house";
import { EVERY_METHOD, type MethodId, type Working, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";

/** How samples are typed, whatever the house writes. */
const TYPED = { decimalMark: "point", grouping: "none", currency: "USD" } as const;

/** A method's sample worked in the hand of a house. */
export function sampleWorking(id: MethodId, house: HouseRules): Working {
  const problem = readProblem(EVERY_METHOD.card(id).sample, TYPED);
  if (!problem.ok) throw new Error(`sampleWorking: the sample of ${id} does not read`);
  return workingOf(problem.value, house, id);
}
