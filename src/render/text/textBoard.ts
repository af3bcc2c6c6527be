import { type Board, extentOf, type Mark } from "@/core/board";
import { decimalSign, type Notation } from "@/core/number";

/** A line of text in the making: three characters a square, the first of them on its left grid line. */
type Cells = Map<number, string>;

/**
 * The board as lines of text: three characters to a square, so that a point has a place between two
 * digits and a small ten has room. A filler zero is `o`, a hidden point `'`, a struck digit carries a stroke through it,
 * and small numbers stand on lines of their own.
 */
export function textBoard(board: Board, notation: Notation): string {
  const marks = [...board.settled, ...board.fresh];
  const extent = extentOf(board.layout, marks);
  const lines: string[] = [];
  for (let row = extent.top; row <= extent.bottom; row++) {
    const here = marks.filter((mark) => mark.row === row);
    for (const rule of here.filter((mark) => mark.kind === "rule")) {
      const stroke = rule.strokes === 1 ? "─" : "═";
      lines.push(
        " ".repeat(lineAt(rule.from - extent.left)) + stroke.repeat(lineAt(rule.to - rule.from) + 1),
      );
    }
    for (const cells of [smalls(here, "high"), written(here, notation), smalls(here, "low")]) {
      if (cells.size > 0) lines.push(lineOf(cells, extent.left, extent.right));
    }
  }
  return lines.join("\n");
}

const STROKE = "\u0336";

/** A ten set before a digit. */
const CORNER = "¹";

/** The character position of a grid line; the square right of it has its digit just after. */
const lineAt = (line: number): number => 3 * line;
const digitAt = (col: number): number => lineAt(col) + 1;

function written(marks: readonly Mark[], notation: Notation): Cells {
  const cells: Cells = new Map();
  for (const mark of marks) {
    if (mark.kind === "glyph") cells.set(digitAt(mark.col), mark.look === "filler" ? "o" : mark.text);
    if (mark.kind === "point")
      cells.set(lineAt(mark.line), mark.look === "hidden" ? "'" : decimalSign(notation));
  }
  for (const mark of marks) {
    if (mark.kind === "small" && mark.seat === "corner") {
      // The ten takes the digit's own place and pushes it into the free one behind, so that a point before it stays.
      cells.set(digitAt(mark.col), `${CORNER}${cells.get(digitAt(mark.col)) ?? ""}`);
      cells.set(digitAt(mark.col) + 1, "");
    }
    if (mark.kind !== "strike" || (mark.target !== "square" && mark.target !== "point")) continue;
    const at = mark.target === "point" ? lineAt(mark.col) : digitAt(mark.col);
    cells.set(at, `${cells.get(at) ?? ""}${STROKE}`);
  }
  return cells;
}

function smalls(marks: readonly Mark[], seat: "low" | "high"): Cells {
  const cells: Cells = new Map();
  for (const mark of marks) {
    if (mark.kind !== "small" || mark.seat !== seat) continue;
    const struck = marks.some(
      (other) => other.kind === "strike" && other.target === seat && other.col === mark.col,
    );
    const start = digitAt(mark.col);
    [...mark.text].forEach((character, index) => {
      cells.set(start + index, struck ? character + STROKE : character);
    });
  }
  return cells;
}

function lineOf(cells: Cells, left: number, right: number): string {
  let line = "";
  for (let at = lineAt(left); at <= lineAt(right); at++) line += cells.get(at) ?? " ";
  return line.trimEnd();
}
