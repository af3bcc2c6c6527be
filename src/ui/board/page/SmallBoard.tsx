import { type ReactElement, useMemo } from "react";
import type { Working } from "@/core/methods";
import { pageFor } from "@/render/board";
import { SquaredPaper } from "../../paper";

/** A finished working in small, for the margin. */
export function SmallBoard({
  working,
  label,
}: {
  readonly working: Working;
  readonly label: string;
}): ReactElement {
  const { layout, steps, house } = working;
  const page = useMemo(
    () => pageFor(layout, steps, steps.length, { columns: 0, rows: 0 }, { across: 1, above: 1, below: 1 }),
    [layout, steps],
  );
  return (
    <div className="mt-2 max-w-52 rounded-md border border-edge bg-page p-2">
      <SquaredPaper
        layout={layout}
        writings={steps}
        shown={steps.length}
        page={page}
        square="fit"
        house={house}
        placeNames={false}
        label={label}
        still
      />
    </div>
  );
}
