import Exact from "decimal.js";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plainText } from "../testing/answers";
import { anyDecimal } from "../testing/arbitrary";
import {
  compareDecimals,
  countedIn,
  cutTo,
  type Decimal,
  digitAt,
  digitsOf,
  fromCount,
  highestPlace,
  leadingPlace,
  lowestPlace,
  movedBy,
  type Notation,
  placesFrom,
  powerOfTen,
  roundTo,
  withoutBarePoint,
  withoutTrailingZeros,
  writeDecimal,
} from ".";

const Wide = Exact.clone({ precision: 60, rounding: Exact.ROUND_HALF_UP });
const exactOf = (numeral: Decimal): Exact => new Wide(plainText(numeral));
const anySigned = fc
  .tuple(anyDecimal, fc.boolean())
  .map(([numeral, negative]) => ({ ...numeral, negative: negative && !exactOf(numeral).isZero() }));

describe("a numeral", () => {
  it("has its digits at their places, and nothing beyond them", () => {
    fc.assert(
      fc.property(anyDecimal, (numeral) => {
        const sum = placesFrom(lowestPlace(numeral), highestPlace(numeral)).reduce(
          (total, place) => total.plus(new Wide(10).pow(place).times(digitAt(numeral, place) ?? Number.NaN)),
          new Wide(0),
        );
        expect(sum.equals(exactOf(numeral))).toBe(true);
        expect(digitAt(numeral, highestPlace(numeral) + 1)).toBeUndefined();
        expect(digitAt(numeral, lowestPlace(numeral) - 1)).toBeUndefined();
      }),
    );
  });

  it("is led by its first digit that is not zero", () => {
    fc.assert(
      fc.property(anyDecimal, (numeral) => {
        const place = leadingPlace(numeral);
        const value = exactOf(numeral);
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
        expect(new Wide(count.toString()).equals(exactOf(numeral).times(new Wide(10).pow(places)))).toBe(
          true,
        );
        expect(exactOf(fromCount(count, places)).equals(exactOf(numeral))).toBe(true);
        expect(fromCount(count, places).fraction).toHaveLength(places);
      }),
    );
    expect(() => countedIn(fromCount(125n, 2), 1)).toThrow(RangeError);
  });

  it("is compared by value, whatever zeros it is written with", () => {
    fc.assert(
      fc.property(anySigned, anySigned, (a, b) => {
        expect(compareDecimals(a, b)).toBe(exactOf(a).comparedTo(exactOf(b)));
      }),
    );
    expect(compareDecimals(fromCount(204n, 1), fromCount(2040n, 2))).toBe(0);
  });

  it("is rounded as another library rounds, halves away from zero, and written just so far", () => {
    fc.assert(
      fc.property(anySigned, fc.integer({ min: -6, max: 6 }), (numeral, place) => {
        const unit = new Wide(10).pow(place);
        const expected = exactOf(numeral).dividedBy(unit).toDecimalPlaces(0, Exact.ROUND_HALF_UP).times(unit);
        const rounded = roundTo(numeral, place);
        expect(exactOf(rounded).equals(expected)).toBe(true);
        expect(rounded.fraction).toHaveLength(Math.max(0, -place));
      }),
    );
  });

  it("loses only the zeros at its end", () => {
    fc.assert(
      fc.property(anySigned, (numeral) => {
        const short = withoutTrailingZeros(numeral);
        expect(exactOf(short).equals(exactOf(numeral))).toBe(true);
        expect(short.fraction).not.toMatch(/0$/);
        expect(short.point).toBe(short.fraction !== "");
      }),
    );
  });
});

describe("a numeral that is moved", () => {
  it("is worth so many powers of ten more or less, with the same digits and no needless zero in front", () => {
    fc.assert(
      fc.property(anyDecimal, fc.integer({ min: -16, max: 16 }), (numeral, by) => {
        const moved = movedBy(numeral, by);
        expect(exactOf(moved).equals(exactOf(numeral).times(new Wide(10).pow(by)))).toBe(true);
        expect(moved.whole).toMatch(/^(0|[1-9]\d*)$/);
        expect(moved.point).toBe(moved.fraction !== "");
        expect(moved.fraction.length).toBe(Math.max(0, numeral.fraction.length - by));
        const back = movedBy(moved, -by);
        expect(exactOf(back).equals(exactOf(numeral))).toBe(true);
      }),
    );
  });

  it("is a power of ten where it is a one with nothing but zeros", () => {
    fc.assert(
      fc.property(anyDecimal, (numeral) => {
        const place = powerOfTen(numeral);
        const logarithm = exactOf(numeral).isZero() ? undefined : exactOf(numeral).log(10);
        if (place === undefined) expect(logarithm?.isInteger() ?? false).toBe(false);
        else expect(exactOf(numeral).equals(new Wide(10).pow(place))).toBe(true);
      }),
    );
    expect(powerOfTen(fromCount(1000n, 0))).toBe(3);
    expect(powerOfTen(fromCount(1n, 2))).toBe(-2);
    expect(powerOfTen(fromCount(10n, 1))).toBe(0);
    expect(powerOfTen(fromCount(11n, 0))).toBeUndefined();
  });

  it("is cut off below a place, or one more of it where it goes up", () => {
    fc.assert(
      fc.property(anyDecimal, fc.integer({ min: -6, max: 6 }), fc.boolean(), (numeral, place, up) => {
        const unit = new Wide(10).pow(place);
        const expected = exactOf(numeral)
          .dividedBy(unit)
          .floor()
          .plus(up ? 1 : 0)
          .times(unit);
        expect(exactOf(cutTo(numeral, place, up)).equals(expected)).toBe(true);
      }),
    );
  });

  it("shows all its digits from the first that is not zero, and no point with nothing after it", () => {
    expect(digitsOf(fromCount(360n, 4))).toBe("360");
    expect(digitsOf(fromCount(0n, 3))).toBe("0");
    const bare: Decimal = { kind: "decimal", negative: false, whole: "5", fraction: "", point: true };
    expect(withoutBarePoint(bare)).toEqual({ ...bare, point: false });
    expect(withoutBarePoint(fromCount(25n, 1))).toEqual(fromCount(25n, 1));
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
