import { type Problem, readProblem } from "../problem";
import type { PatternId } from "./contract/patternIds";
import { EVERY_PATTERN } from "./errorPatterns";
import { SLIPS } from "./slips/slipFacts";

/** A problem on which a pattern shows, and the answer that it leads to, as both are written. */
export interface PatternExample {
  readonly problem: Problem;
  readonly answer: string;
}

/** How the examples of the catalogue are written. */
const NOTATION = { decimalMark: "point", grouping: "none", currency: "USD" } as const;

/** The example of each pattern and each slip. */
export const EXAMPLES: ReadonlyMap<PatternId, PatternExample> = new Map(
  [...EVERY_PATTERN, ...SLIPS].flatMap(({ id, example: [line, answer] }) => {
    const problem = readProblem(line, NOTATION);
    return problem.ok ? [[id, { problem: problem.value, answer }]] : [];
  }),
);
