import type { Sorted } from "../../reading/glyphs";
import { type JudgingTarget, valueFrom } from "../../reading/judgingTarget";
import { type WrittenNumeral, worthOfNumeral } from "../../reading/pieces";
import type { StackRow } from "../../reading/stacks";

/** A division as it is set out: its dividend and divisor, where the quotient is written, and the rows worked below. */
export interface SetOut {
  readonly dividend: WrittenNumeral;
  readonly divisor: WrittenNumeral;
  readonly quotient: readonly WrittenNumeral[];
  /** Whether it stands under a bracket, the divisor before it. */
  readonly bracketed: boolean;
  /** Whether the quotient's digits stand over those of the dividend. */
  readonly over: boolean;
  readonly rest: WrittenNumeral | undefined;
  readonly chain: readonly WrittenNumeral[];
  readonly beside: readonly WrittenNumeral[];
}

/** How many empty squares part a sign of equality from what is no quotient any more. */
const FAR = 2.5;
/** How far from the rows the counts of chunks begin where no line is drawn, and how far they may stand. */
const NEXT_TO = 0.9;
const BESIDE = 4;
/** How far right of a dividend a note begins. */
const NOTED = 3;

const near = (one: number, other: number): boolean => Math.abs(one - other) <= 1.01;

/** Whether a sign of division with a sign of equality is a line of its own, as where a dividend is taken in parts: nothing is worked under it. */
function isLine(rows: readonly StackRow[], row: number): boolean {
  const equals = (one: StackRow | undefined): boolean => one?.words.some(({ text }) => text === "=") === true;
  const [here, below] = rows.filter((one) => one.row >= row);
  return equals(here) && (below === undefined || equals(below) || below.numerals.length === 0);
}

/** Finds the division on the paper: a dividend with its divisor beside an upright or a sign of division. */
export function setOut(rows: readonly StackRow[], marks: Sorted, asked: JudgingTarget): SetOut | undefined {
  const [a, b] = asked.op === "divide" ? asked.numbers.map(valueFrom) : [];
  for (const { row, numerals, words } of rows) {
    const sign = words.find(({ text }) => text === "÷" || text === ":" || text === ")" || text === "|");
    const upright = marks.uprights.find(
      (one) =>
        one.row <= row &&
        row < Math.max(one.to, one.row + 1) &&
        numerals.some(({ from, to }) => near(from, one.line) || near(to, one.line)),
    );
    if (upright === undefined && asked.op !== "divide") continue;
    const line = upright?.line ?? sign?.from;
    if (line === undefined) continue;
    const brackets = words.some(({ text }) => text === "(" || text === ")");
    if (
      upright === undefined &&
      (brackets || words.some(({ text, from }) => text === "−" && from < (numerals[0]?.from ?? 0)))
    )
      continue;
    const before = numerals.filter(({ to }) => to <= line + 0.01).at(-1);
    const after = numerals.find(({ from }) => from >= line - 0.01);
    if (before === undefined || after === undefined || after.from - line > FAR + 1) continue;
    const divides = sign?.text === "÷" || sign?.text === ":";
    const asks = (one: WrittenNumeral, other: WrittenNumeral): boolean =>
      worthOfNumeral(other).n !== 0n &&
      a !== undefined &&
      b !== undefined &&
      b.n !== 0n &&
      worthOfNumeral(one).div(worthOfNumeral(other)).equals(a.div(b));
    if (upright === undefined && divides && !asks(before, after) && isLine(rows, row)) continue;
    const ruledRight =
      upright !== undefined && marks.rules.some((rule) => rule.row === row + 1 && rule.from >= line - 0.01);
    // Which of the two is divided is told by what was asked, else by where the quotient has its room.
    const divided = asks(after, before)
      ? after
      : asks(before, after) || divides || ruledRight
        ? before
        : after;
    const [dividend, divisor] = divided === before ? [before, after] : [after, before];
    const onRight = divided === before && ruledRight;
    return placedOut(
      rows,
      marks,
      row,
      dividend,
      divisor,
      upright !== undefined && !divides && !onRight,
      onRight,
    );
  }
  return unlined(rows, marks, asked);
}

/** The divisor and the dividend of the problem beside each other, with no line drawn between them. */
function unlined(rows: readonly StackRow[], marks: Sorted, asked: JudgingTarget): SetOut | undefined {
  const [a, b] = asked.op === "divide" ? asked.numbers.map(valueFrom) : [];
  for (const { row, numerals, words } of rows) {
    const [divisor, dividend, more] = numerals;
    if (divisor === undefined || dividend === undefined) continue;
    // A note far to the right is no part of it.
    if (more !== undefined && more.from - dividend.to < NOTED) continue;
    if (words.some(({ from }) => from < dividend.to + NOTED)) continue;
    if (a === undefined || b === undefined) continue;
    if (!worthOfNumeral(divisor).equals(b) || !worthOfNumeral(dividend).equals(a)) continue;
    return placedOut(rows, marks, row, dividend, divisor, true, false);
  }
  return undefined;
}

