import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { EVERY_METHOD, workingOf } from "../methods";
import { operandsOf } from "../problem";
import { anyHouse, anyTask } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { tickedOff } from "./copying";
import { runOf } from "./run";

const house = { ...PRESETS.fillersTrueValue, copying: "tickedOff" } as const;

describe("ticking numbers off", () => {
  it("ticks each number as it is set out, whatever comes first", () => {
    const problem = problemOf("7 + 12.45 + 7");
    const run = runOf(workingOf(problem, { ...house, addendOrder: "longestFirst" }), EVERY_METHOD);
    const ticks = run.steps.map((_, index) => [...tickedOff(problem, run.steps.slice(0, index + 1))].sort());
    // The longest is set out first, then the two sevens, each by itself.
    expect(ticks.filter((one, index) => String(one) !== String(ticks[index - 1]))).toEqual([
      [],
      [1],
      [0, 1],
      [0, 1, 2],
    ]);
  });

  it("reads all back once they are set out, before any work, in the house that asks for it and in no other", () => {
    fc.assert(
      fc.property(anyTask, anyHouse, ({ problem, method }, rules) => {
        const { steps } = runOf(workingOf(problem, { ...rules, copying: "tickedOff" }, method), EVERY_METHOD);
        const at = steps.findIndex(({ reason }) => reason.kind === "readBack");
        const work = steps.findIndex(({ stage }) => stage !== "setOut" && stage !== "estimate");
        if (at >= 0) {
          expect(work).toBe(at + 1);
          expect(tickedOff(problem, steps.slice(0, at + 1)).size).toBe(operandsOf(problem).length);
        }
        const trusting = runOf(workingOf(problem, { ...rules, copying: "trusted" }, method), EVERY_METHOD);
        expect(trusting.steps.some(({ reason }) => reason.kind === "readBack")).toBe(false);
        expect(trusting.steps.length).toBe(steps.length - (at >= 0 ? 1 : 0));
      }),
      { numRuns: 300 },
    );
  });
});
