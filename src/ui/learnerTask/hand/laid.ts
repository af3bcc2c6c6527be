import type { Mark, ShapeLook } from "@/core/board";
import { marksIn, type Paper, written } from "@/core/paper";
import type { LaidThing, Square } from "./hand";
import { glyphIn } from "./handWay";

/** Things and shapes on the learner's paper: laid, moved, traded; cut, shaded and joined. */

type Token = Extract<Mark, { kind: "token" }>;
type Shape = Extract<Mark, { kind: "shape" }>;

/** The shapes, each with the squares it takes when it is drawn. */
const SHAPES: Readonly<Record<ShapeLook, { readonly width: number; readonly height: number }>> = {
  bar: { width: 12, height: 1 },
  circle: { width: 4, height: 4 },
  square: { width: 5, height: 5 },
};

const NEXT_LOOK: Readonly<Record<ShapeLook, ShapeLook>> = { bar: "circle", circle: "square", square: "bar" };

/** The most parts that a shape is cut into at first; twice as many when it is cut again. */
const MOST_CUTS = 24;

export const tokenIn = (paper: Paper, { col, row }: Square): Token | undefined =>
  marksIn(paper, col, row).find((mark): mark is Token => mark.kind === "token");

/**
 * The paper with a thing laid, of the kind that was laid last, and where the hand goes; with `next`, the one behind the
 * hand becomes the next kind.
 */
export function thingLaid(
  paper: Paper,
  at: Square,
  things: readonly LaidThing[],
  next: boolean,
): { readonly next: Paper; readonly to: Square } {
  const behind: Square = { ...at, col: at.col - 1 };
  const tokens = paper.marks.filter((mark): mark is Token => mark.kind === "token");
  const there = next ? tokenIn(paper, behind) : tokens.at(-1);
  const nth = things.findIndex(({ look, text }) => look === there?.look && text === there.text);
  const thing = things[next ? (nth + 1) % things.length : Math.max(nth, 0)];
  if (thing === undefined || (next && there === undefined)) return { next: paper, to: at };
  const square = next ? behind : at;
  return {
    next: written(paper, { kind: "token", ...square, ...thing }),
    to: next ? at : { ...at, col: at.col + 1 },
  };
}

/** The shape that a square lies in. */
export const shapeIn = ({ marks }: Paper, { col, row }: Square): Shape | undefined =>
  marks.find(
    (mark): mark is Shape =>
      mark.kind === "shape" &&
      col >= mark.col &&
      col < mark.col + mark.width &&
      row >= mark.row &&
      row < mark.row + mark.height,
  );

const without = ({ marks }: Paper, gone: Mark): Paper => ({ marks: marks.filter((mark) => mark !== gone) });

const changedTo = (paper: Paper, shape: Shape, to: Partial<Shape>): Paper =>
  written(without(paper, shape), { ...shape, ...to });

/** The paper with a shape drawn with its upper left corner in a square; where one is already, it becomes the next kind. */
export function shapeDrawn(paper: Paper, at: Square, look: ShapeLook): Paper {
  const there = shapeIn(paper, at);
  if (there === undefined)
    return written(paper, { kind: "shape", look, ...at, ...SHAPES[look], across: 1, down: 1, shaded: [] });
  const next = NEXT_LOOK[there.look];
  return changedTo(paper, there, { look: next, ...SHAPES[next], across: 1, down: 1, shaded: [] });
}

/**
 * The paper with a shape cut into as many parts as some digits say, none of them shaded, and the digits that count: the
 * last alone where together they are too many.
 */
export function shapeCut(
  paper: Paper,
  shape: Shape,
  digits: string,
): { readonly next: Paper; readonly digits: string } {
  const counts = Number(digits) <= MOST_CUTS ? digits : digits.slice(-1);
  const across = Number(counts);
  return {
    next: across < 1 ? paper : changedTo(paper, shape, { across, down: 1, shaded: [] }),
    digits: counts,
  };
}

/** The paper with every part of a shape cut into so many, across the first cut in a square; what is shaded stays shaded. */
export function cutAgain(paper: Paper, shape: Shape, parts: number): Paper {
  const { across, down, shaded, look } = shape;
  const isSquare = look === "square";
  if (parts < 2 || (isSquare ? down : across) * parts > 2 * MOST_CUTS) return paper;
  const each = Array.from({ length: parts }, (_, nth) => nth);
  return isSquare
    ? changedTo(paper, shape, {
        down: down * parts,
        shaded: shaded.flatMap((part) => {
          const [i, j] = [part % across, Math.floor(part / across)];
          return each.map((nth) => (j * parts + nth) * across + i);
        }),
      })
    : changedTo(paper, shape, {
        across: across * parts,
        shaded: shaded.flatMap((part) => each.map((nth) => part * parts + nth)),
      });
}

