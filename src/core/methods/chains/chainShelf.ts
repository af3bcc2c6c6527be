import type { ChainProblem, Problem } from "../../problem";
import { shelf } from "../shelf";
import { orderOfOperations } from "./orderOfOperations";

const seen = (problem: Problem): ChainProblem | undefined => (problem.kind === "chain" ? problem : undefined);

export const chainShelf = shelf("chain", seen, [orderOfOperations], () => ["order-of-operations"]);
