import type { HouseRules } from "../house";
import type { DecimalProblem, Problem } from "../problem";
import type { IdOf, ReasonOf } from "./contract/method";
import { methodSet } from "./contract/methodSet";
import { longDivision } from "./division/longDivision";
import { partialQuotients } from "./division/partialQuotients";
import { shortDivision } from "./division/shortDivision";
import { area } from "./multiplication/area";
import { columnMultiplication } from "./multiplication/columnMultiplication";
import { lattice } from "./multiplication/lattice";
import { multiplesOfTen } from "./multiplication/multiplesOfTen";
import { multiplicationInLine } from "./multiplication/multiplicationInLine";
import { shift } from "./multiplication/shift";

/** The methods for products and quotients of whole numbers and decimals. A new one is a file and a line here. */
const PRODUCTS = [
  columnMultiplication,
  multiplicationInLine,
  multiplesOfTen,
  lattice,
  area,
  shift,
  longDivision,
  shortDivision,
  partialQuotients,
] as const;

/** Any of these methods. */
export type ProductMethod = (typeof PRODUCTS)[number];

/** What a step of these methods does and why, as arithmetic; each file owns its own reasons. A reason knows no squares. */
export type ProductMethodReason = ReasonOf<ProductMethod>;

/** The method that each setting of the house rules stands for. */
const PREFERRED: {
  readonly multiplication: Readonly<Record<HouseRules["multiplication"], IdOf<ProductMethod>>>;
  readonly division: Readonly<Record<HouseRules["division"], IdOf<ProductMethod>>>;
} = {
  multiplication: {
    column: "column-multiplication",
    inLine: "multiplication-in-line",
    lattice: "lattice",
    area: "area",
  },
  division: { long: "long-division", short: "short-division", chunks: "partial-quotients" },
};

/** The last one takes every problem of its operation. */
function preferredProducts({ op }: DecimalProblem, house: HouseRules): readonly IdOf<ProductMethod>[] {
  switch (op) {
    case "multiply":
      return ["shift", PREFERRED.multiplication[house.multiplication], "column-multiplication"];
    case "divide": {
      const shifts = house.divisionEnding === "exact" || house.divisionEnding === "twoPlaces";
      return [...(shifts ? (["shift"] as const) : []), PREFERRED.division[house.division], "long-division"];
    }
    case "add":
    case "subtract":
    case "round":
    case "compare":
    case "order":
      return [];
  }
}

const asDecimals = (problem: Problem): DecimalProblem | undefined =>
  problem.kind === "decimals" ? problem : undefined;

export const productMethods = methodSet<ProductMethodReason, IdOf<ProductMethod>, DecimalProblem>(
  ["decimals"],
  asDecimals,
  PRODUCTS,
  preferredProducts,
);
