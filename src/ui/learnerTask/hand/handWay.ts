import type { Mark } from "@/core/board";
import { marksIn, type Paper } from "@/core/paper";
import type { Desk, PaperState, Square, Way } from "./hand";

/** Where the hand goes next, from what stands on the paper: as a person goes on in each kind of block. */

type Rule = Extract<Mark, { kind: "rule" }>;

export const isDigit = (text: string): boolean => /^\d$/.test(text);

/** The glyph in a square; none where it is empty. */
export const glyphIn = (paper: Paper, { col, row }: Square) =>
  marksIn(paper, col, row).find((mark) => mark.kind === "glyph");

const rowOf = ({ marks }: Paper, row: number) =>
  marks.flatMap((mark) => (mark.kind === "glyph" && mark.row === row ? [mark] : []));

/** The rows above a row that belong to one column block, from the nearest: up to an empty row, another rule, or a line that is no part of a column. */
function rowsAbove(paper: Paper, row: number): readonly number[] {
  const rows: number[] = [];
  for (let above = row - 1; above >= 0; above--) {
    const here = rowOf(paper, above);
    const statement = here.some(({ text }) => text === "=" || text === "÷");
    if (here.length === 0 || (statement && rows.length > 0)) break;
    rows.push(above);
    if (paper.marks.some((mark) => mark.kind === "rule" && mark.row === above)) break;
  }
  return rows;
}

/** The squares that are written in above a row, in the column block that ends there. */
export const columnAbove = (paper: Paper, row: number): readonly number[] =>
  rowsAbove(paper, row).flatMap((above) => rowOf(paper, above).map(({ col }) => col));

/** The squares that are written in right above a row. */
export const rowAbove = (paper: Paper, row: number): readonly number[] =>
  rowOf(paper, row - 1).map(({ col }) => col);

/** How far left of its rule a row goes on being worked to the left: a last carry may stand there. */
const LEFT_OF_RULE = 2;

/** The rule of a column block that a square is worked under: right under it, or under the rows of its product. */
export function ruleOver(paper: Paper, { col, row }: Square): Rule | undefined {
  const over = paper.marks
    .flatMap((mark) =>
      mark.kind === "rule" && mark.row <= row && mark.to - mark.from > 1 && !isBar(paper, mark) ? [mark] : [],
    )
    .filter(({ from, to }) => col >= from - LEFT_OF_RULE && col < to)
    .sort((a, b) => b.row - a.row)[0];
  if (over === undefined) return undefined;
  const above = rowsAbove(paper, over.row);
  if (above.length === 0) return undefined;
  if (over.row === row) return over;
  // The rows of a product stand under one another.
  const isProduct = above.some((one) => rowOf(paper, one).some(({ text }) => text === "×"));
  const filled = Array.from({ length: row - over.row }, (_, nth) => over.row + nth).every(
    (one) => rowOf(paper, one).length > 0,
  );
  return isProduct && filled ? over : undefined;
}

/** A rule that is a bar of a fraction, drawn within a line: signs stand beside what is over it. */
const isBar = (paper: Paper, rule: Rule): boolean => {
  const over = rowOf(paper, rule.row - 1);
  return (
    over.some(({ text }) => text === "=") ||
    over.some(
      ({ col, text }) =>
        /[+−×÷]/.test(text) &&
        (col >= rule.to || (col < rule.from && col > 0 && over.some((one) => one.col < col))),
    )
  );
};

/** Under a rule columns are worked from the right; everywhere else, in divisions, units and fractions, one writes to the right. */
export function wayAt({ paper, at, way }: Pick<PaperState, "paper" | "at" | "way">, { work }: Desk): Way {
  if (way !== undefined) return way;
  if (work === "division" || work === "units" || work === "fractions") return "right";
  return ruleOver(paper, at) === undefined ? "right" : "left";
}

/** The square that is written in next: the one beside it the way the hand goes; in the margin, at its end, the first of the row below. */
export function squareAhead(state: Pick<PaperState, "paper" | "at" | "way">, desk: Desk): Square {
  const { at } = state;
  const col = at.col + (wayAt(state, desk) === "left" ? -1 : 1);
  return at.col < 0 && col >= 0 ? { col: -desk.size.margin, row: at.row + 1 } : { ...at, col };
}