function placedOut(
  rows: readonly StackRow[],
  marks: Sorted,
  row: number,
  dividend: WrittenNumeral,
  divisor: WrittenNumeral,
  bracketed: boolean,
  onRight: boolean,
): SetOut {
  const at = (wanted: number): StackRow | undefined => rows.find((one) => one.row === wanted);
  const here = at(row);
  const after = Math.max(dividend.to, divisor.to);
  const equals = here?.words.find(
    ({ text, from }) => text === "=" && from >= dividend.to - 0.01 && from - after <= FAR,
  );
  const toTheRight =
    equals === undefined ? [] : (here?.numerals.filter(({ from }) => from > equals.from) ?? []);
  const afterEquals = equals !== undefined && (toTheRight[0]?.from ?? 0) - equals.to > FAR ? [] : toTheRight;
  const isOver = ({ from, to }: WrittenNumeral): boolean => from < dividend.to + 6 && to > dividend.from - 1;
  const overIt = bracketed ? together(at(row - 1)?.numerals.filter(isOver) ?? []) : [];
  const above = (overIt[0]?.from ?? 0) > dividend.to + 0.01 ? [] : overIt;
  const ruled = marks.rules.some(
    (rule) => rule.row === row + 1 && rule.from <= dividend.from + 0.01 && rule.to >= dividend.to - 0.01,
  );
  const beneath = onRight
    ? (at(row + 1)?.numerals.filter(({ from }) => from >= dividend.to) ?? [])
    : bracketed && above.length === 0 && ruled
      ? (at(row + 1)?.numerals ?? [])
      : [];
  const quotient = above.length > 0 ? above : afterEquals.length > 0 ? afterEquals.slice(0, 1) : beneath;
  const all = rows
    .flatMap((one) => (one.row > row ? one.numerals : []))
    .filter((one) => !quotient.includes(one));
  const wall = marks.uprights.find(
    ({ line, row: top, to }) => line >= dividend.to - 0.01 && top <= row + 1 && to > row,
  );
  const right = wall?.line ?? dividend.to + 8;
  const chain = upTo(
    all.filter(({ from, to }) => to > dividend.from - 1 && from < right),
    dividend,
  );
  const edge = wall?.line ?? Math.max(dividend.to, ...chain.map(({ to }) => to)) + NEXT_TO;
  // A table of multiples may stand there too: it begins beside the dividend, or higher.
  const isInTable = (one: WrittenNumeral): boolean =>
    rows.some((other) =>
      other.numerals.some(
        (top) => other.row <= row && top.from >= edge - 0.01 && Math.abs(top.to - one.to) < 1.01,
      ),
    );
  return {
    dividend,
    divisor,
    quotient,
    bracketed,
    over: above.length > 0 || (beneath.length > 0 && !onRight),
    rest: afterEquals[1],
    chain,
    beside: all.filter(
      (one) =>
        (wall !== undefined || (bracketed && one.from - edge < BESIDE && !isInTable(one))) &&
        one.from >= edge - 0.01 &&
        one.row <= (chain.at(-1)?.row ?? row) &&
        (wall !== undefined || chain.some((taken) => taken.row === one.row)) &&
        !onRight,
    ),
  };
}

/** Numbers that stand so close that they are one, with a place left empty in it. */
function together(numerals: readonly WrittenNumeral[]): readonly WrittenNumeral[] {
  const at = numerals.findIndex((one, nth) => {
    const before = numerals[nth - 1];
    return before !== undefined && one.from - before.to > 1.01;
  });
  return at < 0 ? numerals : numerals.slice(0, at);
}

/** Rows that come one under another without a wide gap, one number each, under the dividend or going on from it by what is brought down. */
function upTo(numerals: readonly WrittenNumeral[], dividend: WrittenNumeral): readonly WrittenNumeral[] {
  const found: WrittenNumeral[] = [];
  let [last, edge] = [dividend.row, dividend.to];
  for (const numeral of [...numerals].sort((a, b) => a.row - b.row || a.from - b.from)) {
    if (numeral.row - last > 1) break;
    if (numeral.row === last || numeral.from > edge + 0.01) continue;
    found.push(numeral);
    last = numeral.row;
    edge = Math.max(edge, numeral.to);
  }
  return found;
}
