import Exact from "decimal.js";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plainText } from "../testing/answers";
import { anyDecimal } from "../testing/arbitrary";
import {
  compareDecimals,
  countedIn,
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  leadingPlace,
  lowestPlace,
  type Notation,
  placesFrom,
  roundTo,
  withoutTrailingZeros,
  writeDecimal,
} from ".";

const Wide = Exact.clone({ precision: 60, rounding: Exact.ROUND_HALF_UP });
const worthOf = (numeral: Decimal): Exact => new Wide(plainText(numeral));
const anySigned = fc
  .tuple(anyDecimal, fc.boolean())
  .map(([numeral, negative]) => ({ ...numeral, negative: negative && !worthOf(numeral).isZero() }));

describe("a numeral", () => {
  it("has its digits at their places, and nothing beyond them", () => {
    fc.assert(
      fc.property(anyDecimal, (numeral) => {
        const sum = placesFrom(lowestPlace(numeral), highestPlace(numeral)).reduce(
          (total, place) => total.plus(new Wide(10).pow(place).times(digitAt(numeral, place) ?? Number.NaN)),
          new Wide(0),
        );
        expect(sum.equals(worthOf(numeral))).toBe(true);
        expect(digitAt(numeral, highestPlace(numeral) + 1)).toBeUndefined();
        expect(digitAt(numeral, lowestPlace(numeral) - 1)).toBeUndefined();
      }),
    );
  });

  it("is led by its first digit that is not zero", () => {
    fc.assert(
      fc.property(anyDecimal, (numeral) => {
        const place = leadingPlace(numeral);
        const value = worthOf(numeral);
        if (place === undefined) expect(value.isZero()).toBe(true);
        else
          expect(value.dividedBy(new Wide(10).pow(place)).floor().toNumber()).toBe(digitAt(numeral, place));
      }),
    );
  });

  it("is counted in small units and made of a count again without loss", () => {
    fc.assert(
      fc.property(anySigned, fc.nat(5), (numeral, more) => {
        const places = numeral.fraction.length + more;
        const count = countedIn(numeral, places);
        expect(new Wide(count.toString()).equals(worthOf(numeral).times(new Wide(10).pow(places)))).toBe(
          true,
        );
        expect(worthOf(fromCount(count, places)).equals(worthOf(numeral))).toBe(true);
        expect(fromCount(count, places).fraction).toHaveLength(places);
      }),
    );
    expect(() => countedIn(fromCount(125n, 2), 1)).toThrow(RangeError);
  });

  it("is compared by value, whatever zeros it is written with", () => {
    fc.assert(
      fc.property(anySigned, anySigned, (a, b) => {
        expect(compareDecimals(a, b)).toBe(worthOf(a).comparedTo(worthOf(b)));
      }),
    );
    expect(compareDecimals(fromCount(204n, 1), fromCount(2040n, 2))).toBe(0);
  });

  it("is rounded as another library rounds, halves away from zero, and written just so far", () => {
    fc.assert(
      fc.property(anySigned, fc.integer({ min: -6, max: 6 }), (numeral, place) => {
        const unit = new Wide(10).pow(place);
        const expected = worthOf(numeral).dividedBy(unit).toDecimalPlaces(0, Exact.ROUND_HALF_UP).times(unit);
        const rounded = roundTo(numeral, place);
        expect(worthOf(rounded).equals(expected)).toBe(true);
        expect(rounded.fraction).toHaveLength(Math.max(0, -place));
      }),
    );
  });

  it("loses only the zeros at its end", () => {
    fc.assert(
      fc.property(anySigned, (numeral) => {
        const short = withoutTrailingZeros(numeral);
        expect(worthOf(short).equals(worthOf(numeral))).toBe(true);
        expect(short.fraction).not.toMatch(/0$/);
        expect(short.point).toBe(short.fraction !== "");
      }),
    );
  });
});

describe("notation", () => {
  const numeral = fromCount(-12345678905n, 3);

  it.each<[Notation, string]>([
    [{ decimalMark: "point", grouping: "none" }, "−12345678.905"],
    [{ decimalMark: "point", grouping: "mark" }, "−12,345,678.905"],
    [{ decimalMark: "point", grouping: "space" }, "−12\u00a0345\u00a0678.905"],
    [{ decimalMark: "comma", grouping: "mark" }, "−12.345.678,905"],
    [{ decimalMark: "comma", grouping: "none" }, "−12345678,905"],
  ])("%o writes its own way", (notation, written) => {
    expect(writeDecimal(numeral, notation)).toBe(written);
  });
});
