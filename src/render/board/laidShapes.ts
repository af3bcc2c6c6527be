import type { Mark } from "@/core/board";
import type { Shape } from "./shape";

type Token = Extract<Mark, { kind: "token" }>;
type Cut = Extract<Mark, { kind: "shape" }>;
interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

const PEN = 0.055;
const THIN = 0.03;
const INSET = 0.06;
/** How far apart the strokes of shading are. */
const HATCH = 0.16;

const line = (x1: number, y1: number, x2: number, y2: number, weight = PEN): Shape => ({
  kind: "line",
  x1,
  y1,
  x2,
  y2,
  weight,
  dashed: false,
});

const outline = ({ left, top, right, bottom }: Box): readonly Shape[] => [
  line(left, top, right, top),
  line(right, top, right, bottom),
  line(right, bottom, left, bottom),
  line(left, bottom, left, top),
];

/** Strokes across a box from its lower left to its upper right. */
function hatched({ left, top, right, bottom }: Box): readonly Shape[] {
  const [width, height] = [right - left, bottom - top];
  const count = Math.floor((width + height) / HATCH);
  return Array.from({ length: count }, (_, nth): Shape => {
    const far = (nth + 0.5) * HATCH;
    const [up, along] = [Math.min(far, height), Math.min(far, width)];
    return line(left + far - up, top + up, left + along, top + far - along, THIN);
  });
}

/** The sizes of pieces of base ten in their square, by what they are worth: a whole, a strip, a small square. */
const PIECES: Readonly<Record<string, { readonly width: number; readonly height: number }>> = {
  "1": { width: 0.84, height: 0.84 },
  "0.1": { width: 0.22, height: 0.84 },
  "0.01": { width: 0.24, height: 0.24 },
};

/** A counter, a coin or a piece, drawn in its square. */
export function tokenShapes({ col, row, look, text }: Token): readonly Shape[] {
  const [x, y] = [col + 0.5, row + 0.5];
  const piece = look === "piece" ? PIECES[text] : undefined;
  if (piece !== undefined) {
    const { width, height } = piece;
    const box = { left: x - width / 2, right: x + width / 2, top: y - height / 2, bottom: y + height / 2 };
    return [...outline(box), ...hatched(box)];
  }
  const size = text.length > 2 ? 0.28 : text.length > 1 ? 0.36 : 0.52;
  return [
    { kind: "ring", x, y, radius: 0.42, weight: look === "minus" ? 0.09 : 0.045 },
    { kind: "text", x, y, size, text, hollow: false },
  ];
}

/** A whole with its cuts, the shaded parts hatched. */
export function cutShapes(shape: Cut): readonly Shape[] {
  return shape.look === "circle" ? circle(shape) : rectangle(shape);
}

function rectangle({ col, row, width, height, across, down, shaded }: Cut): readonly Shape[] {
  const box = {
    left: col + INSET,
    right: col + width - INSET,
    top: row + INSET,
    bottom: row + height - INSET,
  };
  const x = (nth: number): number => box.left + ((box.right - box.left) * nth) / across;
  const y = (nth: number): number => box.top + ((box.bottom - box.top) * nth) / down;
  const cuts = (count: number): readonly number[] => Array.from({ length: count - 1 }, (_, nth) => nth + 1);
  return [
    ...outline(box),
    ...cuts(across).map((nth) => line(x(nth), box.top, x(nth), box.bottom, THIN * 1.3)),
    ...cuts(down).map((nth) => line(box.left, y(nth), box.right, y(nth), THIN * 1.3)),
    ...shaded.flatMap((part) => {
      const [i, j] = [part % across, Math.floor(part / across)];
      return hatched({ left: x(i), right: x(i + 1), top: y(j), bottom: y(j + 1) });
    }),
  ];
}

function circle({ col, row, width, height, across, shaded }: Cut): readonly Shape[] {
  const [x, y, radius] = [col + width / 2, row + height / 2, Math.min(width, height) / 2 - INSET];
  const at = (turn: number, far: number): readonly [number, number] => [
    x + far * Math.sin(turn * 2 * Math.PI),
    y - far * Math.cos(turn * 2 * Math.PI),
  ];
  const spoke = (turn: number, weight: number): Shape => line(...at(turn, 0.0), ...at(turn, radius), weight);
  const spokes =
    across > 1 ? Array.from({ length: across }, (_, nth) => spoke(nth / across, THIN * 1.3)) : [];
  /** Strokes along a sector, one inside the other, each in pieces short enough to bend as the circle does. */
  const shade = (part: number): readonly Shape[] => {
    const pieces = Math.max(1, Math.ceil(8 / across));
    const rings = Array.from({ length: Math.floor(radius / HATCH) - 1 }, (_, nth) => (nth + 1) * HATCH);
    return rings.flatMap((far) =>
      Array.from({ length: pieces }, (_, nth): Shape => {
        const [from, to] = [nth, nth + 1].map((edge) => (part + edge / pieces) / across);
        const half = 1 / across / pieces / 2;
        const [x1, y1] = at(from ?? 0, far);
        const [x2, y2] = at(to ?? 0, far);
        const [towardsX, towardsY] = at((from ?? 0) + half, far / Math.cos(half * 2 * Math.PI));
        return { kind: "curve", x1, y1, x2, y2, towardsX, towardsY, weight: THIN };
      }),
    );
  };
  return [{ kind: "ring", x, y, radius, weight: PEN }, ...spokes, ...shaded.flatMap(shade)];
}
