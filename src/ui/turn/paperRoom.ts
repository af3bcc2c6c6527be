import type { Mark } from "@/core/board";
import { answerOn, marksIn, type Paper, type WorkMarks } from "@/core/paper";
import type { TurnWay } from "@/core/turn";
import type { Size, Square } from "./usePaper";

const LEAST: Size = { cols: 14, rows: 10 };
/** Paper for lines of writing. */
const LINES: Size = { cols: 16, rows: 12 };
/** Room for a learner to set the numbers out where they like. */
const FREE = { cols: 5, rows: 3 };

/** The squares that the house's own way takes, with room around; lines of writing find their own room. */
export function sizeFor([way]: readonly TurnWay[]): Size {
  if (way?.aligned !== true) return LINES;
  const marks = way.steps.flatMap((step) => step.marks);
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

/** The answer as it stands on the paper; counts in columns of units with their units. */
export function answerRead(paper: Paper, units: readonly string[]): string {
  const read = answerOn(paper) ?? "";
  const counts = read.split(" ");
  return units.length > 1 && counts.length === units.length && counts.every((count) => /^\d+$/.test(count))
    ? counts.map((count, index) => `${count} ${units[index]}`).join(" ")
    : read;
}

/** Whether the stage that a wrong mark belongs to is finished, so that it may be told. */
export function stageDone({ wrong, misplaced, next }: WorkMarks, way: TurnWay | undefined): boolean {
  const stage = (step: number | undefined) => (step === undefined ? undefined : way?.steps[step]?.stage);
  if (misplaced !== undefined) return stage(next?.step) !== "setOut";
  return wrong !== undefined && stage(next?.step) !== stage(wrong.step);
}

/** Where the hand begins: in the first square of a lattice, under the rule of what is given, else a little inside the paper. */
export function firstSquare(given: readonly Mark[]): Square {
  const cell = given.find((mark) => mark.kind === "diagonal");
  if (cell?.kind === "diagonal") return { col: cell.col, row: cell.row };
  const rule = given.filter((mark) => mark.kind === "rule").at(-1);
  return rule?.kind === "rule" ? { col: rule.to - 1, row: rule.row } : { col: 3, row: 2 };
}

/** What stands in a square, as text. */
export const textIn = (paper: Paper, { col, row }: Square): string =>
  marksIn(paper, col, row)
    .flatMap((mark) => ("text" in mark ? [mark.text] : mark.kind === "point" ? ["."] : []))
    .join(" ");
