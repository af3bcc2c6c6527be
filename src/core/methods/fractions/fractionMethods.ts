import type { HouseRules } from "../../house";
import type { FractionProblem, Problem } from "../../problem";
import type { Method, MethodId } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { changingForm } from "./changingForm";
import {
  denominatorMethods,
  denominatorsByFactors,
  denominatorsByMultiples,
  denominatorsByProduct,
} from "./commonDenominator";
import { dividingLikeParts } from "./dividingLikeParts";
import type { FractionWhy } from "./fractionSteps";
import { multiplyingAcross, turningOver } from "./multiplyingAcross";

const METHODS: readonly Method<FractionWhy, FractionProblem>[] = [
  denominatorsByMultiples,
  denominatorsByFactors,
  denominatorsByProduct,
  multiplyingAcross,
  turningOver,
  dividingLikeParts,
  changingForm,
];

function prefers({ op }: FractionProblem, house: HouseRules): readonly MethodId[] {
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

export const fractionMethods = methodSet("fractions", seen, METHODS, prefers);
