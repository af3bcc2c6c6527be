"use client";

import { DndContext, PointerSensor, TouchSensor, useSensor, useSensors } from "@dnd-kit/core";
import { X } from "lucide-react";
import { type ReactElement, useId, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { pieceName, piecesOfCurrency, writePieces } from "@/core/quantity";
import { changeFrom } from "@/core/shop";
import type { Thing } from "@/core/stories";
import { Button } from "../parts/Button";
import { IconButton } from "../parts/IconButton";
import { Counter } from "./Counter";
import { DayBalance } from "./DayBalance";
import { DrawerPiece } from "./DrawerPiece";
import { MoneyPiece } from "./MoneyPiece";
import { readMoney, writtenMoney } from "./money";
import {
  changeOf,
  counted,
  type Day,
  dayBegun,
  given,
  givenBack,
  handedOver,
  stillToGive,
  takenBack,
  totalOf,
} from "./sale";

/** How many notes and coins a learner can be asked to pay with. */
const MOST_OFFERED = 5;

/** The till: things are rung up, their total is found, a note is taken, and the change is counted up out of the drawer. */
export function Till({
  things,
  house,
}: {
  readonly things: readonly { readonly thing: Thing; readonly price: number }[];
  readonly house: HouseRules;
}): ReactElement {
  const { currency } = house;
  const [day, setDay] = useState<Day>(() => dayBegun(currency));
  const [typed, setTyped] = useState("");
  const [said, setSaid] = useState("");
  const next = useRef(0);
  const dragContext = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 120, tolerance: 8 } }),
  );
  const write = (minor: number): string => writtenMoney(minor, house);
  const total = totalOf(day);
  const left = stillToGive(day);
  const act = (to: Day): void => {
    setDay(to);
    setSaid("");
  };
  const ring = (name: string, price: number): void => {
    next.current += 1;
    act({ ...day, basket: [...day.basket, { id: next.current, name, price }] });
    setTyped("");
  };
  const found = readMoney(typed, house) === total && total > 0;
  const notes = piecesOfCurrency(currency)
    .filter((piece) => piece >= total)
    .reverse()
    .slice(0, MOST_OFFERED);
  const whatTheDrawerGives = (): string => {
    const fewest = changeFrom(day.drawer, left);
    if (fewest === undefined)
      return `No pieces of this drawer come to ${write(left)}. Ask for something smaller, or for exact money.`;
    const pieces = Object.entries(fewest)
      .flatMap(([value, count]) => Array.from({ length: count }, () => Number(value)))
      .sort((one, other) => one - other);
    return `Fewest pieces: ${writePieces(pieces, currency)}.`;
  };
  return (
    <DndContext
      id={dragContext}
      sensors={sensors}
      onDragEnd={({ active, over }) => {
        const piece = Number(active.id);
        if (over?.id === "counter" && day.paid !== undefined) act(given(day, piece));
      }}
    >
      <div className="grid grid-cols-[minmax(0,250px)_minmax(0,1fr)_minmax(0,300px)] gap-6 max-[1000px]:grid-cols-1">
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
        <section aria-label="The counter" className="min-w-0">
          <h2 className="mb-1.5 text-body font-semibold">The counter</h2>
          <div className="rounded-2xl border border-edge bg-page p-4 shadow-sheet">
            {day.basket.length === 0 && <p className="text-soft">Ring up something from the shelf.</p>}
            <ul className="font-board text-lead">
              {day.basket.map(({ id, name, price }) => (
                <li key={id} className="flex items-center justify-between gap-2">
                  {name}
                  <span className="flex items-center gap-1">
                    {write(price)}
                    {day.paid === undefined && (
                      <IconButton
                        label={`Take the ${name} off`}
                        onPress={() => act({ ...day, basket: day.basket.filter((one) => one.id !== id) })}
                      >
                        <X aria-hidden="true" className="size-4.5" />
                      </IconButton>
                    )}
                  </span>
                </li>
              ))}
            </ul>
            {day.basket.length > 0 && (
              <label className="mt-2 flex items-center justify-between gap-3 border-t-2 border-ink pt-2 font-semibold">
                The total
                <input
                  value={typed}
                  readOnly={day.paid !== undefined}
                  autoComplete="off"
                  onChange={({ target }) => setTyped(target.value)}
                  data-found={found}
                  className="h-12 w-40 rounded-lg border border-edge bg-paper px-3 text-right font-board text-title data-[found=true]:border-plumb data-[found=true]:ring-2 data-[found=true]:ring-plumb"
                />
              </label>
            )}
            {day.basket.length > 0 && typed !== "" && (
              <p role="status" className="text-right text-soft">
                {found ? "That is the total." : "Not the total yet."}
              </p>
            )}
          </div>
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
            <Counter day={day} write={write} onBack={(at) => act(takenBack(day, at))} currency={currency} />
          )}
          {day.paid !== undefined && (
            <div className="mt-3 flex flex-wrap items-center gap-1">
              <Button
                look="main"
                disabled={left !== 0}
                onClick={() => {
                  act(handedOver(day));
                  setTyped("");
                }}
              >
                Hand it over
              </Button>
              <Button look="quiet" disabled={left <= 0} onClick={() => setSaid(whatTheDrawerGives())}>
                Can the drawer give it?
              </Button>
              <Button look="quiet" onClick={() => act(givenBack(day))}>
                Give it back
              </Button>
            </div>
          )}
          <p role="status" className="mt-2 min-h-6 leading-snug">
            {said !== ""
              ? said
              : day.paid === undefined
                ? ""
                : left === 0
                  ? `The change is right: ${write(changeOf(day))}.`
                  : left < 0
                    ? `That is ${write(-left)} too much.`
                    : ""}
          </p>
        </section>
        <aside aria-label="The drawer" className="min-w-0">
          <h2 className="mb-1.5 text-body font-semibold">The drawer</h2>
          <ul className="flex flex-wrap gap-x-3 gap-y-1.5">
            {[...piecesOfCurrency(currency)].reverse().map((piece) => (
              <li key={piece}>
                <DrawerPiece
                  piece={piece}
                  count={day.drawer[piece] ?? 0}
                  currency={currency}
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
          <DayBalance day={day} house={house} onBegin={() => act(dayBegun(currency))} />
        </aside>
      </div>
    </DndContext>
  );
}
