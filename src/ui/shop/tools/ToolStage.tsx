"use client";

import { type KeyboardEvent, type PointerEvent, type ReactElement, useRef } from "react";
import { type Instrument, type InstrumentPosition, positionAt, rangeOf } from "@/core/shop";
import { positionWords } from "@/core/wording";
import { roomOf, ToolDrawing } from "./ToolDrawing";

/** A tool on the counter: its hand, level or end is dragged, or moved by keys a mark at a time. */
export function ToolStage({
  instrument,
  position,
  name,
  onMove,
}: {
  readonly instrument: Instrument;
  readonly position: InstrumentPosition;
  readonly name: string;
  readonly onMove: (position: InstrumentPosition) => void;
}): ReactElement {
  const drawing = useRef<HTMLDivElement>(null);
  const room = roomOf(instrument);
  const [least, most] = rangeOf(instrument);
  const within = (to: InstrumentPosition): InstrumentPosition => Math.min(most, Math.max(least, to));
  const drag = (event: PointerEvent<HTMLDivElement>): void => {
    const box = drawing.current?.getBoundingClientRect();
    if (box === undefined || event.buttons === 0) return;
    const x = ((event.clientX - box.left) / box.width) * room.width;
    const y = ((event.clientY - box.top) / box.height) * room.height;
    const to = positionAt(instrument, room.share(x, y));
    if (to !== position) onMove(to);
  };
  const press = (event: KeyboardEvent): void => {
    const step = instrument.numbered * instrument.between;
    const to = KEYS[event.key]?.(position, step, [least, most]);
    if (to === undefined) return;
    event.preventDefault();
    onMove(within(to));
  };
  return (
    <div
      ref={drawing}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={position}
      aria-valuetext={positionWords(instrument, position)}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag(event);
      }}
      onPointerMove={drag}
      onKeyDown={press}
      className="w-full touch-none rounded-2xl select-none"
    >
      <svg viewBox={`0 0 ${room.width} ${room.height}`} aria-hidden="true" className="block w-full">
        <ToolDrawing instrument={instrument} position={position} />
      </svg>
    </div>
  );
}

type Moves = (
  at: InstrumentPosition,
  step: number,
  range: readonly [InstrumentPosition, InstrumentPosition],
) => InstrumentPosition;

const KEYS: Readonly<Record<string, Moves | undefined>> = {
  ArrowRight: (at) => at + 1,
  ArrowUp: (at) => at + 1,
  ArrowLeft: (at) => at - 1,
  ArrowDown: (at) => at - 1,
  PageUp: (at, step) => at + step,
  PageDown: (at, step) => at - step,
  Home: (_, __, [least]) => least,
  End: (_, __, [, most]) => most,
};
