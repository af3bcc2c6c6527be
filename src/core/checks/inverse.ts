import { type Working, workingOf } from "../methods";
import { compareDecimals, type Decimal, magnitude } from "../number";
import type { Problem } from "../problem";

/** The inverse operation carried out as a working of its own, and the number it should lead back to. */
export interface Inverse {
  readonly working: Working;
  readonly expected: Decimal;
  /** What leads back: the one number it began with, or the sum of the addends that were left alone. */
  readonly leadsTo: "firstNumber" | "otherAddends";
  readonly agrees: boolean;
}

/**
 * The inverse of a working: a sum has its last addend taken away again, which leaves the other addends;
 * a difference has the smaller number added back, which gives the larger.
 */
export function inverseOf(working: Working): Inverse {
  const { problem, answer, house } = working;
  const [first, second] = problem.operands;
  const last = problem.operands.at(-1);
  if (first === undefined || second === undefined || last === undefined) {
    throw new Error("inverseOf: a problem has two operands at least");
  }
  switch (problem.op) {
    case "add": {
      const others = problem.operands.slice(0, -1);
      const expected = others.length === 1 ? first : workingOf({ op: "add", operands: others }, house).answer;
      const leadsTo = others.length === 1 ? "firstNumber" : "otherAddends";
      return carriedOut({ op: "subtract", operands: [answer, last] }, working, expected, leadsTo);
    }
    case "subtract": {
      const belowZero = compareDecimals(first, second) < 0;
      const [larger, smaller] = belowZero ? [second, first] : [first, second];
      return carriedOut(
        { op: "add", operands: [magnitude(answer), smaller] },
        working,
        larger,
        "firstNumber",
      );
    }
  }
}

function carriedOut(problem: Problem, of: Working, expected: Decimal, leadsTo: Inverse["leadsTo"]): Inverse {
  const working = workingOf(problem, of.house);
  return { working, expected, leadsTo, agrees: compareDecimals(working.answer, expected) === 0 };
}
