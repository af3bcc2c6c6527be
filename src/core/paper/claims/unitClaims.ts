import Exact from "fraction.js";
import { unitOf, unitTyped } from "../../quantity";
import type { Asked } from "../asked";
import type { Sign, Sorted } from "../reading/glyphs";
import { type Numeral, worthOf } from "../reading/pieces";
import { operationIn, type Stack, type StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault } from "./claim";

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
  changed: boolean,
): ReadonlyMap<number, Numeral> | undefined {
  const found = new Map<number, Numeral>();
  for (const numeral of row.numerals) {
    const nearest = columns
      .map((column, nth) => ({ nth, off: Math.abs(middle(column) - middle(numeral)) }))
      .sort((a, b) => a.off - b.off)[0];
    if (nearest === undefined || nearest.off > 2.6 || (found.has(nearest.nth) && !changed)) return undefined;
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
  asked: Asked,
  writing: Sorted | undefined,
  known: readonly string[],
): Claim | undefined {
  if (asked.op === "divide") return undefined;
  const headed = unitColumns(rows);
  const above = (stack?.above ?? rows).filter(({ numerals }) => numerals.length > 0);
  const columns = headed.length > 0 ? headed : guessed(above, known);
  if (columns.length < 2) return undefined;
  const rowsOfCounts = above.flatMap((row) => countsIn(row, columns, false) ?? []);
  // A number of times stands under one of the columns, and counts for all of them.
  const multiplier = asked.op === "multiply" ? above[1]?.numerals[0] : undefined;
  const counts = multiplier === undefined ? rowsOfCounts : rowsOfCounts.slice(0, 1);
  const times = multiplier === undefined ? 1n : BigInt(multiplier.mended.replace(".", "") || "1");
  const [first] = counts;
  const second = multiplier ?? counts[1];
  if (first === undefined) return undefined;
  const below = stack?.below.find(({ numerals }) => numerals.length > 0);
  const result = below && countsIn(below, columns, false);
  const read = [...counts, ...(result ? [result] : [])].flatMap((one) => [...one.values()]);
  const worth = (row: ReadonlyMap<number, Numeral>, became: boolean): Exact =>
    [...row].reduce(
      (sum, [nth, numeral]) => sum.add(countOf(numeral, became).mul(columns[nth]?.size ?? 1n)),
      new Exact(0),
    );
  const sign = operationIn(above);
  const subtracts = sign === "subtract" || (sign === undefined && asked.op === "subtract");
  const values = counts.map((row) => worth(row, false));
  const claim = { uses: values, top: above[0]?.row ?? 0, bottom: below?.row ?? stack?.rule.row ?? 0 };
  if (below === undefined || result === undefined || second === undefined)
    return claimOf("units", read, { ...claim, state: "unfinished" });
  const total = values
    .slice(1)
    .reduce((sum, one) => (subtracts ? sum.sub(one) : sum.add(one)), (values[0] ?? new Exact(0)).mul(times));
  const is = worth(result, true);
  const text = [...result]
    .sort(([a], [b]) => a - b)
    .map(([nth, numeral]) => `${numeral.mended} ${columns[nth]?.symbol ?? ""}`)
    .join(" ");
  const makes = { value: is, text, row: below.row };
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

const countOf = (numeral: Numeral, became: boolean): Exact =>
  became
    ? worthOf(numeral)
    : new Exact(
        BigInt(numeral.text.replace(".", "") || "0"),
        10n ** BigInt(numeral.text.split(".")[1]?.length ?? 0),
      );

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
  counts: readonly ReadonlyMap<number, Numeral>[],
  result: ReadonlyMap<number, Numeral>,
  columns: readonly UnitColumn[],
  subtracts: boolean,
  times: bigint,
  writing: Sorted | undefined,
): Fault | undefined {
  const at = (row: ReadonlyMap<number, Numeral> | undefined, nth: number): bigint => {
    const numeral = row?.get(nth);
    return numeral === undefined ? 0n : BigInt(numeral.text.replace(".", "") || "0");
  };
  const sums = columns.map((_, nth) =>
    counts
      .slice(1)
      .reduce(
        (sum, row) => (subtracts ? sum - at(row, nth) : sum + at(row, nth)),
        at(counts[0], nth) * times,
      ),
  );
  let over = 0n;
  for (let nth = columns.length - 1; nth >= 0; nth--) {
    const next = columns[nth - 1];
    const rate = next === undefined ? undefined : next.size / (columns[nth]?.size ?? 1n);
    const numeral = result.get(nth);
    const raw = (sums[nth] ?? 0n) + over;
    if (numeral === undefined) return undefined;
    const is = BigInt(numeral.mended.replace(".", "") || "0");
    if (rate === undefined) {
      if (is !== raw) return off(numeral, raw);
      return undefined;
    }
    // Left as it is, or with as many taken out or brought in as make one of the next.
    const change = raw - is;
    if (change % rate !== 0n || is < 0n || (change !== 0n && is >= rate && raw >= 0n && change < 0n)) {
      const regrouped = ((raw % rate) + rate) % rate;
      return writingIn(numeral, writing, [raw, regrouped])
        ? undefined
        : off(numeral, raw >= rate || raw < 0n ? regrouped : raw);
    }
    over = change / rate;
  }
  return undefined;
}

/** Whether a count is the beginning of one of some numbers, and the last thing that was written. */
const writingIn = (numeral: Numeral, writing: Sorted | undefined, wanted: readonly bigint[]): boolean =>
  writing?.last?.kind === "glyph" &&
  writing.last.row === numeral.row &&
  wanted.some(
    (one) =>
      String(one) !== numeral.mended &&
      (String(one).startsWith(numeral.mended) || String(one).endsWith(numeral.mended)),
  );

function off(numeral: Numeral, ought: bigint): Fault {
  const should = String(ought);
  const wrong: Sign | undefined =
    [...numeral.digits].reverse().find((sign, nth) => (sign.became ?? sign.text) !== should.at(-1 - nth)) ??
    numeral.digits[0];
  return wrong === undefined
    ? { kind: "digit", at: { col: numeral.from, row: numeral.row }, written: numeral.mended }
    : { kind: "digit", at: { col: wrong.col, row: wrong.row }, written: wrong.became ?? wrong.text };
}
