import type { Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import type { LearnerTask, TaskWay } from "@/core/learnerTask";
import { type Claim, type Judged, type JudgingTarget, marksIn, type Paper } from "@/core/paper";
import { type Desk, type LaidThing, type Size, type Square, squaresGiven } from "../hand/hand";
import type { SquareBlock } from "../PaperPad";

/** The columns of the margin for notes. */
const MARGIN = 4;
const LEAST: Size = { cols: 14, rows: 10, margin: MARGIN };
/** Paper for lines of writing. */
const LINES: Size = { cols: 16, rows: 12, margin: MARGIN };
/** As far as a paper grows while it is written on. */
const MOST: Size = { cols: 44, rows: 70, margin: MARGIN };
/** Room for a learner to set the numbers out where they like. */
const FREE = { cols: 5, rows: 3 };

/** The squares that the house's own way takes, with room around; lines of writing find their own room. */
export function sizeFor([way]: readonly TaskWay[], given: readonly Mark[]): Size {
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
        margin: MARGIN,
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
    margin: MARGIN,
    cols: Math.min(40, Math.max(LEAST.cols, Math.ceil(span(cols)) + FREE.cols)),
    rows: Math.min(60, Math.max(LEAST.rows, Math.ceil(span(rows)) + FREE.rows)),
  };
}

/** What the hand works with: its paper, what is given, and how this kind of problem is written. */
export const deskOf = ({ asked }: LearnerTask, { carryPlace }: HouseRules, given: readonly Mark[]): Desk => ({
  size: MOST,
  given: squaresGiven(given),
  work:
    asked.kind === "measures"
      ? "units"
      : asked.op === "divide"
        ? "division"
        : asked.fractions
          ? "fractions"
          : asked.op === "subtract"
            ? "exchanges"
            : "columns",
  carries: carryPlace === "below" ? "below" : "above",
});

/** The paper as it is shown: it grows with what is written, so that the hand never stands at its edge. */
export function grownTo(least: Size, { marks }: Paper, at: Square): Size {
  const right = Math.max(at.col, ...marks.map(rightOf));
  const bottom = Math.max(at.row, ...marks.map(({ row }) => row));
  return {
    margin: least.margin,
    cols: Math.min(MOST.cols, Math.max(least.cols, Math.ceil(right) + 2)),
    rows: Math.min(MOST.rows, Math.max(least.rows, Math.ceil(bottom) + 2)),
  };
}

const rightOf = (mark: Mark): number =>
  "width" in mark
    ? mark.col + mark.width - 1
    : "col" in mark
      ? mark.col
      : "from" in mark
        ? Math.max(mark.from, mark.to) - 1
        : "line" in mark
          ? mark.line
          : 0;

const leftOf = (mark: Mark): number =>
  "col" in mark ? mark.col : "from" in mark ? Math.min(mark.from, mark.to) : "line" in mark ? mark.line : 0;

/** What stands on the paper itself: notes in the margin are nobody's but the learner's. */
export const withoutNotes = ({ marks }: Paper): Paper => ({
  marks: marks.filter((mark) => leftOf(mark) >= 0),
});

/** The letters that a problem's units are written with. */
export const unitLetters = (ways: readonly TaskWay[]): readonly string[] =>
  [
    ...new Set(
      ways.flatMap(({ steps }) =>
        steps.flatMap(({ marks }) =>
          marks.flatMap((mark) =>
            mark.kind === "glyph" && /^\p{L}{1,4}$/u.test(mark.text) ? [mark.text] : [],
          ),
        ),
      ),
    ),
  ].slice(0, 5);

/** The squares that a claim takes; none where there is no claim. A line takes all that stands in it, its fractions from the top. */
export function blockOf(claim: Claim | undefined, { marks }: Paper): SquareBlock | undefined {
  if (claim === undefined) return undefined;
  const { top, bottom, left, read } = claim;
  if (claim.kind === "line") {
    const bar = marks.some((mark) => mark.kind === "rule" && mark.row === bottom);
    const row = Math.floor(top) - (bar ? 1 : 0);
    const cols = marks.flatMap((mark) =>
      mark.kind === "glyph" && mark.row >= row && mark.row <= bottom ? [mark.col] : [],
    );
    const [first, last] = [Math.min(...cols), Math.max(...cols)];
    return { col: first, row, width: last + 1 - first, height: Math.ceil(bottom) - row + 1 };
  }
  const [row, right] = [Math.floor(top), Math.max(left + 1, ...read.map(({ to }) => to))];
  return { col: left, row, width: right - left, height: Math.floor(bottom) - row + 1 };
}

/** The things that help with a kind of problem: counters, coins, pieces of base ten. */
export function thingsOf({ asked, pieces }: LearnerTask): readonly LaidThing[] {
  switch (asked.kind) {
    case "signed":
      return [
        { look: "plus", text: "+" },
        { look: "minus", text: "−" },
      ];
    case "money":
      return pieces.map((text) => ({ look: "coin", text }));
    case "decimals":
      return ["1", "0.1", "0.01"].map((text) => ({ look: "piece", text }));
    default:
      return [];
  }
}

/** The answer as the paper was read, in the house's own decimal sign, with its money. */
export function answerRead({ answer }: Judged, { money }: JudgingTarget, sign: "." | ","): string {
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

/** The lattice of a way that draws one, with the corner it is put down by; none where no way does. */
export function latticeOf(
  ways: readonly TaskWay[],
): { readonly marks: readonly Mark[]; readonly corner: Square } | undefined {
  const marks = ways
    .flatMap(({ steps }) => steps)
    .find((step) => step.marks.some(({ kind }) => kind === "diagonal"))?.marks;
  const corner = marks?.find((mark) => mark.kind === "frame");
  return marks === undefined || corner?.kind !== "frame" ? undefined : { marks, corner };
}
