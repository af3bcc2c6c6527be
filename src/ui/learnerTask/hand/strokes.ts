import { moved } from "@/core/board";
import { lineRubbedOut, marksIn, type Paper, rubbedOut, written } from "@/core/paper";
import { type Desk, type HandStroke, handSquareKey, type PaperState, type Square, within } from "./hand";
import {
  barOver,
  columnAbove,
  glyphIn,
  isDigit,
  nextColumn,
  nextLine,
  quotientSquare,
  rowAbove,
  ruleOver,
  squareAhead,
  wayAt,
} from "./handWay";
import { carriedTo, shadedAt, shadedMore, shapeDrawn, shapeIn, thingLaid, tokenIn, traded } from "./laid";
import { type Changed, glyphWritten, latticeSquareAt, struck } from "./writing";

/** Whether every sign that was given stands where it stood. */
const keepsGiven = (before: Paper, next: Paper, given: ReadonlySet<string>): boolean =>
  given.size === 0 ||
  before.marks.every(
    (mark) => mark.kind !== "glyph" || !given.has(handSquareKey(mark)) || isThere(next, mark),
  );

const isThere = (paper: Paper, { col, row, text }: Square & { readonly text: string }): boolean => {
  const there = glyphIn(paper, { col, row });
  return there?.kind === "glyph" && there.text === text;
};

