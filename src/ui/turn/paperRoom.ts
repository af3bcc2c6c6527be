import type { Mark } from "@/core/board";
import { type Asked, type Judged, marksIn, type Paper } from "@/core/paper";
import type { TurnWay } from "@/core/turn";
import type { Size, Square } from "./strokes";

const LEAST: Size = { cols: 14, rows: 10 };
/** Paper for lines of writing. */
const LINES: Size = { cols: 16, rows: 12 };
/** Room for a learner to set the numbers out where they like. */
const FREE = { cols: 5, rows: 3 };

/** The squares that the house's own way takes, with room around; lines of writing find their own room. */
export function sizeFor([way]: readonly TurnWay[], given: readonly Mark[]): Size {
  const needed = way?.aligned === true ? sizeOf(way.steps.flatMap((step) => step.marks)) : LINES;
  const [right, bottom] = [
    Math.max(
      0,
      ...given.map((mark) => ("col" in mark ? mark.col : "to" in mark && mark.kind === "rule" ? mark.to : 0)),
    ),
    Math.max(0, ...given.map(({ row }) => row)),
  ];
  // What is given needs room to be gone on with.
  return given.length === 0
    ? needed
    : {
        cols: Math.max(needed.cols, Math.ceil(right) + FREE.cols),
        rows: Math.max(needed.rows, Math.ceil(bottom) + FREE.rows),
      };
}

function sizeOf(marks: readonly Mark[]): Size {
  const cols = marks.flatMap((mark) =>
    "col" in mark ? [mark.col] : "from" in mark ? [mark.from, mark.to] : [],
  );
  const rows = marks.map(({ row }) => row);
  const span = (all: readonly number[]): number =>
    all.length === 0 ? 0 : Math.max(...all) - Math.min(...all) + 1;
  return {
    cols: Math.min(40, Math.max(LEAST.cols, Math.ceil(span(cols)) + FREE.cols)),
    rows: Math.min(60, Math.max(LEAST.rows, Math.ceil(span(rows)) + FREE.rows)),
  };
}

/** The answer as the paper was read, in the house's own decimal sign, with its money. */
export function answerRead({ answer }: Judged, { money }: Asked, sign: "." | ","): string {
  if (answer === undefined) return "";
  const text = sign === "," ? answer.text.replaceAll(".", ",") : answer.text;
  return money === undefined || !/^[\d−]/.test(text) ? text : text.replace(/^(−?)/, `$1${money.sign}`);
}

/** Where the hand begins: in the first square of a lattice, under the rule of what is given, in the first free square below it, else a little inside the paper. */
export function firstSquare(given: readonly Mark[]): Square {
  const taken = (at: Square): boolean =>
    given.some((mark) => mark.kind === "glyph" && mark.row === at.row && mark.col === at.col);
  const cell = given.find((mark) => mark.kind === "diagonal");
  if (cell?.kind === "diagonal") return { col: cell.col, row: cell.row };
  // Over a dividend that lacks its quotient.
  const wall = given.find((mark) => mark.kind === "upright");
  const roof =
    wall?.kind === "upright"
      ? given.find((mark) => mark.kind === "rule" && mark.row === wall.row && mark.from === wall.line)
      : undefined;
  if (
    roof?.kind === "rule" &&
    !given.some((mark) => mark.kind === "glyph" && mark.row === roof.row - 1) &&
    given.some((mark) => mark.kind === "rule" && mark.row > roof.row)
  )
    return { col: roof.from, row: roof.row - 1 };
  const rule = given.filter((mark) => mark.kind === "rule").at(-1);
  const under = rule?.kind === "rule" ? { col: rule.to - 1, row: rule.row } : undefined;
  if (under !== undefined && !taken(under)) return under;
  const glyphs = given.flatMap((mark) => (mark.kind === "glyph" ? [mark] : []));
  if (glyphs.length === 0) return { col: 3, row: 2 };
  const bottom = Math.ceil(Math.max(...glyphs.map(({ row }) => row)));
  return { col: Math.floor(Math.min(...glyphs.map(({ col }) => col))), row: bottom + 1 };
}

/** What stands in a square, as text. */
export const textIn = (paper: Paper, { col, row }: Square): string =>
  marksIn(paper, col, row)
    .flatMap((mark) => ("text" in mark ? [mark.text] : mark.kind === "point" ? ["."] : []))
    .join(" ");
