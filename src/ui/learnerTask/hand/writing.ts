import type { Mark } from "@/core/board";
import { marksIn, type Paper, written } from "@/core/paper";
import type { Desk, PaperState, Square, Way } from "./hand";
import { barOver, glyphIn, isDigit, ruleOver, squareAhead, topDigit } from "./handWay";
import { cutAgain, shapeCut, shapeIn, tokenIn } from "./laid";
import { smallOver, smallWritten } from "./smallDigits";

/** The state with another paper, and the hand on another square. */
export type Changed = (next: Paper, to?: Square) => PaperState;

/** The square of a lattice there; none where there is none. */
export const latticeSquareAt = ({ marks }: Paper, { col, row }: Square) =>
  marks.find((mark) => mark.kind === "diagonal" && mark.col === col && mark.row === row);

/** A digit or a sign, written where the hand and the block want it. */
export function glyphWritten(state: PaperState, text: string, desk: Desk, changed: Changed): PaperState {
  const { paper, at, hand } = state;
  const digit = isDigit(text);
  const shape = shapeIn(paper, at);
  if (shape !== undefined) {
    if (text === "×") return { ...state, cutting: "again", newLine: false };
    if (!digit) return state;
    if (state.cutting === "again")
      return { ...changed(cutAgain(paper, shape, Number(text))), cutting: undefined };
    const { next, digits } = shapeCut(paper, shape, `${state.cutting?.digits ?? ""}${text}`);
    return { ...changed(next), cutting: { digits } };
  }
  const ahead = squareAhead(state, desk);
  if (digit && latticeSquareAt(paper, at) !== undefined) {
    const here = marksIn(paper, at.col, at.row);
    const ones = state.onesNext || here.some((mark) => mark.kind === "small" && mark.position === "tens");
    const next = written(paper, { kind: "small", ...at, position: ones ? "ones" : "tens", text });
    return changed(next, ones ? nextCell(paper, at) : at);
  }
  if (digit && hand === "small") {
    const { next, to, done } = smallWritten(state, text, desk);
    return { ...changed(next, to), hand: done ? "digit" : "small" };
  }
  const bar = barOver(paper, at);
  const under = bar !== undefined && glyphIn(paper, { ...at, col: at.col - 1 }) !== undefined;
  // A sign behind what stands under a bar goes on beside the fraction.
  if (!digit && under && glyphIn(paper, at) === undefined && text !== ")") {
    const beside = { col: bar.to, row: at.row - 1 };
    return changed(written(paper, { kind: "glyph", ...beside, text, look: "written" }), {
      ...beside,
      col: beside.col + 1,
    });
  }
  // The sign of an operation on a new line stands before the column of its digits.
  const above = glyphIn(paper, { ...at, row: at.row - 1 });
  if (state.newLine && /[+−×]/.test(text) && at.col > 0 && above?.kind === "glyph" && isDigit(above.text))
    return changed(written(paper, { kind: "glyph", row: at.row, col: at.col - 1, text, look: "written" }));
  // A bar, or the roof of a division, grows with what stands under it.
  const grown: readonly Mark[] =
    digit && bar !== undefined && bar.to === at.col && (under || isRoof(paper, bar))
      ? [{ ...bar, to: at.col + 1 }]
      : [];
  return changed(written(paper, ...grown, { kind: "glyph", ...at, text, look: "written" }), ahead);
}

const isRoof = ({ marks }: Paper, { row, from }: { readonly row: number; readonly from: number }): boolean =>
  marks.some((mark) => mark.kind === "upright" && mark.row === row && mark.line === from);

/** The square of a lattice after another: beside it, else the first of the next row. */
function nextCell(paper: Paper, at: Square): Square {
  const beside = { ...at, col: at.col + 1 };
  if (latticeSquareAt(paper, beside) !== undefined) return beside;
  let first = { col: at.col, row: at.row + 1 };
  if (latticeSquareAt(paper, first) === undefined) return beside;
  while (latticeSquareAt(paper, { ...first, col: first.col - 1 }) !== undefined)
    first = { ...first, col: first.col - 1 };
  return first;
}

/**
 * Strikes what stands under the hand: the digit, or where it is struck already, what it became. From an empty
 * square under a column of a subtraction, the digit that can give: on top, in the column to the left.
 */
export function struck(state: PaperState, desk: Desk, changed: Changed): PaperState {
  const { paper, at } = state;
  if (tokenIn(paper, at) !== undefined)
    return changed(written(paper, { kind: "strike", ...at, target: "square" }));
  const rule = ruleOver(paper, at);
  const giver =
    desk.work === "exchanges" && rule !== undefined && glyphIn(paper, at) === undefined
      ? topDigit(paper, rule, at.col - 1)
      : undefined;
  const square = giver ?? at;
  const small = smallOver(paper, square);
  const isStruck = marksIn(paper, square.col, square.row).some(
    (mark) => mark.kind === "strike" && mark.target === "square",
  );
  const target =
    glyphIn(paper, square) !== undefined && !isStruck
      ? ({ ...square, target: "square" } as const)
      : small === undefined
        ? undefined
        : ({ col: small.col, row: small.row, target: small.position } as const);
  if (target === undefined) return state;
  const next = changed(written(paper, { kind: "strike", ...target }), square);
  return { ...next, hand: "small", home: giver === undefined ? state.home : at };
}

/** A unit behind a number; where one stands already, the next of them in its place. */
export function unitWritten(
  { paper, at, ...state }: PaperState,
  units: readonly string[],
  { way, ahead }: { readonly way: Way; readonly ahead: Square },
  changed: Changed,
): PaperState {
  const behind: Square = { ...at, col: at.col + (way === "left" ? 1 : -1) };
  const there = marksIn(paper, behind.col, behind.row).find(
    (mark) => mark.kind === "glyph" && units.includes(mark.text),
  );
  const nth = there?.kind === "glyph" ? units.indexOf(there.text) + 1 : 0;
  const text = units[nth % units.length];
  if (text === undefined) return { ...state, paper, at };
  const square = there === undefined ? at : behind;
  return changed(
    written(paper, { kind: "glyph", ...square, text, look: "written" }),
    there === undefined ? ahead : at,
  );
}
