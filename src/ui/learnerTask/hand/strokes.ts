import { moved } from "@/core/board";
import { lineRubbedOut, marksIn, type Paper, rubbedOut, written } from "@/core/paper";
import {
  type Desk,
  type HandStroke,
  handSquareKey,
  type PaperState,
  type Square,
  type Way,
  within,
} from "./hand";
import { glyphIn, nextColumn, nextLine, quotientSquare, ruleOver, squareAhead, wayAt } from "./handWay";
import { carriedTo, shadedAt, shadedMore, shapeDrawn, shapeIn, thingLaid, tokenIn, traded } from "./laid";
import { barWritten, boxDrawn, jumpDrawn, ruleDrawn, wallDrawn } from "./ruling";
import { type Changed, glyphWritten, latticeSquareAt, struck, unitWritten } from "./writing";

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
    case "quotient":
      return quotientOrBack(state, goneTo);
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
    case "bar":
      return barWritten(state, way, changed, goneTo);
    case "rule":
      return ruleDrawn(state, desk, changed);
    case "wall":
      return wallDrawn(state, changed);
    case "unit":
      return unitWritten(state, stroke.units, { way, ahead }, changed);
    case "strike":
      return struck(state, desk, changed);
    case "rub":
      return rubbed(state, desk, way, changed);
    case "put":
      return changed(written(paper, ...stroke.marks.map((mark) => moved(mark, 0, 0))));
    case "jump":
      return jumpDrawn(state, stroke, changed);
    case "box":
      return boxDrawn(state, stroke, changed);
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
    case "undo":
      return undone(state);
    case "redo":
      return redone(state);
    case "begin":
      return { ...withPaper({ marks: stroke.marks }, at), hand: "digit", home: undefined, held: undefined };
  }
}

/** To the quotient, or from it back to where the division was being worked. */
function quotientOrBack(state: PaperState, goneTo: (to: Square) => PaperState): PaperState {
  const to = quotientSquare(state.paper);
  if (to === undefined) return state;
  return state.at.row === to.row && state.home !== undefined
    ? { ...goneTo(state.home), home: undefined }
    : { ...goneTo(to), home: state.at };
}

/** What stands under the hand is rubbed out, else what was written last, else a line there. */
function rubbed(state: PaperState, desk: Desk, way: Way, changed: Changed): PaperState {
  const { paper, at } = state;
  const alone = (square: Square): boolean =>
    desk.given.has(handSquareKey(square)) && marksIn(paper, square.col, square.row).length === 1;
  const here = alone(at) ? paper : rubbedOut(paper, at.col, at.row);
  if (here !== paper) return changed(here);
  const back = { ...at, col: at.col + (way === "left" ? 1 : -1) };
  const behind = alone(back) ? paper : rubbedOut(paper, back.col, back.row);
  if (behind !== paper) return changed(behind, back);
  const line = lineRubbedOut(paper, at.col, at.row);
  return line === paper ? { ...state, at: within(back, desk.size) } : changed(line);
}

function undone(state: PaperState): PaperState {
  const { paper, at } = state;
  const last = state.before.at(-1);
  return last === undefined
    ? state
    : { ...state, ...last, before: state.before.slice(0, -1), after: [{ paper, at }, ...state.after] };
}

function redone(state: PaperState): PaperState {
  const { paper, at } = state;
  const [next, ...rest] = state.after;
  return next === undefined
    ? state
    : { ...state, ...next, before: [...state.before, { paper, at }], after: rest };
}
