import type { Place } from "../number";
import type { Mark } from "./mark";

/** A column of the working laid onto squares, with the place it counts, to be named above it. */
interface Column {
  readonly place: Place;
  readonly col: number;
}

/**
 * How the paper is ruled before anything is written: its columns, and the grid lines on which points
 * hang. Where points are ignored there is no plumb line; where two numbers stand side by side, two.
 */
export interface Layout {
  readonly columns: readonly Column[];
  readonly plumbs: readonly Plumb[];
}

/** A plumb line on a grid line, from the top of the sheet or from the top of a row. */
export interface Plumb {
  readonly line: number;
  readonly from: "top" | number;
}

/** Squared paper at one moment: the marks so far, those that are new, and the columns the eye should be on. */
export interface Board {
  readonly layout: Layout;
  readonly settled: readonly Mark[];
  readonly fresh: readonly Mark[];
  readonly focus: readonly number[];
}

/** Anything that adds marks: the steps of a working, or a learner's own strokes. */
export interface Writing {
  readonly marks: readonly Mark[];
  readonly focus: readonly number[];
}

/** The board after the first `count` writings (0 is blank paper); those of the last are fresh. */
export function boardAfter(layout: Layout, writings: readonly Writing[], count: number): Board {
  const last = writings[count - 1];
  return {
    layout,
    settled: writings.slice(0, Math.max(0, count - 1)).flatMap((writing) => writing.marks),
    fresh: last?.marks ?? [],
    focus: last?.focus ?? [],
  };
}

/** A block of squares: columns `left` up to but not including `right`, rows `top` up to but not including `bottom`. */
export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** The squares that some marks and a layout's columns touch. */
export function extentOf(layout: Layout, marks: readonly Mark[]): Extent {
  const blocks = [...marks.map(blockOf), ...layout.columns.map(({ col }) => square(col, 0))];
  return {
    left: Math.min(...blocks.map((block) => block.left)),
    right: Math.max(...blocks.map((block) => block.right)),
    top: Math.min(...blocks.map((block) => block.top)),
    bottom: Math.max(...blocks.map((block) => block.bottom)),
  };
}

const square = (col: number, row: number): Extent => ({
  left: col,
  right: col + 1,
  top: row,
  bottom: row + 1,
});

function blockOf(mark: Mark): Extent {
  switch (mark.kind) {
    case "glyph":
    case "small":
    case "strike":
    case "ring":
      return square(mark.col, mark.row);
    case "recurring":
      return { ...square(mark.from, mark.row), right: mark.to + 1 };
    case "point":
      return { left: mark.line, right: mark.line, top: mark.row, bottom: mark.row + 1 };
    case "spot":
      return { left: mark.col, right: mark.col + 1, top: mark.row, bottom: mark.row };
    case "rule":
      return { left: mark.from, right: mark.to, top: mark.row - 1, bottom: mark.row };
    case "upright":
      return { left: mark.line, right: mark.line, top: mark.row, bottom: mark.to };
    case "frame":
      return {
        left: mark.col,
        right: mark.col + mark.width,
        top: mark.row,
        bottom: mark.row + mark.height,
      };
    case "diagonal":
      return { left: mark.col, right: mark.col + mark.size, top: mark.row, bottom: mark.row + mark.size };
    case "hop":
      return {
        left: Math.min(mark.from, mark.to),
        right: Math.max(mark.from, mark.to),
        top: mark.row,
        bottom: mark.row + 1,
      };
    case "leap":
      return { left: mark.line, right: mark.line + 1, top: mark.row, bottom: mark.to + 1 };
    case "guide": {
      const lines = mark.way.map(({ line }) => line);
      const rows = mark.way.map(({ row }) => row);
      return {
        left: Math.min(...lines),
        right: Math.max(...lines),
        top: Math.min(...rows),
        bottom: Math.max(...rows),
      };
    }
  }
}
