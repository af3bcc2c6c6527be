import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { choicesOf } from "@/core/house";
import { METHOD_IDS } from "@/core/methods";
import { writeProblem } from "@/core/problem";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { methodsRequested, workJson, workLine, workRequested } from ".";

describe("what programs are told of methods", () => {
  it("is every method, each with why it does not take the problem where it does not", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        const line = writeProblem(problem, house);
        const methods = valueOfResult(
          methodsRequested({ problem: line, house: choicesOf(house) }),
          `${line} is refused`,
        );
        expect(methods.map(({ method }) => method)).toEqual([...METHOD_IDS]);
        expect(methods.some(({ takes }) => takes)).toBe(true);
        for (const { method, takes, reason } of methods) {
          const working = workRequested({ problem: line, house: choicesOf(house), method });
          expect(working.ok).toBe(takes);
          if (!working.ok) expect(reason).toBe(working.error.message);
        }
      }),
      { numRuns: 60 },
    );
    expect(methodsRequested({ problem: "5 ÷ 0" })).toMatchObject({
      ok: false,
      error: { code: "divisionByZero", at: 4 },
    });
  });
});

describe("what programs get", () => {
  it("is plain JSON of the very working that was asked for, in any house", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        const line = writeProblem(problem, house);
        const working = valueOfResult(
          workRequested({ problem: line, house: choicesOf(house) }),
          `${line} is refused`,
        );
        const json = workJson(working);
        expect(JSON.parse(JSON.stringify(json))).toEqual(json);
        expect(json.problem).toBe(line);
        expect(json.house).toEqual(choicesOf(house));
        if (json.checks.estimate) expect(json.checks.estimate.near).toBe(true);
        if (json.checks.inverse) expect(json.checks.inverse.agrees).toBe(true);
        const checked = json.checks.estimate !== null || json.checks.inverse !== null;
        if (checked) expect(json.steps.at(-1)?.stage).toBe("check");
        for (const step of json.steps) expect(`${step.say}${step.why}${step.ask}`).not.toContain("*");
        expect(workLine(working)).toMatchObject({
          method: json.method,
          answer: json.answer.written,
          value: json.answer.value,
        });
      }),
      { numRuns: 200 },
    );
  });

  it.each([
    ["40.3 + 7.865 + 12", "60.165", "12033/200"],
    ["2.5 - 5", "−2.5", "-5/2"],
    ["1.5 + 0.5", "2", "2/1"],
    ["7 - 7.0", "0", "0/1"],
    ["2.4 × 1.5 × 3", "10.8", "54/5"],
    ["1 ÷ 3", "0.(3)", "1/3"],
    ["25 / 4 with remainder", "6 r 1", "25/4"],
    ["25 : 4 as a mixed number", "6 1/4", "25/4"],
    ["2 ÷ 3 to 2 places", "≈ 0.67", "67/100"],
    ["round 3.748 to tenths", "≈ 3.7", "37/10"],
    ["compare 0.45 and 0.405", "0.45 > 0.405", "9/200"],
  ])("gives %s its exact value in lowest terms", (problem, answer, value) => {
    const working = workRequested({ problem });
    expect(working.ok && workLine(working.value)).toMatchObject({ answer, value, unit: null });
  });

  it.each([
    [{ problem: "4..2" }, "secondPoint", 2],
    [{ problem: "1 + 2", method: "by-magic" }, "unknownMethod", undefined],
    [{ problem: "1 + 2", method: "making-up" }, "methodRefuses", undefined],
    [{ problem: "1 + 2", house: { preset: "loud" } }, "unknownPreset", undefined],
    [{ problem: "1 + 2", house: { volume: "loud" } }, "unknownSwitch", undefined],
    [{ problem: "1 + 2", house: { narration: "loud" } }, "unknownSetting", undefined],
    [{ problem: "1 + 2", house: { toString: "x" } }, "unknownSwitch", undefined],
  ])("refuses %o with a code, a sentence and a place where there is one", (request, code, at) => {
    const working = workRequested(request);
    expect(working.ok).toBe(false);
    if (working.ok) return;
    expect(working.error.code).toBe(code);
    expect(working.error.at).toBe(at);
    expect(working.error.message).toMatch(/^\S.*\.$/);
  });
});
