import { extentOf, type Mark, type PaperLayout, type SmallPosition } from "@/core/board";

/** What stands in one square, for media that set a board as a table. */
export interface TableCell {
  readonly text: string;
  readonly struck: boolean;
  /** Small numbers in the square; a struck one has its stroke. */
  readonly smalls: readonly {
    readonly position: SmallPosition;
    readonly text: string;
    readonly struck: boolean;
  }[];
  /** Whether a point stands on the line at its left edge. */
  readonly pointBefore: boolean;
  /** Whether a stroke runs down its left edge. */
  readonly strokeBefore: boolean;
  /** Strokes along its top edge: none, one, or two over nothing more. */
  readonly ruledAbove: 0 | 1 | 2;
  /** Whether its digit is one of a block that recurs. */
  readonly recurring: boolean;
}

const EMPTY: TableCell = {
  text: "",
  struck: false,
  smalls: [],
  pointBefore: false,
  strokeBefore: false,
  ruledAbove: 0,
  recurring: false,
};

/** A board as rows of cells. Slanted lines, hops and guides have no place in a table and are left out. */
export function tableCells(layout: PaperLayout, marks: readonly Mark[]): readonly (readonly TableCell[])[] {
  const extent = extentOf(layout, marks);
  const left = Math.floor(extent.left);
  const columns = Math.ceil(extent.right) - left + 1;
  const top = Math.floor(extent.top);
  const rows = Math.ceil(extent.bottom) - top + 1;
  const cells: TableCell[][] = Array.from({ length: rows }, () =>
    Array.from({ length: columns }, () => EMPTY),
  );
  const change = (col: number, row: number, with_: (cell: TableCell) => Partial<TableCell>): void => {
    // What stands halfway between two rows, beside a fraction, goes to the upper one.
    const line = cells[Math.floor(row - top)];
    const at = Math.floor(col) - left;
    const cell = line?.[at];
    if (line !== undefined && cell !== undefined) line[at] = { ...cell, ...with_(cell) };
  };
  const along = (from: number, to: number, each: (at: number) => void): void => {
    for (let at = Math.floor(from); at < Math.ceil(to); at++) each(at);
  };
  for (const mark of marks) {
    switch (mark.kind) {
      case "glyph":
        change(mark.col, mark.row, () => ({ text: mark.text }));
        break;
      case "small":
        change(mark.col, mark.row, ({ smalls }) => ({
          smalls: [...smalls, { position: mark.position, text: mark.text, struck: false }],
        }));
        break;
      case "strike":
        change(mark.col, mark.row, ({ smalls, struck }) =>
          mark.target === "square"
            ? { struck: true }
            : {
                struck,
                smalls: smalls.map((small) =>
                  small.position === mark.target ? { ...small, struck: true } : small,
                ),
              },
        );
        break;
      case "point":
        if (mark.look === "written") change(mark.line, mark.row, () => ({ pointBefore: true }));
        break;
      case "rule":
        along(mark.from, mark.to, (col) => change(col, mark.row, () => ({ ruledAbove: mark.strokes })));
        break;
      case "upright":
        along(mark.row, mark.to, (row) => change(mark.line, row, () => ({ strokeBefore: true })));
        break;
      case "frame":
        along(mark.col, mark.col + mark.width, (col) => {
          change(col, mark.row, () => ({ ruledAbove: 1 }));
          change(col, mark.row + mark.height, () => ({ ruledAbove: 1 }));
        });
        along(mark.row, mark.row + mark.height, (row) => {
          change(mark.col, row, () => ({ strokeBefore: true }));
          change(mark.col + mark.width, row, () => ({ strokeBefore: true }));
        });
        break;
      case "recurring":
        along(mark.from, mark.to + 1, (col) => change(col, mark.row, () => ({ recurring: true })));
        break;
      case "label":
        change(Math.floor(mark.line), mark.row, () => ({ text: mark.text }));
        break;
      case "token":
        change(mark.col, mark.row, () => ({ text: mark.text }));
        break;
      case "jump":
      case "ring":
      case "spot":
      case "diagonal":
      case "hop":
      case "leap":
      case "guide":
      case "shape":
        break;
    }
  }
  return cells;
}
