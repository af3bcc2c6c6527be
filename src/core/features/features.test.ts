import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { readProblem } from "../problem";
import { valueOfResult } from "../testing/valueOfResult";
import { featuresOf } from ".";

/** Features counted once more, by hand from the digits and not from the steps. */

const house = PRESETS.fillersTrueValue;
const features = (line: string, method?: Parameters<typeof workingOf>[2], rules = house) => {
  const problem = valueOfResult(readProblem(line, rules), `features: ${line} can't be read`);
  return featuresOf(workingOf(problem, rules, method));
};
/** The digits from the ones up, as many as are asked for. */
const upward = (number: number, length: number): number[] =>
  Array.from({ length }, (_, place) => Math.floor(number / 10 ** place) % 10);
const wholes = fc.integer({ min: 10, max: 99_999 });

describe("features of a sum", () => {
  it("have every column that comes to ten or more, and the largest carry of three numbers", () => {
    fc.assert(
      fc.property(fc.array(wholes, { minLength: 2, maxLength: 4 }), (addends) => {
        const length = Math.max(...addends.map((addend) => String(addend).length));
        let carry = 0;
        const carries: number[] = [];
        for (let place = 0; place < length; place++) {
          const column = addends.reduce((sum, addend) => sum + (upward(addend, length)[place] ?? 0), carry);
          carry = Math.floor(column / 10);
          if (carry > 0) carries.push(carry);
        }
        expect(features(addends.join(" + "), "column-addition")).toMatchObject({
          numbers: addends.length,
          carries: carries.length,
          largestCarry: Math.max(0, ...carries),
          exchanges: 0,
          hiddenPoints: 0,
          ragged: false,
        });
      }),
    );
  });
});

describe("features of a difference", () => {
  const pairs = fc
    .tuple(wholes, wholes)
    .map(([a, b]): readonly [number, number] => [Math.max(a, b), Math.min(a, b)]);

  it("have every place that needed an exchange, and whether one went past an empty column", () => {
    fc.assert(
      fc.property(pairs, ([minuend, subtrahend]) => {
        const length = String(minuend).length;
        const [top, bottom] = [upward(minuend, length), upward(subtrahend, length)];
        let exchanges = 0;
        let past = false;
        for (let place = 0; place < length; place++) {
          if ((top[place] ?? 0) >= (bottom[place] ?? 0)) continue;
          exchanges += 1;
          let giver = place + 1;
          while (top[giver] === 0) top[giver++] = 9;
          top[giver] = (top[giver] ?? 0) - 1;
          past ||= giver > place + 1;
        }
        expect(features(`${minuend} - ${subtrahend}`, "subtraction-by-decomposition")).toMatchObject({
          exchanges,
          acrossZeros: past,
          carries: 0,
          belowZero: false,
        });
      }),
    );
  });

  it("have every place that was helped by ten to both numbers", () => {
    fc.assert(
      fc.property(pairs, ([minuend, subtrahend]) => {
        const length = String(minuend).length;
        const [top, bottom] = [upward(minuend, length), upward(subtrahend, length)];
        let owed = 0;
        let helped = 0;
        for (let place = 0; place < length; place++) {
          owed = (top[place] ?? 0) < (bottom[place] ?? 0) + owed ? 1 : 0;
          helped += owed;
        }
        for (const method of ["equal-additions", "making-up"] as const)
          expect(features(`${minuend} - ${subtrahend}`, method)).toMatchObject({
            exchanges: helped,
            acrossZeros: false,
          });
      }),
    );
  });
});

describe("features of a quotient", () => {
  it("have its digits, and the zeros inside it", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 9 }),
        fc.integer({ min: 11, max: 99_999 }),
        (divisor, quotient) => {
          const digits = String(quotient);
          const line = `${divisor * quotient} / ${divisor}`.replace("/", "÷");
          for (const method of ["long-division", "short-division"] as const) {
            const found = features(line, method);
            expect(found.quotientDigits).toBeGreaterThanOrEqual(digits.length);
            expect(found.quotientZeros).toBe(digits.slice(1, -1).replace(/[^0]/g, "").length);
            expect(found).toMatchObject({ appendedZeros: 0, recurring: 0, placesMoved: 0 });
          }
        },
      ),
    );
  });

  it("have the places that both numbers were moved, and the digits that come again", () => {
    for (const [line, placesMoved] of [
      ["7.2 ÷ 0.08", 2],
      ["7.2 ÷ 8", 0],
      ["12 ÷ 0.5", 1],
      ["0.6 ÷ 0.012", 3],
    ] as const)
      expect(features(line, "long-division")).toMatchObject({ placesMoved, recurring: 0 });
    for (const [line, recurring] of [
      ["1 ÷ 3", 1],
      ["2 ÷ 11", 2],
      ["1 ÷ 7", 6],
      ["5 ÷ 6", 1],
      ["1 ÷ 8", 0],
    ] as const)
      expect(features(line, "long-division")).toMatchObject({ recurring });
  });
});

