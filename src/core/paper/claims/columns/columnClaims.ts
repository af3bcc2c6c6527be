import Exact from "fraction.js";
import type { Sorted } from "../../reading/glyphs";
import { type JudgingTarget, valueFrom } from "../../reading/judgingTarget";
import { exactly, isHandIn, type WrittenNumeral, wholeOf, worthOfNumeral } from "../../reading/pieces";
import { operationIn, type Stack, type StackRow } from "../../reading/stacks";
import { type Claim, claimOf, type Fault, isSameExact } from "../claim";
import { endings, type Known, numberRows, onesOf, valueInColumn } from "../columnNumbers";
import { onesLine, placed } from "../places";
import { arePartsBegun, type Begun, type ColumnOp, isPart, partSums, partsStated } from "./columnParts";

/** Operations whose numbers stand under one another without being put together. */
const STANDING_APART: readonly JudgingTarget["op"][] = ["compare", "order", "round", "rewrite", "pay"];

/** What a column of a sum or difference states. None where its rows are no numbers under one another. */
export function columnClaim(
  stack: Stack,
  asked: JudgingTarget,
  known: Known,
  marks: Sorted,
): Claim | undefined {
  const found = endings(numberRows(stack.above, known), known).flatMap(
    (rows) => claimOver(rows, stack, asked, known, marks) ?? [],
  );
  return (
    found.find(({ state, makes }) => state === "right" && makes !== undefined) ??
    (marks.last === undefined ? undefined : found.find(({ fault }) => fault === undefined)) ??
    found[0]
  );
}

function claimOver(
  rows: readonly StackRow[],
  stack: Stack,
  asked: JudgingTarget,
  known: Known,
  marks: Sorted,
): Claim | undefined {
  const numerals = rows.flatMap(({ numerals: [first, more] }) =>
    first && more === undefined && first.from < stack.rule.to ? [first] : [],
  );
  if (rows.length < 2 || numerals.length !== rows.length) return undefined;
  const sign = operationIn(rows);
  if (sign === "multiply" || (sign === undefined && STANDING_APART.includes(asked.op))) return undefined;
  const asks = asked.op === "subtract" ? ["subtract", "add"] : ["add", "subtract"];
  const ops = sign === undefined ? asks : [sign];
  const claims = ops.flatMap((op) =>
    op === "add" || (op === "subtract" && numerals.length === 2) || sign === "subtract"
      ? [stated(op === "add" ? "add" : "subtract", numerals, stack, asked, known, marks)]
      : [],
  );
  return claims.find(({ state, makes }) => state === "right" && makes !== undefined) ?? claims[0];
}

function stated(
  op: ColumnOp,
  numerals: readonly WrittenNumeral[],
  stack: Stack,
  asked: JudgingTarget,
  known: Known,
  marks: Sorted,
): Claim {
  const line = onesOf(numerals);
  const values = numerals.map((numeral, index) =>
    valueInColumn(numeral, op === "subtract" && index === 0, known, line),
  );
  const [first, ...others] = values;
  const sum = (all: readonly Exact[]): Exact => all.reduce((total, one) => total.add(one), new Exact(0));
  const value = op === "add" ? sum(values) : (first ?? new Exact(0)).sub(sum(others));
  // What ends before the rule begins is no part of the column.
  const below = stack.below
    .map((row) => ({ ...row, numerals: row.numerals.filter(({ to }) => to > stack.rule.from) }))
    .filter((row) => row.numerals.length > 0);
  const claim = { uses: values, top: numerals[0]?.row ?? 0, bottom: stack.rule.row };
  const [result, second] = below;
  if (result === undefined)
    return claimOf("column", numerals, {
      ...claim,
      state: "unfinished",
      ...(numerals.some((one) => isHandIn(one, marks.last) && isPartOfNumber(one, asked))
        ? {}
        : misplaced(numerals, known)),
    });
  // Several rows over another rule are parts, which that rule's own column adds.
  const continues =
    result.numerals.some((numeral) => isSameExact(worthOfNumeral(numeral), value)) ||
    (second !== undefined && operationIn([second]) !== undefined);
  const parts = partSums(op, numerals, values);
  const arePart = below.every((row) => row.numerals.every((one) => isPart(one, parts, onesOf(numerals))));
  if (second !== undefined && stack.closed && (!continues || arePart))
    return partsStated(parts, numerals, below, claim);
  const whole = answered(op, numerals, value, result, claim, asked, known, marks);
  // Rows of parts that are still being written, from the left.
  return whole.fault !== undefined &&
    marks.last !== undefined &&
    arePartsBegun(below, parts, onesOf(numerals))
    ? claimOf("column", numerals, { ...claim, state: "unfinished" })
    : whole;
}

