import type { Bar } from "./bars";
import type { Rule, Sign, Sorted } from "./glyphs";
import { OPERATIONS } from "./operations";
import { type WrittenNumeral, type WrittenPiece, writtenPieces } from "./pieces";

/** A row of a column: its numbers, and the sign of operation that stands in it. */
export interface StackRow {
  readonly row: number;
  readonly numerals: readonly WrittenNumeral[];
  readonly words: readonly Extract<WrittenPiece, { kind: "word" }>[];
  /** Whether more numbers stand in the row, out of reach of the rule. */
  readonly crowded?: true;
}

/** Numbers under one another over a rule, and what stands under it, down to the next rule. */
export interface Stack {
  readonly rule: Rule;
  readonly above: readonly StackRow[];
  readonly below: readonly StackRow[];
  /** Whether another rule ends what stands below. */
  readonly closed: boolean;
}

/** How far a number may stand out beyond a rule and still belong to it. */
const OUT = 2.5;
/** How many empty rows may lie inside a column. */
const GAP = 1;

const reaches = (
  one: { readonly from: number; readonly to: number },
  other: { readonly from: number; readonly to: number },
): boolean => one.from < other.to + OUT && one.to > other.from - OUT;

const overlaps = (
  one: { readonly from: number; readonly to: number },
  other: { readonly from: number; readonly to: number },
): boolean => one.from < other.to && one.to > other.from;

/** The rows of a paper as numbers and words. */
export function stackRows(
  marks: Sorted,
  rows: readonly { readonly row: number; readonly signs: readonly Sign[] }[],
): readonly StackRow[] {
  return rows.map(({ row, signs }) => {
    const pieces = writtenPieces(signs, marks);
    return {
      row,
      numerals: pieces.filter((piece): piece is WrittenNumeral => piece.kind === "numeral"),
      words: pieces.filter(
        (piece): piece is Extract<WrittenPiece, { kind: "word" }> => piece.kind === "word",
      ),
    };
  });
}

/** The rules that lie under columns, with what stands over and under each. Those of fractions are none of them. */
export function stacksOf(
  { rules }: Sorted,
  rows: readonly StackRow[],
  bars: readonly Bar[],
): readonly Stack[] {
  const plain = joined(
    rules.filter(
      (rule) => !bars.some((bar) => bar.row === rule.row && bar.from < rule.to && bar.to > rule.from),
    ),
  ).sort((a, b) => a.row - b.row);
  return plain.map((rule): Stack => {
    const before = plain.filter((one) => one.row < rule.row && overlaps(one, rule)).at(-1);
    const after = plain.find((one) => one.row > rule.row && overlaps(one, rule));
    return {
      rule,
      above: near(rows, rule, (row) => row < rule.row && (before === undefined || row >= before.row), -1),
      below: near(rows, rule, (row) => row >= rule.row && (after === undefined || row < after.row), 1),
      closed: after !== undefined,
    };
  });
}

/** Rules that go on from one another in one row are one. */
function joined(rules: readonly Rule[]): Rule[] {
  const all: Rule[] = [];
  for (const rule of [...rules].sort((a, b) => a.row - b.row || a.from - b.from)) {
    const last = all.at(-1);
    if (last !== undefined && last.row === rule.row && rule.from <= last.to)
      all[all.length - 1] = { ...last, to: Math.max(last.to, rule.to) };
    else all.push(rule);
  }
  return all;
}

/** The rows on one side of a rule that stand by it without a wide gap. */
function near(
  rows: readonly StackRow[],
  rule: Rule,
  within: (row: number) => boolean,
  way: 1 | -1,
): readonly StackRow[] {
  const side = rows.filter(({ row }) => within(row)).sort((a, b) => way * (a.row - b.row));
  const found: StackRow[] = [];
  let last = way === 1 ? rule.row - 1 : rule.row;
  for (const one of side) {
    // What comes after an empty row below is no part of it any more.
    const gap = way === 1 && found.length > 0 ? 0 : GAP;
    if (Math.abs(one.row - last) > gap + 1) break;
    const numerals = one.numerals.filter((numeral) => reaches(numeral, rule));
    const first = numerals[0];
    const words = one.words.filter(
      (word) =>
        reaches(word, rule) || (first !== undefined && word.to <= first.from && first.from - word.to < 6),
    );
    if (numerals.length === 0 && words.length === 0) continue;
    found.push({
      row: one.row,
      numerals,
      words,
      ...(numerals.length < one.numerals.length ? { crowded: true as const } : {}),
    });
    last = one.row;
  }
  return way === 1 ? found : found.reverse();
}

/** The operation whose sign stands in a column, beside one of its numbers; none where none is written. */
export function operationIn(rows: readonly StackRow[]): "add" | "subtract" | "multiply" | undefined {
  for (const { words } of [...rows].reverse())
    for (const { text } of words) {
      const op = OPERATIONS[text];
      if (op !== undefined && op !== "divide") return op;
    }
  return undefined;
}
