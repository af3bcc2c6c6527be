import type { HouseRules } from "../house";
import { exactAnswer, fractionOf, type Problem } from "../problem";
import { columnAddition } from "./columnAddition";
import type { Method, MethodId, Refusal, WorkingBy } from "./method";
import type { Reason } from "./reason";
import { subtractionByDecomposition } from "./subtractionByDecomposition";

export type Working = WorkingBy<Reason>;

/** Every method, the preferred one of each operation first. A new method is a file and a line here. */
const METHODS: readonly Method<Reason>[] = [columnAddition, subtractionByDecomposition];

/** Each method with nothing where it takes the problem, else why it does not. */
export const methodsFor = (
  problem: Problem,
): readonly { readonly id: MethodId; readonly refusal: Refusal | undefined }[] =>
  METHODS.map((method) => ({ id: method.id, refusal: method.refuses(problem) }));

/** The method a problem is worked by: the wanted one where it takes the problem, else the first that does. */
function methodFor(problem: Problem, wanted?: MethodId): Method<Reason> {
  const taking = METHODS.filter((method) => method.refuses(problem) === undefined);
  const method = taking.find(({ id }) => id === wanted) ?? taking[0];
  if (method === undefined) throw new Error(`methodFor: no method takes ${problem.op}`);
  return method;
}

/**
 * The working of a problem, its answer verified against a library's exact arithmetic.
 * A disagreement is a bug and throws: a wrong answer is never shown.
 */
export function workingOf(problem: Problem, house: HouseRules, wanted?: MethodId): Working {
  const working = methodFor(problem, wanted).work(problem, house);
  if (!fractionOf(working.answer).equals(exactAnswer(problem))) {
    throw new Error(`workingOf: ${working.method} disagrees with exact arithmetic`);
  }
  return working;
}
