import type { ReactElement } from "react";
import { STRUCTURES, type Structure } from "@/core/stories";
import { STRUCTURE_HINTS, STRUCTURE_NAMES } from "@/core/wording";

/** What a structure looks like: bars, each from where to where, and whether it is what could be asked. */
const BARS: Readonly<Record<Structure, readonly (readonly [from: number, to: number, row: number])[]>> = {
  partsWhole: [
    [0, 62, 0],
    [62, 120, 0],
    [0, 120, 1],
  ],
  comparison: [
    [0, 120, 0],
    [0, 76, 1],
  ],
  equalGroups: [
    [0, 30, 0],
    [30, 60, 0],
    [60, 90, 0],
    [90, 120, 0],
    [0, 120, 1],
  ],
  change: [
    [0, 120, 0],
    [0, 80, 1],
  ],
};

/** The four ways in which the quantities of a story can hang together, drawn small, one of them to be chosen. */
export function StructureChoice({
  chosen,
  onChoose,
}: {
  readonly chosen: Structure | undefined;
  readonly onChoose: (structure: Structure) => void;
}): ReactElement {
  return (
    <div
      role="radiogroup"
      aria-label="How it hangs together"
      className="grid grid-cols-4 gap-2 max-[900px]:grid-cols-2"
    >
      {STRUCTURES.map((structure) => (
        <label
          key={structure}
          className="flex min-h-11 cursor-pointer flex-col gap-1.5 rounded-xl border border-edge bg-page p-3 has-checked:border-plumb has-checked:ring-2 has-checked:ring-plumb has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-plumb"
        >
          <input
            type="radio"
            name="structure"
            checked={chosen === structure}
            onChange={() => onChoose(structure)}
            className="sr-only"
          />
          <svg viewBox="-2 -2 128 50" aria-hidden="true" className="h-12 w-full">
            {BARS[structure].map(([from, to, row]) => (
              <rect
                key={`${from} ${to} ${row}`}
                x={from}
                y={row * 26}
                width={to - from}
                height={18}
                strokeWidth={1.5}
                className="fill-shade stroke-ink"
              />
            ))}
            {structure === "comparison" && (
              <path d="M76 35H120" strokeWidth={2} strokeDasharray="5 4" className="stroke-plumb" />
            )}
            {structure === "change" && (
              <path
                d="M106 22V32M106 32l-4-5M106 32l4-5"
                strokeWidth={2}
                className="fill-none stroke-plumb"
              />
            )}
          </svg>
          <span className="font-semibold leading-tight">{STRUCTURE_NAMES[structure]}</span>
          <span className="text-note leading-tight text-soft">{STRUCTURE_HINTS[structure]}</span>
        </label>
      ))}
    </div>
  );
}
