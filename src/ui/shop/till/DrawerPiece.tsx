import { useDraggable } from "@dnd-kit/core";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { pieceName } from "@/core/quantity";
import { MoneyPiece } from "./MoneyPiece";

/** The most pieces of a kind in the drawer. */
const MOST_PIECES = 40;

/** A compartment of the drawer: its pieces are dragged to the counter, or pressed. */
export function DrawerPiece({
  piece,
  count,
  currency,
  opens,
  onGive,
  onCount,
}: {
  readonly piece: number;
  readonly count: number;
  readonly currency: HouseRules["currency"];
  readonly opens: boolean;
  readonly onGive: () => void;
  /** Before the first sale the drawer is filled as it is wanted. */
  readonly onCount: ((count: number) => void) | undefined;
}): ReactElement {
  const empty = count === 0 || !opens;
  const { setNodeRef, listeners, transform } = useDraggable({ id: String(piece), disabled: empty });
  return (
    <span className="grid justify-items-center">
      <button
        ref={setNodeRef}
        type="button"
        disabled={empty}
        aria-label={`Give ${pieceName(piece, currency)}: ${count} in the drawer`}
        onClick={onGive}
        {...listeners}
        style={
          transform === null ? undefined : { transform: `translate(${transform.x}px, ${transform.y}px)` }
        }
        className="grid min-h-[60px] min-w-[60px] touch-none place-items-center rounded-xl hover:bg-shade disabled:opacity-50"
      >
        <MoneyPiece value={piece} currency={currency} />
      </button>
      {onCount === undefined ? (
        <span className="text-note text-soft">× {count}</span>
      ) : (
        <input
          type="number"
          min={0}
          max={MOST_PIECES}
          aria-label={`How many ${pieceName(piece, currency)}`}
          value={count}
          onChange={({ target }) =>
            onCount(Math.min(MOST_PIECES, Math.max(0, Math.floor(Number(target.value)))))
          }
          className="h-8 w-14 rounded-md border border-edge bg-page text-center text-note"
        />
      )}
    </span>
  );
}
