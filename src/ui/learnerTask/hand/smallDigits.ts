import type { Mark } from "@/core/board";
import { marksIn, type Paper, written } from "@/core/paper";
import type { Desk, PaperState, Square } from "./hand";
import { glyphIn, ruleOver, topRow } from "./handWay";

/** Small digits: what a struck digit became, a ten set before a digit, and carries. */

type Small = Extract<Mark, { kind: "small" }>;

/** Whether a small number was struck. */
const isStruck = ({ marks }: Paper, { col, row, position }: Small): boolean =>
  marks.some(
    (mark) => mark.kind === "strike" && mark.col === col && mark.row === row && mark.target === position,
  );

/** The small number that counts for a square: over its digit or in it, the last that was not struck. */
export const smallOver = (paper: Paper, { col, row }: Square): Small | undefined =>
  paper.marks
    .flatMap((mark) =>
      mark.kind === "small" &&
      mark.col === col &&
      (mark.row === row || (mark.row === row - 1 && glyphIn(paper, mark) === undefined)) &&
      !isStruck(paper, mark)
        ? [mark]
        : [],
    )
    .at(-1);

/** Where a small number has room: over the square's digit, below one that was struck there; else in the square. */
function roomOver(paper: Paper, square: Square): Pick<Small, "col" | "row" | "position"> {
  const { col, row } = square;
  // Under the roof of a division what is left stands at the digit that it goes with: over it is the quotient's room.
  const isRoofed = paper.marks.some(
    (mark) => mark.kind === "rule" && mark.row === row && mark.from <= col && col < mark.to,
  );
  const isDivided = isRoofed && paper.marks.some((mark) => mark.kind === "upright" && mark.row === row);
  if (isDivided || row === 0 || glyphIn(paper, { col, row: row - 1 }) !== undefined)
    return { col, row, position: "corner" };
  const taken = marksIn(paper, col, row - 1).some((mark) => mark.kind === "small" && mark.position === "low");
  return { col, row: row - 1, position: taken ? "high" : "low" };
}

/**
 * The paper with a small digit where the hand wants it, where the hand goes then, and whether it writes whole digits
 * again. Over a digit: what it became, after which the hand goes on to the neighbour that receives, and home
 * from there. In an empty square under a rule: the carry of that column. Anywhere else in the square.
 */
export function smallWritten(
  { paper, at, home }: PaperState,
  text: string,
  { work, carries }: Desk,
): { readonly next: Paper; readonly to: Square; readonly done: boolean } {
  const rule = ruleOver(paper, at);
  const last = paper.marks.at(-1);
  if (glyphIn(paper, at) === undefined && rule !== undefined) {
    const top = topRow(paper, rule);
    const square: Square = { col: at.col, row: top };
    const place: Pick<Small, "col" | "row" | "position"> =
      carries === "below" ? { col: at.col, row: rule.row, position: "high" } : roomOver(paper, square);
    return { next: written(paper, { kind: "small", ...place, text }), to: at, done: true };
  }
  if (glyphIn(paper, at) === undefined) {
    const there = smallOver(paper, at);
    const before = there?.text.length === 1 && there === last ? there.text : "";
    return {
      next: written(paper, { kind: "small", ...at, position: "low", text: before + text }),
      to: at,
      done: false,
    };
  }
  const there = smallOver(paper, at);
  const digitStruck = marksIn(paper, at.col, at.row).some(
    (mark) => mark.kind === "strike" && mark.target === "square",
  );
  // A second digit stands behind the first; a one before what was there already makes it a ten more.
  const fresh = there !== undefined && there === last;
  const whole =
    there === undefined
      ? text
      : fresh && there.text.length === 1
        ? there.text + text
        : text === "1" && there.text.length === 1
          ? text + there.text
          : text;
  const place = there ?? roomOver(paper, at);
  const next = written(paper, {
    kind: "small",
    col: place.col,
    row: place.row,
    position: place.position,
    text: whole,
  });
  if (work !== "exchanges") return { next, to: at, done: false };
  const receives = !digitStruck || whole.length === 2;
  if (receives) return { next, to: home ?? at, done: true };
  const neighbour = { ...at, col: at.col + 1 };
  return { next, to: glyphIn(paper, neighbour) === undefined ? at : neighbour, done: false };
}
