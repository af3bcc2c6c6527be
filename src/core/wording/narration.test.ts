import { describe, expect, it } from "vitest";
import { type HouseRules, PRESETS } from "../house";
import { EVERY_METHOD, METHOD_IDS, type MethodId, workingOf } from "../methods";
import { problemOf } from "../testing/problems";
import { plain, stepWords } from ".";

const base = PRESETS.fillersTrueValue;

/** All that is said of a problem worked by a method. */
const said = (method: MethodId, line: string, rules: Partial<HouseRules>): string => {
  const house = { ...base, ...rules };
  return workingOf(problemOf(line), house, method)
    .steps.map(({ reason }) => plain(stepWords(reason, house).say))
    .join("\n");
};

const sampleOf = (method: MethodId): string => EVERY_METHOD.card(method).sample;

/** The methods in which no digit stands for more than itself: whole numbers are said as they are worth, or nothing is reckoned. */
const AS_THEY_STAND: readonly MethodId[] = [
  "counting-up",
  "area",
  "shift",
  "partial-quotients",
  "rounding-by-place",
  "comparing-by-place",
  "ordering-by-place",
  "denominators-by-multiples",
  "denominators-by-factors",
  "denominators-by-product",
  "multiplying-across",
  "turning-over",
  "dividing-like-parts",
  "changing-form",
  "cross-products",
  "sign-rule",
  "number-line",
  "counters",
  "gathering",
  "change-by-counting-up",
  "handing-over",
  "changing-units",
  "comparing-alike",
  "compensation",
];

describe("true values and short talk", () => {
  it.each(METHOD_IDS.filter((id) => !AS_THEY_STAND.includes(id)))("differ in %s", (method) => {
    const line = sampleOf(method);
    expect(said(method, line, { narration: "placeValue" })).not.toBe(
      said(method, line, { narration: "short" }),
    );
  });

  it.each<[MethodId, string, string, string]>([
    ["multiplication-in-line", "2.35 × 4", "4 times 5 hundredths are 20 hundredths", "4 times 5 is 20"],
    ["column-multiplication", "47 × 36", "3 tens times 7 ones make 21 tens", "3 times 7 is 21"],
    ["lattice", "1.2 × 0.3", "3 tenths times 2 tenths make 6 hundredths", "3 times 2 is 6"],
    ["long-division", "86.1 ÷ 7", "8 tens among 7: 1 ten each", "7 goes once into 8"],
    ["short-division", "86.1 ÷ 7", "8 tens among 7: 1 ten each", "7 goes once into 8"],
    ["expanded-subtraction", "432 − 165", "12 ones take away 5 ones leaves 7 ones", "12 take away 5 is 7"],
    ["unit-columns", "6 lb 11 oz + 3 lb 9 oz", "11 oz + 9 oz = 20 oz", "11 + 9 = 20"],
  ])("of %s: %s", (method, line, trueValues, short) => {
    expect(said(method, line, { narration: "placeValue" })).toContain(trueValues);
    expect(said(method, line, { narration: "short" })).toContain(short);
  });
});

describe("the terms of the house", () => {
  it.each<[MethodId, string]>([
    ["column-addition", "47 + 38"],
    ["expanded-addition", "47 + 38"],
    ["column-multiplication", "47 × 36"],
    ["multiplication-in-line", "2.35 × 4"],
    ["multiples-of-ten", "2.35 × 40"],
    ["lattice", "68 × 47"],
    ["making-up", "5.03 − 2.65"],
  ])("for carrying are heard in %s", (method, line) => {
    const talks = (["carry", "regroup", "exchange"] as const).map((carryTerm) =>
      said(method, line, { carryTerm }),
    );
    expect(new Set(talks).size).toBe(3);
    // Where carries are not written, none is said to have been carried.
    const unwritten = said(method, line, { carryPlace: "unwritten" });
    if (method !== "expanded-addition" && method !== "making-up") expect(unwritten).toContain("in mind");
  });

  it.each<[MethodId, string]>([
    ["subtraction-by-decomposition", "503 − 247"],
    ["expanded-subtraction", "432 − 165"],
    ["unit-columns", "6 lb 3 oz − 2 lb 9 oz"],
  ])("for borrowing are heard in %s", (method, line) => {
    const talks = (["borrow", "regroup", "exchange"] as const).map((borrowTerm) =>
      said(method, line, { borrowTerm }),
    );
    expect(new Set(talks).size).toBe(3);
    talks.forEach((talk, nth) => {
      expect(talk.toLowerCase()).toContain(["borrow", "regroup", "exchange"][nth]);
    });
  });

  it("for a point that hops are heard where zeros come first", () => {
    expect(said("multiples-of-ten", "2.35 × 40", { shiftBy: "pointHops" })).toContain(
      "hops one place to the right",
    );
    expect(said("multiples-of-ten", "2.35 × 40", { shiftBy: "digitsMove" })).toContain("every digit");
  });
});
