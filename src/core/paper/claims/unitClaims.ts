import Exact from "fraction.js";
import { unitOf, unitTyped } from "../../quantity";
import type { Sorted } from "../reading/glyphs";
import type { JudgingTarget } from "../reading/judgingTarget";
import { exactly, type WrittenNumeral, worthOfNumeral } from "../reading/pieces";
import { operationIn, type Stack, type StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault } from "./claim";
import { decimalText, digitFault, firstWrong } from "./digits";

/** A column of units: the grid lines it stands between, and how many of the smallest one of it is. */
interface UnitColumn {
  readonly from: number;
  readonly to: number;
  readonly symbol: string;
  readonly size: bigint;
}

/** The columns that are headed by units, or marked by them beside their counts. */
function unitColumns(rows: readonly StackRow[]): readonly UnitColumn[] {
  for (const { words, numerals } of rows) {
    const units = words.flatMap((word) => {
      const unit = unitTyped(word.text);
      return unit === undefined
        ? []
        : [{ from: word.from, to: word.to, symbol: word.text, size: unitOf(unit).size }];
    });
    if (units.length >= 2 && numerals.length === 0) return units;
  }
  return [];
}

const middle = ({ from, to }: { readonly from: number; readonly to: number }): number => (from + to) / 2;

/** A row of counts by their columns; a row whose numbers stand under no column, or two under one, is none. */
function countsIn(
  row: StackRow,
  columns: readonly UnitColumn[],
): ReadonlyMap<number, WrittenNumeral> | undefined {
  const found = new Map<number, WrittenNumeral>();
  for (const numeral of row.numerals) {
    const nearest = columns
      .map((column, nth) => ({ nth, off: Math.abs(middle(column) - middle(numeral)) }))
      .sort((a, b) => a.off - b.off)[0];
    if (nearest === undefined || nearest.off > 2.6 || found.has(nearest.nth)) return undefined;
    found.set(nearest.nth, numeral);
  }
  return found;
}

/**
 * What columns of units state: the counts of each unit put together or taken apart, more of a small unit made one
 * of the next or not. None where no units stand over the columns, or are known from the problem.
 */
export function unitClaim(
  stack: Stack | undefined,
  rows: readonly StackRow[],
  asked: JudgingTarget,
  writing: Sorted | undefined,
  known: readonly string[],
): Claim | undefined {
  if (asked.op === "divide") return undefined;
  const headed = unitColumns(rows);
  const above = (stack?.above ?? rows).filter(({ numerals }) => numerals.length > 0);
  const columns = headed.length > 0 ? headed : guessed(above, known);
  if (columns.length < 2) return undefined;
  const rowsOfCounts = above.flatMap((row) => countsIn(row, columns) ?? []);
  // A number of times stands under one of the columns, and counts for all of them.
  const multiplier = asked.op === "multiply" ? above[1]?.numerals[0] : undefined;
  const counts = multiplier === undefined ? rowsOfCounts : rowsOfCounts.slice(0, 1);
  const times = multiplier === undefined ? new Exact(1) : worthOfNumeral(multiplier);
  const [first] = counts;
  const second = multiplier ?? counts[1];
  if (first === undefined) return undefined;
  const below = stack?.below.find(({ numerals }) => numerals.length > 0);
  const result = below && countsIn(below, columns);
  const read = [...counts, ...(result ? [result] : [])].flatMap((one) => [...one.values()]);
  const worth = (
    row: ReadonlyMap<number, WrittenNumeral>,
    count: (numeral: WrittenNumeral) => Exact,
  ): Exact =>
    [...row].reduce(
      (sum, [nth, numeral]) => sum.add(count(numeral).mul(columns[nth]?.size ?? 1n)),
      new Exact(0),
    );
  const sign = operationIn(above);
  const subtracts = sign === "subtract" || (sign === undefined && asked.op === "subtract");
  const values = counts.map((row) => worth(row, asGiven));
  const claim = { uses: values, top: above[0]?.row ?? 0, bottom: below?.row ?? stack?.rule.row ?? 0 };
  if (below === undefined || result === undefined || second === undefined)
    return claimOf("units", read, { ...claim, state: "unfinished" });
  const total = values
    .slice(1)
    .reduce((sum, one) => (subtracts ? sum.sub(one) : sum.add(one)), (values[0] ?? new Exact(0)).mul(times));
  const is = worth(result, worthOfNumeral);
  const made = (row: ReadonlyMap<number, WrittenNumeral>, value: Exact) => ({
    value,
    text: [...row]
      .sort(([a], [b]) => a - b)
      .map(([nth, numeral]) => `${numeral.mended} ${columns[nth]?.symbol ?? ""}`)
      .join(" "),
    row: [...row.values()][0]?.row ?? 0,
  });
  const makes = made(result, is);
  const turned = turnedBelow(stack, below.row, columns);
  if (is.equals(total) && result.size === columns.length && turned !== undefined && writing === undefined) {
    const counted = worth(turned, worthOfNumeral);
    const fault = turnedFault(result, turned, columns);
    const both = [...read, ...turned.values()];
    const bottom = below.row + 1;
    if (!counted.equals(is) && fault !== undefined)
      return claimOf("units", both, { ...claim, bottom, fault, makes });
    if (counted.equals(is)) return claimOf("units", both, { ...claim, bottom, makes: made(turned, counted) });
  }
  if (is.equals(total) && result.size === columns.length) return claimOf("units", read, { ...claim, makes });
  const fault = wrongCount(counts, result, columns, subtracts, times, writing);
  if (fault !== undefined)
    return claimOf("units", read, {
      ...claim,
      fault,
      makes: result.size === columns.length ? makes : undefined,
    });
  return is.equals(total)
    ? claimOf("units", read, { ...claim, makes })
    : claimOf("units", read, { ...claim, state: "unfinished" });
}

