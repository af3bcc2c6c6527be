import type { ChainProblem, Problem } from "../../problem";
import { methodSet } from "../contract/methodSet";
import { orderOfOperations } from "./orderOfOperations";

const seen = (problem: Problem): ChainProblem | undefined => (problem.kind === "chain" ? problem : undefined);

export const chainMethods = methodSet("chain", seen, [orderOfOperations], () => ["order-of-operations"]);
