import type { ReactElement } from "react";
import { TRAITS, type TraitId } from "@/core/features";
import { TRAIT_NAMES } from "@/core/wording";
import type { EditedRow } from "./editedRow";

/** What a sheet trains, problem by problem, and what it leaves out of all that its skills can have. */
export function FeatureTable({
  rows,
  possible,
}: {
  readonly rows: readonly EditedRow[];
  readonly possible: readonly TraitId[];
}): ReactElement {
  const times = (trait: TraitId): number => rows.filter(({ shown }) => shown?.traits[trait]).length;
  const met = TRAITS.map(({ id }) => id).filter((id) => times(id) > 0);
  const missing = possible.filter((id) => times(id) === 0);
  return (
    <section aria-label="What it trains" className="mt-6">
      <h2 className="text-body font-semibold">What it trains</h2>
      {met.length === 0 ? (
        <p className="mt-1 text-soft">Plain problems: nothing that makes them harder was counted.</p>
      ) : (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a table wider than its room is scrolled by keys
        <div tabIndex={0} className="mt-2 overflow-x-auto">
          <table className="border-collapse text-note">
            <thead>
              <tr>
                <th scope="col" className="px-2 py-1 text-left font-semibold text-soft">
                  Problem
                </th>
                {met.map((trait) => (
                  <th
                    key={trait}
                    scope="col"
                    className="max-w-28 px-2 py-1 align-bottom font-semibold text-soft"
                  >
                    {TRAIT_NAMES[trait]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ key, problem, shown }, nth) => (
                <tr key={key} className="border-t border-edge">
                  <th scope="row" className="px-2 py-1 text-left font-board font-normal whitespace-nowrap">
                    <span className="mr-2 text-soft">{nth + 1}</span>
                    {problem}
                  </th>
                  {met.map((trait) => (
                    <td key={trait} className="px-2 py-1 text-center font-board">
                      {shown?.traits[trait] ?? ""}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
            <tfoot>
              <tr className="border-t-2 border-edge">
                <th scope="row" className="px-2 py-1 text-left font-semibold">
                  Problems with it
                </th>
                {met.map((trait) => (
                  <td key={trait} className="px-2 py-1 text-center font-semibold">
                    {times(trait)}
                  </td>
                ))}
              </tr>
            </tfoot>
          </table>
        </div>
      )}
      {missing.length > 0 && (
        <p className="mt-2 max-w-[720px] text-note">
          <span className="font-semibold">Left out:</span>{" "}
          {missing.map((trait) => TRAIT_NAMES[trait].toLowerCase()).join(", ")}.
        </p>
      )}
    </section>
  );
}
