import type { HouseRules } from "../house";
import type { DecimalProblem, Problem } from "../problem";
import { columnAddition } from "./addition/columnAddition";
import { expandedAddition } from "./addition/expandedAddition";
import type { IdOf, ReasonOf } from "./contract/method";
import { methodSet } from "./contract/methodSet";
import { longDivision } from "./division/longDivision";
import { partialQuotients } from "./division/partialQuotients";
import { shortDivision } from "./division/shortDivision";
import { comparingByPlace } from "./judging/comparingByPlace";
import { orderingByPlace } from "./judging/orderingByPlace";
import { roundingByPlace } from "./judging/roundingByPlace";
import { area } from "./multiplication/area";
import { columnMultiplication } from "./multiplication/columnMultiplication";
import { lattice } from "./multiplication/lattice";
import { multiplesOfTen } from "./multiplication/multiplesOfTen";
import { multiplicationInLine } from "./multiplication/multiplicationInLine";
import { shift } from "./multiplication/shift";
import { countingUp } from "./subtraction/countingUp";
import { equalAdditions } from "./subtraction/equalAdditions";
import { expandedSubtraction } from "./subtraction/expandedSubtraction";
import { makingUp } from "./subtraction/makingUp";
import { subtractionByDecomposition } from "./subtraction/subtractionByDecomposition";

/** Every method for whole numbers and decimals. A new one is a file and a line here. */
const METHODS = [
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
  partialQuotients,
  roundingByPlace,
  comparingByPlace,
  orderingByPlace,
] as const;

/** Any of these methods. */
export type DecimalMethod = (typeof METHODS)[number];

type Id = IdOf<DecimalMethod>;

/** What a step of these methods does and why, as arithmetic; each file owns its own reasons. A reason knows no squares. */
export type DecimalReason = ReasonOf<DecimalMethod>;

/** The method that each setting of the house rules stands for. */
const PREFERRED: {
  readonly addition: Readonly<Record<HouseRules["addition"], Id>>;
  readonly subtraction: Readonly<Record<HouseRules["subtraction"], Id>>;
  readonly multiplication: Readonly<Record<HouseRules["multiplication"], Id>>;
  readonly division: Readonly<Record<HouseRules["division"], Id>>;
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
  division: { long: "long-division", short: "short-division", chunks: "partial-quotients" },
};

/** The last one takes every problem of its operation. */
function prefers({ op }: DecimalProblem, house: HouseRules): readonly Id[] {
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
    case "order":
      return ["ordering-by-place"];
  }
}

const seen = (problem: Problem): DecimalProblem | undefined =>
  problem.kind === "decimals" ? problem : undefined;

export const decimalMethods = methodSet<DecimalReason, Id, DecimalProblem>(
  ["decimals"],
  seen,
  METHODS,
  prefers,
);
