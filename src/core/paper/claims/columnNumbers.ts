import type Exact from "fraction.js";
import { exactly, type WrittenNumeral, worthOfNumeral } from "../reading/pieces";
import type { StackRow } from "../reading/stacks";
import { isSameExact } from "./claim";

/** What is known before a block is read: the numbers of the problem, and what earlier blocks came to. */
export interface Known {
  has(value: Exact): boolean;
}

/** A row that may be no number but carries: single digits, each for itself. */
const isLoose = ({ numerals }: StackRow): boolean =>
  numerals.length > 0 && numerals.every(({ digits, point }) => digits.length === 1 && point === undefined);

/** The rows of a column that are its numbers: rows of single digits that nobody knows are carries. */
export function numberRows(rows: readonly StackRow[], known: Known): readonly StackRow[] {
  const written = rows.filter(({ numerals }) => numerals.length > 0);
  const ones = onesOf(written.flatMap(({ numerals }) => numerals));
  const firm = written.filter(
    (row) =>
      !isLoose(row) ||
      row.numerals.every(
        (numeral) => row.numerals.length === 1 && known.has(valueInColumn(numeral, false, known, ones)),
      ),
  );
  const numbers = firm.length >= 2 ? firm : written;
  const isKnown = ({ numerals: [first, more] }: StackRow): boolean =>
    first !== undefined && more === undefined && known.has(worthOfNumeral(first));
  const [top, ...others] = numbers;
  const small = top?.numerals.every(
    ({ digits, point }) => point === undefined && digits.every(({ text }) => /[12]/.test(text)),
  );
  const carries =
    top !== undefined && small === true && others.length >= 2 && !isKnown(top) && others.every(isKnown);
  return carries ? others : numbers;
}

/** The rows that may be worked together: all of them, or those below the first, where others stand above that belong to something else. */
export function endings(rows: readonly StackRow[], known: Known): readonly (readonly StackRow[])[] {
  const all = rows.slice(0, -1).map((_, nth) => rows.slice(nth));
  const isWhole = (some: readonly StackRow[]): boolean =>
    some.every(({ numerals: [first] }, nth) => {
      const before = some[nth - 1];
      return (
        first !== undefined &&
        known.has(worthOfNumeral(first)) &&
        (before === undefined || (some[nth]?.row ?? 0) - before.row <= 1)
      );
    });
  const firm = all.find(isWhole);
  return firm === undefined ? all : [firm, ...all.filter((one) => one !== firm)];
}

/** The grid line right of the ones in a column: where a point stands, or the numbers end. */
export function onesOf(numerals: readonly WrittenNumeral[]): number {
  const pointed = numerals.find(({ point }) => point !== undefined)?.point;
  return pointed ?? Math.floor(Math.max(...numerals.map(({ to }) => to)));
}

/** A numeral's value in a column: what was struck in a minuend is only exchanged, elsewhere it was put right; zeros at the end may be left out where that is known. */
export function valueInColumn(
  numeral: WrittenNumeral,
  exchanged: boolean,
  known: Known,
  ones: number,
): Exact {
  if (numeral.point === undefined && numeral.to < ones) {
    const inPlace = worthOfNumeral(numeral).mul(10n ** BigInt(Math.round(ones - numeral.to)));
    if (known.has(inPlace) && !known.has(worthOfNumeral(numeral))) return inPlace;
  }
  const [first, mended] = [exactly(numeral.text), exactly(numeral.mended)];
  if (exchanged || isSameExact(first, mended)) return first;
  return known.has(first) && !known.has(mended) ? first : mended;
}
