"use client";

import { ChevronLeft, ChevronRight, Pause, Play } from "lucide-react";
import { type PointerEvent, type ReactElement, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { stageName } from "@/core/wording";
import { type Staged, stretchesOf, type Tick } from "./stretches";

/** The run: one tick a step or a part that is folded, in its stages; clicked, dragged, or moved by its buttons. */
export function RunBar({
  steps,
  step,
  departs,
  house,
  spoken,
  playing,
  pace,
  onGoTo,
  onPlay,
  onPace,
}: {
  readonly steps: Staged;
  readonly step: number;
  /** The step, from 1, at which a wrong way leaves the sound one. */
  readonly departs?: number;
  readonly house: HouseRules;
  /** The words of the step, as a screen reader is to hear them. */
  readonly spoken: string;
  readonly playing: boolean;
  readonly pace: number;
  readonly onGoTo: (step: number) => void;
  readonly onPlay: () => void;
  /** None where the pace can't be changed. */
  readonly onPace: (() => void) | undefined;
}): ReactElement {
  const last = steps.length;
  const track = useRef<HTMLDivElement>(null);
  // What is unfolded stays so while the run is dragged: ticks that moved away under the finger would lead it astray.
  const [dragged, setDragged] = useState<number>();
  const stretches = stretchesOf(steps, dragged ?? step);
  const ticked = stretches.reduce((sum, { ticks }) => sum + ticks.length, 0);
  const asLine = ticked > MOST_TICKS;

  /** The step that lies where the pointer is: in the nearest stage, as far along it. */
  const goToPointer = (event: PointerEvent): void => {
    const bars = [...(track.current?.querySelectorAll<HTMLElement>("[data-stretch]") ?? [])];
    const boxes = bars.map((bar) => bar.getBoundingClientRect());
    const distances = boxes.map(({ left, right }) =>
      Math.max(left - event.clientX, event.clientX - right, 0),
    );
    const nearest = distances.indexOf(Math.min(...distances));
    const box = boxes[nearest];
    const stretch = stretches[nearest];
    if (box === undefined || stretch === undefined) return;
    const share = Math.min(Math.max(0, (event.clientX - box.left) / box.width), 0.9999);
    const wanted = asLine
      ? stretch.first + Math.floor(share * stretch.count)
      : (stretch.ticks[Math.floor(share * stretch.ticks.length)]?.first ?? stretch.first);
    if (wanted !== step) onGoTo(wanted);
  };

  return (
    <div className="flex items-center gap-2">
      <RoundButton label="Step back" disabled={step <= 1} onPress={() => onGoTo(step - 1)}>
        <ChevronLeft aria-hidden="true" className="size-6" />
      </RoundButton>
      <RoundButton label="Next step" strong disabled={step >= last} onPress={() => onGoTo(step + 1)}>
        <ChevronRight aria-hidden="true" className="size-6" />
      </RoundButton>
      <div
        ref={track}
        role="slider"
        tabIndex={0}
        aria-label="Run"
        aria-valuemin={1}
        aria-valuemax={last}
        aria-valuenow={step}
        aria-valuetext={`Step ${step} of ${last}. ${spoken}`}
        className="flex h-16 min-w-0 flex-1 touch-none items-stretch gap-3 px-2 max-[1000px]:gap-2 max-[1000px]:px-1 max-[700px]:gap-1 max-[700px]:overflow-x-clip"
        onKeyDown={(event) => {
          // The Board listens for the other keys; these two move the run only when it has the focus.
          const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          onGoTo(step + by);
        }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setDragged(step);
          goToPointer(event);
        }}
        onPointerMove={(event) => {
          if (event.currentTarget.hasPointerCapture(event.pointerId)) goToPointer(event);
        }}
        onLostPointerCapture={() => setDragged(undefined)}
      >
        {stretches.map(({ stage, first, count, ticks }) => {
          const here = step >= first && step < first + count;
          return (
            <div
              key={first}
              className="flex min-w-max cursor-pointer flex-col justify-center max-[700px]:min-w-0"
              style={{ flex: `${asLine ? count : ticks.length} 1 0` }}
            >
              <div className="flex h-6 items-end gap-[3px]" data-stretch={first}>
                {asLine ? (
                  <Line first={first} count={count} step={step} />
                ) : (
                  <Ticks ticks={ticks} step={step} departs={departs} />
                )}
              </div>
              <span
                data-here={here}
                className="pt-1.5 text-small leading-5 whitespace-nowrap text-soft data-[here=true]:font-semibold data-[here=true]:text-ink max-[700px]:data-[here=false]:invisible"
              >
                {stageName(stage, house)}
              </span>
            </div>
          );
        })}
      </div>
      <span className="w-14 shrink-0 text-right text-small text-soft max-[1000px]:hidden">
        {step} of {last}
      </span>
      <RoundButton label={playing ? "Pause" : "Play"} onPress={onPlay}>
        {playing ? (
          <Pause aria-hidden="true" className="size-5" />
        ) : (
          <Play aria-hidden="true" className="size-5" />
        )}
      </RoundButton>
      {onPace && (
        <button
          type="button"
          onClick={onPace}
          aria-label={`Pace: ${pace} seconds a step`}
          className="h-11 shrink-0 rounded-lg px-2 text-small whitespace-nowrap text-soft hover:bg-shade max-[1000px]:hidden"
        >
          {pace} s a step
        </button>
      )}
    </div>
  );
}

