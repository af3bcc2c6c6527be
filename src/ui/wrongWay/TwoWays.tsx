"use client";

import { type ReactElement, useEffect, useMemo, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { ShownWay } from "@/core/learnerTask";
import { pageFor } from "@/render/board";
import { SquaredPaper } from "../paper";

/** What a page measures at least, in squares, beside another one. */
const LEAST = { columns: 7, rows: 8 };
const FREE = { across: 1, above: 2, below: 1 };
const SQUARE = 48;

/** A working on its page, under what it is called. */
export function WayPaper({
  way,
  shown,
  wrongAt,
  title,
  note,
  house,
  label,
}: {
  readonly way: ShownWay;
  readonly shown: number;
  /** The step, from 1, that is drawn in rust; nothing on the sound way. */
  readonly wrongAt: number | undefined;
  readonly title: string;
  readonly note: string;
  readonly house: HouseRules;
  readonly label: string;
}): ReactElement {
  const first = way.steps.findIndex(({ page }) => page?.index === way.steps[shown - 1]?.page?.index) + 1;
  const page = useMemo(() => pageFor(way.layout, way.steps, first, LEAST, FREE), [way, first]);
  const room = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState<{ readonly width: number; readonly height: number } | undefined>();
  useEffect(() => {
    const element = room.current;
    if (element === null) return;
    const watch = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const columns = page.right - page.left;
  const rows = page.bottom - page.top;
  const fitting =
    size === undefined ? SQUARE : Math.min(SQUARE, (size.width - 48) / columns, (size.height - 84) / rows);
  return (
    <section
      ref={room}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a paper larger than its room is scrolled by keys
      tabIndex={0}
      aria-label={title}
      className="grid min-h-0 min-w-0 overflow-auto p-2"
    >
      <figure
        data-wrong={wrongAt !== undefined}
        className="m-auto flex w-max flex-col rounded border border-edge border-t-[3px] bg-page px-4 pt-2 pb-4 shadow-sheet data-[wrong=false]:border-t-plumb data-[wrong=true]:border-t-rust"
      >
        <figcaption className="flex flex-wrap items-baseline justify-between gap-x-4 pb-1">
          <span className="font-semibold">{title}</span>
          <span className="font-board text-body text-soft">{note}</span>
        </figcaption>
        <SquaredPaper
          layout={way.layout}
          writings={way.steps}
          shown={shown}
          page={page}
          square={Math.max(26, Math.floor(fitting))}
          house={house}
          placeNames
          label={label}
          wrong={wrongAt === undefined ? undefined : way.steps[wrongAt - 1]}
        />
      </figure>
    </section>
  );
}
