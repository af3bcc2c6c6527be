import type { HouseRules } from "../house";
import type { DecimalProblem, Problem } from "../problem";
import { columnAddition } from "./addition/columnAddition";
import { expandedAddition } from "./addition/expandedAddition";
import type { IdOf, ReasonOf } from "./contract/method";
import { methodSet } from "./contract/methodSet";
import { comparingByPlace } from "./judging/comparingByPlace";
import { orderingByPlace } from "./judging/orderingByPlace";
import { roundingByPlace } from "./judging/roundingByPlace";
import { countingUp } from "./subtraction/countingUp";
import { equalAdditions } from "./subtraction/equalAdditions";
import { expandedSubtraction } from "./subtraction/expandedSubtraction";
import { makingUp } from "./subtraction/makingUp";
import { subtractionByDecomposition } from "./subtraction/subtractionByDecomposition";

/** The methods for sums, differences and judging of whole numbers and decimals. A new one is a file and a line here. */
const SUMS = [
  columnAddition,
  expandedAddition,
  subtractionByDecomposition,
  equalAdditions,
  makingUp,
  expandedSubtraction,
  countingUp,
  roundingByPlace,
  comparingByPlace,
  orderingByPlace,
] as const;

/** Any of these methods. */
export type SumMethod = (typeof SUMS)[number];

/** What a step of these methods does and why, as arithmetic; each file owns its own reasons. A reason knows no squares. */
export type SumMethodReason = ReasonOf<SumMethod>;

/** The method that each setting of the house rules stands for. */
const PREFERRED: {
  readonly addition: Readonly<Record<HouseRules["addition"], IdOf<SumMethod>>>;
  readonly subtraction: Readonly<Record<HouseRules["subtraction"], IdOf<SumMethod>>>;
} = {
  addition: { column: "column-addition", expanded: "expanded-addition" },
  subtraction: {
    decomposition: "subtraction-by-decomposition",
    equalAdditions: "equal-additions",
    makingUp: "making-up",
    expanded: "expanded-subtraction",
    countingUp: "counting-up",
  },
};

/** The last one takes every problem of its operation. */
function preferredSums({ op }: DecimalProblem, house: HouseRules): readonly IdOf<SumMethod>[] {
  switch (op) {
    case "add":
      return [PREFERRED.addition[house.addition], "column-addition"];
    case "subtract":
      return [PREFERRED.subtraction[house.subtraction], "subtraction-by-decomposition"];
    case "round":
      return ["rounding-by-place"];
    case "compare":
      return ["comparing-by-place"];
    case "order":
      return ["ordering-by-place"];
    case "multiply":
    case "divide":
      return [];
  }
}

const asDecimals = (problem: Problem): DecimalProblem | undefined =>
  problem.kind === "decimals" ? problem : undefined;

export const sumMethods = methodSet<SumMethodReason, IdOf<SumMethod>, DecimalProblem>(
  ["decimals"],
  asDecimals,
  SUMS,
  preferredSums,
);
