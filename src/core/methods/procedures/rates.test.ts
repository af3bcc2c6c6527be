import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addInColumns, SOUND_ADDITION } from "./columnSums";
import { SOUND_DECOMPOSITION, subtractInColumns } from "./decomposition";
import { SOUND_PAYMENTS, subtractWithPayments } from "./payments";

/** Rates as measures have them: seconds and minutes, ounces and pounds, inches, feet and yards, tens. */
const anyRates = fc.array(fc.constantFrom(10, 12, 16, 60, 3, 14), { minLength: 3, maxLength: 6 });

/** How many of the smallest column one of a column is worth. */
const value = (rates: readonly number[], column: number): number =>
  rates.slice(0, column).reduce((product, rate) => product * rate, 1);

const total = (rates: readonly number[], counts: readonly number[]): number =>
  counts.reduce((sum, count, column) => sum + count * value(rates, column), 0);

/** Rows of counts, each below its column's rate; the last column has no larger one. */
const rowsUnder = (rates: readonly number[], rows: number) =>
  fc.array(fc.tuple(...rates.map((rate) => fc.nat(rate - 1))), { minLength: rows, maxLength: rows });

const rateOf =
  (rates: readonly number[]) =>
  (column: number): number =>
    rates[column] ?? 10;

const cases = anyRates.chain((rates) => rowsUnder(rates, 3).map((rows) => ({ rates, rows })));

describe("columns of any exchange rates", () => {
  it("add to the same amount, each column below its rate", () => {
    fc.assert(
      fc.property(cases, ({ rates, rows }) => {
        const sums = addInColumns(rows, rates.length, rateOf(rates), SOUND_ADDITION);
        const written = sums.map((sum) => sum.written);
        const longer = [...rates, ...Array.from({ length: written.length - rates.length }, () => 10)];
        expect(total(longer, written)).toBe(rows.reduce((sum, row) => sum + total(rates, row), 0));
        for (const sum of sums) expect(sum.written).toBeLessThan(rateOf(rates)(sum.column));
      }),
    );
  });

  it.each(["inOneGo", "placeByPlace"] as const)(
    "subtract to the same amount by decomposition, %s",
    (across) => {
      fc.assert(
        fc.property(cases, ({ rates, rows }) => {
          const [a = [], b = []] = rows;
          const [minuend, subtrahend] = total(rates, a) >= total(rates, b) ? [a, b] : [b, a];
          const moves = subtractInColumns(
            minuend,
            subtrahend,
            rates.length,
            rateOf(rates),
            across,
            SOUND_DECOMPOSITION,
          );
          const written = moves.flatMap((move) => (move.kind === "difference" ? [move.written] : []));
          expect(total(rates, written)).toBe(total(rates, minuend) - total(rates, subtrahend));
          for (const move of moves) {
            if (move.kind !== "exchange") continue;
            // What an exchange takes from the lender it gives to the others: the minuend is worth the same.
            const change = [move.lender, ...move.crossed, move.receiver].reduce(
              (sum, { column, before, after }) => sum + (after - before) * value(rates, column),
              0,
            );
            expect(change).toBe(0);
          }
        }),
      );
    },
  );

  it("subtract to the same amount with payments", () => {
    fc.assert(
      fc.property(cases, ({ rates, rows }) => {
        const [a = [], b = []] = rows;
        const [minuend, subtrahend] = total(rates, a) >= total(rates, b) ? [a, b] : [b, a];
        const columns = subtractWithPayments(
          minuend,
          subtrahend,
          rates.length,
          rateOf(rates),
          SOUND_PAYMENTS,
        );
        const written = columns.map((column) => column.written);
        expect(total(rates, written)).toBe(total(rates, minuend) - total(rates, subtrahend));
      }),
    );
  });

  it("refuse a minuend that is too small, as a bug", () => {
    expect(() => subtractInColumns([1], [2], 1, () => 10, "inOneGo", SOUND_DECOMPOSITION)).toThrow(
      RangeError,
    );
    expect(() => subtractWithPayments([1], [2], 1, () => 10, SOUND_PAYMENTS)).toThrow(RangeError);
  });
});
