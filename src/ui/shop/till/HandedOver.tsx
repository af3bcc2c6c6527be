import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { pieceName, piecesOfCurrency } from "@/core/quantity";
import { Button } from "../../parts/Button";
import { Counter } from "./Counter";
import { MoneyPiece } from "./MoneyPiece";
import { changeOf, givenBack, stillToGive, takenBack, totalOf } from "./sale";
import type { TillState } from "./useTill";

/** How many notes and coins a learner can be asked to pay with. */
const MOST_OFFERED = 5;

/** What the customer hands over, and the change that is counted up on the counter. */
export function HandedOver({
  till,
  house: { currency },
}: {
  readonly till: TillState;
  readonly house: HouseRules;
}): ReactElement {
  const { day, found, said, act, write } = till;
  const left = stillToGive(day);
  const notes = piecesOfCurrency(currency)
    .filter((piece) => piece >= totalOf(day))
    .reverse()
    .slice(0, MOST_OFFERED);
  return (
    <>
      {found && day.paid === undefined && (
        <div className="mt-4">
          <h3 className="mb-1.5 font-semibold">What is handed over?</h3>
          <div className="flex flex-wrap gap-2">
            {notes.map((piece) => (
              <button
                key={piece}
                type="button"
                aria-label={`${pieceName(piece, currency)} is handed over`}
                onClick={() => act({ ...day, paid: piece })}
                className="grid min-h-14 place-items-center rounded-xl px-2 hover:bg-shade"
              >
                <MoneyPiece value={piece} currency={currency} />
              </button>
            ))}
          </div>
        </div>
      )}
      {day.paid !== undefined && (
        <>
          <Counter day={day} write={write} onBack={(at) => act(takenBack(day, at))} currency={currency} />
          <div className="mt-3 flex flex-wrap items-center gap-1">
            <Button look="main" disabled={left !== 0} onClick={till.handOver}>
              Hand it over
            </Button>
            <Button look="quiet" disabled={left <= 0} onClick={till.askTheDrawer}>
              Can the drawer give it?
            </Button>
            <Button look="quiet" onClick={() => act(givenBack(day))}>
              Give it back
            </Button>
          </div>
        </>
      )}
      <p role="status" className="mt-2 min-h-6 leading-snug">
        {said !== ""
          ? said
          : day.paid === undefined || left > 0
            ? ""
            : left === 0
              ? `The change is right: ${write(changeOf(day))}.`
              : `That is ${write(-left)} too much.`}
      </p>
    </>
  );
}
