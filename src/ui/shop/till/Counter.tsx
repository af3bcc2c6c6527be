import { useDroppable } from "@dnd-kit/core";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { pieceName } from "@/core/quantity";
import { MoneyPiece } from "./MoneyPiece";
import { countedUp, type Day, totalOf } from "./sale";

/** What was handed over, and the change that is counted up to it. */
export function Counter({
  day,
  currency,
  write,
  onBack,
}: {
  readonly day: Day;
  readonly currency: HouseRules["currency"];
  readonly write: (minor: number) => string;
  readonly onBack: (at: number) => void;
}): ReactElement {
  const { setNodeRef, isOver } = useDroppable({ id: "counter" });
  return (
    <div
      ref={setNodeRef}
      data-over={isOver}
      className="mt-4 rounded-2xl border-2 border-dashed border-edge p-4 data-[over=true]:border-plumb data-[over=true]:bg-shade"
    >
      <p>
        {write(day.paid ?? 0)} was handed over. Count up from {write(totalOf(day))} with pieces of the drawer.
      </p>
      <output aria-label="Counted up" className="mt-1 block font-board text-title">
        {countedUp(day).map(write).join(" → ")}
      </output>
      <ul className="mt-2 flex min-h-[58px] flex-wrap items-center gap-1.5">
        {day.change.map((piece, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: pieces of one kind are told apart by their place only
          <li key={at}>
            <button
              type="button"
              aria-label={`Take ${pieceName(piece, currency)} back`}
              onClick={() => onBack(at)}
              className="grid place-items-center rounded-xl hover:bg-shade"
            >
              <MoneyPiece value={piece} currency={currency} />
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
