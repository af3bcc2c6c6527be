import type { Mark } from "../board";
import type { Paper } from "./paper";

/**
 * Reading a learner's paper as a working: the rows of a sound working are looked for among the rows that are
 * written, in their order, wherever on the paper they stand. What counts is how the rows lie to each other.
 */

/** A working as it is looked for. */
export interface SoughtWay {
  readonly steps: readonly { readonly marks: readonly Mark[] }[];
  /** Whether its rows stand in columns, so that all lie equally far to the side; else only their order counts. */
  readonly aligned: boolean;
}

/** A digit as a mark: one that fills its square, or one in a half of a lattice's square. */
export type DigitMark = Extract<Mark, { kind: "glyph" | "small" }>;

interface Digit {
  readonly text: string;
  readonly col: number;
}

/**
 * The digits of a row by where they stand: the column times ten, and a little more for the halves of a
 * lattice's square. Where only order counts, the number of the group and of the digit in it.
 */
type Line = ReadonlyMap<number, Digit>;

/** A row of a working as it was found on the paper, and how far to the right it stands there. */
interface RowFit {
  readonly row: number;
  readonly shift: number;
  readonly sought: Line;
  readonly found: Line;
}

/** How a working lies on the paper: each of its rows that was found. */
export interface Fit {
  readonly rows: ReadonlyMap<number, RowFit>;
  /** How many digits agree, and how many stand where another one should. */
  readonly agree: number;
  readonly differ: number;
  /** How many digits of the paper have no place in the working. */
  readonly stray: number;
  /** Whether all that is written stands as in the working, which is only moved as a whole. */
  readonly whole?: true;
}

const isDigit = (text: string): boolean => /^\d+$/.test(text);

const HALVES: Readonly<Partial<Record<string, number>>> = { tens: 2, ones: 7 };

/** The square a mark is looked for in: a number that is centred on another may stand on the line between two. */
const squareOf = ({ col }: { readonly col: number }): number => Math.floor(col);

/** Where a digit stands in its row; none for other marks, and for carries. */
function standing(mark: Mark): number | undefined {
  if (mark.kind === "glyph") return isDigit(mark.text) ? squareOf(mark) * 10 : undefined;
  const half = mark.kind === "small" ? HALVES[mark.position] : undefined;
  return half === undefined || mark.kind !== "small" ? undefined : squareOf(mark) * 10 + half;
}

/** The digits that a working needs: fillers and carries are not among them. */
export const needed = (mark: Mark): mark is DigitMark =>
  standing(mark) !== undefined && (mark.kind !== "glyph" || mark.look === "written");

/** The rows that have digits, from the top. */
function linesOf(marks: readonly Mark[], aligned: boolean): readonly (readonly [number, Line])[] {
  const rows = new Map<number, Map<number, Digit>>();
  for (const mark of marks) {
    const at = standing(mark);
    if (at === undefined || (mark.kind !== "glyph" && mark.kind !== "small")) continue;
    const row = rows.get(mark.row) ?? new Map<number, Digit>();
    rows.set(mark.row, row.set(at, { text: mark.text, col: squareOf(mark) }));
  }
  const sorted = [...rows].sort(([a], [b]) => a - b);
  return aligned ? sorted : sorted.map(([row, line]) => [row, inOrder(line)] as const);
}

/** More digits than stand together in one number. */
const GROUP = 1000;

/** The digits numbered by their order, those without a gap between them as one group. */
function inOrder(line: Line): Line {
  let [group, nth] = [-1, 0];
  let before: number | undefined;
  return new Map(
    [...line.values()]
      .sort((a, b) => a.col - b.col)
      .map((digit) => {
        const together = before !== undefined && digit.col - before <= 1;
        [group, nth] = together ? [group, nth + 1] : [group + 1, 0];
        before = digit.col;
        return [(group * GROUP + nth) * 10, digit];
      }),
  );
}

function compared(
  sought: Line,
  found: Line,
  shift: number,
): { readonly agree: number; readonly differ: number } {
  let [agree, differ] = [0, 0];
  for (const [at, { text }] of sought) {
    const there = found.get(at + shift * 10);
    if (there?.text === text) agree += 1;
    else if (there !== undefined) differ += 1;
  }
  return { agree, differ };
}

/** How much a pair of rows speaks for belonging together. */
const scoreOf = ({ agree, differ }: { readonly agree: number; readonly differ: number }): number =>
  agree === 0 ? 0 : agree - differ * 0.6;

const shiftsBetween = (sought: Line, found: Line): readonly number[] => [
  ...new Set(
    [...sought].flatMap(([at, { text }]) =>
      [...found].flatMap(([there, digit]) =>
        digit.text === text && (there - at) % 10 === 0 ? [(there - at) / 10] : [],
      ),
    ),
  ),
];

type Rows = readonly (readonly [number, Line])[];

