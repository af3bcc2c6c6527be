import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { EVERY_METHOD, type MethodId, type Working, workingOf } from "@/core/methods";
import { readProblem, writeProblem } from "@/core/problem";
import { methodWords } from "@/core/wording";
import { Paper, pageFor } from "../paper";

/** How samples are typed, whatever the house writes. */
const TYPED = { decimalMark: "point", grouping: "none", currency: "USD" } as const;

/** A method's sample worked in the hand of a house. */
export function sampleWorking(id: MethodId, house: HouseRules): Working {
  const problem = readProblem(EVERY_METHOD.card(id).sample, TYPED);
  if (!problem.ok) throw new Error(`sampleWorking: the sample of ${id} does not read`);
  return workingOf(problem.value, house, id);
}

/** The small board of a method's sample. */
export function MethodSample({
  id,
  house,
}: {
  readonly id: MethodId;
  readonly house: HouseRules;
}): ReactElement {
  const { layout, steps, problem } = sampleWorking(id, house);
  return (
    <Paper
      layout={layout}
      writings={steps}
      shown={steps.length}
      page={pageFor(layout, steps, steps.length, { columns: 14, rows: 0 }, { across: 1, above: 1, below: 1 })}
      square="fit"
      house={house}
      placeNames={false}
      label={`${writeProblem(problem, house)} by ${methodWords(id).name.toLowerCase()}`}
      still
    />
  );
}
