import type { Mark } from "../../board";

/** A square of the paper. */
export interface Spot {
  readonly col: number;
  readonly row: number;
}

/** One sign of a row, with the square it stands in; what a glyph of several letters says is several of them. */
export interface Sign extends Spot {
  readonly text: string;
  /** What a struck digit became: written over it, small or large. Empty where it was only struck. */
  readonly became?: string;
}

type Of<Kind extends Mark["kind"]> = Extract<Mark, { kind: Kind }>;
type Glyph = Of<"glyph">;
type Small = Of<"small">;
export type Rule = Of<"rule">;
type Upright = Of<"upright">;
export type PointMark = Of<"point">;

/** The marks of a paper by their kinds. */
export interface Sorted {
  readonly glyphs: readonly Glyph[];
  readonly smalls: readonly Small[];
  readonly rules: readonly Rule[];
  readonly uprights: readonly Upright[];
  readonly points: readonly PointMark[];
  readonly strikes: readonly Of<"strike">[];
  readonly diagonals: readonly Of<"diagonal">[];
  readonly frames: readonly Of<"frame">[];
  readonly jumps: readonly Of<"jump">[];
  readonly labels: readonly Of<"label">[];
  /** What is laid and not written: counters, pieces, coins that stand in no line with signs. */
  readonly tokens: readonly Of<"token">[];
  readonly shapes: readonly Of<"shape">[];
  /** The mark that the hand is at: the one written last; none on blank paper, and once the hand is lifted. */
  readonly last: Mark | undefined;
}

/** Sorts marks by their kinds; points that were struck are none. */
export function sorted(marks: readonly Mark[], settled: boolean): Sorted {
  const kind = <Kind extends Mark["kind"]>(wanted: Kind): readonly Of<Kind>[] =>
    marks.filter((mark): mark is Of<Kind> => mark.kind === wanted);
  // A digit that has just been struck will become another one: until it has, it stands.
  const last = settled ? undefined : marks.at(-1);
  const isOpen = (mark: Mark): boolean => mark === last && mark.kind === "strike" && mark.target === "square";
  // Coins in a line with signs are read as they are called.
  const inLine = kind("token").filter(
    ({ look, row }) => look === "coin" && kind("glyph").some((glyph) => glyph.row === row),
  );
  return {
    glyphs: [
      ...kind("glyph"),
      ...inLine.map(({ col, row, text }) => ({ kind: "glyph", col, row, text, look: "written" }) as const),
    ],
    tokens: kind("token").filter((token) => !inLine.includes(token)),
    shapes: kind("shape"),
    smalls: kind("small"),
    rules: kind("rule"),
    uprights: kind("upright"),
    points: kind("point").filter(
      ({ line, row }) =>
        !kind("strike").some(
          (strike) => strike.target === "point" && strike.col === line && strike.row === row,
        ),
    ),
    strikes: kind("strike").filter((mark) => !isOpen(mark)),
    diagonals: kind("diagonal"),
    frames: kind("frame"),
    jumps: kind("jump"),
    labels: kind("label"),
    last,
  };
}

const isDigits = (text: string): boolean => /^\d+$/.test(text);

/**
 * What the struck digits became: a small number in the same square or over it, or a digit in the square over it
 * that stands there for nothing else.
 */
function becameOf({ strikes, smalls, glyphs }: Sorted): ReadonlyMap<string, string> {
  const became = new Map<string, string>();
  for (const { col, row, target } of strikes) {
    if (target !== "square") continue;
    const here = smalls.filter((small) => small.col === col && (small.row === row || small.row === row - 1));
    const kept = here.filter(
      (small) =>
        !strikes.some((one) => one.col === col && one.row === small.row && one.target === small.position),
    );
    const over = glyphs.find(
      (glyph) =>
        glyph.col === col && (glyph.row === row - 1 || glyph.row === row - 0.5) && isDigits(glyph.text),
    );
    became.set(spotKey({ col, row }), kept.at(-1)?.text ?? over?.text ?? "");
  }
  return became;
}

export const spotKey = ({ col, row }: Spot): string => `${col} ${row}`;

/** The rows that anything is written in, from the top, each with its signs from the left. */
export function rowsOf(marks: Sorted): readonly { readonly row: number; readonly signs: readonly Sign[] }[] {
  const became = becameOf(marks);
  const rows = new Map<number, Sign[]>();
  for (const { col, row, text } of marks.glyphs) {
    const signs = rows.get(row) ?? [];
    rows.set(row, signs);
    const instead = became.get(spotKey({ col, row }));
    for (const sign of text)
      signs.push({ col, row, text: sign, ...(instead === undefined ? {} : { became: instead }) });
  }
  return [...rows]
    .sort(([a], [b]) => a - b)
    .map(([row, signs]) => ({ row, signs: signs.sort((a, b) => a.col - b.col) }));
}
