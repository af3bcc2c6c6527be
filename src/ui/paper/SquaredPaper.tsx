import { memo, type ReactElement } from "react";
import { type Extent, type PaperLayout, type Plumb, pageAt, type Writing } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { placesName } from "@/core/wording";
import type { PageOfSquares } from "@/render/board";
import { StepMarks, UNIT } from "./Marks";

/** Squared paper with the first `shown` writings on it; the last of them is fresh unless `still`. */
export function SquaredPaper({
  layout: firstLayout,
  writings: allWritings,
  shown: count,
  page,
  square,
  house,
  placeNames,
  label,
  still = false,
  wrong,
}: {
  readonly layout: PaperLayout;
  readonly writings: readonly Writing[];
  readonly shown: number;
  readonly page: PageOfSquares;
  /** The size of a square in pixels, smaller where the room is too small for all of them; `fit` fills the width it is given. */
  readonly square: number | "fit";
  readonly house: HouseRules;
  readonly placeNames: boolean;
  readonly label: string;
  readonly still?: boolean;
  /** The writing at which a wrong way leaves the sound one. */
  readonly wrong?: Writing | undefined;
}): ReactElement {
  const { index, layout, writings, done: shown } = pageAt(firstLayout, allWritings, count);
  const columns = page.right - page.left;
  const rows = page.bottom - page.top;
  const begins = columnsBegin(layout, page);
  const focus = still ? [] : (writings[shown - 1]?.focus ?? []);
  const size =
    square === "fit" ? { width: "100%" } : { style: { width: widthWithin(columns, rows, square) } };
  return (
    <svg
      key={index}
      role="img"
      aria-label={label}
      viewBox={`${page.left * UNIT - 2} ${page.top * UNIT - 2} ${columns * UNIT + 4} ${rows * UNIT + 4}`}
      {...size}
      className="block shrink-0 font-board select-none"
    >
      <Ruling page={page} />
      {focus.map((col) => (
        <rect
          key={col}
          x={col * UNIT}
          y={begins * UNIT}
          width={UNIT}
          height={(page.bottom - 1 - begins) * UNIT}
          fill="var(--band)"
        />
      ))}
      {placeNames && <PlaceNames layout={layout} above={begins} house={house} />}
      {layout.plumbs.map((plumb) => (
        <PlumbLine key={plumb.line} plumb={plumb} page={page} />
      ))}
      {writings.slice(0, shown).map((writing, index) => (
        <StepMarks
          // biome-ignore lint/suspicious/noArrayIndexKey: the steps of a working never change their order
          key={index}
          writing={writing}
          fresh={!still && index === shown - 1}
          wrong={writing === wrong}
          decimalMark={house.decimalMark}
        />
      ))}
    </svg>
  );
}

/** Squares are never drawn smaller than this; a page that is larger still is scrolled. */
export const SMALLEST_SQUARE = 26;

/** What the sheet round a page takes of its room, in pixels. */
export const AROUND = { across: 76, down: 104 };

/** The width of a page as CSS: as many pixels as wanted, but no more than the room holds, which is told in two properties. */
const widthWithin = (columns: number, rows: number, square: number): string =>
  `max(${columns * SMALLEST_SQUARE}px, min(${columns * square}px, var(--room-width, 100vw) - ${AROUND.across}px, (var(--room-height, 100vh) - ${AROUND.down}px) * ${columns / rows}))`;

const Ruling = memo(function Ruling({ page }: { readonly page: Extent }): ReactElement {
  const lines = (from: number, to: number): readonly number[] =>
    Array.from({ length: to - from + 1 }, (_, index) => (from + index) * UNIT);
  const [left, right, top, bottom] = [page.left, page.right, page.top, page.bottom].map((n) => n * UNIT);
  return (
    <path
      d={[
        ...lines(page.left, page.right).map((x) => `M${x} ${top}V${bottom}`),
        ...lines(page.top, page.bottom).map((y) => `M${left} ${y}H${right}`),
      ].join("")}
      fill="none"
      vectorEffect="non-scaling-stroke"
      className="stroke-squares"
      strokeWidth={1}
    />
  );
});

const PlumbLine = memo(function PlumbLine({
  plumb,
  page,
}: {
  readonly plumb: Plumb;
  readonly page: Extent;
}): ReactElement {
  const x = plumb.line * UNIT;
  const top = plumb.from === "top" ? (page.top + 0.2) * UNIT : plumb.from * UNIT;
  const bob = (page.bottom - 0.5) * UNIT;
  return (
    <g className="fill-plumb stroke-plumb">
      <line x1={x} y1={top} x2={x} y2={bob} strokeWidth={4} />
      <path d={`M${x - 14} ${bob - 6}H${x + 14}L${x} ${bob + 44}Z`} strokeWidth={0} />
    </g>
  );
});

/** The row in which the columns begin: where a plumb line begins further down, they do too. */
function columnsBegin({ plumbs: [plumb] }: PaperLayout, page: PageOfSquares): number {
  return plumb === undefined || plumb.from === "top" ? page.written.top : plumb.from;
}

/** The names of the places, slanted over their columns, above the topmost row that is written on. */
const PlaceNames = memo(function PlaceNames({
  layout,
  above,
  house,
}: {
  readonly layout: PaperLayout;
  readonly above: number;
  readonly house: HouseRules;
}): ReactElement {
  return (
    <g className="fill-soft">
      {layout.columns.map((column) => {
        const { col } = column;
        const x = (col + 0.42) * UNIT;
        const y = (above - 0.12) * UNIT;
        return (
          <text key={col} x={x} y={y} fontSize={25} transform={`rotate(-52 ${x} ${y})`}>
            {placesName(column.place, house)}
          </text>
        );
      })}
    </g>
  );
});
