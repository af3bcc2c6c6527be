import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { EVERY_PATTERN, PATTERN_IDS } from "@/core/errorPatterns";
import { choicesOf, PRESETS } from "@/core/house";
import { workingOf } from "@/core/methods";
import { writeAnswer, writeProblem } from "@/core/problem";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { explainedRequested, explainRequested } from ".";

describe("what programs are told of an answer", () => {
  it.each(
    EVERY_PATTERN.filter(({ id }) => id !== "check-times-always-grows").map(
      (pattern) => [pattern.id, pattern] as const,
    ),
  )("names %s for its example", (id, { example: [problem, given] }) => {
    const explained = valueOfResult(explainRequested({ problem, given }), "it was refused");
    expect(explained).toMatchObject({ problem, given, verdict: "wrong" });
    expect(explained.explanations.slice(0, 3).map(({ patterns }) => patterns)).toContainEqual([id]);
  });

  it("is plain JSON, ranked, with shares of one", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, fc.string({ maxLength: 8 }), (problem, house, typed) => {
        const line = writeProblem(problem, house);
        const explained = explainedRequested({ problem: line, given: typed, house: choicesOf(house) });
        if (!explained.ok) {
          expect(explained.error.message).toMatch(/^\S.*[.?]$/s);
          return;
        }
        const { verdict, explanations } = explained.value;
        expect(JSON.parse(JSON.stringify(explained.value))).toEqual(explained.value);
        if (verdict !== "wrong") expect(explanations).toEqual([]);
        const shares = explanations.map(({ probability }) => probability);
        expect(shares).toEqual([...shares].sort((a, b) => b - a));
        expect(shares.reduce((sum, share) => sum + share, 0)).toBeLessThanOrEqual(1.001);
        for (const { patterns } of explanations) {
          expect(patterns.length).toBeLessThanOrEqual(2);
          for (const pattern of patterns) expect(PATTERN_IDS).toContain(pattern);
        }
      }),
      { numRuns: 80 },
    );
  });

  it("is that a right answer is right, in any house", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        const { answer } = workingOf(problem, house);
        if (answer.kind === "handed") return;
        const explained = explainRequested({
          problem: writeProblem(problem, house),
          given: writeAnswer(answer, house),
          house: choicesOf(house),
        });
        expect(explained).toMatchObject({ ok: true, value: { verdict: "right", explanations: [] } });
      }),
      { numRuns: 150 },
    );
  });

  it.each([
    [{ problem: "4..2", given: "1" }, "secondPoint"],
    [{ problem: "4.7 + 3.8", given: "" }, "given.empty"],
    [{ problem: "4.7 + 3.8", given: "blue" }, "given.letters"],
    [{ problem: "6 lb 3 oz + 8 oz", given: "12" }, "given.whichUnit"],
    [{ problem: "1 + 2", given: "3", house: { volume: "loud" } }, "unknownSwitch"],
  ])("refuses %o with a code and a sentence", (request, code) => {
    const explained = explainRequested(request);
    expect(explained.ok ? undefined : explained.error.code).toBe(code);
  });

  it("tells a problem that separates two explanations that are close", () => {
    const explained = explainedRequested({
      problem: "8 − 3.45",
      given: "5.45",
      house: choicesOf(PRESETS.gapsShort),
    });
    if (!explained.ok || explained.value.separating === null) throw new Error("nothing separates them");
    const { problem, patterns } = explained.value.separating;
    const answers = patterns.map(
      (some) =>
        explainRequested({ problem, given: EVERY_PATTERN.find(({ id }) => id === some[0])?.example[1] ?? "" })
          .ok,
    );
    expect(answers).toHaveLength(2);
    expect(patterns[0]).not.toEqual(patterns[1]);
  });
});