/** The paper with one more part of a shape shaded, or one fewer. */
export function shadedMore(paper: Paper, shape: Shape, more: boolean): Paper {
  const { shaded, across, down } = shape;
  if (!more) return changedTo(paper, shape, { shaded: shaded.slice(0, -1) });
  const next = Array.from({ length: across * down }, (_, nth) => nth).find((nth) => !shaded.includes(nth));
  return next === undefined ? paper : changedTo(paper, shape, { shaded: [...shaded, next] });
}

/** The paper with the part of a shape shaded that a point lies in, or no longer. */
export function shadedAt(paper: Paper, shape: Shape, x: number, y: number): Paper {
  const { col, row, width, height, across, down, shaded, look } = shape;
  const part =
    look === "circle"
      ? Math.floor(
          (((Math.atan2(x - col - width / 2, row + height / 2 - y) / (2 * Math.PI) + 1) % 1) * across) %
            across,
        )
      : Math.floor(((y - row) / height) * down) * across + Math.floor(((x - col) / width) * across);
  return changedTo(paper, shape, {
    shaded: shaded.includes(part) ? shaded.filter((one) => one !== part) : [...shaded, part],
  });
}

/**
 * The paper with what lies in a square put down in another: a thing or a whole shape. A shape that is put on another
 * one with equal parts gives it what is shaded, as much as there is room for.
 */
export function carriedTo(paper: Paper, from: Square, to: Square): Paper {
  const token = tokenIn(paper, from);
  if (token !== undefined)
    return glyphIn(paper, to) === undefined && tokenIn(paper, to) === undefined
      ? {
          marks: paper.marks.map((mark) =>
            goesAlong(mark, from) ? { ...mark, col: to.col, row: to.row } : mark,
          ),
        }
      : paper;
  const shape = shapeIn(paper, from);
  if (shape === undefined) return paper;
  const onto = shapeIn(paper, to);
  if (onto !== undefined && onto !== shape) return joined(paper, shape, onto);
  return changedTo(paper, shape, {
    col: shape.col + to.col - from.col,
    row: Math.max(0, shape.row + to.row - from.row),
  });
}

/** Whether a mark is a thing in a square, or the stroke through it. */
const goesAlong = (mark: Mark, { col, row }: Square): mark is Extract<Mark, { kind: "token" | "strike" }> =>
  (mark.kind === "token" || mark.kind === "strike") && mark.col === col && mark.row === row;

function joined(paper: Paper, one: Shape, onto: Shape): Paper {
  const parts = onto.across * onto.down;
  if (one.across * one.down !== parts) return paper;
  const all = one.shaded.length + onto.shaded.length;
  const first = (count: number): readonly number[] => Array.from({ length: count }, (_, nth) => nth);
  const filled = changedTo(paper, onto, { shaded: first(Math.min(all, parts)) });
  return all > parts ? changedTo(filled, one, { shaded: first(all - parts) }) : without(filled, one);
}

/** What pieces of base ten are made of. */
const SMALLER: Readonly<Record<string, string>> = { "1": "0.1", "0.1": "0.01" };

/**
 * The paper with a piece traded: ten of its kind become one of the next larger; where there are fewer, it becomes ten
 * of the next smaller, laid out in the row under it.
 */
export function traded(paper: Paper, at: Square, cols: number): Paper {
  const token = tokenIn(paper, at);
  if (token === undefined || token.look !== "piece") return paper;
  const alike = paper.marks.filter((mark) => mark.kind === "token" && mark.text === token.text);
  const larger = Object.keys(SMALLER).find((one) => SMALLER[one] === token.text);
  if (alike.length >= 10 && larger !== undefined) {
    const gone = new Set<Mark>([token, ...alike.filter((mark) => mark !== token).slice(-9)]);
    return written({ marks: paper.marks.filter((mark) => !gone.has(mark)) }, { ...token, text: larger });
  }
  const smaller = SMALLER[token.text];
  if (smaller === undefined) return paper;
  const rest = without(paper, token);
  const free: Square[] = [];
  for (let row = at.row + 1; free.length < 10 && row < at.row + 8; row++)
    for (let col = Math.max(0, Math.min(at.col, cols - 10)); col < cols && free.length < 10; col++)
      if (glyphIn(rest, { col, row }) === undefined && tokenIn(rest, { col, row }) === undefined)
        free.push({ col, row });
  return written(rest, ...free.map((square): Mark => ({ ...token, ...square, text: smaller })));
}
