import { written } from "@/core/paper";
import type { Desk, PaperState, Square, Way } from "./hand";
import { barOver, columnAbove, glyphIn, isDigit, rowAbove } from "./handWay";
import type { Changed } from "./writing";

/** A fraction's bar under the whole number that was written, however long it is; the hand goes under it. Under a bar its fraction is done: the hand goes on behind it. */
export function barWritten(
  { paper, at }: PaperState,
  way: Way,
  changed: Changed,
  goneTo: (to: Square) => PaperState,
): PaperState {
  const done = barOver(paper, at);
  if (done !== undefined && glyphIn(paper, { ...at, col: at.col - 1 }) !== undefined)
    return goneTo({ col: done.to, row: at.row - 1 });
  const digit = (col: number): boolean => {
    const glyph = glyphIn(paper, { ...at, col });
    return glyph?.kind === "glyph" && isDigit(glyph.text);
  };
  const last = way === "left" ? at.col : at.col - 1;
  let from = last;
  while (digit(from - 1) && digit(from)) from -= 1;
  let to = last + 1;
  while (digit(to) && digit(to - 1)) to += 1;
  return changed(written(paper, { kind: "rule", row: at.row + 1, from, to, strokes: 1 }), {
    col: from,
    row: at.row + 1,
  });
}

/** A rule under the row that was just written, else over the one the hand is in. */
export function ruleDrawn(state: PaperState, desk: Desk, changed: Changed): PaperState {
  const { paper, at } = state;
  const near = [at.col, at.col - 1, at.col + 1].some((col) => glyphIn(paper, { ...at, col }) !== undefined);
  const row = near ? at.row + 1 : at.row;
  const cols = desk.work === "division" ? rowAbove(paper, row) : columnAbove(paper, row);
  if (cols.length === 0) return state;
  const [from, to] = [Math.min(...cols), Math.max(...cols) + 1];
  let first = to - 1;
  // A count of units is written from its first digit, in front of its unit.
  if (desk.work === "units") while (first > from && cols.includes(first - 1)) first -= 1;
  return changed(written(paper, { kind: "rule", row, from, to, strokes: 1 }), { col: first, row });
}

/** The upright of a division; drawn a second time it becomes the curved one with its roof. */
export function wallDrawn({ paper, at }: PaperState, changed: Changed): PaperState {
  const isThere = paper.marks.some(
    (mark) => mark.kind === "upright" && mark.line === at.col && mark.row === at.row,
  );
  const upright = { kind: "upright", line: at.col, row: at.row, to: at.row + 1 } as const;
  if (!isThere) return changed(written(paper, { ...upright, look: "straight" }));
  const roof = { kind: "rule", row: at.row, from: at.col, to: at.col + 1, strokes: 1 } as const;
  return changed(written(paper, { ...upright, look: "curved" }, roof));
}

interface FromTo {
  readonly from: Square;
  readonly to: Square;
}

/** A jump along a line; down the paper it is a leap from one amount to the next, as in counting up. */
export function jumpDrawn(state: PaperState, { from, to }: FromTo, changed: Changed): PaperState {
  const { paper } = state;
  if (Math.abs(to.row - from.row) > Math.abs(to.col - from.col))
    return changed(written(paper, { kind: "leap", line: from.col, row: from.row, to: to.row }));
  if (from.col === to.col) return state;
  return changed(written(paper, { kind: "jump", row: from.row, from: from.col, to: to.col, rise: 1 }));
}

/** A frame around the squares between two corners. */
export const boxDrawn = ({ paper }: PaperState, { from, to }: FromTo, changed: Changed): PaperState =>
  changed(
    written(paper, {
      kind: "frame",
      col: Math.min(from.col, to.col),
      row: Math.min(from.row, to.row),
      width: Math.abs(to.col - from.col) + 1,
      height: Math.abs(to.row - from.row) + 1,
    }),
  );
