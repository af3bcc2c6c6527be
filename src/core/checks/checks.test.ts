import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { featuresOf } from "../features";
import { choicesOf, houseRulesFrom, PRESETS } from "../house";
import { workingOf } from "../methods";
import { compareDecimals, fromCount, writeDecimal } from "../number";
import { readProblem } from "../problem";
import { anyHouse, anyProblem } from "../testing/arbitrary";
import { estimateOf, guessAgainst, isNear } from "./estimate";
import { runOf } from "./run";

const house = PRESETS.fillersTrueValue;
const problemOf = (line: string) => {
  const problem = readProblem(line, house);
  if (!problem.ok) throw new Error(`${line} does not read`);
  return problem.value;
};

describe("the checks", () => {
  it("agree with every sound working: near the estimate, and led back by the inverse", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        const { steps, inverse } = runOf(workingOf(problem, rules));
        expect(inverse.agrees).toBe(true);
        expect(compareDecimals(inverse.working.answer, inverse.expected)).toBe(0);
        expect(steps[0]?.reason.kind).toBe("estimate");
        const compared = steps.find(({ reason }) => reason.kind === "compareWithEstimate");
        expect(compared?.reason).toMatchObject({ near: true });
      }),
      { numRuns: 800 },
    );
  });

  it.each([
    ["40.3 + 7.865 + 12", "ones", "40 8 12", "60"],
    ["5 − 2.004", "ones", "5 2", "3"],
    ["0.482 + 0.317", "leadingDigit", "0.5 0.3", "0.8"],
    ["386 + 247", "leadingDigit", "400 200", "600"],
    ["1520.5 + 38.2", "leadingDigit", "2000 40", "2040"],
    ["103.2 − 98.7", "leadingDigit", "100 100", "0"],
    ["2.004 − 5", "ones", "2 5", "−3"],
  ])("estimate %s as the sizes suggest", (line, rounding, rounded, result) => {
    const estimate = estimateOf(problemOf(line));
    const finer = line.startsWith("103");
    expect(estimate.rounding).toBe(finer ? "ones" : rounding);
    expect(estimate.rounded.map((operand) => writeDecimal(operand, house)).join(" ")).toBe(
      finer ? "103 99" : rounded,
    );
    expect(writeDecimal(estimate.result, house)).toBe(finer ? "4" : result);
  });

  it("find an answer with its point one square out", () => {
    const problem = problemOf("40.3 + 7.865 + 12");
    const estimate = estimateOf(problem);
    expect(isNear(fromCount(60165n, 3), estimate, problem)).toBe(true);
    expect(isNear(fromCount(60165n, 2), estimate, problem)).toBe(false);
    expect(isNear(fromCount(60165n, 4), estimate, problem)).toBe(false);
    expect(guessAgainst(fromCount(58n, 0), estimate)).toBe("below");
    expect(guessAgainst(fromCount(600n, 1), estimate)).toBe("same");
  });
});

describe("features", () => {
  it("are counted off the steps", () => {
    expect(featuresOf(workingOf(problemOf("40.3 + 7.865 + 12"), house))).toEqual({
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