/** The topmost digit of the column block over a rule, in one of its columns. */
export function topDigit(paper: Paper, rule: Rule, col: number): Square | undefined {
  const row = rowsAbove(paper, rule.row)
    .filter((above) => {
      const glyph = glyphIn(paper, { col, row: above });
      return glyph?.kind === "glyph" && isDigit(glyph.text);
    })
    .at(-1);
  return row === undefined ? undefined : { col, row };
}

/** The first row of the column block over a rule. */
export const topRow = (paper: Paper, rule: Rule): number => rowsAbove(paper, rule.row).at(-1) ?? rule.row - 1;

/** The bar of a fraction that a square lies under, or right behind. */
export const barOver = ({ marks }: Paper, { col, row }: Square): Rule | undefined =>
  marks
    .flatMap((mark) =>
      mark.kind === "rule" && mark.row === row && mark.from < col + 1 && col <= mark.to ? [mark] : [],
    )
    .sort((a, b) => b.from - a.from)[0];

/** Where the next line begins: under the beginning of this one; under a rule, at its right end. */
export function nextLine(state: PaperState, desk: Desk): Square {
  const { paper, at } = state;
  const rule = wayAt(state, desk) === "left" ? ruleOver(paper, at) : undefined;
  if (rule !== undefined) return { col: rule.to - 1, row: at.row + 1 };
  const isUnderBar = barOver(paper, at) !== undefined && rowOf(paper, at.row - 1).length > 0;
  // What stands under a bar belongs to the line of its fraction.
  const line = isUnderBar ? at.row - 1 : at.row;
  const bars = paper.marks.flatMap((mark) =>
    mark.kind === "rule" && mark.row === line + 1 && rowOf(paper, line + 1).length > 0 ? [mark] : [],
  );
  const here = [
    ...paper.marks.flatMap((mark) =>
      (mark.kind === "glyph" || mark.kind === "token") && mark.row === line ? [mark.col] : [],
    ),
    ...bars.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, nth) => from + nth)),
  ];
  // Under fractions a row stays free, so that none stands under another's.
  const row = bars.length > 0 ? line + 3 : line + 1;
  let col = here.includes(at.col) ? at.col : at.col - 1;
  if (!here.includes(col)) return { col: at.col, row };
  while (here.includes(col - 1) || here.includes(col - 2)) col -= here.includes(col - 1) ? 1 : 2;
  return { col, row };
}

/** Where a number begins further on in the row above, as under the head of a column; none where there is none, or the hand has just left a number. */
export function nextColumn(paper: Paper, { col, row }: Square): Square | undefined {
  if (glyphIn(paper, { col: col - 1, row }) !== undefined) return undefined;
  for (let above = row - 1; above >= Math.max(0, row - 3); above--) {
    const cols = rowOf(paper, above).map((mark) => mark.col);
    const begins = cols.filter((one) => one > col && !cols.includes(one - 1));
    if (begins.length > 0) return { col: Math.min(...begins), row };
  }
  return undefined;
}

/** Where the quotient goes on: behind its last digit, or where its first one may stand; none where no division is set out. */
export function quotientSquare({ marks }: Paper): Square | undefined {
  const last = (row: number, from: number): number | undefined => {
    const cols = marks.flatMap((mark) =>
      mark.kind === "glyph" && mark.row === row && mark.col >= from && isDigit(mark.text) ? [mark.col] : [],
    );
    return cols.length === 0 ? undefined : Math.max(...cols) + 1;
  };
  const wall = marks.find((mark) => mark.kind === "upright");
  if (wall?.kind === "upright") {
    const roof = marks.find(
      (mark) => mark.kind === "rule" && mark.row === wall.row && mark.from === wall.line,
    );
    if (roof?.kind === "rule") return { row: roof.row - 1, col: last(roof.row - 1, roof.from) ?? roof.from };
    // Under the divisor, which stands at the right.
    const under = marks.find((mark) => mark.kind === "rule" && mark.from >= wall.line);
    if (under?.kind === "rule") return { row: under.row, col: last(under.row, under.from) ?? under.from };
  }
  const equals = marks.find((mark) => mark.kind === "glyph" && mark.text === "=");
  return equals?.kind === "glyph"
    ? { row: equals.row, col: last(equals.row, equals.col) ?? equals.col + 1 }
    : undefined;
}
