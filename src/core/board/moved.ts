import type { Mark } from "./mark";

/** A mark moved over the paper. */
export function moved(mark: Mark, cols: number, rows: number): Mark {
  switch (mark.kind) {
    case "glyph":
    case "ring":
    case "small":
    case "strike":
    case "spot":
    case "frame":
    case "diagonal":
    case "token":
    case "shape":
      return { ...mark, col: mark.col + cols, row: mark.row + rows };
    case "point":
    case "label":
      return { ...mark, line: mark.line + cols, row: mark.row + rows };
    case "rule":
    case "recurring":
    case "hop":
    case "jump":
      return { ...mark, from: mark.from + cols, to: mark.to + cols, row: mark.row + rows };
    case "upright":
    case "leap":
      return { ...mark, line: mark.line + cols, row: mark.row + rows, to: mark.to + rows };
    case "guide":
      return {
        ...mark,
        row: mark.row + rows,
        way: mark.way.map(({ line, row }) => ({ line: line + cols, row: row + rows })),
      };
  }
}
