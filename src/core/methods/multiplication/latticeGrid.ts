import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import type { Decimal } from "../../number";
import { signOf } from "../../problem";

/** A lattice's squares: `across` columns ending at line 0, `down` rows from row 1. */
export interface Grid {
  readonly across: number;
  readonly down: number;
}

/** The square a diagonal comes out at: under the lattice from the right, then left of it from below. */
export const exitOf = (
  { across, down }: Grid,
  nth: number,
): { readonly col: number; readonly row: number } =>
  nth < across ? { col: -1 - nth, row: down + 1 } : { col: -across - 1, row: down - (nth - across) };

/** Where the carry into a diagonal is written: just outside the digit that it will meet. */
export function carryPosition(
  grid: Grid,
  nth: number,
): { readonly col: number; readonly row: number; readonly position: "high" | "low" } {
  const { col, row } = exitOf(grid, nth);
  return nth < grid.across ? { col, row: row + 1, position: "high" } : { col: col - 1, row, position: "low" };
}

/** The factor along the top, a digit to a square, and the sign after it. */
export function topMarks(
  digits: readonly number[],
  { fraction, point }: Decimal,
  { across }: Grid,
  pointed: boolean,
  house: HouseRules,
): readonly Mark[] {
  const look = point ? "written" : "hidden";
  return [
    ...digits.map((digit, index) => ({
      kind: "glyph" as const,
      col: index - across,
      row: 0,
      text: String(digit),
      look: "written" as const,
    })),
    { kind: "glyph", col: 0, row: 0, text: signOf("multiply", house), look: "written" },
    ...(pointed ? [{ kind: "point" as const, line: 0 - fraction.length, row: 0, look } as const] : []),
  ];
}

/** The factor down the right side. */
export function sideMarks(
  digits: readonly number[],
  { fraction, point }: Decimal,
  pointed: boolean,
): readonly Mark[] {
  const look = point ? "written" : "hidden";
  return [
    ...digits.map((digit, index) => ({
      kind: "glyph" as const,
      col: 0,
      row: index + 1,
      text: String(digit),
      look: "written" as const,
    })),
    ...(pointed
      ? [{ kind: "spot" as const, col: 0, row: digits.length + 1 - fraction.length, look } as const]
      : []),
  ];
}

/** The squares with their diagonals. */
export function gridMarks({ across, down }: Grid): readonly Mark[] {
  const lines = (count: number): readonly number[] => Array.from({ length: count }, (_, index) => index);
  return [
    { kind: "frame", col: -across, row: 1, width: across, height: down },
    ...lines(down - 1).map((row) => ({
      kind: "rule" as const,
      row: row + 2,
      from: -across,
      to: 0,
      strokes: 1 as const,
    })),
    ...lines(across - 1).map((col) => ({
      kind: "upright" as const,
      line: col + 1 - across,
      row: 1,
      to: down + 1,
      look: "straight" as const,
    })),
    ...lines(down).flatMap((row) =>
      lines(across).map((col) => ({ kind: "diagonal" as const, col: col - across, row: row + 1, size: 1 })),
    ),
  ];
}

/** The two points come in along their lines, meet, and slide down the diagonal to the edge, where the answer gets its own if it has just their places. */
export function pointWays(
  { across, down }: Grid,
  top: Decimal,
  side: Decimal,
  places: number,
): readonly Mark[] {
  const line = 0 - top.fraction.length;
  const row = down + 1 - side.fraction.length;
  const slide = Math.min(line + across, down + 1 - row);
  const end = { line: line - slide, row: row + slide };
  const atBottom = end.row === down + 1;
  const soundly = places === top.fraction.length + side.fraction.length;
  const way = [{ line, row: 1 }, { line, row }, end];
  return [
    { kind: "guide", row: 1, way },
    {
      kind: "guide",
      row,
      way: [
        { line: 0, row },
        { line, row },
      ],
    },
    ...(soundly && !atBottom
      ? [{ kind: "spot" as const, col: -across - 1, row: end.row, look: "written" as const }]
      : []),
    ...(soundly && atBottom
      ? [{ kind: "point" as const, line: end.line, row: down + 1, look: "written" as const }]
      : []),
  ];
}
