import type { Mark } from "../board";
import type { Paper } from "./paper";

/**
 * What a learner's paper says the answer is, as a line of text: what stands after the last sign of equality,
 * else the lowest row under a rule, else the lowest row. A fraction stands over and under its rule. Nothing
 * where nothing is written.
 */
export function answerOn({ marks }: Paper): string | undefined {
  const glyphs = marks.filter((mark): mark is Glyph => mark.kind === "glyph");
  if (glyphs.length === 0) return undefined;
  const lowest = Math.max(...glyphs.map(({ row }) => row));
  const equals = glyphs.filter(({ text }) => text === "=").sort((a, b) => b.row - a.row || b.col - a.col)[0];
  const rules = marks.filter((mark): mark is Rule => mark.kind === "rule");
  if (equals !== undefined && lowest - equals.row <= 1) {
    const line = glyphs.filter(({ row, col }) => Math.abs(row - equals.row) <= 1 && col > equals.col);
    return textOf(line, marks, rules);
  }
  const bar = rules.find(
    ({ row, from, to }) =>
      // Numbers stand over one another above the rule of a sum, and one alone above that of a fraction.
      !glyphs.some((one) => one.row === row - 2 && one.col >= from && one.col < to) &&
      row === lowest &&
      glyphs.some((one) => one.row === row - 1 && one.col >= from && one.col < to) &&
      to - from <= 3,
  );
  const line = glyphs.filter(({ row }) => row === lowest || (bar !== undefined && row === lowest - 1));
  return textOf(line, marks, rules);
}

type Glyph = Extract<Mark, { kind: "glyph" }>;
type Rule = Extract<Mark, { kind: "rule" }>;

/** Glyphs of one line, or of the two lines of a fraction, as text. */
function textOf(line: readonly Glyph[], marks: readonly Mark[], rules: readonly Rule[]): string | undefined {
  if (line.length === 0) return undefined;
  const rows = [...new Set(line.map(({ row }) => row))].sort((a, b) => a - b);
  const cols = line.map(({ col }) => col);
  const bar = rules.find(
    (rule) =>
      rows.includes(rule.row) &&
      rows.includes(rule.row - 1) &&
      rule.from <= Math.max(...cols) &&
      rule.to > Math.min(...cols),
  );
  if (bar === undefined)
    return plainRow(
      line.filter(({ row }) => row === rows.at(-1)),
      marks,
    );
  const inside = ({ col }: Glyph): boolean => col >= bar.from && col < bar.to;
  const over = plainRow(
    line.filter((one) => inside(one) && one.row === bar.row - 1),
    marks,
  );
  const under = plainRow(
    line.filter((one) => inside(one) && one.row === bar.row),
    marks,
  );
  const whole = plainRow(
    line.filter((one) => !inside(one) && one.col < bar.from),
    marks,
  );
  if (over === undefined || under === undefined) return undefined;
  return `${whole === undefined ? "" : `${whole} `}${over}/${under}`;
}

function plainRow(line: readonly Glyph[], marks: readonly Mark[]): string | undefined {
  if (line.length === 0) return undefined;
  const sorted = [...line].sort((a, b) => a.col - b.col);
  const row = sorted[0]?.row;
  const points = marks.flatMap((mark) => (mark.kind === "point" && mark.row === row ? [mark.line] : []));
  let text = "";
  let last: number | undefined;
  for (const { col, text: glyph } of sorted) {
    if (points.includes(col) && (last === undefined || last === col - 1)) text += ".";
    else if (last !== undefined && col - last > 1) text += " ";
    text += glyph;
    last = col;
  }
  return text;
}
