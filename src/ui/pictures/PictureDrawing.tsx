import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { countedIn, type Decimal, ONES, writeDecimal } from "@/core/number";
import type { Picture, Pieces } from "@/core/pictures";
import { pictureWords } from "@/core/wording";

/** The side of a whole, in units of the drawing: ten of them in a row still fit where tens are shown. */
const WHOLE = 70;
const WHOLE_AMONG_TENS = 25;
const GAP = 6;
const WIDTH = 264;

const PIECE = "fill-shade stroke-ink";

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
    case "rectangle":
      return <RectangleDrawing picture={picture} house={house} />;
  }
}

/** A group of pieces as squares to draw: its place in the picture, and how far it reaches. */
interface Placed {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** How large one piece is drawn, to scale: a ten is ten wholes in a row, a strip a tenth of a whole, a small square a tenth of a strip. */
function sizeOf(place: number, whole: number): { readonly width: number; readonly height: number } {
  if (place > ONES) return { width: whole * 10, height: whole };
  if (place === ONES) return { width: whole, height: whole };
  return { width: whole / 10, height: place === -1 ? whole : whole / 10 };
}

/** Lays groups out in lines, a gap between two pieces and a wider one between two groups. */
function laidOut(
  groups: readonly Pieces[],
  whole: number,
  top: number,
): { readonly placed: readonly (Placed & Pieces)[]; readonly bottom: number } {
  const placed: (Placed & Pieces)[] = [];
  let [x, y, tallest] = [2, top, 0];
  for (const group of groups) {
    const { width, height } = sizeOf(group.place, whole);
    if (x > 2) x += GAP * 2;
    for (let piece = 0; piece < group.count; piece++) {
      if (x > 2 && x + width > WIDTH) {
        x = 2;
        y += tallest + GAP;
        tallest = 0;
      }
      placed.push({ ...group, x, y, width, height });
      x += width + 2;
      tallest = Math.max(tallest, height);
    }
  }
  return { placed, bottom: y + tallest };
}

function PiecesDrawing({
  picture,
  house,
}: {
  readonly picture: Extract<Picture, { kind: "pieces" }>;
  readonly house: HouseRules;
}): ReactElement {
  const tens = [...picture.groups, ...picture.becomes].some(({ place }) => place > ONES);
  const whole = tens ? WHOLE_AMONG_TENS : WHOLE;
  const before = laidOut(picture.groups, whole, 2);
  const after = laidOut(picture.becomes, whole, before.bottom + 26);
  const regrouped = picture.becomes.length > 0;
  const height = regrouped ? after.bottom + 4 : before.bottom + 4;
  const middle = before.bottom + 13;
  return (
    <svg
      role="img"
      aria-label={pictureWords(picture, house)}
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="w-full"
    >
      {before.placed.map((piece, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: pieces are alike and never change their order
        <rect key={index} {...boxOf(piece)} className={PIECE} strokeWidth={1} />
      ))}
      {regrouped && (
        <path
          d={`M20 ${middle - 7}v12m-5 -5l5 5l5 -5`}
          className="fill-none stroke-pencil"
          strokeWidth={2}
          strokeLinecap="round"
        />
      )}
      {after.placed.map((piece, index) => (
        <g
          // biome-ignore lint/suspicious/noArrayIndexKey: pieces are alike and never change their order
          key={index}
        >
          <rect {...boxOf(piece)} className="fill-shade stroke-pencil" strokeWidth={1.4} />
          <path d={cutsOf(piece, picture)} className="fill-none stroke-pencil" strokeWidth={0.5} />
        </g>
      ))}
    </svg>
  );
}

const boxOf = ({ x, y, width, height }: Placed) => ({ x, y, width, height });

/** A larger piece shows the ten smaller ones it is made of. */
function cutsOf(
  { x, y, width, height, place }: Placed & Pieces,
  { groups }: Extract<Picture, { kind: "pieces" }>,
): string {
  if (!groups.some((group) => group.place === place - 1)) return "";
  const cuts = [1, 2, 3, 4, 5, 6, 7, 8, 9];
  return place === -1
    ? cuts.map((cut) => `M${x} ${y + (cut * height) / 10}h${width}`).join("")
    : cuts.map((cut) => `M${x + (cut * width) / 10} ${y}v${height}`).join("");
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
            className="fill-ink font-board text-[13px]"
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
            className="fill-pencil font-board text-[13px] font-bold"
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
            className="fill-soft font-board text-[12px]"
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
            className="fill-soft font-board text-[12px]"
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
