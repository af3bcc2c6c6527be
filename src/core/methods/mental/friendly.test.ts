import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { type Decimal, fromCount, writeDecimal } from "../../number";
import { wide } from "../../testing/answers";
import { combinedBy, friendlyTo, timesOf } from "./friendly";

const house = PRESETS.fillersTrueValue;
const number = (typed: string): Decimal => {
  const [whole = "0", fraction = ""] = typed.split(".");
  return { kind: "decimal", negative: false, whole, fraction, point: fraction !== "" };
};
const near = (typed: string): string | undefined => {
  const found = friendlyTo(number(typed));
  return (
    found && `${writeDecimal(found.friendly, house)} ${found.up ? "+" : "-"}${writeDecimal(found.off, house)}`
  );
};

describe("the friendlier number near one", () => {
  it.each([
    ["4.99", "5 +0.01"],
    ["1.98", "2 +0.02"],
    ["4.95", "5 +0.05"],
    ["19.9", "20 +0.1"],
    ["198", "200 +2"],
    ["302", "300 -2"],
    ["31", "30 -1"],
    ["38", "40 +2"],
    ["9", "10 +1"],
    ["0.9", "1 +0.1"],
    ["97", "100 +3"],
    ["12.98", "13 +0.02"],
    ["127.99", "128 +0.01"],
    ["2990", "3000 +10"],
    ["0.48", "0.5 +0.02"],
    ["4.990", "5 +0.01"],
  ])("of %s is %s", (typed, friendly) => {
    expect(near(typed)).toBe(friendly);
  });

  it.each(["5", "20", "0", "4.6", "2.5", "46", "37.2", "0.5", "1000", "8", "64", "45"])(
    "of %s is none",
    (typed) => {
      expect(near(typed)).toBeUndefined();
    },
  );

  it("has fewer digits to work with, lies a few of the last place away, and is never the number itself", () => {
    fc.assert(
      fc.property(fc.bigInt(1n, 999_999n), fc.integer({ min: 0, max: 4 }), (count, places) => {
        const given = fromCount(count, places);
        const found = friendlyTo(given);
        if (found === undefined) return;
        const digits = ({ whole, fraction }: Decimal): number =>
          (whole + fraction).replace(/^0+|0+$/g, "").length;
        expect(digits(found.friendly)).toBeLessThanOrEqual(Math.max(1, digits(given) - 1));
        expect(wide(found.off).greaterThan(0)).toBe(true);
        const off = wide(found.friendly).minus(wide(given));
        expect(off.abs().equals(wide(found.off))).toBe(true);
        expect(off.isPositive()).toBe(found.up);
      }),
      { numRuns: 1000 },
    );
  });
});

describe("work in the head", () => {
  it("is exact, below zero and with any number of places", () => {
    const any = fc
      .tuple(fc.bigInt(0n, 99_999n), fc.integer({ min: 0, max: 4 }))
      .map(([n, p]) => fromCount(n, p));
    fc.assert(
      fc.property(any, any, fc.bigInt(0n, 20n), (a, b, times) => {
        expect(wide(combinedBy("add", a, b)).equals(wide(a).plus(wide(b)))).toBe(true);
        expect(wide(combinedBy("subtract", a, b)).equals(wide(a).minus(wide(b)))).toBe(true);
        expect(wide(timesOf(times, a)).equals(wide(a).times(times.toString()))).toBe(true);
      }),
    );
  });
});
