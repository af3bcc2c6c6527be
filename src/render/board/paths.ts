import type { Shape } from "./shape";

/** A shape that is drawn as a path: everything but text. */
export type Stroke = Exclude<Shape, { kind: "text" }>;

/** Whether a path is filled: only points are. */
export const isFilled = (shape: Stroke): boolean => shape.kind === "dot";

/** Radius of a point, in squares. */
const DOT = 0.09;

/** The path of a shape as SVG and canvas both read it, so many units to a square. */
export function pathOf(shape: Stroke, unit: number): string {
  const at = (squares: number): string => String(Math.round(squares * unit * 100) / 100);
  const point = (x: number, y: number): string => `${at(x)} ${at(y)}`;
  switch (shape.kind) {
    case "line":
      return `M${point(shape.x1, shape.y1)}L${point(shape.x2, shape.y2)}`;
    case "curve":
      return `M${point(shape.x1, shape.y1)}Q${point(shape.towardsX, shape.towardsY)} ${point(shape.x2, shape.y2)}`;
    case "ring": {
      const { x, y, radius } = shape;
      const half = `${at(radius)} ${at(radius)} 0 1 0`;
      return `M${point(x - radius, y)}a${half} ${at(2 * radius)} 0a${half} ${at(-2 * radius)} 0Z`;
    }
    case "dot": {
      const start = `M${point(shape.x - DOT, shape.y)}a${at(DOT)} ${at(DOT)} 0 1`;
      // The comma is the same dot, drawn on into a short tail down to the left.
      return shape.tail
        ? `${start} 1 ${at(0.18)} 0c0 ${at(0.12)} ${at(-0.06)} ${at(0.2)} ${at(-0.16)} ${at(0.25)}c${at(0.03)} ${at(-0.06)} ${at(0.05)} ${at(-0.11)} ${at(0.04)} ${at(-0.17)}a${at(DOT)} ${at(DOT)} 0 0 1 ${at(-0.06)} ${at(-0.08)}Z`
        : `${start} 0 ${at(0.18)} 0a${at(DOT)} ${at(DOT)} 0 1 0 ${at(-0.18)} 0Z`;
    }
  }
}
