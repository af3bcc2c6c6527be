import { PRESETS } from "../house";
import { type DecimalProblem, type Problem, readProblem } from "../problem";
import { valueOfResult } from "./valueOfResult";

/** The problem of a typed line, which must read. */
export function problemOf(line: string): Problem {
  return valueOfResult(readProblem(line, PRESETS.fillersTrueValue), `${line} does not read`);
}

/** The problem of a typed line of plain decimals. */
export function decimalProblemOf(line: string): DecimalProblem {
  const problem = problemOf(line);
  if (problem.kind !== "decimals") throw new Error(`${line} is no problem of decimals`);
  return problem;
}
