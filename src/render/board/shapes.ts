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
  switch (mark.kind) {
    case "glyph":
      return [
        {
          kind: "text",
          x: mark.col + 0.5,
          y: mark.row + 0.5,
          size: DIGIT,
          text: mark.text,
          hollow: mark.look === "filler",
        },
      ];
    case "small": {
      const { x, y, size } = POSITIONS[mark.position];
      // Two figures in a corner are written smaller, so that they keep clear of the digit beside them.
      const narrow = mark.position === "corner" && mark.text.length > 1;
      return [
        {
          kind: "text",
          x: mark.col + (narrow ? 0.14 : x),
          y: mark.row + y,
          size: size * (narrow ? 0.66 : 1),
          text: mark.text,
          hollow: false,
        },
      ];
    }
    case "strike":
      return [strokeThrough(mark)];
    case "point":
      return [
        {
          kind: "dot",
          x: mark.line,
          y: mark.row + POINT_HEIGHT,
          tail: decimalMark === "comma",
          hollow: mark.look === "hidden",
        },
      ];
    case "spot":
      return [
        {
          kind: "dot",
          x: mark.col + 0.5,
          y: mark.row,
          tail: decimalMark === "comma",
          hollow: mark.look === "hidden",
        },
      ];
    case "rule":
      return Array.from({ length: mark.strokes }, (_, stroke) =>
        straight(mark.from, mark.row + stroke * 0.09, mark.to, mark.row + stroke * 0.09, PEN),
      );
    case "upright":
      return mark.look === "straight"
        ? [straight(mark.line, mark.row, mark.line, mark.to, PEN)]
        : [
            {
              kind: "curve",
              x1: mark.line - 0.1,
              y1: mark.to,
              x2: mark.line,
              y2: mark.row,
              towardsX: mark.line + 0.14,
              towardsY: (mark.row + mark.to) / 2,
              weight: PEN,
            },
          ];
    case "frame": {
      const [left, right] = [mark.col + FRAME_INSET, mark.col + mark.width - FRAME_INSET];
      const [top, bottom] = [mark.row + FRAME_INSET, mark.row + mark.height - FRAME_INSET];
      return [
        straight(left, top, right, top, PEN),
        straight(right, top, right, bottom, PEN),
        straight(right, bottom, left, bottom, PEN),
        straight(left, bottom, left, top, PEN),
      ];
    }
    case "diagonal":
      return [straight(mark.col + mark.size, mark.row, mark.col, mark.row + mark.size, THIN)];
    case "hop":
      return [
        {
          kind: "curve",
          x1: mark.from,
          y1: mark.row + 0.86,
          x2: mark.to,
          y2: mark.row + 0.86,
          towardsX: (mark.from + mark.to) / 2,
          towardsY: mark.row + 1.16,
          weight: HAIR,
        },
      ];
    case "leap":
      return [
        {
          kind: "curve",
          x1: mark.line + 0.2,
          y1: mark.row + 0.5,
          x2: mark.line + 0.2,
          y2: mark.to + 0.5,
          towardsX: mark.line + 1.2,
          towardsY: (mark.row + mark.to) / 2 + 0.5,
          weight: HAIR,
        },
      ];
    case "guide":
      return mark.way.slice(1).map((to, index) => {
        const from = mark.way[index] ?? to;
        return { ...straight(from.line, from.row, to.line, to.row, HAIR), dashed: true };
      });
    case "label": {
      const size = mark.text.length > 2 ? LABEL * 0.82 : LABEL;
      const words: Shape = {
        kind: "text",
        x: mark.line,
        y: mark.row + 0.5,
        size,
        text: mark.text,
        hollow: false,
      };
      return mark.ringed
        ? [words, { kind: "ring", x: mark.line, y: mark.row + 0.5, radius: 0.46, weight: HAIR }]
        : [words];
    }
    case "jump":
      return [
        {
          kind: "curve",
          x1: mark.from,
          y1: mark.row - 0.08,
          x2: mark.to,
          y2: mark.row - 0.08,
          towardsX: (mark.from + mark.to) / 2,
          towardsY: mark.row - 0.08 - 2 * mark.rise,
          weight: HAIR,
        },
        ...arrowHead(mark),
      ];
    case "token":
      return tokenShapes(mark);
    case "shape":
      return cutShapes(mark);
    case "ring":
      return [{ kind: "ring", x: mark.col + 0.5, y: mark.row + 0.5, radius: 0.44, weight: HAIR }];
    case "recurring":
      return mark.look === "bar"
        ? [straight(mark.from + 0.15, mark.row + 0.12, mark.to + 0.85, mark.row + 0.12, HAIR)]
        : [...new Set([mark.from, mark.to])].map((col) => ({
            kind: "dot",
            x: col + 0.5,
            y: mark.row + 0.13,
            tail: false,
            hollow: false,
          }));
  }
}

/** Two short strokes where a jump lands, so that its way is seen. */
function arrowHead({ from, to, row, rise }: Extract<Mark, { kind: "jump" }>): readonly Shape[] {
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

function strokeThrough(mark: Extract<Mark, { kind: "strike" }>): Shape {
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
