import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plus, same, valueOfQuantity } from "../claims";
import { featuresOf } from "../features";
import { choicesOf, type HouseRules, houseRulesFrom, PRESETS } from "../house";
import { EVERY_METHOD, type MethodId, workingOf } from "../methods";
import { compareDecimals, fromCount } from "../number";
import { exactAnswer, operandsOf, writeProblem } from "../problem";
import { writeQuantity } from "../quantity";
import { Wide } from "../testing/answers";
import { anyHouse, anyProblem, anyTask } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { stepWords } from "../wording";
import { type CalculatorKey, CLEARED, display, keysFor, press } from "./calculator";
import { estimateOf, guessAgainst, isNear } from "./estimating/estimate";
import { runOf } from "./run";
import { soFar } from "./soFar";

const house = PRESETS.fillersTrueValue;

function estimated(line: string) {
  const estimate = estimateOf(problemOf(line), PRESETS.fillersTrueValue);
  if (estimate === undefined) throw new Error(`${line} is not estimated`);
  return estimate;
}

/** An estimate in one line: the easy problem, and what it comes to. */
const roughly = (line: string): string => {
  const { rounded, result } = estimated(line);
  return `${writeProblem(rounded, house)} ≈ ${writeQuantity(result, house)}`;
};

describe("the checks", () => {
  it("agree with every sound working: near the estimate, led back by the inverse, the same by another method", () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(anyTask, anyHouse, ({ problem, method }, rules) => {
        const { steps, inverse, estimate } = runOf(workingOf(problem, rules, method), EVERY_METHOD);
        if (problem.op === "round" || problem.op === "compare") expect(estimate).toBeUndefined();
        for (const { reason } of steps) {
          seen.add(reason.kind);
          if (reason.kind === "compareWithEstimate") expect(reason.near).toBe(true);
          if (reason.kind === "otherMethod") expect(reason.agrees).toBe(true);
          if (reason.kind === "neighbours") {
            expect([reason.below, reason.above].some((n) => compareDecimals(n, reason.answer) === 0)).toBe(
              true,
            );
          }
        }
        if (inverse === undefined) return;
        expect(inverse.agrees).toBe(true);
        const result = valueOfQuantity(inverse.result);
        const back = inverse.plus ? plus(result, valueOfQuantity(inverse.plus)) : result;
        expect(same(back, valueOfQuantity(inverse.expected))).toBe(true);
      }),
      { numRuns: 800 },
    );
    for (const kind of [
      "estimate",
      "compareWithEstimate",
      "inverse",
      "otherMethod",
      "neighbours",
      "bySubtracting",
    ]) {
      expect(seen).toContain(kind);
    }
  });

  it.each([
    ["40.3 + 7.865 + 12", "ones", "40 8 12", "60"],
    ["5 − 2.004", "ones", "5 2", "3"],
    ["0.482 + 0.317", "leadingDigit", "0.5 0.3", "0.8"],
    ["386 + 247", "leadingDigit", "400 200", "600"],
    ["1520.5 + 38.2", "leadingDigit", "2000 40", "2040"],
    ["103.2 − 98.7", "leadingDigit", "100 100", "0"],
    ["2.004 − 5", "ones", "2 5", "−3"],
    ["12.5 × 0.4", "evened", "10 0.4", "4"],
    ["25 × 25", "evened", "20 30", "600"],
    ["24.8 × 0.0321", "friendly", "25 0.03", "0.75"],
    ["0.52 × 36", "friendly", "0.5 36", "18"],
    ["24 × 17", "friendly", "25 16", "400"],
    ["7.4 ÷ 0.08", "multiple", "7.2 0.08", "90"],
    ["25 ÷ 4", "multiple", "24 4", "6"],
    ["0.5 ÷ 700", "multiple", "0.49 700", "0.0007"],
  ])("estimate %s as the sizes suggest", (line, rounding, rounded, result) => {
    const estimate = estimated(line);
    const finer = line.startsWith("103");
    expect(estimate.rounding).toBe(finer ? "ones" : rounding);
    const easy = operandsOf(estimate.rounded).map((operand) => writeQuantity(operand, house));
    expect(easy.join(" ")).toBe(finer ? "103 99" : rounded);
    expect(writeQuantity(estimate.result, house)).toBe(finer ? "4" : result);
  });

  it.each([
    ["1/2 + 5/8", "1/2 + 1/2 ≈ 1"],
    ["2 1/3 + 1 7/8", "2 1/2 + 2 ≈ 4 1/2"],
    ["−38 − (−52)", "−40 − (−50) ≈ 10"],
    ["$4.07 + 85c + $3", "$4 + $1 + $3 ≈ $8"],
    ["54 lb 3 oz − 27 lb 9 oz", "54 lb − 28 lb ≈ 26 lb"],
    ["3 × $1.85 + $0.60, from $10", "$10 − (3 × $2 + $1) ≈ $3"],
  ])("estimate %s by what is easy near it", (line, rough) => {
    expect(roughly(line)).toBe(rough);
  });

  it("lead a product with a zero in it back to the factors that were left alone, and say which", () => {
    const { inverse, steps } = runOf(workingOf(problemOf("5 × 3 × 0"), house), EVERY_METHOD);
    expect(inverse?.others.map((factor) => writeQuantity(factor, house))).toEqual(["5", "0"]);
    const back = steps.find(({ reason }) => reason.kind === "inverse");
    expect(back && stepWords(back.reason, house).say).toContain("0 ÷ 3 = 0*, which is what 5 × 0 makes");
  });

  it("take only a method that ends in the same form for another way", () => {
    const other = (line: string, rules: Partial<HouseRules>, method: MethodId) =>
      runOf(workingOf(problemOf(line), { ...house, ...rules }, method), EVERY_METHOD).steps.some(
        ({ reason }) => reason.kind === "otherMethod",
      );
    expect(other("1 ÷ 1000", { divisionEnding: "twoPlaces" }, "shift")).toBe(false);
    expect(other("25 ÷ 10", { divisionEnding: "remainder" }, "shift")).toBe(false);
    expect(other("25 ÷ 10", { divisionEnding: "exact" }, "shift")).toBe(true);
  });

  it("find an answer with its point one square out", () => {
    const problem = problemOf("40.3 + 7.865 + 12");
    const estimate = estimated("40.3 + 7.865 + 12");
    expect(isNear(fromCount(60165n, 3), estimate, problem)).toBe(true);
    expect(isNear(fromCount(60165n, 2), estimate, problem)).toBe(false);
    expect(isNear(fromCount(60165n, 4), estimate, problem)).toBe(false);
    expect(guessAgainst(fromCount(58n, 0), estimate)).toBe("below");
    expect(guessAgainst(fromCount(600n, 1), estimate)).toBe("same");
  });
});