/** The counts right below the result, where each unit has one: the result with more of a small unit made into the next. */
function turnedBelow(
  stack: Stack | undefined,
  row: number,
  columns: readonly UnitColumn[],
): ReadonlyMap<number, WrittenNumeral> | undefined {
  const next = stack?.below.find((one) => one.row === row + 1);
  const counts = next && countsIn(next, columns);
  return counts?.size === columns.length ? counts : undefined;
}

/** The first count from the right that turning a result into its larger units does not bring about. */
function turnedFault(
  result: ReadonlyMap<number, WrittenNumeral>,
  turned: ReadonlyMap<number, WrittenNumeral>,
  columns: readonly UnitColumn[],
): Fault | undefined {
  let over = new Exact(0);
  for (let nth = columns.length - 1; nth >= 0; nth--) {
    const [from, to, column, next] = [result.get(nth), turned.get(nth), columns[nth], columns[nth - 1]];
    if (from === undefined || to === undefined || column === undefined) return undefined;
    const raw = worthOfNumeral(from).add(over);
    const is = worthOfNumeral(to);
    const rate = next && new Exact(next.size).div(column.size);
    const change = rate && raw.sub(is).div(rate);
    if (change === undefined) return is.equals(raw) ? undefined : off(to, raw);
    if (change.d !== 1n) return off(to, rate === undefined ? raw : raw.mod(rate));
    over = change;
  }
  return undefined;
}

/** A count of the problem: what was struck in it is only exchanged. */
const asGiven = ({ text }: WrittenNumeral): Exact => exactly(text);

/** Columns by where the counts of the problem stand, where nobody wrote their units over them. */
function guessed(rows: readonly StackRow[], symbols: readonly string[]): readonly UnitColumn[] {
  const [first] = rows;
  if (first === undefined || first.numerals.length !== symbols.length) return [];
  return first.numerals.flatMap(({ from, to }, nth) => {
    const symbol = symbols[nth] ?? "";
    const unit = unitTyped(symbol);
    return unit === undefined ? [] : [{ from, to, symbol, size: unitOf(unit).size }];
  });
}

/** The first count from the right that no way of carrying or exchanging brings about. */
function wrongCount(
  counts: readonly ReadonlyMap<number, WrittenNumeral>[],
  result: ReadonlyMap<number, WrittenNumeral>,
  columns: readonly UnitColumn[],
  subtracts: boolean,
  times: Exact,
  writing: Sorted | undefined,
): Fault | undefined {
  const at = (row: ReadonlyMap<number, WrittenNumeral> | undefined, nth: number): Exact => {
    const numeral = row?.get(nth);
    return numeral === undefined ? new Exact(0) : asGiven(numeral);
  };
  const sums = columns.map((_, nth) =>
    counts
      .slice(1)
      .reduce(
        (sum, row) => (subtracts ? sum.sub(at(row, nth)) : sum.add(at(row, nth))),
        at(counts[0], nth).mul(times),
      ),
  );
  let over = new Exact(0);
  for (let nth = columns.length - 1; nth >= 0; nth--) {
    const [column, next] = [columns[nth], columns[nth - 1]];
    const numeral = result.get(nth);
    const raw = (sums[nth] ?? new Exact(0)).add(over);
    if (numeral === undefined || column === undefined) return undefined;
    const is = worthOfNumeral(numeral);
    if (!is.equals(raw) && writingIn(numeral, writing, [raw])) return undefined;
    if (next === undefined) return is.equals(raw) ? undefined : off(numeral, raw);
    // Left as it is, or with as many taken out or brought in as make one of the next.
    const rate = next.size / column.size;
    const change = raw.sub(is).div(rate);
    const tooMany = change.s < 0n && change.n !== 0n && is.compare(rate) >= 0 && raw.s >= 0n;
    if (change.d !== 1n || tooMany) {
      const regrouped = raw.mod(rate).add(rate).mod(rate);
      if (writingIn(numeral, writing, [raw, regrouped])) return undefined;
      return off(numeral, raw.compare(rate) >= 0 || raw.s < 0n ? regrouped : raw);
    }
    over = change;
  }
  return undefined;
}

/** Whether a count is the beginning of one of some numbers, and the last thing that was written. */
const writingIn = (numeral: WrittenNumeral, writing: Sorted | undefined, wanted: readonly Exact[]): boolean =>
  writing?.last?.kind === "glyph" &&
  writing.last.row === numeral.row &&
  wanted.some((one) => {
    const text = decimalText(one.abs()) ?? "";
    return text !== numeral.mended && (text.startsWith(numeral.mended) || text.endsWith(numeral.mended));
  });

const off = (numeral: WrittenNumeral, ought: Exact): Fault =>
  digitFault(numeral, ought.abs()) ?? firstWrong(numeral);
