import type { Mark } from "../board";

/**
 * What a learner has written: any marks on squared paper, and no promise that they make sense. One mark to a
 * slot: a square, a position in it, a grid line.
 */
export interface Paper {
  readonly marks: readonly Mark[];
}

export const BLANK_PAPER: Paper = { marks: [] };

/** The place on the paper that a mark takes, as text: a second one there takes the first one's place. */
function slotOf(mark: Mark): string {
  switch (mark.kind) {
    case "glyph":
    case "ring":
    case "shape":
      return `${mark.kind} ${mark.col} ${mark.row}`;
    // A square holds a sign or a thing, not both.
    case "token":
      return `glyph ${mark.col} ${mark.row}`;
    case "small":
      return `small ${mark.col} ${mark.row} ${mark.position}`;
    case "strike":
      return `strike ${mark.col} ${mark.row} ${mark.target}`;
    case "point":
      return `point ${mark.line} ${mark.row}`;
    case "spot":
      return `spot ${mark.col} ${mark.row}`;
    case "rule":
      return `rule ${mark.row} ${mark.from}`;
    case "upright":
      return `upright ${mark.line} ${mark.row}`;
    case "frame":
      return `frame ${mark.col} ${mark.row}`;
    case "diagonal":
      return `diagonal ${mark.col} ${mark.row}`;
    case "recurring":
      return `recurring ${mark.row} ${mark.from}`;
    case "hop":
      return `hop ${mark.row} ${mark.from}`;
    case "label":
      return `label ${mark.line} ${mark.row}`;
    case "jump":
      return `jump ${mark.row} ${mark.from} ${mark.to}`;
    case "leap":
      return `leap ${mark.line} ${mark.row}`;
    case "guide":
      return `guide ${mark.row}`;
  }
}

/** The paper with marks written, each in place of what stood in its slot. */
export function written(paper: Paper, ...marks: readonly Mark[]): Paper {
  const fresh = new Map(marks.map((mark) => [slotOf(mark), mark]));
  return { marks: [...paper.marks.filter((mark) => !fresh.has(slotOf(mark))), ...fresh.values()] };
}

/** Whether a mark lies in a square: its digit, the small ones in it, its strike, the point at its left edge. */
const inSquare = (mark: Mark, col: number, row: number): boolean => {
  switch (mark.kind) {
    case "glyph":
    case "small":
    case "ring":
    case "spot":
    case "strike":
    case "token":
      return mark.row === row && mark.col === col;
    case "point":
      return mark.row === row && mark.line === col;
    case "recurring":
    case "rule":
    case "upright":
    case "frame":
    case "diagonal":
    case "hop":
    case "label":
    case "jump":
    case "leap":
    case "guide":
    case "shape":
      return false;
  }
};

/** What stands in a square, the last written last. */
export const marksIn = ({ marks }: Paper, col: number, row: number): readonly Mark[] =>
  marks.filter((mark) => inSquare(mark, col, row));

/** The paper with the last mark of a square rubbed out. */
export function rubbedOut(paper: Paper, col: number, row: number): Paper {
  const here = marksIn(paper, col, row).at(-1);
  return here === undefined ? paper : { marks: paper.marks.filter((mark) => mark !== here) };
}

/** The paper with the line, the jump or the shape rubbed out that goes through a square. */
export function lineRubbedOut(paper: Paper, col: number, row: number): Paper {
  const through = paper.marks.filter((mark) => {
    if (mark.kind === "rule") return mark.row === row && mark.from <= col && col < mark.to;
    if (mark.kind === "jump") return mark.row === row && Math.min(mark.from, mark.to) === col;
    if (mark.kind === "shape" || mark.kind === "frame")
      return (
        col >= mark.col && col < mark.col + mark.width && row >= mark.row && row < mark.row + mark.height
      );
    if (mark.kind === "leap") return mark.row === row && mark.line === col;
    if (mark.kind === "upright") return mark.line === col && row >= mark.row && row < mark.to;
    return false;
  });
  const last = through.at(-1);
  return last === undefined ? paper : { marks: paper.marks.filter((mark) => mark !== last) };
}
