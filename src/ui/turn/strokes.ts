import { type Mark, moved } from "@/core/board";
import { marksIn, type Paper, rubbedOut, written } from "@/core/paper";

/** A square of the paper. */
export interface Square {
  readonly col: number;
  readonly row: number;
}

/** Which way writing goes on after a digit: to the right, or to the left as under a rule. */
export type Way = "right" | "left";

/** What a digit becomes: a digit in its square, or a small one over it. */
export type Hand = "digit" | "small" | "jump";

/** A paper with the hand where it was then. */
interface Then {
  readonly paper: Paper;
  readonly at: Square;
}

export interface PaperState {
  readonly paper: Paper;
  readonly before: readonly Then[];
  readonly after: readonly Then[];
  readonly at: Square;
  readonly hand: Hand;
  /** The way the tutor or learner chose; none where it follows from where the hand is. */
  readonly way: Way | undefined;
}

export type Stroke =
  | { readonly kind: "go"; readonly to: Square }
  | { readonly kind: "move"; readonly cols: number; readonly rows: number }
  | { readonly kind: "glyph"; readonly text: string }
  | { readonly kind: "point" }
  | { readonly kind: "bar" }
  | { readonly kind: "rule" }
  /** An upright line at the left edge of the square. */
  | { readonly kind: "wall" }
  /** A unit of several letters, the next of them where the square behind the hand holds one already. */
  | { readonly kind: "unit"; readonly units: readonly string[] }
  | { readonly kind: "strike" }
  | { readonly kind: "rub" }
  | { readonly kind: "undo" }
  | { readonly kind: "redo" }
  | { readonly kind: "hand"; readonly hand: Hand }
  | { readonly kind: "turn" }
  | { readonly kind: "put"; readonly marks: readonly Mark[] }
  | { readonly kind: "jump"; readonly from: Square; readonly to: Square }
  /** What was given, and nothing else. */
  | { readonly kind: "begin"; readonly marks: readonly Mark[] };

/** The squares of the paper. */
export interface Size {
  readonly cols: number;
  readonly rows: number;
}

const within = ({ col, row }: Square, { cols, rows }: Size): Square => ({
  col: Math.min(Math.max(0, col), cols - 1),
  row: Math.min(Math.max(0, row), rows - 1),
});

/** How far left of its rule a row goes on being worked to the left: a last carry may stand there. */
const LEFT_OF_RULE = 2;

/** Under a rule columns are worked from the right; everywhere else one writes to the right. */
export function wayAt({ paper, at, way }: Pick<PaperState, "paper" | "at" | "way">): Way {
  if (way !== undefined) return way;
  const under = paper.marks.some(
    (mark) =>
      mark.kind === "rule" &&
      mark.row === at.row &&
      mark.to - mark.from > 1 &&
      at.col >= mark.from - LEFT_OF_RULE &&
      at.col < mark.to,
  );
  return under ? "left" : "right";
}

/** The squares that are written in above a row: up to an empty row, another rule, or a line that is no part of a column. */
function columnAbove({ marks }: Paper, row: number): readonly number[] {
  const cols: number[] = [];
  for (let above = row - 1; above >= 0; above--) {
    const here = marks.flatMap((mark) => (mark.kind === "glyph" && mark.row === above ? [mark] : []));
    const statement = here.some(({ text }) => text === "=" || text === "÷");
    if (here.length === 0 || (statement && cols.length > 0)) break;
    cols.push(...here.map(({ col }) => col));
    if (marks.some((mark) => mark.kind === "rule" && mark.row === above)) break;
  }
  return cols;
}

const inLattice = ({ marks }: Paper, { col, row }: Square): boolean =>
  marks.some((mark) => mark.kind === "diagonal" && mark.col === col && mark.row === row);

/** A paper before anything is done, with the hand on a square. */
export const startPaper = (paper: Paper, at: Square): PaperState => ({
  paper,
  before: [],
  after: [],
  at,
  hand: "digit",
  way: undefined,
});

