import type { HouseRules } from "../house";
import type { DecimalProblem, Problem } from "../problem";
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
import type { Method, MethodId } from "./method";
import { methodSet } from "./methodSet";
import { multiplesOfTen } from "./multiplesOfTen";
import { multiplicationInLine } from "./multiplicationInLine";
import type { DecimalReason } from "./reason";
import { roundingByPlace } from "./roundingByPlace";
import { shift } from "./shift";
import { shortDivision } from "./shortDivision";
import { subtractionByDecomposition } from "./subtractionByDecomposition";

/** Every method for whole numbers and decimals. A new one is a file and a line here. */
const METHODS: readonly Method<DecimalReason>[] = [
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

/** The last one takes every problem of its operation. */
function prefers({ op }: DecimalProblem, house: HouseRules): readonly MethodId[] {
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

const seen = (problem: Problem): DecimalProblem | undefined =>
  problem.kind === "decimals" ? problem : undefined;

export const decimalMethods = methodSet("decimals", seen, METHODS, prefers);
