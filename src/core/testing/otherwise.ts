import type { HouseRules } from "../house";
import { EVERY_METHOD, type MethodId, type Reason, type WorkingToDraw } from "../methods";
import type { Problem } from "../problem";
import { problemOf } from "./problems";

/** A problem as typed worked by a method with other decisions; what is left to other methods is worked soundly. */
export const workedOtherwise = (method: MethodId, line: string, house: HouseRules, decisions: object) =>
  EVERY_METHOD.workingOtherwise(problemOf(line), house, method, decisions, soundly);

const soundly = (problem: Problem, house: HouseRules): WorkingToDraw<Reason, MethodId> =>
  EVERY_METHOD.workingOtherwise(problem, house, EVERY_METHOD.preferredMethod(problem, house), {}, soundly);
