"use client";

import { Minus, Plus, Undo2 } from "lucide-react";
import { type PointerEvent, type ReactElement, useRef } from "react";
import { BAR_STEPS, barAdded, barSized, barTaken, type DrawnBars, structuresDrawn } from "@/core/stories";
import { STRUCTURE_NAMES } from "@/core/wording";
import { Button } from "../../parts/Button";
import { IconButton } from "../../parts/IconButton";

/** The drawing, in its own units: a step across, a bar's height, and where the two rows begin. */
const STEP = 20;
const BAR = 44;
const ROWS = [10, 74] as const;
const [WIDTH, HEIGHT] = [BAR_STEPS * STEP + 4, 128];
/** How near to the end of a bar it is taken there, in steps. */
const NEAR = 0.7;
/** How long a bar is that is added by its button, in steps. */
const FIRST = 6;

const ROW_NAMES = ["The upper row", "The lower row"] as const;

/** Bars that a learner draws by dragging along two rows, or by keys; what they show is said below. */
export function BarsPad({
  bars,
  onChange,
}: {
  readonly bars: DrawnBars;
  readonly onChange: (bars: DrawnBars) => void;
}): ReactElement {
  const dragged = useRef<{ readonly row: 0 | 1; readonly nth: number; readonly from: number }>(undefined);
  /** Where the pointer is: in which row, and at which step. */
  const placeOf = (event: PointerEvent<SVGSVGElement>): { readonly row: 0 | 1; readonly at: number } => {
    const box = event.currentTarget.getBoundingClientRect();
    const y = ((event.clientY - box.top) / box.height) * HEIGHT;
    const at = (((event.clientX - box.left) / box.width) * WIDTH - 2) / STEP;
    return { row: y < (ROWS[1] + ROWS[0] + BAR) / 2 ? 0 : 1, at };
  };
  const take = (event: PointerEvent<SVGSVGElement>): void => {
    const { row, at } = placeOf(event);
    const ends = endsOf(bars[row]);
    const nth = ends.findIndex((end) => Math.abs(end - at) < NEAR);
    event.currentTarget.setPointerCapture(event.pointerId);
    if (nth >= 0) {
      dragged.current = { row, nth, from: ends[nth - 1] ?? 0 };
      return;
    }
    const from = ends.at(-1) ?? 0;
    const next = barAdded(bars, row, Math.round(at - from));
    if (next === bars || at < from) return;
    dragged.current = { row, nth: bars[row].length, from };
    onChange(next);
  };
  const move = (event: PointerEvent<SVGSVGElement>): void => {
    const { current } = dragged;
    if (current === undefined) return;
    onChange(barSized(bars, current.row, current.nth, Math.round(placeOf(event).at - current.from)));
  };
  const shows = structuresDrawn(bars);
  return (
    <div className="mt-3 rounded-xl border border-edge bg-page p-3">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`Your bars: ${ROW_NAMES.map((name, row) => `${name.toLowerCase()} ${told(bars[row === 0 ? 0 : 1])}`).join("; ")}`}
        onPointerDown={take}
        onPointerMove={move}
        onPointerUp={() => {
          dragged.current = undefined;
        }}
        className="w-full max-w-[760px] cursor-crosshair touch-none"
      >
        {ROWS.map((top, row) => (
          <g key={top} transform={`translate(2 ${top})`}>
            <path d={`M0 ${BAR}H${BAR_STEPS * STEP}`} strokeWidth={1} className="stroke-edge" />
            {bars[row === 0 ? 0 : 1].map((steps, nth) => (
              <rect
                // biome-ignore lint/suspicious/noArrayIndexKey: the bars of a row stand in their order
                key={nth}
                x={((endsOf(bars[row === 0 ? 0 : 1])[nth] ?? 0) - steps) * STEP}
                width={steps * STEP}
                height={BAR}
                strokeWidth={2}
                className="fill-shade stroke-ink"
              />
            ))}
          </g>
        ))}
      </svg>
      <div className="mt-1 flex flex-wrap gap-x-6 gap-y-1">
        {([0, 1] as const).map((row) => {
          const last = bars[row].length - 1;
          const name = ROW_NAMES[row];
          return (
            <fieldset key={row} className="flex items-center gap-1">
              <legend className="sr-only">{name}</legend>
              <span aria-hidden="true" className="mr-1 text-small text-soft">
                {name}
              </span>
              <Button look="quiet" onClick={() => onChange(barAdded(bars, row, bars[row][last] ?? FIRST))}>
                Add a bar
              </Button>
              <IconButton
                label="Longer"
                onPress={() => onChange(barSized(bars, row, last, (bars[row][last] ?? 0) + 1))}
              >
                <Plus aria-hidden="true" className="size-4.5" />
              </IconButton>
              <IconButton
                label="Shorter"
                onPress={() => onChange(barSized(bars, row, last, (bars[row][last] ?? 0) - 1))}
              >
                <Minus aria-hidden="true" className="size-4.5" />
              </IconButton>
              <IconButton label="Take the last one away" onPress={() => onChange(barTaken(bars, row))}>
                <Undo2 aria-hidden="true" className="size-4.5" />
              </IconButton>
            </fieldset>
          );
        })}
      </div>
      <p role="status" className="mt-1 text-note text-soft">
        {shows.length === 0
          ? "Drag along a row to draw a bar, and its end to make it longer or shorter."
          : `Your bars look like this: ${shows.map((one) => STRUCTURE_NAMES[one].toLowerCase()).join(", or ")}. Choose it above.`}
      </p>
    </div>
  );
}

/** Where the bars of a row end, in steps from its beginning. */
const endsOf = (parts: readonly number[]): readonly number[] =>
  parts.map((_, nth) => parts.slice(0, nth + 1).reduce((sum, one) => sum + one, 0));

const told = (parts: readonly number[]): string =>
  parts.length === 0 ? "empty" : `with bars ${parts.join(", ")} steps long`;
