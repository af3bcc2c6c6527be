import type { Mark, SmallPosition } from "@/core/board";
import type { Notation } from "@/core/number";
import { cutShapes, tokenShapes } from "./laidShapes";
import type { Shape } from "./shape";

const DIGIT = 0.74;
/** A number at a grid line is written smaller, so that its neighbours have room. */
const LABEL = 0.5;
const HAIR = 0.045;
const PEN = 0.055;
const THIN = 0.025;
/** A frame keeps a little inside its squares, so that two side by side can be told apart. */
const FRAME_INSET = 0.06;

/** The middle of a small number in its square, and its size there. */
const POSITIONS: Readonly<
  Record<SmallPosition, { readonly x: number; readonly y: number; readonly size: number }>
> = {
  high: { x: 0.5, y: 0.27, size: 0.4 },
  low: { x: 0.5, y: 0.74, size: 0.4 },
  corner: { x: 0.16, y: 0.26, size: 0.34 },
  tens: { x: 0.29, y: 0.31, size: 0.42 },
  ones: { x: 0.71, y: 0.7, size: 0.42 },
};

/** Where a point sits between two squares: near the foot of the row, as it is written. */
const POINT_HEIGHT = 0.72;

/** The shapes that a mark is drawn with, on any medium that can draw text and lines; a point as the notation writes it. */
export function shapesOf(mark: Mark, decimalMark: Notation["decimalMark"]): readonly Shape[] {
  const tail = decimalMark === "comma";
  switch (mark.kind) {
    case "glyph":
      return [
        { ...textAt(mark.col + 0.5, mark.row + 0.5, DIGIT, mark.text), hollow: mark.look === "filler" },
      ];
    case "small":
      return [smallNumber(mark)];
    case "strike":
      return [strokeThrough(mark)];
    case "point":
      return [dotAt(mark.line, mark.row + POINT_HEIGHT, tail, mark.look === "hidden")];
    case "spot":
      return [dotAt(mark.col + 0.5, mark.row, tail, mark.look === "hidden")];
    case "rule":
      return Array.from({ length: mark.strokes }, (_, stroke) =>
        straight(mark.from, mark.row + stroke * 0.09, mark.to, mark.row + stroke * 0.09, PEN),
      );
    case "upright":
      return mark.look === "straight"
        ? [straight(mark.line, mark.row, mark.line, mark.to, PEN)]
        : [
            curve(
              [mark.line - 0.1, mark.to],
              [mark.line, mark.row],
              [mark.line + 0.14, (mark.row + mark.to) / 2],
              PEN,
            ),
          ];
    case "frame":
      return frame(mark);
    case "diagonal":
      return [straight(mark.col + mark.size, mark.row, mark.col, mark.row + mark.size, THIN)];
    case "hop":
      return [
        curve(
          [mark.from, mark.row + 0.86],
          [mark.to, mark.row + 0.86],
          [(mark.from + mark.to) / 2, mark.row + 1.16],
        ),
      ];
    case "leap":
      return [
        curve(
          [mark.line + 0.2, mark.row + 0.5],
          [mark.line + 0.2, mark.to + 0.5],
          [mark.line + 1.2, (mark.row + mark.to) / 2 + 0.5],
        ),
      ];
    case "guide":
      return mark.way.slice(1).map((to, index) => {
        const from = mark.way[index] ?? to;
        return { ...straight(from.line, from.row, to.line, to.row, HAIR), dashed: true };
      });
    case "label": {
      const words = textAt(mark.line, mark.row + 0.5, mark.text.length > 2 ? LABEL * 0.82 : LABEL, mark.text);
      return mark.ringed ? [words, ring(mark.line, mark.row + 0.5, 0.46)] : [words];
    }
    case "jump": {
      const [foot, middle] = [mark.row - 0.08, (mark.from + mark.to) / 2];
      return [curve([mark.from, foot], [mark.to, foot], [middle, foot - 2 * mark.rise]), ...arrowHead(mark)];
    }
    case "token":
      return tokenShapes(mark);
    case "shape":
      return cutShapes(mark);
    case "ring":
      return [ring(mark.col + 0.5, mark.row + 0.5, 0.44)];
    case "recurring":
      return mark.look === "bar"
        ? [straight(mark.from + 0.15, mark.row + 0.12, mark.to + 0.85, mark.row + 0.12, HAIR)]
        : [...new Set([mark.from, mark.to])].map((col) => dotAt(col + 0.5, mark.row + 0.13, false, false));
  }
}

type MarkOf<Kind extends Mark["kind"]> = Extract<Mark, { kind: Kind }>;
type Place = readonly [x: number, y: number];

const textAt = (x: number, y: number, size: number, text: string) =>
  ({ kind: "text", x, y, size, text, hollow: false }) as const;

const dotAt = (x: number, y: number, tail: boolean, hollow: boolean) =>
  ({ kind: "dot", x, y, tail, hollow }) as const;

const ring = (x: number, y: number, radius: number) =>
  ({ kind: "ring", x, y, radius, weight: HAIR }) as const;

const curve = ([x1, y1]: Place, [x2, y2]: Place, [towardsX, towardsY]: Place, weight = HAIR) =>
  ({ kind: "curve", x1, y1, x2, y2, towardsX, towardsY, weight }) as const;

function smallNumber({ col, row, position, text }: MarkOf<"small">): Shape {
  const { x, y, size } = POSITIONS[position];
  // Two figures in a corner are written smaller, so that they keep clear of the digit beside them.
  const narrow = position === "corner" && text.length > 1;
  return textAt(col + (narrow ? 0.14 : x), row + y, size * (narrow ? 0.66 : 1), text);
}

function frame({ col, row, width, height }: MarkOf<"frame">): readonly Shape[] {
  const [left, right] = [col + FRAME_INSET, col + width - FRAME_INSET];
  const [top, bottom] = [row + FRAME_INSET, row + height - FRAME_INSET];
  return [
    straight(left, top, right, top, PEN),
    straight(right, top, right, bottom, PEN),
    straight(right, bottom, left, bottom, PEN),
    straight(left, bottom, left, top, PEN),
  ];
}

/** Two short strokes where a jump lands, so that its way is seen. */
function arrowHead({ from, to, row, rise }: MarkOf<"jump">): readonly Shape[] {
  // The jump comes in along the line from its turning point.
  const [dx, dy] = [(from + to) / 2 - to, -2 * rise];
  const length = Math.hypot(dx, dy);
  const foot = row - 0.08;
  return [0.45, -0.45].map((turn) => {
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
    const [x, y] = [(dx * cos - dy * sin) / length, (dx * sin + dy * cos) / length];
    return straight(to, foot, to + x * 0.3, foot + y * 0.3, HAIR);
  });
}

const straight = (x1: number, y1: number, x2: number, y2: number, weight: number) =>
  ({ kind: "line", x1, y1, x2, y2, weight, dashed: false }) as const;

function strokeThrough(mark: MarkOf<"strike">): Shape {
  const slant = (x: number, y: number, reach: number): Shape => ({
    kind: "line",
    x1: x - reach * 0.8,
    y1: y + reach,
    x2: x + reach * 0.8,
    y2: y - reach,
    weight: HAIR,
    dashed: false,
  });
  switch (mark.target) {
    case "square":
      return slant(mark.col + 0.5, mark.row + 0.5, 0.36);
    case "low":
    case "high":
    case "corner":
    case "tens":
    case "ones":
      return slant(mark.col + POSITIONS[mark.target].x, mark.row + POSITIONS[mark.target].y, 0.2);
    case "point":
      return slant(mark.col, mark.row + POINT_HEIGHT, 0.2);
  }
}