function answered(
  op: ColumnOp,
  numerals: readonly WrittenNumeral[],
  value: Exact,
  result: StackRow,
  claim: Begun,
  asked: JudgingTarget,
  known: Known,
  marks: Sorted,
): Claim {
  const read = [...numerals, ...result.numerals];
  const [whole, more] = result.numerals;
  const negative = result.words.some(({ text }) => text === "−" || text === "-");
  const ones = onesOf(numerals);
  const bottom = result.row;
  if (whole !== undefined && more === undefined) {
    const said = worthOfNumeral(whole);
    const makes = {
      value: negative ? said.neg() : said,
      text: (negative ? "−" : "") + whole.mended,
      row: bottom,
    };
    // The larger number on top, and the sign of what was asked before the answer.
    const asAsked =
      negative &&
      asked.value !== undefined &&
      isSameExact(makes.value, valueFrom(asked.value)) &&
      isSameExact(said, value.abs());
    if (isSameExact(makes.value, value) || asAsked)
      return claimOf("column", read, { ...claim, bottom, makes });
    if (value.s < 0n && isSameExact(said, value.abs()))
      return claimOf("column", read, { ...claim, bottom, makes, fault: orderFault(numerals) });
  }
  const off = misplaced(numerals, known);
  if (off.fault !== undefined) return claimOf("column", read, { ...claim, bottom, ...off });
  if (value.s < 0n && !negative)
    return claimOf("column", read, { ...claim, bottom, fault: orderFault(numerals) });
  const size = value.abs();
  const found = placed(result.numerals, size, ones);
  const makes = whole && {
    value: worthOfNumeral(whole),
    text: whole.mended,
    row: bottom,
  };
  if (found.fault !== undefined) {
    const fault =
      (op === "subtract" ? exchangeFault(numerals, found.fault, marks) : undefined) ?? found.fault;
    return claimOf("column", read, {
      ...claim,
      bottom,
      fault,
      follows: restAgrees(result, size, ones, found.fault),
      ...(found.complete || result.numerals.length === 1 ? { makes } : {}),
    });
  }
  if (whole !== undefined && more === undefined && whole.point !== undefined && whole.point !== ones)
    return claimOf("column", read, {
      ...claim,
      bottom,
      makes,
      fault: { kind: "point", at: { col: whole.point, row: whole.row }, written: whole.mended },
    });
  return claimOf("column", read, { ...claim, bottom, state: "unfinished" });
}

/** Whether the digits beside the wrong one are those of the value, so that only one column went wrong. */
function restAgrees(result: StackRow, value: Exact, ones: number, { at }: Fault): boolean {
  const others = result.numerals.map((numeral) => ({
    ...numeral,
    digits: numeral.digits.filter(({ col }) => col !== at.col),
  }));
  return placed(others, value, ones).fault === undefined;
}

const orderFault = ([top]: readonly WrittenNumeral[]): Fault => ({
  kind: "order",
  at: { col: top?.from ?? 0, row: top?.row ?? 0 },
  written: top?.mended ?? "",
});

/** Whether the digits of a number are some of those of a longer one of the problem. */
const isPartOfNumber = ({ mended }: WrittenNumeral, { numbers }: JudgingTarget): boolean =>
  numbers.some(({ text }) => {
    const [all, some] = [text.replace(".", ""), mended.replace(".", "")];
    return all.length > some.length && all.includes(some);
  });

/** The number that does not stand in its columns with the others; none where all do, or where one is not finished yet. */
function misplaced(numerals: readonly WrittenNumeral[], known: Known): { readonly fault?: Fault } {
  const counting = numerals.filter((numeral) => worthOfNumeral(numeral).n !== 0n);
  if (!counting.every((numeral) => known.has(worthOfNumeral(numeral)) || known.has(exactly(numeral.text))))
    return {};
  const ones = onesOf(numerals);
  // A number whose zeros at the end are left out stands where it should.
  const lines = counting.map((numeral) =>
    isSameExact(valueInColumn(numeral, false, known, ones), worthOfNumeral(numeral)) ||
    numeral.mended !== numeral.text
      ? onesLine(numeral)
      : ones,
  );
  const usual =
    lines.find((line) => lines.filter((one) => one === line).length * 2 > lines.length) ?? lines[0];
  const off = counting.find((_, index) => lines[index] !== usual);
  const last = off?.digits.at(-1);
  if (off === undefined || last === undefined) return {};
  return {
    fault: {
      kind: "misplaced",
      at: { col: last.col, row: last.row },
      written: off.mended,
      place: (usual ?? 0) - 1 - last.col,
    },
  };
}

/** A wrong small number in the minuend that the wrong digit below it comes from. */
function exchangeFault(
  [top, bottom]: readonly WrittenNumeral[],
  wrong: Fault,
  { smalls, strikes }: Sorted,
): Fault | undefined {
  const { col } = wrong.at;
  const digit = top?.digits.find((one) => one.col === col);
  const taken = Number(bottom?.digits.find((one) => one.col === col)?.text ?? "0");
  if (top === undefined || digit === undefined) return undefined;
  const struck = strikes.some(
    (strike) => strike.col === col && strike.row === digit.row && strike.target === "square",
  );
  if (!struck || !digit.became || Number(digit.became) - taken !== Number(wrong.written)) return undefined;
  // Only where the exchange as a whole is not worth what stood there before.
  const after = top.digits.reduce((sum, one) => {
    const ten = smalls.some(
      (small) =>
        small.col === one.col &&
        small.row === one.row &&
        one.became === undefined &&
        /^10?$/.test(small.text),
    );
    return sum * 10n + BigInt(one.became || one.text) + (ten ? 10n : 0n);
  }, 0n);
  return after === wholeOf({ ...top, mended: top.text })
    ? undefined
    : {
        kind: "exchange",
        at: { col, row: digit.row },
        written: digit.became,
        ...(wrong.place === undefined ? {} : { place: wrong.place }),
      };
}
