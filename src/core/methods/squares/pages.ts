import type { StepStage, StepToDraw } from "../contract/step";
import type { OnPaper } from "../contract/working";

/**
 * The steps of a working put on pages of their own, the first of them numbered `first`: for a part of a
 * problem that is worked by itself. Whatever they are there, they all belong to one stage of the whole. Gives
 * the number of the next free page too.
 */
export function onPages<Why>(
  { layout, steps: made }: OnPaper<Why>,
  first: number,
  stage: StepStage,
): { readonly steps: readonly StepToDraw<Why>[]; readonly next: number } {
  const steps = made.map((step) => ({
    ...step,
    stage,
    page: {
      index: first + (step.page?.index ?? 0),
      layout: step.page?.layout ?? layout,
    },
  }));
  return { steps, next: Math.max(first, ...steps.map(({ page }) => page.index)) + 1 };
}
