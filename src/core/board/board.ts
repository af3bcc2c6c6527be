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
export interface PaperLayout {
  readonly columns: readonly Column[];
  readonly plumbs: readonly Plumb[];
  /** Whether digits stand under digits though no places are named above them. */
  readonly digitsUnderDigits?: true;
}

/** Whether what is written stands in columns, so that it counts how far to the side a digit stands. */
export const standsInColumns = ({ columns, digitsUnderDigits }: PaperLayout): boolean =>
  columns.length > 0 || digitsUnderDigits === true;

/** A plumb line on a grid line, from the top of the page or from the top of a row. */
export interface Plumb {
  readonly line: number;
  readonly from: "top" | number;
}

/** Squared paper at one moment: the marks so far, those that are new, and the columns the eye should be on. */
export interface Board {
  readonly layout: PaperLayout;
  readonly settled: readonly Mark[];
  readonly fresh: readonly Mark[];
  readonly focus: readonly number[];
}

/** A page beside the first one, for a part of a problem that is worked by itself. */
interface OtherPage {
  /** Counted from 1; the first page is 0 and has no need to be told. */
  readonly index: number;
  readonly layout: PaperLayout;
}

/** Anything that adds marks: the steps of a working, or a learner's own strokes. */
export interface Writing {
  readonly marks: readonly Mark[];
  readonly focus: readonly number[];
  /** The page it is written on, where that is not the first. */
  readonly page?: OtherPage;
}

/** How the page is ruled that a writing is on. */
const layoutOf = (first: PaperLayout, writing: Writing | undefined): PaperLayout =>
  writing?.page?.layout ?? first;

/** The writings that are on the same page as one of them. */
export const sameSheet = <W extends Writing>(writings: readonly W[], as: Writing | undefined): readonly W[] =>
  writings.filter(({ page }) => page?.index === as?.page?.index);

/** The page that is in view after the first `count` writings, and how many of its own are done by then. */
export function pageAt<W extends Writing>(
  layout: PaperLayout,
  writings: readonly W[],
  count: number,
): Page<W> & { readonly done: number } {
  const last = writings[count - 1];
  return {
    index: last?.page?.index ?? 0,
    layout: layoutOf(layout, last),
    writings: sameSheet(writings, last),
    done: sameSheet(writings.slice(0, count), last).length,
  };
}

/** The page of the last of the first `count` writings, after all of these (0 is blank paper); the marks of that last one are fresh. */
export function boardAfter(layout: PaperLayout, writings: readonly Writing[], count: number): Board {
  const last = writings[count - 1];
  return {
    layout: layoutOf(layout, last),
    settled: sameSheet(writings.slice(0, Math.max(0, count - 1)), last).flatMap((writing) => writing.marks),
    fresh: last?.marks ?? [],
    focus: last?.focus ?? [],
  };
}

/** One page with the writings that are on it. */
export interface Page<W extends Writing> {
  readonly index: number;
  readonly layout: PaperLayout;
  readonly writings: readonly W[];
}

/** Every page that is written on, in the order in which they are begun. At least the first one, blank or not. */
export function pagesOf<W extends Writing>(layout: PaperLayout, writings: readonly W[]): readonly Page<W>[] {
  const indices = [...new Set(writings.map(({ page }) => page?.index ?? 0))];
  return (indices.length === 0 ? [0] : indices).map((index) => {
    const own = writings.filter(({ page }) => (page?.index ?? 0) === index);
    return { index, layout: layoutOf(layout, own[0]), writings: own };
  });
}

/** A block of squares: columns `left` up to but not including `right`, rows `top` up to but not including `bottom`. */
export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** The squares that some marks and a layout's columns touch. */
export function extentOf(layout: PaperLayout, marks: readonly Mark[]): Extent {
  const blocks = [...marks.map(blockOf), ...layout.columns.map(({ col }) => square(col, 0))];
  if (blocks.length === 0) return square(0, 0);
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
    case "token":
      return square(mark.col, mark.row);
    case "recurring":
      return { ...square(mark.from, mark.row), right: mark.to + 1 };
    case "point":
      return { left: mark.line, right: mark.line, top: mark.row, bottom: mark.row + 1 };
    case "label":
      return { left: mark.line - 0.5, right: mark.line + 0.5, top: mark.row, bottom: mark.row + 1 };
    case "jump":
      return {
        left: Math.min(mark.from, mark.to),
        right: Math.max(mark.from, mark.to),
        top: mark.row - mark.rise,
        bottom: mark.row,
      };
    case "spot":
      return { left: mark.col, right: mark.col + 1, top: mark.row, bottom: mark.row };
    case "rule":
      return { left: mark.from, right: mark.to, top: mark.row - 1, bottom: mark.row };
    case "upright":
      return { left: mark.line, right: mark.line, top: mark.row, bottom: mark.to };
    case "frame":
    case "shape":
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