describe("features of decimals", () => {
  it("have the hidden points, and whether the numbers are as long after it", () => {
    for (const [line, hiddenPoints, ragged] of [
      ["40.3 + 7.8", 0, false],
      ["40.3 + 7.865", 0, true],
      ["40.3 + 12", 1, true],
      ["40 + 12", 0, false],
      ["5.25 + 3 + 12", 2, true],
    ] as const)
      expect(features(line, "column-addition")).toMatchObject({ hiddenPoints, ragged });
  });
});

describe("features of a kind of its own", () => {
  it.each([
    ["1/4 + 2/4", { denominators: "equal", simplified: 0, improper: false, mixedNumbers: 0 }],
    ["1/2 + 3/4", { denominators: "multiple", improper: true }],
    ["1/6 + 3/4", { denominators: "sharing" }],
    ["2/3 + 1/4", { denominators: "coprime", improper: false }],
    ["3/4 × 2/5", { simplified: 1 }],
    ["12/18 in simplest form", { denominators: undefined, simplified: 1 }],
    ["3 1/4 − 1 3/4", { mixedNumbers: 2 }],
  ] as const)("are those of fractions: %s", (line, wanted) => {
    expect(features(line).fractions).toMatchObject(wanted);
  });

  it.each([
    ["−3 + 5", { pattern: "- ++", crossings: 1, belowZero: false }],
    ["5 − 8 + 1", { crossings: 1, belowZero: true }],
    ["−3 − 8", { crossings: 0, belowZero: true }],
    ["−7 − (−12)", { pattern: "- --", belowZero: false }],
    ["−4 × (−6)", { pattern: "- -", belowZero: false }],
  ] as const)("are those of signs: %s", (line, wanted) => {
    expect(features(line).signs).toMatchObject(wanted);
  });

  it.each([
    ["$10 − $6.35", { withSmallCoins: 1, missing: 0 }],
    ["$4 + $2", { withSmallCoins: 0, hops: 0 }],
    ["pay $27.35", { withSmallCoins: 1, exact: false }],
  ] as const)("are those of money: %s", (line, wanted) => {
    expect(features(line).money).toMatchObject(wanted);
  });

  it.each([
    ["3 ft 8 in + 2 ft 9 in", { units: 2, regroupedUp: 1, regroupedDown: 0, leftOver: false }],
    ["3 ft 2 in + 2 ft 9 in", { regroupedUp: 0 }],
    ["8 lb 3 oz − 2 lb 9 oz", { regroupedDown: 1 }],
    ["8 lb 9 oz − 2 lb 3 oz", { regroupedDown: 0 }],
  ] as const)("are those of measures: %s", (line, wanted) => {
    expect(features(line).measures).toMatchObject(wanted);
  });

  it.each([
    ["2 + 3 × 4", { operations: 2, brackets: 0, outOfOrder: 1 }],
    ["(2 + 3) × 4", { operations: 2, brackets: 1 }],
    ["20 ÷ 5 × 2", { operations: 2, brackets: 0, outOfOrder: 0 }],
  ] as const)("are those of chains: %s", (line, wanted) => {
    expect(features(line).chain).toMatchObject(wanted);
  });

  it.each([
    ["compare 3.45 and 3.405", { equalPlaces: 2, differentLengths: true, zeros: true }],
    ["compare 3.45 and 4.12", { equalPlaces: 0, differentLengths: false, zeros: false }],
  ] as const)("are those of comparing: %s", (line, wanted) => {
    expect(features(line).comparing).toMatchObject(wanted);
  });
});
