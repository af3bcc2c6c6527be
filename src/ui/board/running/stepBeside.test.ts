import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runOf } from "@/core/checks";
import { EVERY_METHOD, methodsFor, workingOf } from "@/core/methods";
import { anyHouse, anyTask } from "@/core/testing/arbitrary";
import { stepBeside } from "./stepBeside";

/** Two runs of one problem by two methods that take it. */
const anyTwo = fc.tuple(anyTask, anyHouse, fc.nat()).map(([{ problem, method }, house, chance]) => {
  const taking = methodsFor(problem).filter(({ refusal }) => refusal === undefined);
  const other = taking[chance % taking.length]?.id ?? method;
  return [
    runOf(workingOf(problem, house, method), EVERY_METHOD),
    runOf(workingOf(problem, house, other), EVERY_METHOD),
  ] as const;
});

describe("the second board", () => {
  it("begins and ends with the first, never steps back, and is never ahead in its stages", () => {
    const order = ["estimate", "setOut", "work", "point", "answer", "check"];
    const rank = (stage = "estimate"): number => order.indexOf(stage === "point" ? "work" : stage);
    fc.assert(
      fc.property(anyTwo, ([run, beside]) => {
        const steps = run.steps.map((_, index) => stepBeside(run, index + 1, beside));
        expect(steps.at(-1)).toBe(beside.steps.length);
        for (const [index, step] of steps.entries()) {
          expect(step).toBeGreaterThanOrEqual(steps[index - 1] ?? 1);
          const here = rank(run.steps[index]?.stage);
          if (step > 1) expect(rank(beside.steps[step - 1]?.stage)).toBeLessThanOrEqual(here);
        }
      }),
      { numRuns: 150 },
    );
  });
});
