import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { piecesOfCurrency } from "@/core/quantity";
import { DayBalance } from "./DayBalance";
import { DrawerPiece } from "./DrawerPiece";
import { counted, given } from "./sale";
import type { TillState } from "./useTill";

/** The drawer with its notes and coins, which are counted before the first sale, and the day's balance. */
export const TillDrawer = ({
  till: { day, act, beginAnew },
  house,
}: {
  readonly till: TillState;
  readonly house: HouseRules;
}): ReactElement => (
  <aside aria-label="The drawer" className="min-w-0">
    <h2 className="mb-1.5 text-body font-semibold">The drawer</h2>
    <ul className="flex flex-wrap gap-x-3 gap-y-1.5">
      {[...piecesOfCurrency(house.currency)].reverse().map((piece) => (
        <li key={piece}>
          <DrawerPiece
            piece={piece}
            count={day.drawer[piece] ?? 0}
            currency={house.currency}
            opens={day.paid !== undefined}
            onGive={() => act(given(day, piece))}
            onCount={
              day.sales === 0 && day.paid === undefined
                ? (count) => act(counted(day, piece, count))
                : undefined
            }
          />
        </li>
      ))}
    </ul>
    <DayBalance day={day} house={house} onBegin={beginAnew} />
  </aside>
);
