import type { HouseRules } from "../house";
import { isRight, type Problem } from "../problem";
import { area } from "./area";
import { columnAddition } from "./columnAddition";
import { columnMultiplication } from "./columnMultiplication";
import { comparingByPlace } from "./comparingByPlace";
import { countingUp } from "./countingUp";
import { equalAdditions } from "./equalAdditions";
import { expandedAddition } from "./expandedAddition";
import { expandedSubtraction } from "./expandedSubtraction";
import { lattice } from "./lattice";
import { longDivision } from "./longDivision";
import { makingUp } from "./makingUp";
import type { Method, MethodId, Refusal, WorkingBy } from "./method";
import { multiplesOfTen } from "./multiplesOfTen";
import { multiplicationInLine } from "./multiplicationInLine";
import type { Reason } from "./reason";
import { roundingByPlace } from "./roundingByPlace";
import { shift } from "./shift";
import { shortDivision } from "./shortDivision";
import { subtractionByDecomposition } from "./subtractionByDecomposition";

export type Working = WorkingBy<Reason>;

/** Every method. A new one is a file and a line here. */
const METHODS: readonly Method<Reason>[] = [
  columnAddition,
  expandedAddition,
  subtractionByDecomposition,
  equalAdditions,
  makingUp,
  expandedSubtraction,
  countingUp,
  columnMultiplication,
  multiplicationInLine,
  multiplesOfTen,
  lattice,
  area,
  shift,
  longDivision,
  shortDivision,
  roundingByPlace,
  comparingByPlace,
];

/** The method that each setting of the house rules stands for. */
const PREFERRED: {
  readonly addition: Readonly<Record<HouseRules["addition"], MethodId>>;
  readonly subtraction: Readonly<Record<HouseRules["subtraction"], MethodId>>;
  readonly multiplication: Readonly<Record<HouseRules["multiplication"], MethodId>>;
  readonly division: Readonly<Record<HouseRules["division"], MethodId>>;
} = {
  addition: { column: "column-addition", expanded: "expanded-addition" },
  subtraction: {
    decomposition: "subtraction-by-decomposition",
    equalAdditions: "equal-additions",
    makingUp: "making-up",
    expanded: "expanded-subtraction",
    countingUp: "counting-up",
  },
  multiplication: {
    column: "column-multiplication",
    inLine: "multiplication-in-line",
    lattice: "lattice",
    area: "area",
  },
  division: { long: "long-division", short: "short-division" },
};

/** The methods a house would take for a problem, the one it likes best first; the last takes every problem of its operation. */
function inOrder({ op }: Problem, house: HouseRules): readonly MethodId[] {
  switch (op) {
    case "add":
      return [PREFERRED.addition[house.addition], "column-addition"];
    case "subtract":
      return [PREFERRED.subtraction[house.subtraction], "subtraction-by-decomposition"];
    case "multiply":
      return ["shift", PREFERRED.multiplication[house.multiplication], "column-multiplication"];
    case "divide": {
      const shifts = house.divisionEnding === "exact" || house.divisionEnding === "twoPlaces";
      return [...(shifts ? (["shift"] as const) : []), PREFERRED.division[house.division], "long-division"];
    }
    case "round":
      return ["rounding-by-place"];
    case "compare":
      return ["comparing-by-place"];
  }
}

/** Each method with nothing where it takes the problem, else why it does not. */
export const methodsFor = (
  problem: Problem,
): readonly { readonly id: MethodId; readonly refusal: Refusal | undefined }[] =>
  METHODS.map((method) => ({ id: method.id, refusal: method.refuses(problem) }));

/** The method a house works a problem by, unless another is asked for. */
export const preferredMethod = (problem: Problem, house: HouseRules): MethodId =>
  methodFor(problem, house, undefined).id;

/** The wanted method where it takes the problem, else the first of the house's that does. */
function methodFor(problem: Problem, house: HouseRules, wanted: MethodId | undefined): Method<Reason> {
  const ids = wanted === undefined ? inOrder(problem, house) : [wanted, ...inOrder(problem, house)];
  for (const id of ids) {
    const method = METHODS.find((candidate) => candidate.id === id);
    if (method?.refuses(problem) === undefined && method !== undefined) return method;
  }
  throw new Error(`methodFor: no method takes ${problem.op}`);
}

/**
 * The working of a problem, its answer verified against a library's exact arithmetic.
 * A disagreement is a bug and throws: a wrong answer is never shown.
 */
export function workingOf(problem: Problem, house: HouseRules, wanted?: MethodId): Working {
  const working = methodFor(problem, house, wanted).work(problem, house);
  if (!isRight(problem, working.answer)) {
    throw new Error(`workingOf: ${working.method} disagrees with exact arithmetic`);
  }
  return working;
}
