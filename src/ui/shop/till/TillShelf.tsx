import type { ReactElement } from "react";
import type { Thing } from "@/core/stories";
import type { TillState } from "./useTill";

/** What is for sale: a press rings a thing up. */
export const TillShelf = ({
  things,
  till: { day, ring, write },
}: {
  readonly things: readonly { readonly thing: Thing; readonly price: number }[];
  readonly till: TillState;
}): ReactElement => (
  <section aria-label="The shelf">
    <h2 className="mb-1.5 text-body font-semibold">The shelf</h2>
    {things.length === 0 && <p className="text-soft">Nothing on your stock list has a price.</p>}
    <ul className="grid gap-1 max-[1000px]:grid-cols-2">
      {things.map(({ thing, price }) => (
        <li key={thing.one}>
          <button
            type="button"
            disabled={day.paid !== undefined}
            onClick={() => ring(thing.one, price)}
            className="flex min-h-11 w-full items-center justify-between gap-2 rounded-lg border border-edge bg-page px-3 text-left hover:bg-shade disabled:opacity-60"
          >
            {thing.one}
            <span className="font-board text-body">{write(price)}</span>
          </button>
        </li>
      ))}
    </ul>
  </section>
);
