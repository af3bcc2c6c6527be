import type { OnPaper } from "../contract/method";
import type { Stage, StepToDraw } from "../contract/step";

/**
 * The steps of a working put on sheets of their own, the first of them numbered `first`: for a part of a
 * problem that is worked by itself. Whatever they are there, they all belong to one stage of the whole. Gives
 * the number of the next free sheet too.
 */
export function onSheets<Why>(
  { layout, steps: made }: OnPaper<Why>,
  first: number,
  stage: Stage,
): { readonly steps: readonly StepToDraw<Why>[]; readonly next: number } {
  const steps = made.map((step) => ({
    ...step,
    stage,
    sheet: {
      index: first + (step.sheet?.index ?? 0),
      layout: step.sheet?.layout ?? layout,
    },
  }));
  return { steps, next: Math.max(first, ...steps.map(({ sheet }) => sheet.index)) + 1 };
}
