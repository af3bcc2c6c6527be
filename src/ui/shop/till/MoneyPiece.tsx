import type { ReactElement } from "react";
import { type CurrencyId, currencyOf, pieceName } from "@/core/quantity";

/** A coin or a note: coins are round and the larger the more they are worth, notes are wide. */
export function MoneyPiece({
  value,
  currency,
}: {
  readonly value: number;
  readonly currency: CurrencyId;
}): ReactElement {
  const { coins } = currencyOf(currency);
  const rank = coins.indexOf(value);
  const words = pieceName(value, currency);
  if (rank < 0)
    return (
      <span className="grid h-[42px] w-[76px] place-items-center rounded-md border-2 border-plumb bg-page font-board text-body">
        {words}
      </span>
    );
  const size = 38 + (rank / Math.max(1, coins.length - 1)) * 18;
  return (
    <span
      style={{ width: size, height: size }}
      className="grid place-items-center rounded-full border-2 border-straw bg-page font-board text-note"
    >
      {words}
    </span>
  );
}
