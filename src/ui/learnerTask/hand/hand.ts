import type { Mark, ShapeLook, TokenLook } from "@/core/board";
import type { Paper } from "@/core/paper";

/** A counter, a coin or a piece, as it is laid. */
export interface LaidThing {
  readonly look: TokenLook;
  readonly text: string;
}

/** A square of the paper. */
export interface Square {
  readonly col: number;
  readonly row: number;
}

/** Which way writing goes on after a digit: to the right, or to the left as under a rule. */
export type Way = "right" | "left";

/** What the hand does: writes a digit in its square, a small one, or draws from one square to another. */
export type Hand = "digit" | "small" | "jump" | "box";

/** How a shape is being cut: by a number that is being typed, or every part of it again by the next digit. */
type Cutting = { readonly digits: string } | "again";

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
  /** The square under a rule that the hand left, and comes back to after an exchange; or the one it left for the quotient. */
  readonly home: Square | undefined;
  /** Whether the hand has just come to a new line. */
  readonly newLine: boolean;
  /** Whether the tens of the lattice's square under the hand stay empty. */
  readonly onesNext: boolean;
  /** Where a jump or a box begins that is drawn by keys, or what is carried over the paper. */
  readonly held: Square | undefined;
  /** The digits that cut the shape under the hand, as they were typed since it came there; none where it is not being cut. */
  readonly cutting: Cutting | undefined;
}

export type HandStroke =
  | { readonly kind: "go"; readonly to: Square }
  | { readonly kind: "move"; readonly cols: number; readonly rows: number }
  /** To the beginning of the next line. */
  | { readonly kind: "line" }
  /** Past a square, which stays empty, and again to under the next number above; with a jump or a box in hand, takes hold of it and lets go. */
  | { readonly kind: "ahead" }
  /** To where the quotient goes on, and back. */
  | { readonly kind: "quotient" }
  | { readonly kind: "glyph"; readonly text: string }
  | { readonly kind: "point" }
  | { readonly kind: "bar" }
  | { readonly kind: "rule" }
  /** An upright line at the left edge of the square; drawn again, it gets a roof. */
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
  | { readonly kind: "box"; readonly from: Square; readonly to: Square }
  /** Lays one of some things: of the kind that was laid last; with `next`, the one behind the hand becomes the next kind. */
  | { readonly kind: "lay"; readonly things: readonly LaidThing[]; readonly next: boolean }
  /** Draws a whole, or makes it the next kind of whole. */
  | { readonly kind: "shape"; readonly look: ShapeLook }
  /** One part of the shape under the hand more, or one fewer. */
  | { readonly kind: "shade"; readonly more: boolean }
  /** The part of a shape at a point, in squares. */
  | { readonly kind: "shadeAt"; readonly x: number; readonly y: number }
  /** Takes up what lies under the hand, or puts it down. */
  | { readonly kind: "take" }
  | { readonly kind: "carry"; readonly from: Square; readonly to: Square }
  | { readonly kind: "trade" }
  /** What was given, and nothing else. */
  | { readonly kind: "begin"; readonly marks: readonly Mark[] };

/** The squares of the paper; left of them a margin for notes, whose columns are counted below zero. */
export interface Size {
  readonly cols: number;
  readonly margin: number;
  readonly rows: number;
}

/** What the hand works with: its paper, what was given on it, and the kind of work. */
export interface Desk {
  readonly size: Size;
  /** The squares that were given. */
  readonly given: ReadonlySet<string>;
  readonly work: "columns" | "exchanges" | "division" | "units" | "fractions";
  readonly carries: "above" | "below";
}

export const within = ({ col, row }: Square, { cols, rows, margin }: Size): Square => ({
  col: Math.min(Math.max(-margin, col), cols - 1),
  row: Math.min(Math.max(0, row), rows - 1),
});

/** A paper before anything is done, with the hand on a square. */
export const startPaper = (paper: Paper, at: Square): PaperState => ({
  paper,
  before: [],
  after: [],
  at,
  hand: "digit",
  way: undefined,
  home: undefined,
  newLine: false,
  onesNext: false,
  held: undefined,
  cutting: undefined,
});

export const handSquareKey = ({ col, row }: Square): string => `${col} ${row}`;

/** The squares that are taken by what was given. */
export const squaresGiven = (marks: readonly Mark[]): ReadonlySet<string> =>
  new Set(marks.flatMap((mark) => (mark.kind === "glyph" ? [handSquareKey(mark)] : [])));
