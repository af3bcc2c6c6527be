import type { HouseRules } from "../../house";
import { EVERY_METHOD } from "../../methods";
import type { Problem } from "../../problem";
import { methodsOf } from "../contract/decisionOverride";
import type { ErrorPattern } from "../contract/errorPattern";

/** Whether a pattern comes out in the house's own method for a problem; one that lies in no method does. */
export function inHouse(problem: Problem, house: HouseRules): (pattern: ErrorPattern) => boolean {
  const own = EVERY_METHOD.preferredMethod(problem, house);
  return ({ methods, decides = [] }) => {
    const its = methods ?? methodsOf(decides);
    const here = its.filter((id) => EVERY_METHOD.card(id).kinds.includes(problem.kind));
    if (here.length > 0) return here.includes(own);
    // Patterns of columns come out in money only where it is worked in columns; in other work they come inside it.
    return its.length === 0 || problem.kind !== "money" || own === "money-in-columns";
  };
}
