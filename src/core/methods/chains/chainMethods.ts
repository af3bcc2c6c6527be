import type { ChainProblem, Problem } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { orderOfOperations } from "./orderOfOperations";

const METHODS = [orderOfOperations] as const;

/** Any of these methods. */
export type ChainMethod = (typeof METHODS)[number];

type Id = IdOf<ChainMethod>;
type Why = ReasonOf<ChainMethod>;

const seen = (problem: Problem): ChainProblem | undefined => (problem.kind === "chain" ? problem : undefined);

export const chainMethods = methodSet<Why, Id, ChainProblem>(["chain"], seen, METHODS, () => [
  "order-of-operations",
]);
