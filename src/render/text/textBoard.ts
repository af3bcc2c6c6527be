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
  const [left, right] = [extent.left - 0.5, extent.right + 0.5];
  for (let row = Math.floor(extent.top); row <= extent.bottom; row++) {
    const here = marks.filter((mark) => mark.row === row);
    // What stands halfway between two rows, beside a fraction, is on the line of its rule.
    const between = written(
      marks.filter((mark) => mark.row === row - 0.5),
      notation,
      [],
    );
    const ruled = new Map([...rulesAt(marks, row), ...between]);
    if (ruled.size > 0) lines.push(lineOf(ruled, left, right));
    const rows = [smalls(here, "high"), written(here, notation, uprightsAt(marks, row)), smalls(here, "low")];
    for (const cells of rows) {
      if (cells.size > 0) lines.push(lineOf(cells, left, right));
    }
    const labels = labelsAt(marks, row);
    if (labels.size > 0) lines.push(lineOf(labels, left, right));
  }
  const indent = Math.min(...lines.filter((line) => line !== "").map((line) => line.search(/\S/)), Infinity);
  return lines.map((line) => line.slice(Math.min(indent, START))).join("\n");
}

/** How far a board may begin left of its first grid line, in characters. */
const START = 2;

const STROKE = "\u0336";

const RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

/** A small number set before a digit, in raised figures. */
const raised = (text: string): string => [...text].map((digit) => RAISED[Number(digit)] ?? digit).join("");

/** The character position of a grid line; the square right of it has its digit just after. */
const lineAt = (line: number): number => 3 * line;
const digitAt = (col: number): number => lineAt(col) + 1;

/** The strokes along the top of a row: rules, and the edges of frames. */
function rulesAt(marks: readonly Mark[], row: number): Cells {
  const cells: Cells = new Map();
  const draw = (from: number, to: number, stroke: string): void => {
    for (let at = Math.round(lineAt(from)); at <= Math.round(lineAt(to)); at++) cells.set(at, stroke);
  };
  for (const mark of marks) {
    if (mark.kind === "rule" && mark.row === row) draw(mark.from, mark.to, mark.strokes === 1 ? "─" : "═");
    if (mark.kind === "frame" && (mark.row === row || mark.row + mark.height === row)) {
      draw(mark.col, mark.col + mark.width, "─");
    }
    if (mark.kind === "recurring" && mark.row === row) {
      const dots = mark.look === "dots";
      for (let col = mark.from; col <= mark.to; col++) {
        if (!dots || col === mark.from || col === mark.to) cells.set(digitAt(col), dots ? "." : "─");
      }
    }
  }
  return cells;
}

/** The grid lines down which a stroke runs through a row. */
const uprightsAt = (marks: readonly Mark[], row: number): readonly number[] =>
  marks.flatMap((mark) => {
    if (mark.kind === "upright" && mark.row <= row && row < mark.to) return [mark.line];
    if (mark.kind === "frame" && mark.row <= row && row < mark.row + mark.height)
      return [mark.col, mark.col + mark.width];
    return [];
  });

function written(marks: readonly Mark[], notation: Notation, uprights: readonly number[]): Cells {
  const cells: Cells = new Map(uprights.map((line) => [lineAt(line), "│"]));
  for (const mark of marks) {
    if (mark.kind === "glyph") {
      const at = Math.round(digitAt(mark.col)) - Math.floor((mark.text.length - 1) / 2);
      [...(mark.look === "filler" ? "o" : mark.text)].forEach((character, index) => {
        cells.set(at + index, character);
      });
    }
    if (mark.kind === "point")
      cells.set(lineAt(mark.line), mark.look === "hidden" ? "'" : decimalSign(notation));
  }
  for (const mark of marks) {
    // In a square with a diagonal the two figures stand side by side; a ring becomes brackets.
    if (mark.kind === "small" && mark.position === "tens") cells.set(digitAt(mark.col), mark.text);
    if (mark.kind === "small" && mark.position === "ones") cells.set(digitAt(mark.col) + 1, mark.text);
    // A point between two rows stands before the digit under it.
    if (mark.kind === "spot")
      cells.set(digitAt(mark.col) - 1, mark.look === "hidden" ? "'" : decimalSign(notation));
    if (mark.kind === "ring") {
      cells.set(digitAt(mark.col), `(${cells.get(digitAt(mark.col)) ?? ""}`);
      cells.set(digitAt(mark.col) + 1, ")");
    }
    if (mark.kind === "small" && mark.position === "corner") {
      // The ten takes the digit's own place and pushes it into the free one behind, so that a point before it stays.
      cells.set(digitAt(mark.col), `${raised(mark.text)}${cells.get(digitAt(mark.col)) ?? ""}`);
      cells.set(digitAt(mark.col) + 1, "");
    }
    if (mark.kind !== "strike" || (mark.target !== "square" && mark.target !== "point")) continue;
    const at = mark.target === "point" ? lineAt(mark.col) : digitAt(mark.col);
    cells.set(at, `${cells.get(at) ?? ""}${STROKE}`);
  }
  return cells;
}

/** Numbers at grid lines, in whichever row of text is nearest. */
function labelsAt(marks: readonly Mark[], row: number): Cells {
  const cells: Cells = new Map();
  for (const mark of marks) {
    if (mark.kind !== "label" || Math.floor(mark.row) !== row) continue;
    const shown = mark.ringed ? `(${mark.text})` : mark.text;
    const start = Math.round(lineAt(mark.line)) - Math.floor(shown.length / 2);
    [...shown].forEach((character, index) => {
      cells.set(start + index, character);
    });
  }
  return cells;
}

function smalls(marks: readonly Mark[], position: "low" | "high"): Cells {
  const cells: Cells = new Map();
  for (const mark of marks) {
    if (mark.kind !== "small" || mark.position !== position) continue;
    const struck = marks.some(
      (other) => other.kind === "strike" && other.target === position && other.col === mark.col,
    );
    const start = Math.round(digitAt(mark.col));
    [...mark.text].forEach((character, index) => {
      cells.set(start + index, struck ? character + STROKE : character);
    });
  }
  return cells;
}

function lineOf(cells: Cells, left: number, right: number): string {
  let line = "";
  for (let at = Math.floor(lineAt(left)); at <= Math.ceil(lineAt(right)); at++) line += cells.get(at) ?? " ";
  return line.trimEnd();
}