describe("the pocket calculator", () => {
  const keyed = (line: string) => keysFor(problemOf(line))?.reduce(press, CLEARED);
  const shown = (line: string) => {
    const calculator = keyed(line);
    return calculator && display(calculator, house);
  };

  it("comes to what another library gives, cut after eight digits", () => {
    const easy = anyProblem.filter((problem) => keysFor(problem) !== undefined);
    fc.assert(
      fc.property(easy, (problem) => {
        const calculator = keysFor(problem)?.reduce(press, CLEARED);
        if (calculator === undefined) return;
        expect(calculator.total.equals(exactAnswer(problem))).toBe(true);
        const { text, cut, error } = display(calculator, house);
        if (error) return;
        const value = new Wide(text.replace("−", "-"));
        const off = value.minus(new Wide(calculator.total.toString(40).replace(/\(.*/, ""))).abs();
        expect(text.replace(/[−.]/g, "").length).toBeLessThanOrEqual(8);
        expect(cut || off.isZero()).toBe(true);
        expect(off.lessThan(1)).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  it.each([
    ["2 ÷ 3", { text: "0.6666666", cut: true, error: false }],
    ["7.2 ÷ 0.08", { text: "90", cut: false, error: false }],
    ["2.5 − 4", { text: "−1.5", cut: false, error: false }],
    ["99999999 × 99999999", { text: "Error", cut: true, error: true }],
  ])("shows %s as a real one would", (line, expected) => {
    expect(shown(line)).toEqual(expected);
  });

  it("works in the order it is keyed, starts a new number after =, and stops at a division by zero", () => {
    const shows = (...keys: readonly CalculatorKey[]) => display(keys.reduce(press, CLEARED), house).text;
    expect(shows("2", "add", "3", "multiply", "4", "equals")).toBe("20");
    expect(shows("2", "add", "3", "equals", "7")).toBe("7");
    expect(shows("point", "5", "point", "1")).toBe("0.51");
    expect(shows("5", "divide", "0", "equals", "3")).toBe("Error");
    expect(shows("5", "divide", "0", "equals", "clear", "3")).toBe("3");
    expect(keysFor(problemOf("123456789 + 1"))).toBeUndefined();
  });
});

describe("features", () => {
  it("are counted off the steps", () => {
    expect(featuresOf(workingOf(problemOf("40.3 + 7.865 + 12"), house))).toMatchObject({
      numbers: 3,
      columns: 5,
      carries: 2,
      largestCarry: 1,
      exchanges: 0,
      acrossZeros: false,
      hiddenPoints: 1,
      ragged: true,
      belowZero: false,
      droppedZeros: 0,
    });
    expect(featuresOf(workingOf(problemOf("0.06 × 0.3"), house))).toMatchObject({
      digitProducts: 1,
      paddedZeros: 2,
    });
    expect(featuresOf(workingOf(problemOf("8.24 ÷ 0.8"), house))).toMatchObject({
      placesMoved: 1,
      quotientDigits: 3,
      quotientZeros: 1,
      appendedZeros: 0,
    });
    expect(featuresOf(workingOf(problemOf("1 ÷ 7"), house))).toMatchObject({
      recurring: 6,
      appendedZeros: 6,
    });
    const placeByPlace = { ...house, borrowAcrossZeros: "placeByPlace" } as const;
    for (const rules of [house, placeByPlace]) {
      expect(featuresOf(workingOf(problemOf("5 − 2.004"), rules)).acrossZeros).toBe(true);
    }
    expect(featuresOf(workingOf(problemOf("2.5 − 7.5"), house))).toMatchObject({
      belowZero: true,
      droppedZeros: 1,
    });
  });
});

describe("house rules", () => {
  it("come back whole from their shortest choices", () => {
    fc.assert(
      fc.property(anyHouse, (rules) => {
        expect(houseRulesFrom(choicesOf(rules))).toEqual({ ok: true, value: rules });
      }),
    );
  });
});

describe("what a chain has become so far", () => {
  it("stands beside the problem while a part of it is worked on a page of its own, from the first result on", () => {
    const run = runOf(workingOf(problemOf("12 × 3.4 + 2.75"), house), EVERY_METHOD);
    const lines = run.steps.map((_, index) => {
      const left = soFar(run.steps, index + 1);
      return left && writeProblem(left, house);
    });
    const pages = run.steps.map(({ page }) => page?.index);
    expect(lines.filter((_, index) => pages[index] === undefined).every((line) => line === undefined)).toBe(
      true,
    );
    expect(new Set(lines.filter((_, index) => pages[index] === 1))).toEqual(new Set([undefined]));
    expect(new Set(lines.filter((_, index) => (pages[index] ?? 0) > 1))).toEqual(new Set(["40.8 + 2.75"]));
  });
});
