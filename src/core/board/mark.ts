/**
 * What a hand writes on squared paper. Marks know squares and nothing of arithmetic.
 *
 * Columns count from the plumb line: the square just right of it is 0, the one left of it −1.
 * Rows count downwards from the first written number, which stands in row 0. A *line* is a grid
 * line: line 0 is the plumb line, the left edge of column 0. A rule runs along the top of its row.
 */
export type Mark =
  /** A digit or a sign that fills its square; a `filler` zero is drawn hollow. */
  | {
      readonly kind: "glyph";
      readonly col: number;
      readonly row: number;
      readonly text: string;
      readonly look: "written" | "filler";
    }
  /** A small number: a carry, what a struck digit became, a ten set before a digit. */
  | {
      readonly kind: "small";
      readonly col: number;
      readonly row: number;
      readonly seat: Seat;
      readonly text: string;
    }
  /** A stroke through what stands in a square, in one seat of it, or on the line at its left edge. */
  | {
      readonly kind: "strike";
      readonly col: number;
      readonly row: number;
      readonly target: "square" | Seat | "point";
    }
  /** A point on a grid line; a `hidden` one, which is understood and not written, is drawn hollow. */
  | {
      readonly kind: "point";
      readonly line: number;
      readonly row: number;
      readonly look: "written" | "hidden";
    }
  /** A horizontal rule along the top of a row, from one grid line to another; two strokes under an answer. */
  | {
      readonly kind: "rule";
      readonly row: number;
      readonly from: number;
      readonly to: number;
      readonly strokes: 1 | 2;
    };

/** Where in its square a small number sits: its lower or upper half, or the corner before a digit that stands there too. */
export type Seat = "low" | "high" | "corner";
