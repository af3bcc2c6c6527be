import { type ReactElement, useMemo } from "react";
import type { Inverse } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { readProblem, writeProblem } from "@/core/problem";
import { plain } from "@/core/wording";
import { Paper, sheetFor } from "../paper";
import { boardAddress } from "./address";

/** The inverse operation worked out in small, and a way to open it as a board of its own. */
export function InverseCard({
  inverse,
  house,
}: {
  readonly inverse: Inverse;
  readonly house: HouseRules;
}): ReactElement {
  const { layout, steps, problem } = inverse.working;
  const sheet = useMemo(
    () => sheetFor(layout, steps, { columns: 0, rows: 0 }, { across: 1, above: 1, below: 1 }),
    [layout, steps],
  );
  const line = writeProblem(problem, house);
  // A product of long numbers has more digits than a board takes.
  const canBeTyped = readProblem(line, house).ok;
  return (
    <section aria-label="Check by the inverse">
      <h2 className="text-[13px] text-soft">Check by the inverse</h2>
      <div className="mt-2 max-w-52 rounded-md border border-edge bg-page p-2">
        <Paper
          layout={layout}
          writings={steps}
          shown={steps.length}
          sheet={sheet}
          square="fit"
          house={house}
          placeNames={false}
          label={plain(`${line}, worked in columns`)}
          still
        />
      </div>
      {canBeTyped && (
        <a
          href={boardAddress({ problem: line, house })}
          className="mt-1 inline-flex min-h-9 items-center text-[15px] font-semibold text-plumb"
        >
          Open this check on a board
        </a>
      )}
    </section>
  );
}
