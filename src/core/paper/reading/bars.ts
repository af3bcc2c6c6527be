import type { Rule, Sign, Sorted } from "./glyphs";

/** A fraction as it stands: its bar, and the signs over and under it. */
export interface Bar {
  readonly row: number;
  readonly from: number;
  readonly to: number;
  readonly over: readonly Sign[];
  readonly under: readonly Sign[];
}

type Rows = ReadonlyMap<number, readonly Sign[]>;

const CLOSE = 1.01;
const isDigit = ({ text }: Sign): boolean => /\d/.test(text);

/** The signs of a row that a rule reaches; with `on`, the digits too that go on from them without a gap. */
function along(signs: readonly Sign[], { from, to }: Rule, on: "no" | "right" | "bothWays"): readonly Sign[] {
  const inside = signs.filter(({ col }) => col > from - 0.6 && col < to - 0.4);
  const [first, last] = [inside[0], inside.at(-1)];
  if (first === undefined || last === undefined) return [];
  if (on === "no") return inside;
  const grown = [...inside];
  for (const sign of signs.filter(({ col }) => col > last.col).sort((a, b) => a.col - b.col)) {
    const before = grown.at(-1);
    if (before === undefined || !isDigit(sign) || !isDigit(before) || sign.col - before.col > CLOSE) break;
    grown.push(sign);
  }
  if (on !== "bothWays") return grown;
  for (const sign of signs.filter(({ col }) => col < first.col).sort((a, b) => b.col - a.col)) {
    const after = grown[0];
    if (after === undefined || !isDigit(sign) || !isDigit(after) || after.col - sign.col > CLOSE) break;
    grown.unshift(sign);
  }
  return grown;
}

const OPERATION = /[+−×÷:·=]/;

/**
 * The rules that are bars of fractions: something stands over them and something under, and over that nothing
 * that would make it a column. Where no fractions are expected, only in a line with a sign of equality.
 */
export function fractionBars(
  { rules, strikes, uprights }: Sorted,
  rows: Rows,
  expected: boolean,
): readonly Bar[] {
  const at = (row: number): readonly Sign[] => rows.get(row) ?? [];
  const found = rules.flatMap((rule): readonly Bar[] => {
    if (
      rule.strokes === 2 ||
      uprights.some(({ line, row }) => row === rule.row && Math.abs(line - rule.from) < 0.1)
    )
      return [];
    const band = [-1, -0.5, 0].flatMap((off) => at(rule.row + off));
    if (!expected && !band.some(({ text }) => text === "=")) return [];
    // A bar that is too short for what stands under it is too short for what stands over it.
    const under = along(at(rule.row), rule, "right");
    const short = under.some(({ col }) => col >= rule.to);
    const over = along(at(rule.row - 1), rule, short ? "bothWays" : "no");
    if (!over.some(isDigit) || !under.some(isDigit)) return [];
    if (OPERATION.test(over[0]?.text ?? "") && over[0]?.text !== "−") return [];
    const [from, to] = [
      Math.min(rule.from, over[0]?.col ?? rule.from, under[0]?.col ?? rule.from),
      Math.max(rule.to, (over.at(-1)?.col ?? 0) + 1, (under.at(-1)?.col ?? 0) + 1),
    ];
    const higher = at(rule.row - 2).filter(({ col, text }) => col >= from && col < to && /\d/.test(text));
    const isStruck = (col: number): boolean =>
      strikes.some((strike) => strike.col === col && strike.row === rule.row - 1);
    const isBarAbove = rules.some(
      (other) => other !== rule && other.row === rule.row - 2 && other.from < to && other.to > from,
    );
    // What stands over a statement is one of its own, and no number of a column.
    const isStatedAbove = at(rule.row - 2).some(({ text }) => text === "=");
    if (!isBarAbove && !isStatedAbove && higher.some(({ col }) => !isStruck(col))) return [];
    return [{ row: rule.row, from, to, over, under }];
  });
  return found.filter(
    (bar) =>
      !found.some(
        (other) => other !== bar && other.row === bar.row - 1 && other.from < bar.to && other.to > bar.from,
      ),
  );
}
