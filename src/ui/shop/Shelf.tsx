import type { ReactElement } from "react";
import type { Thing } from "@/core/stories";

/** What can be laid on the scale, and taken off again. */
export function Shelf({
  things,
  laid,
  onLay,
}: {
  readonly things: readonly { readonly thing: Thing; readonly mass: number }[];
  readonly laid: readonly string[];
  readonly onLay: (name: string, mass: number) => void;
}): ReactElement {
  return (
    <section aria-label="The shelf" className="w-full">
      <h2 className="mb-1.5 text-body font-semibold">Lay on the scale</h2>
      {things.length === 0 && (
        <p className="text-soft">Nothing on your stock list has a mass that this scale takes.</p>
      )}
      <ul className="flex flex-wrap gap-1.5">
        {things.map(({ thing, mass }) => (
          <li key={thing.one}>
            <button
              type="button"
              aria-pressed={laid.includes(thing.one)}
              onClick={() => onLay(thing.one, mass)}
              className="min-h-11 rounded-lg border border-edge bg-page px-3 hover:bg-shade aria-pressed:border-plumb aria-pressed:ring-2 aria-pressed:ring-plumb"
            >
              {thing.one}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
