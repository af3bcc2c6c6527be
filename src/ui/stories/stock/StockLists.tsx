import { Check } from "lucide-react";
import type { ReactElement } from "react";

/** The lists to choose from, with the one that is in use. */
export const StockLists = ({
  lists,
  open,
  inUse,
  onOpen,
}: {
  /** `things` says how many are in a list that is kept. */
  readonly lists: readonly { readonly id: string; readonly name: string; readonly things?: number }[];
  readonly open: string;
  readonly inUse: string;
  readonly onOpen: (id: string) => void;
}): ReactElement => (
  <ul className="grid gap-1">
    {lists.map(({ id, name, things }) => (
      <li key={id}>
        <button
          type="button"
          aria-pressed={open === id}
          onClick={() => onOpen(id)}
          className="flex min-h-11 w-full items-center justify-between gap-2 rounded-lg border-l-4 border-transparent px-3 text-left hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade"
        >
          <span>
            {name}
            <span className="block text-small text-soft">
              {things === undefined ? "Not kept yet" : things === 1 ? "1 thing" : `${things} things`}
            </span>
          </span>
          {id === inUse && <Check aria-label="In use" className="size-5 text-plumb" />}
        </button>
      </li>
    ))}
  </ul>
);