/** The paper and the hand after a stroke. */
export function reduced(
  state: PaperState,
  stroke: Stroke,
  size: Size,
  given: ReadonlySet<string> = NOTHING_GIVEN,
): PaperState {
  const { paper, at, hand } = state;
  const changed = (next: Paper, to: Square = at): PaperState => ({
    ...state,
    paper: next,
    before: [...state.before, { paper, at }],
    after: [],
    at: within(to, size),
  });
  const isGiven = (square: Square): boolean => given.has(keyOf(square));
  const way = wayAt(state);
  const ahead: Square = { ...at, col: at.col + (way === "left" ? -1 : 1) };
  switch (stroke.kind) {
    case "go":
      return { ...state, at: within(stroke.to, size) };
    case "move":
      return { ...state, at: within({ col: at.col + stroke.cols, row: at.row + stroke.rows }, size) };
    case "hand":
      return { ...state, hand: state.hand === stroke.hand ? "digit" : stroke.hand };
    case "turn":
      return { ...state, way: way === "left" ? "right" : "left" };
    case "glyph": {
      const digit = /^\d$/.test(stroke.text);
      if (digit && inLattice(paper, at)) {
        const tens = marksIn(paper, at.col, at.row).some(
          (mark) => mark.kind === "small" && mark.position === "tens",
        );
        const position = tens ? "ones" : "tens";
        return changed(
          written(paper, { kind: "small", ...at, position, text: stroke.text }),
          tens ? { ...at, col: at.col + 1 } : at,
        );
      }
      if (digit && hand === "small") {
        // A second digit stands beside the first: what a struck ten became.
        const there = marksIn(paper, at.col, at.row).find(
          (mark) => mark.kind === "small" && mark.position === "low",
        );
        const text =
          there?.kind === "small" && there.text.length < 2 ? there.text + stroke.text : stroke.text;
        return changed(written(paper, { kind: "small", ...at, position: "low", text }));
      }
      // What was given stays: the hand passes over it.
      if (isGiven(at)) return { ...state, at: within(ahead, size) };
      return changed(written(paper, { kind: "glyph", ...at, text: stroke.text, look: "written" }), ahead);
    }
    case "point":
      return changed(
        written(paper, {
          kind: "point",
          line: way === "left" ? at.col + 1 : at.col,
          row: at.row,
          look: "written",
        }),
      );
    case "bar": {
      // Under the whole number that was written, however long it is; the hand goes under the rule.
      const digit = (col: number): boolean =>
        marksIn(paper, col, at.row).some((mark) => mark.kind === "glyph" && /^\d$/.test(mark.text));
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
    case "rule": {
      const cols = columnAbove(paper, at.row);
      if (cols.length === 0) return state;
      const [from, to] = [Math.min(...cols), Math.max(...cols) + 1];
      return changed(written(paper, { kind: "rule", row: at.row, from, to, strokes: 1 }), {
        col: to - 1,
        row: at.row,
      });
    }
    case "wall":
      return changed(
        written(paper, { kind: "upright", line: at.col, row: at.row, to: at.row + 1, look: "straight" }),
      );
    case "unit": {
      const behind: Square = { ...at, col: at.col + (way === "left" ? 1 : -1) };
      const there = marksIn(paper, behind.col, behind.row).find(
        (mark) => mark.kind === "glyph" && stroke.units.includes(mark.text),
      );
      const nth = there?.kind === "glyph" ? stroke.units.indexOf(there.text) + 1 : 0;
      const text = stroke.units[nth % stroke.units.length];
      if (text === undefined) return state;
      const square = there === undefined ? at : behind;
      return changed(
        written(paper, { kind: "glyph", ...square, text, look: "written" }),
        there === undefined ? ahead : at,
      );
    }
    case "strike": {
      const here = marksIn(paper, at.col, at.row);
      const small = here.some((mark) => mark.kind === "small" && mark.position === "low");
      if (!small && !here.some(({ kind }) => kind === "glyph")) return state;
      return changed(written(paper, { kind: "strike", ...at, target: small ? "low" : "square" }));
    }
    case "rub": {
      const alone = (square: Square): boolean =>
        isGiven(square) && marksIn(paper, square.col, square.row).length === 1;
      const rubbed = alone(at) ? paper : rubbedOut(paper, at.col, at.row);
      if (rubbed !== paper) return changed(rubbed);
      const back = { ...at, col: at.col + (way === "left" ? 1 : -1) };
      const behind = alone(back) ? paper : rubbedOut(paper, back.col, back.row);
      return behind === paper ? { ...state, at: within(back, size) } : changed(behind, back);
    }
    case "put":
      return changed(written(paper, ...stroke.marks.map((mark) => moved(mark, 0, 0))));
    case "jump": {
      const { from, to } = stroke;
      // Down the paper it is a leap from one amount to the next, as in counting up.
      if (Math.abs(to.row - from.row) > Math.abs(to.col - from.col))
        return changed(written(paper, { kind: "leap", line: from.col, row: from.row, to: to.row }));
      if (from.col === to.col) return state;
      return changed(written(paper, { kind: "jump", row: from.row, from: from.col, to: to.col, rise: 1 }));
    }
    case "undo": {
      const last = state.before.at(-1);
      return last === undefined
        ? state
        : { ...state, ...last, before: state.before.slice(0, -1), after: [{ paper, at }, ...state.after] };
    }
    case "redo": {
      const [next, ...rest] = state.after;
      return next === undefined
        ? state
        : { ...state, ...next, before: [...state.before, { paper, at }], after: rest };
    }
    case "begin":
      return changed({ marks: stroke.marks });
  }
}

const keyOf = ({ col, row }: Square): string => `${col} ${row}`;

const NOTHING_GIVEN: ReadonlySet<string> = new Set();

/** The squares that are taken by what was given. */
export const squaresGiven = (marks: readonly Mark[]): ReadonlySet<string> =>
  new Set(marks.flatMap((mark) => (mark.kind === "glyph" ? [keyOf(mark)] : [])));
