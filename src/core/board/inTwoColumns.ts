import { extentOf, type PaperLayout, pagesOf, standsInColumns, type Writing } from "./board";
import type { Mark } from "./mark";
import { moved } from "./moved";

/** Free squares between two columns of lines. */
const BETWEEN = 2;

/**
 * Lines that run down further than a page has rows, gone on beside the first of them: each page that is
 * written in lines, not in columns, and is taller than `most.rows`, where both columns have room in
 * `most.columns` and the page becomes shorter by a third at least. All others stay as they are.
 */
export function inTwoColumns<W extends Writing>(
  layout: PaperLayout,
  writings: readonly W[],
  most: { readonly rows: number; readonly columns: number },
): readonly W[] {
  const foldedAt = new Map(
    pagesOf(layout, writings).map((page) => [page.index, foldOf(page.layout, page.writings, most)]),
  );
  return writings.map((writing) => {
    const fold = foldedAt.get(writing.page?.index ?? 0);
    return fold === undefined ? writing : { ...writing, marks: movedBeside(writing, fold) };
  });
}

/** The row from which lines go on beside the others, and how far up and across they move. */
interface Fold {
  readonly from: number;
  readonly up: number;
  readonly across: number;
}

const movedBeside = ({ marks }: Writing, { from, up, across }: Fold): readonly Mark[] =>
  marks.map((mark) => (mark.row >= from ? moved(mark, across, -up) : mark));

function foldOf(
  layout: PaperLayout,
  writings: readonly Writing[],
  most: { readonly rows: number; readonly columns: number },
): Fold | undefined {
  if (standsInColumns(layout)) return undefined;
  const marks = writings.flatMap((writing) => writing.marks);
  const whole = extentOf(layout, marks);
  if (whole.bottom - whole.top <= most.rows) return undefined;
  const middle = (whole.top + whole.bottom) / 2;
  const folds = freeRows(marks).map((from) => {
    const [above, below] = [marks.filter(({ row }) => row < from), marks.filter(({ row }) => row >= from)];
    const [left, right] = [extentOf(layout, above), extentOf(layout, below)];
    return {
      fold: {
        from,
        up: Math.round(right.top - left.top),
        across: Math.ceil(left.right) + BETWEEN - Math.floor(right.left),
      },
      columns: right.right - right.left + left.right - left.left + BETWEEN,
      rows: Math.max(left.bottom - left.top, right.bottom - right.top),
      off: Math.abs(from - middle),
    };
  });
  return folds
    .filter(({ columns, rows }) => columns <= most.columns && 3 * rows <= 2 * (whole.bottom - whole.top))
    .sort((one, other) => one.rows - other.rows || one.off - other.off)[0]?.fold;
}

/** The rows that a line begins in, with the row above left free. */
function freeRows(marks: readonly Mark[]): readonly number[] {
  const reached = marks.map((mark) => extentOf({ columns: [], plumbs: [] }, [mark]));
  const tops = [...new Set(reached.map(({ top }) => Math.floor(top)))].sort((a, b) => a - b).slice(1);
  return tops.filter((row) => !reached.some(({ top, bottom }) => top < row && bottom > row - 1));
}