/** More steps than this are drawn as a line and not as ticks. */
const MOST_TICKS = 90;

/** Ticks of single steps, and higher ones of parts that are folded. */
function Ticks({
  ticks,
  step,
  departs,
}: {
  readonly ticks: readonly Tick[];
  readonly step: number;
  readonly departs: number | undefined;
}): ReactElement {
  return (
    <>
      {ticks.map(({ first, count }) => {
        const holds = (one: number | undefined): boolean =>
          one !== undefined && one >= first && one < first + count;
        const state = holds(step) ? "here" : first < step ? "done" : "todo";
        return (
          <span
            key={first}
            data-step={first}
            data-state={state}
            data-folded={count > 1}
            data-departs={holds(departs)}
            className="h-2 min-w-[3px] flex-1 rounded-[3px] bg-todo data-[departs=true]:h-[14px] data-[departs=true]:bg-rust data-[folded=true]:h-3 data-[state=done]:bg-plumb data-[state=here]:h-[18px] data-[state=here]:bg-pencil data-[departs=true]:data-[state=done]:bg-rust data-[departs=true]:data-[state=here]:bg-rust"
          />
        );
      })}
    </>
  );
}

/** A stage of very many steps as one line, filled as far as it is done, with a mark where it stands. */
function Line({
  first,
  count,
  step,
}: {
  readonly first: number;
  readonly count: number;
  readonly step: number;
}): ReactElement {
  const done = Math.min(Math.max(0, step - first), count) / count;
  const here = step >= first && step < first + count;
  return (
    <span className="relative h-2 min-w-2 flex-1 rounded-[3px] bg-todo">
      <span
        className="absolute inset-y-0 left-0 rounded-[3px] bg-plumb"
        style={{ width: `${100 * done}%` }}
      />
      {here && (
        <span
          className="absolute bottom-0 h-[18px] w-1.5 rounded-[3px] bg-pencil"
          style={{ left: `${100 * done}%` }}
        />
      )}
    </span>
  );
}

function RoundButton({
  label,
  strong = false,
  disabled = false,
  onPress,
  children,
}: {
  readonly label: string;
  readonly strong?: boolean;
  readonly disabled?: boolean;
  readonly onPress: () => void;
  readonly children: ReactElement;
}): ReactElement {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onPress}
      data-strong={strong}
      className="grid size-12 shrink-0 place-items-center rounded-full border border-edge bg-page enabled:hover:bg-shade disabled:opacity-40 data-[strong=true]:border-ink data-[strong=true]:bg-ink data-[strong=true]:text-page data-[strong=true]:enabled:hover:bg-soft"
    >
      {children}
    </button>
  );
}
