import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { countedIn, type Decimal, writeDecimal } from "@/core/number";
import type { Picture } from "@/core/pictures";
import { pictureWords } from "@/core/wording";
import { PartsDrawing } from "./PartsDrawing";
import { PiecesDrawing } from "./PiecesDrawing";
import { BondDrawing, SidesDrawing, TillDrawing } from "./ThingsDrawing";

/** The width of a drawing, in its own units. */
const WIDTH = 264;

/** A picture beside a step, to scale. Loaded when a step first has one. */
export default function PictureDrawing({
  picture,
  house,
}: {
  readonly picture: Picture;
  readonly house: HouseRules;
}): ReactElement {
  switch (picture.kind) {
    case "pieces":
      return <PiecesDrawing picture={picture} house={house} />;
    case "line":
      return <LineDrawing picture={picture} house={house} />;
    case "parts":
      return <PartsDrawing picture={picture} house={house} />;
    case "till":
      return <TillDrawing picture={picture} house={house} />;
    case "bond":
      return <BondDrawing picture={picture} house={house} />;
    case "sides":
      return <SidesDrawing picture={picture} house={house} />;
    case "rectangle":
      return <RectangleDrawing picture={picture} house={house} />;
  }
}

/** How far along a stretch a number lies, from 0 to 1: to scale, exact until it is drawn. */
function share(number: Decimal, from: Decimal, to: Decimal): number {
  const places = Math.max(number.fraction.length, from.fraction.length, to.fraction.length);
  const [at, start, end] = [number, from, to].map((numeral) => countedIn(numeral, places));
  if (at === undefined || start === undefined || end === undefined || end === start) return 0;
  return Number(((at - start) * 10_000n) / (end - start)) / 10_000;
}

function LineDrawing({
  picture,
  house,
}: {
  readonly picture: Extract<Picture, { kind: "line" }>;
  readonly house: HouseRules;
}): ReactElement {
  const { from, to, stops, marked } = picture;
  const [left, right, axis] = [18, WIDTH - 18, 62];
  const at = (number: Decimal): number => left + share(number, from, to) * (right - left);
  const hops = stops.slice(1).map((stop, index) => [at(stops[index] ?? stop), at(stop)] as const);
  return (
    <svg role="img" aria-label={pictureWords(picture, house)} viewBox={`0 0 ${WIDTH} 92`} className="w-full">
      <path d={`M6 ${axis}H${WIDTH - 6}`} className="fill-none stroke-ink" strokeWidth={1.5} />
      {[from, to].map((end, index) => (
        <g key={index === 0 ? "from" : "to"}>
          <path d={`M${at(end)} ${axis - 6}v12`} className="stroke-ink" strokeWidth={1.5} />
          <text
            x={at(end)}
            y={axis + 22}
            textAnchor={index === 0 ? "start" : "end"}
            dx={index === 0 ? -12 : 12}
            className="fill-ink font-board text-small"
          >
            {writeDecimal(end, house)}
          </text>
        </g>
      ))}
      {hops.map(([start, end], index) => (
        <path
          key={end}
          d={`M${start} ${axis}Q${(start + end) / 2} ${axis - 16 - Math.min(40, (end - start) * 0.6)} ${end} ${axis}`}
          className={index === hops.length - 1 ? "fill-none stroke-pencil" : "fill-none stroke-ink"}
          strokeWidth={index === hops.length - 1 ? 2.5 : 1.5}
        />
      ))}
      {marked && (
        <g>
          <path d={`M${(left + right) / 2} ${axis - 5}v10`} className="stroke-soft" strokeWidth={1} />
          <path d={`M${at(marked)} ${axis - 4}l-5 -12h10Z`} className="fill-pencil" />
          <text
            x={at(marked)}
            y={axis - 22}
            textAnchor="middle"
            className="fill-pencil font-board text-small font-bold"
          >
            {writeDecimal(marked, house)}
          </text>
        </g>
      )}
    </svg>
  );
}

function RectangleDrawing({
  picture,
  house,
}: {
  readonly picture: Extract<Picture, { kind: "rectangle" }>;
  readonly house: HouseRules;
}): ReactElement {
  const [width, height] = [220, 130];
  const across = stretches(picture.across, width);
  const down = stretches(picture.down, height);
  const { part } = picture;
  return (
    <svg
      role="img"
      aria-label={pictureWords(picture, house)}
      viewBox={`-32 -20 ${WIDTH + 4} ${height + 28}`}
      className="w-full"
    >
      {down.map((row) =>
        across.map((col) => (
          <rect
            key={`${row.at} ${col.at}`}
            x={col.at}
            y={row.at}
            width={col.size}
            height={row.size}
            strokeWidth={1.2}
            data-here={part !== undefined && part.across === col.numeral && part.down === row.numeral}
            className="fill-page stroke-ink data-[here=true]:fill-shade data-[here=true]:stroke-pencil"
          />
        )),
      )}
      {across.map(({ at, size, numeral }) =>
        size > 16 ? (
          <text
            key={at}
            x={at + size / 2}
            y={-6}
            textAnchor="middle"
            className="fill-soft font-board text-small"
          >
            {writeDecimal(numeral, house)}
          </text>
        ) : null,
      )}
      {down.map(({ at, size, numeral }) =>
        size > 10 ? (
          <text
            key={at}
            x={-5}
            y={at + size / 2 + 4}
            textAnchor="end"
            className="fill-soft font-board text-small"
          >
            {writeDecimal(numeral, house)}
          </text>
        ) : null,
      )}
    </svg>
  );
}

/** The parts of a side one after the other, to scale, none so thin that it can't be seen. */
function stretches(
  parts: readonly Decimal[],
  length: number,
): readonly { readonly at: number; readonly size: number; readonly numeral: Decimal }[] {
  const places = Math.max(...parts.map(({ fraction }) => fraction.length));
  const counts = parts.map((part) => Number(countedIn(part, places)));
  const total = counts.reduce((sum, count) => sum + count, 0) || 1;
  const sizes = counts.map((count) => Math.max(1.5, (count / total) * length));
  return parts.map((numeral, index) => ({
    numeral,
    size: sizes[index] ?? 0,
    at: sizes.slice(0, index).reduce((sum, size) => sum + size, 0),
  }));
}
