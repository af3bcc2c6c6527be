import type { Problem, QuantitiesProblem } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { comparingAlike } from "./comparingAlike";

const METHODS = [comparingAlike] as const;

/** Any of these methods. */
export type QuantityMethod = (typeof METHODS)[number];

const seen = (problem: Problem): QuantitiesProblem | undefined =>
  problem.kind === "quantities" ? problem : undefined;

/** What compares amounts, measures and numbers on both sides of zero. */
export const quantityMethods = methodSet<ReasonOf<QuantityMethod>, IdOf<QuantityMethod>, QuantitiesProblem>(
  ["quantities"],
  seen,
  METHODS,
  () => ["comparing-alike"],
);
