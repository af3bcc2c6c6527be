import type { HouseRules } from "../house";
import { exactAnswer, fractionOf, type Problem } from "../problem";
import { columnAddition } from "./columnAddition";
import { equalAdditions } from "./equalAdditions";
import { makingUp } from "./makingUp";
import type { Method, MethodId, Refusal, WorkingBy } from "./method";
import type { Reason } from "./reason";
import { subtractionByDecomposition } from "./subtractionByDecomposition";

export type Working = WorkingBy<Reason>;

/** Every method. A new one is a file and a line here. */
const METHODS: readonly Method<Reason>[] = [
  columnAddition,
  subtractionByDecomposition,
  equalAdditions,
  makingUp,
];

/** The method of subtracting that each setting of the house rules stands for. */
const SUBTRACTION: Readonly<Record<HouseRules["subtraction"], MethodId>> = {
  decomposition: "subtraction-by-decomposition",
  equalAdditions: "equal-additions",
  makingUp: "making-up",
};

/** Each method with nothing where it takes the problem, else why it does not. */
export const methodsFor = (
  problem: Problem,
): readonly { readonly id: MethodId; readonly refusal: Refusal | undefined }[] =>
  METHODS.map((method) => ({ id: method.id, refusal: method.refuses(problem) }));

/** The method a house works a problem by, unless another is asked for. */
export const preferredMethod = ({ op }: Problem, house: HouseRules): MethodId =>
  op === "add" ? "column-addition" : SUBTRACTION[house.subtraction];

/** The wanted method where it takes the problem, else the one the house prefers. */
function methodFor(problem: Problem, house: HouseRules, wanted: MethodId | undefined): Method<Reason> {
  const taking = METHODS.filter((method) => method.refuses(problem) === undefined);
  const method =
    taking.find(({ id }) => id === wanted) ?? taking.find(({ id }) => id === preferredMethod(problem, house));
  if (method === undefined) throw new Error(`methodFor: no method takes ${problem.op}`);
  return method;
}

/**
 * The working of a problem, its answer verified against a library's exact arithmetic.
 * A disagreement is a bug and throws: a wrong answer is never shown.
 */
export function workingOf(problem: Problem, house: HouseRules, wanted?: MethodId): Working {
  const working = methodFor(problem, house, wanted).work(problem, house);
  if (!fractionOf(working.answer).equals(exactAnswer(problem))) {
    throw new Error(`workingOf: ${working.method} disagrees with exact arithmetic`);
  }
  return working;
}
