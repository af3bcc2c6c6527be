import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { choicesOf } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { workJson, workLine, workRequested } from ".";

describe("what programs get", () => {
  it("is plain JSON of the very working that was asked for, in any house", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        const line = writeProblem(problem, house);
        const working = workRequested({ problem: line, house: choicesOf(house) });
        if (!working.ok) throw new Error(`${line} is refused: ${working.error.message}`);
        const json = workJson(working.value);
        expect(JSON.parse(JSON.stringify(json))).toEqual(json);
        expect(json.problem).toBe(line);
        expect(json.house).toEqual(choicesOf(house));
        expect(json.checks).toMatchObject({ estimate: { near: true }, inverse: { agrees: true } });
        expect(json.steps[0]?.stage).toBe("estimate");
        expect(json.steps.at(-1)?.reason).toBe("inverse");
        for (const step of json.steps) expect(`${step.say}${step.why}${step.ask}`).not.toContain("*");
        expect(workLine(working.value)).toMatchObject({
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
