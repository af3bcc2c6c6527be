import type { HouseRules } from "../../house";
import type { FractionProblem, Problem } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { changingForm } from "./changingForm";
import {
  denominatorMethods,
  denominatorsByFactors,
  denominatorsByMultiples,
  denominatorsByProduct,
} from "./commonDenominator";
import { crossProducts } from "./crossProducts";
import { dividingLikeParts } from "./dividingLikeParts";
import { multiplyingAcross, turningOver } from "./multiplyingAcross";

const METHODS = [
  denominatorsByMultiples,
  denominatorsByFactors,
  denominatorsByProduct,
  multiplyingAcross,
  turningOver,
  dividingLikeParts,
  changingForm,
  crossProducts,
] as const;

/** Any of these methods. */
export type FractionMethod = (typeof METHODS)[number];

type Id = IdOf<FractionMethod>;
type Why = ReasonOf<FractionMethod>;

function prefers({ op }: FractionProblem, house: HouseRules): readonly Id[] {
  switch (op) {
    case "add":
    case "subtract":
    case "compare":
    case "order":
      return denominatorMethods(house);
    case "multiply":
      return ["multiplying-across"];
    case "divide":
      return [house.fractionDivision === "turnOver" ? "turning-over" : "dividing-like-parts"];
    case "rewrite":
      return ["changing-form"];
  }
}

const seen = (problem: Problem): FractionProblem | undefined =>
  problem.kind === "fractions" ? problem : undefined;

export const fractionMethods = methodSet<Why, Id, FractionProblem>(["fractions"], seen, METHODS, prefers);
