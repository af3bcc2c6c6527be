"use client";

import { Pause, Play, Square, Timer } from "lucide-react";
import { type ReactElement, useEffect, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { readOneQuantity } from "@/core/problem";
import { writeQuantity } from "@/core/quantity";
import {
  GRAMS_IN_AN_OUNCE,
  INSTRUMENTS,
  type Instrument,
  type InstrumentId,
  type InstrumentPosition,
  instrumentOf,
  positionOf,
  rangeOf,
  readingForBoard,
  TOOLS,
  type Tool,
  typedReading,
} from "@/core/shop";
import type { Thing } from "@/core/stories";
import { INSTRUMENT_NAMES, TOOL_NAMES } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { Shelf } from "./Shelf";
import { Till } from "./till/Till";
import { ReadIt } from "./tools/ReadIt";
import { type Kept, Readings } from "./tools/Readings";
import { ToolStage } from "./tools/ToolStage";

/** Where each tool stands when it is taken out: nowhere round, so that there is something to read. */
const FIRST_AT: Readonly<Record<Tool, number>> = {
  scale: 0,
  jug: 0.63,
  tape: 0.42,
  stopwatch: 0,
  thermometer: 0.23,
};

const firstOf = (instrument: Instrument): InstrumentPosition => {
  const [least, most] = rangeOf(instrument);
  return Math.round(least + FIRST_AT[instrument.tool] * (most - least));
};

/** A reading in the notation of the house; in parts of a unit as it is typed. */
const written = (instrument: Instrument, position: InstrumentPosition, house: HouseRules): string => {
  const typed = typedReading(instrument, position);
  const read = readOneQuantity(typed, { ...house, decimalMark: "point" });
  return read.ok ? writeQuantity(read.value, house) : typed;
};

/** A counter for lessons of measuring and of money: things are measured and read, the readings go to the Board; at the till change is counted up. */
export function ShopScreen({
  tool,
  things,
  prices,
  house,
}: {
  readonly tool: Tool | "till";
  /** What lies on the shelf to be weighed, with what each weighs in grams. */
  readonly things: readonly { readonly thing: Thing; readonly mass: number }[];
  readonly prices: readonly { readonly thing: Thing; readonly price: number }[];
  readonly house: HouseRules;
}): ReactElement {
  return (
    <div className="flex h-full flex-col max-[1000px]:h-auto">
      <nav
        aria-label="The counter"
        className="flex flex-wrap items-center gap-1 border-b border-edge px-6 py-2 max-[700px]:px-3"
      >
        {[...TOOLS, "till" as const].map((one) => (
          <PlaceLink
            key={one}
            href={ROUTES.shop(one)}
            aria-current={one === tool ? "page" : undefined}
            className="flex min-h-11 items-center rounded-lg px-4 text-body font-semibold text-soft hover:bg-shade aria-[current]:bg-shade aria-[current]:text-ink"
          >
            {one === "till" ? "Till" : TOOL_NAMES[one]}
          </PlaceLink>
        ))}
      </nav>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a counter longer than its room is scrolled by keys
        tabIndex={0}
        className="min-h-0 flex-1 overflow-y-auto px-6 py-4 max-[700px]:px-3"
      >
        <h1 className="sr-only">The shop: {tool === "till" ? "till" : TOOL_NAMES[tool].toLowerCase()}</h1>
        {tool === "till" ? (
          <Till things={prices} house={house} />
        ) : (
          <Measuring tool={tool} things={things} house={house} />
        )}
      </main>
    </div>
  );
}

function Measuring({
  tool,
  things,
  house,
}: {
  readonly tool: Tool;
  readonly things: readonly { readonly thing: Thing; readonly mass: number }[];
  readonly house: HouseRules;
}): ReactElement {
  const choices = INSTRUMENTS.filter((one) => one.tool === tool);
  const [id, setId] = useState<InstrumentId>(choices[0]?.id ?? "scale-2kg");
  const instrument = instrumentOf(id);
  const [position, setPosition] = useState<InstrumentPosition>(() => firstOf(instrument));
  const [digits, setDigits] = useState(false);
  const [laid, setLaid] = useState<readonly string[]>([]);
  const [zero, setZero] = useState<InstrumentPosition>(0);
  const [kept, setKept] = useState<readonly Kept[]>([]);
  const next = useRef(0);
  const [least, most] = rangeOf(instrument);
  /** What it shows: with the empty box set to zero, what is in it. */
  const shown = Math.min(most, Math.max(least, position - zero));
  const choose = (to: InstrumentId): void => {
    setId(to);
    setPosition(firstOf(instrumentOf(to)));
    setLaid([]);
    setZero(0);
  };
  const value = written(instrument, shown, house);
  const keep = (at: InstrumentPosition): void => {
    next.current += 1;
    const forBoard = inHouse(readingForBoard(instrument, at), house);
    const thing = laid.length === 1 ? laid[0] : undefined;
    const reading = {
      id: next.current,
      written: written(instrument, at, house),
      forBoard,
      told: { tool, thing, typed: forBoard },
    };
    setKept([...kept, reading]);
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,300px)] gap-6 max-[1000px]:grid-cols-1">
      <section aria-label="On the counter" className="grid min-w-0 content-start justify-items-center gap-3">
        {choices.length > 1 && (
          <fieldset aria-label="Which one" className="flex flex-wrap gap-1 justify-self-start">
            {choices.map((one) => (
              <button
                key={one.id}
                type="button"
                aria-pressed={one.id === id}
                onClick={() => choose(one.id)}
                className="min-h-11 rounded-lg px-3 text-soft hover:bg-shade aria-pressed:bg-shade aria-pressed:font-semibold aria-pressed:text-ink"
              >
                {INSTRUMENT_NAMES[one.id]}
              </button>
            ))}
          </fieldset>
        )}
        <div
          data-tool={tool}
          className="grid w-full max-w-[920px] place-items-center data-[tool=jug]:max-w-[460px] data-[tool=scale]:max-w-[470px] data-[tool=stopwatch]:max-w-[470px] data-[tool=thermometer]:max-w-[300px]"
        >
          {digits ? (
            <output
              aria-label="Display"
              className="my-16 rounded-2xl border-2 border-ink bg-page px-10 py-6 font-board text-[64px]"
            >
              {value}
            </output>
          ) : (
            <ToolStage
              instrument={instrument}
              position={shown}
              name={TOOL_NAMES[tool]}
              onMove={(to) => setPosition(to + zero)}
            />
          )}
        </div>
        {tool === "scale" && (
          <>
            <div className="flex flex-wrap gap-1">
              <Button look="quiet" aria-pressed={digits} onClick={() => setDigits(!digits)}>
                {digits ? "With a dial" : "With digits"}
              </Button>
              <Button look="quiet" onClick={() => setZero(position)}>
                Set to zero as it stands
              </Button>
              {zero > 0 && (
                <Button look="quiet" onClick={() => setZero(0)}>
                  Show the box too
                </Button>
              )}
            </div>
            <Shelf
              things={things}
              laid={laid}
              onLay={(name, mass) => {
                const more = positionOf(instrument, inItsUnit(mass, instrument)) ?? 0;
                const off = laid.includes(name);
                setLaid(off ? laid.filter((one) => one !== name) : [...laid, name]);
                setPosition(Math.max(0, position + (off ? -more : more)));
              }}
            />
            {position - zero > most && (
              <p role="status" className="text-rust">
                That is more than this scale weighs. Take something off.
              </p>
            )}
          </>
        )}
        {tool === "stopwatch" && (
          <Clock position={position} onPosition={setPosition} onSplit={() => keep(position)} />
        )}
      </section>
      <aside className="grid content-start gap-5">
        <ReadIt
          key={id}
          instrument={instrument}
          position={shown}
          value={value}
          house={house}
          onKeep={() => keep(shown)}
        />
        <Readings
          kept={kept}
          house={house}
          onTakeOff={(off) => setKept(kept.filter((one) => one.id !== off))}
        />
      </aside>
    </div>
  );
}

