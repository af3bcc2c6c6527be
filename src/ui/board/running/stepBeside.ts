import type { Run } from "@/core/checks";
import type { StepStage } from "@/core/methods";

const ORDER: readonly StepStage[] = ["estimate", "setOut", "work", "point", "answer", "check"];

/** A stage as the two boards count it: setting the point belongs to the work, wherever a method does it. */
const rank = (stage: StepStage): number => ORDER.indexOf(stage === "point" ? "work" : stage);

/**
 * The step of the second board that goes with a step of the first: in the same stage, as far into it
 * as the first board is. Where the second has no such stage, all that comes before it is done.
 */
export function stepBeside(run: Run, step: number, beside: Run): number {
  const here = rank(run.steps[step - 1]?.stage ?? "estimate");
  const same = run.steps.filter(({ stage }) => rank(stage) === here).length;
  const done = run.steps.slice(0, step).filter(({ stage }) => rank(stage) === here).length;
  const before = beside.steps.filter(({ stage }) => rank(stage) < here).length;
  const others = beside.steps.filter(({ stage }) => rank(stage) === here).length;
  return Math.max(1, before + Math.ceil((done / Math.max(1, same)) * others));
}
