import Exact from "fraction.js";
import type { PointMark, Sign, Sorted } from "./glyphs";

/** A number in one row, as its digits stand. */
export interface WrittenNumeral {
  readonly kind: "numeral";
  readonly row: number;
  /** The grid lines left and right of it. */
  readonly from: number;
  readonly to: number;
  readonly digits: readonly Sign[];
  /** The grid line its point stands on; none where it has none. */
  readonly point: number | undefined;
  /** As it was first written, and as it stands once what was struck became something else. */
  readonly text: string;
  readonly mended: string;
}

/** A word or a sign that is no digit: an operation, a unit, a bracket. */
interface Word {
  readonly kind: "word";
  readonly row: number;
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

export type WrittenPiece = WrittenNumeral | Word;

/** What a numeral is worth as it stands. */
export const worthOfNumeral = ({ mended }: WrittenNumeral): Exact => exactly(mended);

/** What a number in digits with a point is worth. */
export function exactly(text: string): Exact {
  const [whole = "", fraction = ""] = text.split(".");
  return new Exact(BigInt(`${whole}${fraction}` || "0"), 10n ** BigInt(fraction.length));
}

/** The digits of a numeral as one whole number, its point left out. */
export const wholeOf = ({ digits }: WrittenNumeral): bigint => BigInt(digits.map(digitOf).join("") || "0");

/** A digit as it counts: what it became, or itself where it was only struck. */
export const digitOf = ({ text, became }: Sign): string => became || text;

/** Whether the hand is in a number: its last mark is a digit or the point of it. */
export const isHandIn = ({ row, from, to }: WrittenNumeral, last: Sorted["last"]): boolean =>
  (last?.kind === "glyph" && last.row === row && last.col >= from && last.col < to) ||
  (last?.kind === "point" && last.row === row && last.line >= from && last.line <= to);

/** How far apart two squares may be and still hold neighbouring digits. */
const CLOSE = 1.01;

/** The signs of a row as numbers and words, from the left. */
export function writtenPieces(
  signs: readonly Sign[],
  { points, uprights, frames }: Sorted,
): readonly WrittenPiece[] {
  const walls = [
    ...uprights.map(({ line, row, to }) => ({ line, row, to: Math.max(to, row + 1) })),
    ...frames.flatMap(({ col, row, width, height }) => [
      { line: col, row, to: row + height },
      { line: col + width, row, to: row + height },
    ]),
  ];
  const pieces: WrittenPiece[] = [];
  let run: Sign[] = [];
  const end = (): void => {
    const [first] = run;
    if (first !== undefined) pieces.push(/\d/.test(first.text) ? numeralOf(run, points) : wordOf(run));
    run = [];
  };
  for (const sign of signs) {
    const before = run.at(-1);
    if (before !== undefined && !goTogether(before, sign, walls)) end();
    run.push(sign);
  }
  end();
  return pieces.filter((piece) => piece.kind === "word" || piece.mended !== "");
}

const isDigit = (text: string): boolean => /\d/.test(text);
const isLetter = (text: string): boolean => /\p{L}/u.test(text);

/** Whether two signs of a row are parts of one number or word. */
function goTogether(
  one: Sign,
  next: Sign,
  walls: readonly { readonly line: number; readonly row: number; readonly to: number }[],
): boolean {
  if (next.col - one.col > CLOSE) return false;
  const alike =
    (isDigit(one.text) && isDigit(next.text)) ||
    (isLetter(one.text) && isLetter(next.text) && one.col === next.col);
  return (
    alike &&
    !walls.some(({ line, row, to }) => line > one.col && line <= next.col && row <= next.row && next.row < to)
  );
}

function numeralOf(digits: readonly Sign[], points: readonly PointMark[]): WrittenNumeral {
  const [first, last] = [digits[0]?.col ?? 0, digits.at(-1)?.col ?? 0];
  const row = digits[0]?.row ?? 0;
  const point = points.find((one) => one.row === row && one.line >= first && one.line <= last + 1)?.line;
  const written = (of: (digit: Sign) => string): string => {
    const before = digits.filter(({ col }) => point === undefined || col < point).map(of);
    const after = digits.filter(({ col }) => point !== undefined && col >= point).map(of);
    return before.join("") + (after.length > 0 ? `.${after.join("")}` : "");
  };
  return {
    kind: "numeral",
    row,
    from: first,
    to: last + 1,
    digits,
    point,
    text: written(({ text }) => text),
    mended: written(({ text, became }) => became ?? text),
  };
}

const wordOf = (signs: readonly Sign[]): Word => ({
  kind: "word",
  row: signs[0]?.row ?? 0,
  from: signs[0]?.col ?? 0,
  to: (signs.at(-1)?.col ?? 0) + 1,
  text: signs.map(({ text }) => text).join(""),
});
