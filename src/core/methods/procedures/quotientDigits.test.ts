import Exact from "decimal.js";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { commonFactor, fromCount } from "../../number";
import { Wide, wide } from "../../testing/answers";
import { divideByDigits, expansionOf, SOUND_QUOTIENTS } from "./quotientDigits";

const anyDividend = fc.tuple(fc.bigInt(0n, 10n ** 12n), fc.integer({ min: 0, max: 6 }));
const anyDivisor = fc.oneof(fc.bigInt(1n, 40n), fc.bigInt(1n, 10n ** 6n));

describe("the digits of a quotient", () => {
  it("are those another library finds, down to the place where the division stops", () => {
    fc.assert(
      fc.property(
        anyDividend,
        anyDivisor,
        fc.integer({ min: -8, max: 0 }),
        ([count, places], divisor, place) => {
          const dividend = fromCount(count, places);
          const { digits } = divideByDigits(dividend, divisor, { kind: "place", place }, SOUND_QUOTIENTS);
          // It stops sooner where nothing is left to share.
          expect(digits.at(-1)?.place).toBeGreaterThanOrEqual(place);
          const found = digits.reduce(
            (sum, digit) => sum.plus(new Wide(10).pow(digit.place).times(digit.digit)),
            new Wide(0),
          );
          const right = wide(dividend)
            .dividedBy(divisor.toString())
            .toDecimalPlaces(-place, Exact.ROUND_DOWN);
          expect(found.equals(right)).toBe(true);
        },
      ),
      { numRuns: 400 },
    );
  });

  it("leave in each place what was there less what was shared, less than the divisor", () => {
    fc.assert(
      fc.property(anyDividend, anyDivisor, ([count, places], divisor) => {
        const { digits } = divideByDigits(
          fromCount(count, places),
          divisor,
          { kind: "place", place: -4 },
          SOUND_QUOTIENTS,
        );
        digits.forEach(({ part, product, rest }, index) => {
          expect(part - product).toBe(rest);
          expect(rest < divisor).toBe(true);
          const before = digits[index - 1];
          if (before) expect(part / 10n).toBe(before.rest);
        });
      }),
      { numRuns: 200 },
    );
  });

  it("come again from just where the expansion says", () => {
    fc.assert(
      fc.property(anyDividend, fc.bigInt(1n, 60n), ([count, places], divisor) => {
        const dividend = fromCount(count, places);
        const { fixed, repetend } = expansionOf(count, places, divisor, 10_000);
        const quotient = divideByDigits(dividend, divisor, { kind: "end" }, SOUND_QUOTIENTS);
        if (repetend === 0) {
          expect(quotient.repetendFrom).toBeUndefined();
          expect(quotient.digits.at(-1)?.rest).toBe(0n);
          return;
        }
        expect(quotient.repetendFrom).toBe(-fixed - 1);
        expect(quotient.digits.at(-1)?.place).toBe(-fixed - (repetend ?? 0));
      }),
      { numRuns: 400 },
    );
  });

  it.each([
    [1n, 0, 7n, { fixed: 0, repetend: 6 }],
    [1n, 0, 12n, { fixed: 2, repetend: 1 }],
    [5n, 1, 4n, { fixed: 3, repetend: 0 }],
    [1n, 0, 9967n, { fixed: 0, repetend: 9966 }],
    [1n, 0, 100_003n, { fixed: 0, repetend: undefined }],
    [0n, 3, 7n, { fixed: 0, repetend: 0 }],
  ])("of %s (%s places) by %s expand as they should", (count, places, divisor, expected) => {
    expect(expansionOf(count, places, divisor, 10_000)).toEqual(expected);
  });

  it("share a greatest common factor that divides both and leaves nothing in common", () => {
    fc.assert(
      fc.property(fc.bigInt(1n, 10n ** 9n), fc.bigInt(1n, 10n ** 9n), (a, b) => {
        const common = commonFactor(a, b);
        expect([a % common, b % common]).toEqual([0n, 0n]);
        expect(commonFactor(a / common, b / common)).toBe(1n);
      }),
    );
  });
});
