/**
 * What a hand writes on squared paper. Marks know squares and nothing of arithmetic.
 *
 * Columns count from the plumb line: the square just right of it is 0, the one left of it −1. Where
 * no plumb line hangs, they count from the right edge of the numbers. Rows count downwards from the
 * first written number, which stands in row 0. A *line* is a grid line: line 0 is the plumb line,
 * the left edge of column 0. A rule runs along the top of its row.
 */
export type Mark = Written | Ruled | Pointed | Laid;

/** Marks that fill a square, or sit in it. */
type Written =
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
      readonly position: SmallPosition;
      readonly text: string;
    }
  /** A stroke through what stands in a square, in one position of it, or on the line at its left edge. */
  | {
      readonly kind: "strike";
      readonly col: number;
      readonly row: number;
      readonly target: "square" | SmallPosition | "point";
    }
  /** A ring drawn round what stands in a square. */
  | { readonly kind: "ring"; readonly col: number; readonly row: number }
  /** What shows that digits come again for ever: a bar over them, or dots over the first and the last. */
  | {
      readonly kind: "recurring";
      readonly row: number;
      readonly from: number;
      readonly to: number;
      readonly look: "bar" | "dots";
    };

/** Lines along and across the squares. */
type Ruled =
  /** A horizontal rule along the top of a row, from one grid line to another; two strokes under an answer. */
  | {
      readonly kind: "rule";
      readonly row: number;
      readonly from: number;
      readonly to: number;
      readonly strokes: 1 | 2;
    }
  /** A stroke down a grid line, from the top of one row to the top of another; curved before a dividend. */
  | {
      readonly kind: "upright";
      readonly line: number;
      readonly row: number;
      readonly to: number;
      readonly look: "straight" | "curved";
    }
  /** A frame round a block of squares. */
  | {
      readonly kind: "frame";
      readonly col: number;
      readonly row: number;
      readonly width: number;
      readonly height: number;
    }
  /** A thin line from the top right to the bottom left corner of a block of so many squares each way. */
  | { readonly kind: "diagonal"; readonly col: number; readonly row: number; readonly size: number };

/** Points, and the ways that points and numbers go. */
type Pointed =
  /** A point on a grid line; a `hidden` one, which is understood and not written, is drawn hollow. */
  | {
      readonly kind: "point";
      readonly line: number;
      readonly row: number;
      readonly look: "written" | "hidden";
    }
  /** A point on the top edge of a square, for numbers that are written downwards. */
  | { readonly kind: "spot"; readonly col: number; readonly row: number; readonly look: "written" | "hidden" }
  /** The hop of a point along the foot of a row, from one grid line to the next. */
  | { readonly kind: "hop"; readonly row: number; readonly from: number; readonly to: number }
  /** A number at a grid line, as under a number line; a `ringed` one is where the line ends. */
  | {
      readonly kind: "label";
      readonly line: number;
      readonly row: number;
      readonly text: string;
      readonly ringed: boolean;
    }
  /** A jump over the top edge of a row, from one grid line to another, rising so many squares at its middle. */
  | {
      readonly kind: "jump";
      readonly row: number;
      readonly from: number;
      readonly to: number;
      readonly rise: number;
    }
  /** A leap from one number down to the next, drawn right of a grid line between the middles of two rows. */
  | { readonly kind: "leap"; readonly line: number; readonly row: number; readonly to: number }
  /** The way a point comes in, from crossing to crossing of the grid. */
  | {
      readonly kind: "guide";
      readonly row: number;
      readonly way: readonly { readonly line: number; readonly row: number }[];
    };

/** Things that are laid on the squares and moved over them, and shapes that are cut and shaded. */
type Laid =
  /** A counter that is worth one above or below zero, a coin or note by its name, a piece of so many ones. */
  | {
      readonly kind: "token";
      readonly col: number;
      readonly row: number;
      readonly look: TokenLook;
      readonly text: string;
    }
  /** A whole that is cut into so many columns and rows of equal parts; of a circle they are sectors, in one row. Shaded parts count from 0, row by row. */
  | {
      readonly kind: "shape";
      readonly look: ShapeLook;
      readonly col: number;
      readonly row: number;
      readonly width: number;
      readonly height: number;
      readonly across: number;
      readonly down: number;
      readonly shaded: readonly number[];
    };

export type TokenLook = "plus" | "minus" | "coin" | "piece";
export type ShapeLook = "bar" | "circle" | "square";

/** Where in its square a small number sits: its lower or upper half, the corner before a digit that stands there too, or either side of a diagonal. */
export type SmallPosition = "low" | "high" | "corner" | "tens" | "ones";
