"use client";

import type { ReactElement } from "react";

const NUMBER = /(\d+(?:[.,]\d+)*(?: \d+\/\d+|\/\d+)?)/;

/** How many numbers a problem line holds. */
export const numbersInLine = (line: string): number => Math.floor(line.split(NUMBER).length / 2);

/** The problem with its numbers, each to be ticked off when it is copied. */
export function TickedProblemLine({
  line,
  ticks,
  onTick,
}: {
  readonly line: string;
  /** Which of its numbers are ticked off, from 0. */
  readonly ticks: readonly number[];
  readonly onTick: (nth: number) => void;
}): ReactElement {
  return (
    <p className="font-board text-head">
      {line.split(NUMBER).map((part, nth) =>
        nth % 2 === 0 ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: the parts of a line never change their order
          <span key={nth}>{part}</span>
        ) : (
          <button
            // biome-ignore lint/suspicious/noArrayIndexKey: the parts of a line never change their order
            key={nth}
            type="button"
            aria-pressed={ticks.includes((nth - 1) / 2)}
            title="Tick it off when it is copied (V)"
            onPointerDown={(event) => event.preventDefault()}
            onClick={() => onTick((nth - 1) / 2)}
            className="relative min-h-11 rounded px-0.5 hover:bg-shade aria-pressed:text-soft aria-pressed:underline aria-pressed:decoration-pencil aria-pressed:decoration-2 aria-pressed:underline-offset-8"
          >
            {part}
          </button>
        ),
      )}
    </p>
  );
}
