import type { ReactElement } from "react";
import { MEASURES, type Thing, type UnitSystem } from "@/core/stories";
import { STOCK_HEADS } from "@/core/wording";

/** The things of a list, with what is plausible of each. */
export const StockTable = ({
  things,
  system,
}: {
  readonly things: readonly Thing[];
  readonly system: UnitSystem;
}): ReactElement => (
  <section
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a table wider than its room is scrolled by keys
    tabIndex={0}
    aria-label="The things of the list"
    className="mt-4 overflow-x-auto"
  >
    <table className="w-full min-w-[860px] text-left">
      <thead>
        <tr className="border-b-2 border-ink text-small text-soft">
          {["one", "several", ...MEASURES.map((measure) => STOCK_HEADS[system][measure])].map((head) => (
            <th key={head} scope="col" className="py-1.5 pr-4 font-semibold first-letter:uppercase">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {things.map((thing, nth) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the things stand in the order of their lines
          <tr key={nth} className="border-b border-edge">
            <th scope="row" className="py-1.5 pr-4 font-normal">
              {thing.one}
            </th>
            <td className="pr-4">{thing.many}</td>
            {MEASURES.map((id) => (
              <td key={id} className="pr-4 whitespace-nowrap">
                {thing[id] && fromTo(thing[id], id === "price" ? 100 : 1)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);

const fromTo = ([from, to]: readonly [number, number], under: number): string =>
  `${(from / under).toFixed(under === 100 ? 2 : 0)} to ${(to / under).toFixed(under === 100 ? 2 : 0)}`;