/** The best pairing of rows in order, each by the shifts that it is allowed. */
function paired(sought: Rows, found: Rows, shiftFor: (one: Line, other: Line) => readonly number[]): Fit {
  const best: { readonly score: number; readonly pairedBy?: number }[][] = [];
  const at = (i: number, j: number): number => best[i]?.[j]?.score ?? 0;
  for (let i = 0; i <= sought.length; i++) {
    const line: { score: number; pairedBy?: number }[] = [];
    best.push(line);
    for (let j = 0; j <= found.length; j++) {
      const here: { score: number; pairedBy?: number } = {
        score: Math.max(i > 0 ? at(i - 1, j) : 0, j > 0 ? (line[j - 1]?.score ?? 0) : 0),
      };
      line.push(here);
      const [one, other] = [sought[i - 1]?.[1], found[j - 1]?.[1]];
      if (one === undefined || other === undefined) continue;
      for (const shift of shiftFor(one, other)) {
        const score = scoreOf(compared(one, other, shift));
        if (score > 0 && at(i - 1, j - 1) + score > here.score) {
          here.score = at(i - 1, j - 1) + score;
          here.pairedBy = shift;
        }
      }
    }
  }
  const pairs: [number, number, number][] = [];
  let [i, j] = [sought.length, found.length];
  while (i > 0 && j > 0) {
    const shift = best[i]?.[j]?.pairedBy;
    if (shift !== undefined) {
      pairs.unshift([i - 1, j - 1, shift]);
      [i, j] = [i - 1, j - 1];
    } else if (at(i - 1, j) >= at(i, j)) i -= 1;
    else j -= 1;
  }
  return fitFrom(sought, found, withGaps(pairs, sought.length, found.length));
}

/**
 * A row between two that were found, or after the last, is taken for the one that stands there, whatever its
 * digits are: a wrong answer need not share one with the right one.
 */
function withGaps(
  pairs: readonly (readonly [number, number, number])[],
  sought: number,
  found: number,
): readonly (readonly [number, number, number])[] {
  if (pairs.length === 0) return pairs;
  const ends = [...pairs, [sought, found, pairs.at(-1)?.[2] ?? 0] as const];
  let before: readonly [number, number, number] = [-1, -1, pairs[0]?.[2] ?? 0];
  const all: (readonly [number, number, number])[] = [];
  for (const next of ends) {
    const few = Math.min(next[0] - before[0], next[1] - before[1]) - 1;
    for (let nth = 1; nth <= few; nth++) all.push([before[0] + nth, before[1] + nth, before[2]]);
    if (next[0] < sought) all.push(next);
    before = next;
  }
  return all;
}

function fitFrom(sought: Rows, found: Rows, pairs: readonly (readonly [number, number, number])[]): Fit {
  const rows = new Map<number, RowFit>();
  let [agree, differ] = [0, 0];
  for (const [i, j, shift] of pairs) {
    const [one, other] = [sought[i], found[j]];
    if (one === undefined || other === undefined) continue;
    rows.set(one[0], { row: other[0], shift, sought: one[1], found: other[1] });
    const both = compared(one[1], other[1], shift);
    agree += both.agree;
    differ += both.differ;
  }
  const written = found.reduce((sum, [, line]) => sum + line.size, 0);
  return { rows, agree, differ, stray: written - agree - differ };
}

/**
 * The working laid on the paper as a whole, where all that is written agrees with it, fillers too: nothing fits
 * better, and rows or digits that look alike are not taken for one another. None where anything differs or has no place.
 */
function asItStands(paper: Paper, marks: readonly Mark[]): Fit | undefined {
  const [sought, found] = [linesOf(marks.filter(needed), true), linesOf(paper.marks, true)];
  const all = new Map(linesOf(marks, true));
  const [first] = found;
  if (first === undefined) return undefined;
  for (const [row, line] of all) {
    const down = first[0] - row;
    for (const shift of shiftsBetween(line, first[1])) {
      const agrees = found.every(([there, digits]) =>
        [...digits].every(([at, { text }]) => all.get(there - down)?.get(at - shift * 10)?.text === text),
      );
      if (!agrees) continue;
      const pairs = sought.flatMap(([one], i) => {
        const j = found.findIndex(([other]) => other === one + down);
        return j < 0 ? [] : [[i, j, shift] as const];
      });
      return { ...fitFrom(sought, found, pairs), whole: true };
    }
  }
  return undefined;
}

const NONE: Fit = { rows: new Map(), agree: 0, differ: 0, stray: 0 };

/** How much a paper speaks for a working: what has no place in it speaks more against it than a wrong digit. */
export const fitScore = ({ agree, differ, stray }: Fit): number => agree - differ * 0.5 - stray;

/** How a working fits the paper best. */
export function fitOf(paper: Paper, way: SoughtWay): Fit {
  const marks = way.steps.flatMap((step) => step.marks);
  const whole = asItStands(paper, marks);
  if (whole !== undefined) return whole;
  const sought = linesOf(marks.filter(needed), way.aligned);
  const found = linesOf(paper.marks, way.aligned);
  if (!way.aligned) return paired(sought, found, () => [0]);
  const shifts = new Set(
    sought.flatMap(([, one]) => found.flatMap(([, other]) => shiftsBetween(one, other))),
  );
  return [...shifts]
    .map((shift) => paired(sought, found, () => [shift]))
    .reduce((best, fit) => (best === NONE || fitScore(fit) > fitScore(best) ? fit : best), NONE);
}

/** The digit that is written where a working has one; none where its row, or its square, is empty. */
export function digitThere(fit: Fit, mark: DigitMark): Digit | undefined {
  const place = fit.rows.get(mark.row);
  if (place === undefined) return undefined;
  const at = [...place.sought].find(
    ([key, digit]) =>
      digit.col === squareOf(mark) && digit.text === mark.text && half(key) === half(standing(mark) ?? 0),
  )?.[0];
  return at === undefined ? undefined : place.found.get(at + place.shift * 10);
}

const half = (key: number): number => ((key % 10) + 10) % 10;
