import type { Mark, Seat } from "@/core/board";
import type { Notation } from "@/core/number";
import type { Shape } from "./shape";

const DIGIT = 0.74;
const HAIR = 0.045;
const PEN = 0.055;

/** The middle of a small number in its square, and its size there. */
const SEATS: Readonly<Record<Seat, { readonly x: number; readonly y: number; readonly size: number }>> = {
  high: { x: 0.5, y: 0.27, size: 0.4 },
  low: { x: 0.5, y: 0.74, size: 0.4 },
  corner: { x: 0.16, y: 0.26, size: 0.34 },
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
    case "small":
      return [
        {
          kind: "text",
          x: mark.col + SEATS[mark.seat].x,
          y: mark.row + SEATS[mark.seat].y,
          size: SEATS[mark.seat].size,
          text: mark.text,
          hollow: false,
        },
      ];
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
    case "rule":
      return Array.from({ length: mark.strokes }, (_, stroke) => ({
        kind: "line",
        x1: mark.from,
        y1: mark.row + stroke * 0.09,
        x2: mark.to,
        y2: mark.row + stroke * 0.09,
        weight: PEN,
      }));
  }
}

function strokeThrough(mark: Extract<Mark, { kind: "strike" }>): Shape {
  const slant = (x: number, y: number, reach: number): Shape => ({
    kind: "line",
    x1: x - reach * 0.8,
    y1: y + reach,
    x2: x + reach * 0.8,
    y2: y - reach,
    weight: HAIR,
  });
  switch (mark.target) {
    case "square":
      return slant(mark.col + 0.5, mark.row + 0.5, 0.36);
    case "low":
    case "high":
    case "corner":
      return slant(mark.col + SEATS[mark.target].x, mark.row + SEATS[mark.target].y, 0.2);
    case "point":
      return slant(mark.col, mark.row + POINT_HEIGHT, 0.2);
  }
}
