import type { Bar } from "./bars";
import { type Sign, type Sorted, type Spot, spotKey } from "./glyphs";
import { type WrittenNumeral, type WrittenPiece, writtenPieces } from "./pieces";

/** A piece of a line of writing: a number, a word or sign, or a fraction with what stands over and under its bar. */
export type LineItem =
  | WrittenPiece
  | {
      readonly kind: "fraction";
      readonly row: number;
      readonly from: number;
      readonly to: number;
      readonly over: readonly WrittenPiece[];
      readonly under: readonly WrittenPiece[];
    };

/** One line of writing, from the left: a row of its own, or the two rows of fractions beside each other. */
export interface WrittenLine {
  readonly row: number;
  readonly items: readonly LineItem[];
}

/** More empty squares than stand inside a statement, where one number comes after another without a sign. */
const APART = 2;
/** The same where a sign stands before the number. */
const FAR_APART = 3;

/** The lines of a paper, from the top: rows, fractions put together, and what stands far apart taken apart. */
export function linesOf(
  marks: Sorted,
  rows: readonly { readonly row: number; readonly signs: readonly Sign[] }[],
  bars: readonly Bar[],
): readonly WrittenLine[] {
  const inBars = new Set(bars.flatMap(({ over, under }) => [...over, ...under].map(spotKey)));
  const bands = [...new Set(bars.map(({ row }) => row))];
  const replaced = replacements(marks, bars);
  const free = new Map<number, Sign[]>();
  for (const { row, signs } of rows)
    for (const sign of signs) {
      if (inBars.has(spotKey(sign)) || replaced.has(spotKey(sign))) continue;
      const band = bands.find((one) => row >= one - 1 && row <= one) ?? row;
      free.set(band, [...(free.get(band) ?? []), sign]);
    }
  for (const band of bands) if (!free.has(band)) free.set(band, []);
  return [...free]
    .sort(([a], [b]) => a - b)
    .flatMap(([row, signs]) => {
      const items: LineItem[] = [
        ...writtenPieces(
          [...signs].sort((a, b) => a.col - b.col),
          marks,
        ),
        ...bars
          .filter((bar) => bar.row === row)
          .map((bar) => ({
            kind: "fraction" as const,
            row: bar.row - 1,
            from: bar.from,
            to: bar.to,
            over: writtenPieces(bar.over, marks),
            under: writtenPieces(bar.under, marks),
          })),
      ];
      return takenApart(items.sort((a, b) => a.from - b.from)).map((part) => ({ row, items: part }));
    });
}

/** The digits over and under fractions that only say what a struck digit became. */
function replacements({ strikes }: Sorted, bars: readonly Bar[]): ReadonlySet<string> {
  const spots: Spot[] = strikes.flatMap(({ col, row }) => {
    const bar = bars.find(
      (one) => col >= one.from && col < one.to && (row === one.row || row === one.row - 1),
    );
    return bar === undefined ? [] : [{ col, row: row === bar.row ? row + 1 : row - 1 }];
  });
  return new Set(spots.map(spotKey));
}

const isNumber = (item: LineItem): boolean => item.kind !== "word";

/** The statements of a row: two numbers far apart with no sign between them belong to two of them. */
function takenApart(items: readonly LineItem[]): readonly (readonly LineItem[])[] {
  const parts: LineItem[][] = [];
  for (const item of items) {
    const part = parts.at(-1);
    const before = part?.at(-1);
    if (
      part === undefined ||
      before === undefined ||
      (isNumber(item) && item.from - before.to >= (before.kind === "word" ? FAR_APART : APART))
    )
      parts.push([item]);
    else part.push(item);
  }
  return parts.flatMap(besideEachOther);
}

const isEquals = (item: LineItem): boolean => item.kind === "word" && item.text === "=";

/** Two statements that stand beside each other with one square between them: each has its sign of equality. */
function besideEachOther(items: readonly LineItem[]): readonly (readonly LineItem[])[] {
  if (items.filter(isEquals).length < 2) return [items];
  const cut = items.findIndex((item, nth) => {
    const before = items[nth - 1];
    return (
      item.kind === "numeral" &&
      before?.kind === "numeral" &&
      items.slice(0, nth).some(isEquals) &&
      items.slice(nth).some(isEquals)
    );
  });
  return cut < 0 ? [items] : [items.slice(0, cut), ...besideEachOther(items.slice(cut))];
}

/** Every numeral that stands in a line, those in its fractions among them. */
export const numeralsIn = (items: readonly LineItem[]): readonly WrittenNumeral[] =>
  items.flatMap((item) =>
    item.kind === "numeral"
      ? [item]
      : item.kind === "fraction"
        ? numeralsIn([...item.over, ...item.under])
        : [],
  );