/** The paper and the hand after a stroke. */
export function afterStroke(before: PaperState, stroke: HandStroke, desk: Desk): PaperState {
  const state: PaperState = { ...before, newLine: false };
  const { paper, at, hand } = state;
  const { size } = desk;
  const changed: Changed = (next, to = at) => {
    // What was given stays as it is: the hand only passes over it.
    if (!keepsGiven(paper, next, desk.given)) return { ...state, at: within(to, size) };
    return withPaper(next, to);
  };
  const withPaper = (next: Paper, to: Square): PaperState => ({
    ...state,
    paper: next,
    before: [...state.before, { paper, at }],
    after: [],
    at: within(to, size),
    onesNext: false,
  });
  const way = wayAt(state, desk);
  const ahead = squareAhead(state, desk);
  /** The hand on another square, writing digits again. */
  const goneTo = (to: Square): PaperState => ({
    ...state,
    at: within(to, size),
    hand: hand === "small" ? "digit" : hand,
    onesNext: false,
    cutting: undefined,
    home: ruleOver(paper, at) !== undefined && glyphIn(paper, at) === undefined ? at : state.home,
  });
  switch (stroke.kind) {
    case "go":
      return goneTo(stroke.to);
    case "move":
      return goneTo({ col: at.col + stroke.cols, row: at.row + stroke.rows });
    case "line":
      return { ...goneTo(nextLine(state, desk)), newLine: true };
    case "ahead":
      if (hand === "jump" || hand === "box") {
        if (state.held === undefined) return { ...state, held: at };
        return { ...afterStroke(state, { kind: hand, from: state.held, to: at }, desk), held: undefined };
      }
      if (latticeSquareAt(paper, at) !== undefined && !state.onesNext) return { ...state, onesNext: true };
      return goneTo((way === "right" ? nextColumn(paper, at) : undefined) ?? ahead);
    case "quotient": {
      const to = quotientSquare(paper);
      if (to === undefined) return state;
      return at.row === to.row && state.home !== undefined
        ? { ...goneTo(state.home), home: undefined }
        : { ...goneTo(to), home: at };
    }
    case "hand":
      return { ...state, hand: hand === stroke.hand ? "digit" : stroke.hand, held: undefined };
    case "turn":
      return { ...state, way: way === "left" ? "right" : "left" };
    case "glyph":
      return glyphWritten(before, stroke.text, desk, changed);
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
      // Under a bar its fraction is done: the hand goes on behind it.
      const done = barOver(paper, at);
      if (done !== undefined && glyphIn(paper, { ...at, col: at.col - 1 }) !== undefined)
        return goneTo({ col: done.to, row: at.row - 1 });
      // Under the whole number that was written, however long it is; the hand goes under the rule.
      const digit = (col: number): boolean => {
        const glyph = glyphIn(paper, { ...at, col });
        return glyph?.kind === "glyph" && isDigit(glyph.text);
      };
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
      // Under the row that was just written, else over the one the hand is in.
      const near = [at.col, at.col - 1, at.col + 1].some(
        (col) => glyphIn(paper, { ...at, col }) !== undefined,
      );
      const row = near ? at.row + 1 : at.row;
      const cols = desk.work === "division" ? rowAbove(paper, row) : columnAbove(paper, row);
      if (cols.length === 0) return state;
      const [from, to] = [Math.min(...cols), Math.max(...cols) + 1];
      const next = written(paper, { kind: "rule", row, from, to, strokes: 1 });
      let first = to - 1;
      // A count of units is written from its first digit, in front of its unit.
      if (desk.work === "units") while (first > from && cols.includes(first - 1)) first -= 1;
      return changed(next, { col: first, row });
    }
    case "wall": {
      const wall = paper.marks.find(
        (mark) => mark.kind === "upright" && mark.line === at.col && mark.row === at.row,
      );
      const upright = { kind: "upright", line: at.col, row: at.row, to: at.row + 1 } as const;
      if (wall === undefined) return changed(written(paper, { ...upright, look: "straight" }));
      return changed(
        written(
          paper,
          { ...upright, look: "curved" },
          { kind: "rule", row: at.row, from: at.col, to: at.col + 1, strokes: 1 },
        ),
      );
    }
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
    case "strike":
      return struck(state, desk, changed);
    case "rub": {
      const alone = (square: Square): boolean =>
        desk.given.has(handSquareKey(square)) && marksIn(paper, square.col, square.row).length === 1;
      const rubbed = alone(at) ? paper : rubbedOut(paper, at.col, at.row);
      if (rubbed !== paper) return changed(rubbed);
      const back = { ...at, col: at.col + (way === "left" ? 1 : -1) };
      const behind = alone(back) ? paper : rubbedOut(paper, back.col, back.row);
      if (behind !== paper) return changed(behind, back);
      const line = lineRubbedOut(paper, at.col, at.row);
      return line === paper ? { ...state, at: within(back, size) } : changed(line);
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
    case "box": {
      const { from, to } = stroke;
      return changed(
        written(paper, {
          kind: "frame",
          col: Math.min(from.col, to.col),
          row: Math.min(from.row, to.row),
          width: Math.abs(to.col - from.col) + 1,
          height: Math.abs(to.row - from.row) + 1,
        }),
      );
    }
    case "lay": {
      const { next, to } = thingLaid(paper, at, stroke.things, stroke.next);
      return next === paper ? state : changed(next, to);
    }
    case "shape":
      return changed(shapeDrawn(paper, at, stroke.look));
    case "shade": {
      const shape = shapeIn(paper, at);
      return shape === undefined ? state : changed(shadedMore(paper, shape, stroke.more));
    }
    case "shadeAt": {
      const shape = shapeIn(paper, { col: Math.floor(stroke.x), row: Math.floor(stroke.y) });
      return shape === undefined ? state : changed(shadedAt(paper, shape, stroke.x, stroke.y));
    }
    case "take":
      if (state.held !== undefined)
        return { ...afterStroke(state, { kind: "carry", from: state.held, to: at }, desk), held: undefined };
      return tokenIn(paper, at) === undefined && shapeIn(paper, at) === undefined
        ? state
        : { ...state, held: at };
    case "carry": {
      const to = within(stroke.to, size);
      const next = carriedTo(paper, stroke.from, to);
      return next === paper ? state : changed(next, to);
    }
    case "trade": {
      const next = traded(paper, at, size.cols);
      return next === paper ? state : changed(next);
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
      return { ...withPaper({ marks: stroke.marks }, at), hand: "digit", home: undefined, held: undefined };
  }
}
