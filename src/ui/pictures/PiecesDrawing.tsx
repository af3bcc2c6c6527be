import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { ONES } from "@/core/number";
import type { Picture, Pieces } from "@/core/pictures";
import { pictureWords } from "@/core/wording";

/** The side of a whole, in units of the drawing: ten of them in a row still fit where tens are shown. */
const WHOLE = 70;
const WHOLE_AMONG_TENS = 25;
const GAP = 6;
const WIDTH = 264;

const PIECE = "fill-shade stroke-ink";

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

/** Wholes, strips and small squares, and under an arrow what they become. */
export function PiecesDrawing({
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
