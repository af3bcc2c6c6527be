import type { StepStage } from "@/core/methods";

/** Steps as the run bar needs to know them: in which stage they are, and on which page of its own, if on one. */
export type Staged = readonly {
  readonly stage: StepStage;
  readonly page?: { readonly index: number };
}[];

/** What one tick of the run stands for: a step, from 1, or the steps of a part on a page of its own. */
export interface Tick {
  readonly first: number;
  readonly count: number;
}

/** A stretch of the run in one stage. */
export interface StageStretch {
  readonly stage: StepStage;
  readonly first: number;
  readonly count: number;
  readonly ticks: readonly Tick[];
}

/**
 * The run in its stages: a tick a step, but one for a part that is worked on a page of its own, unless the
 * run stands in it.
 */
export function stretchesOf(steps: Staged, step: number): readonly StageStretch[] {
  const open = steps[step - 1]?.page?.index;
  const stretches: {
    stage: StepStage;
    first: number;
    count: number;
    ticks: { first: number; count: number }[];
  }[] = [];
  steps.forEach(({ stage, page }, index) => {
    let stretch = stretches.at(-1);
    if (stretch?.stage !== stage) {
      stretch = { stage, first: index + 1, count: 0, ticks: [] };
      stretches.push(stretch);
    }
    stretch.count += 1;
    const tick = stretch.ticks.at(-1);
    const before = stretch.count > 1 ? steps[index - 1]?.page?.index : undefined;
    const folded = page !== undefined && page.index !== open && page.index === before;
    if (folded && tick !== undefined) tick.count += 1;
    else stretch.ticks.push({ first: index + 1, count: 1 });
  });
  return stretches;
}
