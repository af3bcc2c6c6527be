import { type Extent, extentOf, type PaperLayout, pageAt, type Writing } from "@/core/board";

/** A page of squared paper: its squares, and those of them that are written on in the end. */
export interface PageOfSquares extends Extent {
  readonly written: Extent;
}

/** How many squares are left free around what is written on a page. */
export interface FreeSquares {
  readonly across: number;
  readonly above: number;
  readonly below: number;
}

/**
 * The page that is in view after the first `shown` writings: large enough for all that is ever written
 * on it, with some free squares around (two give the place names room), and never smaller than `least`.
 */
export function pageFor(
  firstLayout: PaperLayout,
  allWritings: readonly Writing[],
  shown: number,
  least: { readonly columns: number; readonly rows: number },
  free: FreeSquares = { across: 2, above: 2, below: 1 },
): PageOfSquares {
  const { layout, writings } = pageAt(firstLayout, allWritings, shown);
  const written = extentOf(
    layout,
    writings.flatMap((writing) => writing.marks),
  );
  const [left, right] = widened(
    Math.floor(written.left) - free.across,
    Math.ceil(written.right) + free.across,
    least.columns,
  );
  const [top, bottom] = widened(
    Math.floor(written.top) - free.above,
    Math.ceil(written.bottom) + free.below,
    least.rows,
  );
  return { left, right, top, bottom, written };
}

function widened(from: number, to: number, least: number): readonly [number, number] {
  const missing = Math.max(0, least - (to - from));
  const before = Math.floor(missing / 2);
  return [from - before, to + missing - before];
}
