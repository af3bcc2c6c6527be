import type { ReactElement } from "react";
import { unitOf } from "@/core/quantity";
import { type Instrument, type InstrumentPosition, shareOfInstrument } from "@/core/shop";
import { Dial } from "./Dial";
import { along, Marks } from "./Straight";

/** The room that a tool is drawn in, and where on it the scale lies: across, up, or round. */
export interface ToolRoom {
  readonly width: number;
  readonly height: number;
  /** What share of the scale a point of the drawing means. */
  readonly share: (x: number, y: number) => number;
}

const TAPE = { length: 860, across: true } as const;
const TAPE_FROM = 30;
const JUG = { length: 340, across: false } as const;
const JUG_TOP = 40;
const TUBE = { length: 380, across: false } as const;
const TUBE_TOP = 24;
const DIAL = 420;

/** The room of a tool. */
export function roomOf({ tool }: Instrument): ToolRoom {
  switch (tool) {
    case "tape":
      return { width: 920, height: 190, share: (x) => (x - TAPE_FROM) / TAPE.length };
    case "jug":
      return { width: 420, height: 420, share: (_, y) => 1 - (y - JUG_TOP) / JUG.length };
    case "thermometer":
      return { width: 260, height: 440, share: (_, y) => 1 - (y - TUBE_TOP) / TUBE.length };
    case "scale":
    case "stopwatch":
      return {
        width: DIAL,
        height: DIAL,
        share: (x, y) => (Math.atan2(x - DIAL / 2, DIAL / 2 - y) / (2 * Math.PI) + 1) % 1,
      };
  }
}

/** A tool of the shop, drawn to scale as it stands. */
export function ToolDrawing({
  instrument,
  position,
}: {
  readonly instrument: Instrument;
  readonly position: InstrumentPosition;
}): ReactElement {
  switch (instrument.tool) {
    case "scale":
      return <ScaleDial instrument={instrument} position={position} />;
    case "jug":
      return <Jug instrument={instrument} position={position} />;
    case "tape":
      return <Tape instrument={instrument} position={position} />;
    case "thermometer":
      return <Thermometer instrument={instrument} position={position} />;
    case "stopwatch":
      return <Stopwatch seconds={position} />;
  }
}

type Drawn = { readonly instrument: Instrument; readonly position: InstrumentPosition };

function ScaleDial({ instrument, position }: Drawn): ReactElement {
  return (
    <>
      <Dial instrument={instrument} position={position} />
      <UnitName x={DIAL / 2} y={DIAL / 2 + 74} instrument={instrument} />
    </>
  );
}

function UnitName({
  x,
  y,
  instrument,
}: {
  readonly x: number;
  readonly y: number;
  readonly instrument: Instrument;
}): ReactElement {
  return (
    <text x={x} y={y} textAnchor="middle" fontSize={22} className="fill-soft font-board">
      {instrument.labelled === undefined ? "°" : unitOf(instrument.labelled).symbol}
    </text>
  );
}

function Jug({ instrument, position }: Drawn): ReactElement {
  const level = JUG_TOP + along(JUG, shareOfInstrument(instrument, position));
  const foot = JUG_TOP + JUG.length;
  return (
    <>
      <path
        data-level={true}
        d={`M72 ${level}H348V${foot}Q348 ${foot + 24} 324 ${foot + 24}H96Q72 ${foot + 24} 72 ${foot}Z`}
        className="fill-pencil opacity-25"
      />
      <path d={`M72 ${level}H348`} strokeWidth={2.5} className="stroke-pencil" />
      <path
        d={`M70 14V${foot}Q70 ${foot + 26} 96 ${foot + 26}H324Q350 ${foot + 26} 350 ${foot}V60L372 22`}
        strokeWidth={4}
        strokeLinejoin="round"
        className="fill-none stroke-ink"
      />
      <path d="M70 100C10 100 10 280 70 280" strokeWidth={4} className="fill-none stroke-ink" />
      <g transform={`translate(150 ${JUG_TOP})`}>
        <Marks instrument={instrument} {...JUG} />
      </g>
      <UnitName x={290} y={30} instrument={instrument} />
    </>
  );
}

function Tape({ instrument, position }: Drawn): ReactElement {
  const end = along(TAPE, shareOfInstrument(instrument, position));
  return (
    <g transform={`translate(${TAPE_FROM} 0)`}>
      <rect
        data-strip={true}
        x={0}
        y={26}
        width={Math.max(0, end)}
        height={34}
        rx={3}
        className="fill-straw opacity-70"
      />
      <path d={`M${end} 18V84`} strokeWidth={2} className="stroke-rust" />
      <rect
        x={-22}
        y={84}
        width={TAPE.length + 44}
        height={72}
        rx={6}
        strokeWidth={2}
        className="fill-page stroke-ink"
      />
      <g transform="translate(0 84)">
        <Marks instrument={instrument} {...TAPE} />
      </g>
      <UnitName x={TAPE.length} y={178} instrument={instrument} />
    </g>
  );
}

function Thermometer({ instrument, position }: Drawn): ReactElement {
  const level = TUBE_TOP + along(TUBE, shareOfInstrument(instrument, position));
  const foot = TUBE_TOP + TUBE.length;
  return (
    <>
      <rect
        x={84}
        y={6}
        width={30}
        height={foot + 8}
        rx={15}
        strokeWidth={2.5}
        className="fill-page stroke-ink"
      />
      <circle cx={99} cy={foot + 14} r={20} strokeWidth={2.5} className="fill-rust stroke-ink" />
      <rect data-level={true} x={93} y={level} width={12} height={foot + 6 - level} className="fill-rust" />
      <g transform={`translate(122 ${TUBE_TOP})`}>
        <Marks instrument={instrument} {...TUBE} />
      </g>
      <UnitName x={220} y={30} instrument={instrument} />
    </>
  );
}

/** The dial of seconds as an instrument of its own: one turn. */
const SECONDS: Instrument = {
  id: "seconds",
  tool: "stopwatch",
  from: 0,
  to: 60,
  worth: [1, 1],
  numbered: 5,
  longer: 5,
  between: 1,
  labelled: "s",
  read: ["s"],
};
const MINUTES: Instrument = { ...SECONDS, id: "minutes", numbered: 15, longer: 5 };

function Stopwatch({ seconds }: { readonly seconds: number }): ReactElement {
  const hours = Math.floor(seconds / 3600);
  return (
    <>
      <Dial instrument={SECONDS} position={seconds % 60} />
      <g transform="translate(147 217) scale(0.3)">
        <Dial instrument={MINUTES} position={Math.floor(seconds / 60) % 60} numbers={46} />
      </g>
      <text x={DIAL / 2 - 70} y={158} textAnchor="middle" fontSize={22} className="fill-soft font-board">
        {hours} h
      </text>
    </>
  );
}