/** Grams in the unit an instrument counts in: a scale in ounces has them at 28.35 g. */
const inItsUnit = (grams: number, { read }: Instrument): number =>
  read.includes("oz") ? Math.max(1, Math.round(grams / GRAMS_IN_AN_OUNCE)) : grams;

/** What is typed with a point as the house writes it. */
const inHouse = (typed: string, house: HouseRules): string =>
  house.decimalMark === "comma" ? typed.replace(".", ",") : typed;

/** The buttons of the stopwatch. It runs by the clock of this machine, a second at a time. */
function Clock({
  position,
  onPosition,
  onSplit,
}: {
  readonly position: InstrumentPosition;
  readonly onPosition: (to: InstrumentPosition) => void;
  readonly onSplit: () => void;
}): ReactElement {
  const [since, setSince] = useState<number>();
  useEffect(() => {
    if (since === undefined) return;
    const timer = setInterval(() => onPosition(Math.floor((Date.now() - since) / 1000)), 200);
    return () => clearInterval(timer);
  }, [since, onPosition]);
  const runs = since !== undefined;
  return (
    <div className="flex flex-wrap gap-1">
      <Button look="quiet" onClick={() => setSince(runs ? undefined : Date.now() - position * 1000)}>
        {runs ? (
          <Pause aria-hidden="true" className="size-4.5" />
        ) : (
          <Play aria-hidden="true" className="size-4.5" />
        )}
        {runs ? "Stop" : "Start"}
      </Button>
      <Button look="quiet" onClick={onSplit}>
        <Timer aria-hidden="true" className="size-4.5" />
        Split
      </Button>
      <Button
        look="quiet"
        onClick={() => {
          setSince(undefined);
          onPosition(0);
        }}
      >
        <Square aria-hidden="true" className="size-4.5" />
        Back to zero
      </Button>
    </div>
  );
}
