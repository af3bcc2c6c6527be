import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { EVERY_PATTERN, patternResults, patternsNamed } from "@/core/errorPatterns";
import { PRESETS } from "@/core/house";
import { choicesFor, wrongWayOf } from "@/core/learnerTask";
import { readProblem, writeProblem } from "@/core/problem";
import { anyHouse } from "@/core/testing/arbitrary";
import { problemsOf, skillOf } from "@/core/testing/learners";
import { problemOf } from "@/core/testing/problems";
import { patternWords } from "@/core/wording";
import { wrongWayAddress } from "@/service/wrongWayAddress";
import { readAddress } from "../board";

const house = PRESETS.fillersTrueValue;
const SHOWN = EVERY_PATTERN.filter(({ id }) => id !== "check-times-always-grows");

describe("a wrong way on the screen", () => {
  it.each(SHOWN.map((pattern) => [pattern.id, pattern] as const))(
    "shows %s beside the sound way",
    (id, pattern) => {
      const way = wrongWayOf(problemOf(pattern.example[0]), house, [id], undefined);
      if (way === undefined) throw new Error(`${id} is not shown on its own example`);
      expect(way.patterns.map(({ name }) => name)).toEqual([patternWords(id).name]);
      expect(way.departs).toBeGreaterThanOrEqual(1);
      expect(way.departs).toBeLessThanOrEqual(way.wrong.steps.length);
      expect(way.wrong.answer).not.toBe(way.sound.answer);
      for (const { say } of [...way.wrong.steps, ...way.sound.steps]) expect(say.length).toBeGreaterThan(3);
      // What gives it away names the wrong answer, and never what would be right all the same.
      if (way.estimate !== undefined) expect(way.estimate).toContain(way.wrong.answer);
      if (way.undoing !== undefined) expect(way.undoing).toMatch(/ = .+, and not .+\.$/);
    },
  );

  it("can be written for any house, and its address brings it back", () => {
    const cases = SHOWN.flatMap((pattern) =>
      problemsOf(skillOf(pattern), 2, 31).map((problem) => ({ pattern, problem })),
    );
    fc.assert(
      fc.property(fc.constantFrom(...cases), anyHouse, ({ pattern, problem }, rules) => {
        const way = wrongWayOf(problem, rules, [pattern.id], undefined);
        const line = writeProblem(problem, rules);
        const address = new URL(wrongWayAddress(line, rules, [pattern.id], "1"), "http://here");
        const read = readAddress(Object.fromEntries(address.searchParams));
        expect(read.problem).toBe(line);
        expect(read.house).toEqual(rules);
        expect(address.searchParams.get("patterns")).toBe(pattern.id);
        if (way === undefined) return;
        expect(way.line).toBe(line);
        if (way.separating !== undefined) expect(readProblem(way.separating.line, rules).ok).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it("offers every pattern that comes into the problem, each with the answer it leads to", () => {
    const problem = problemOf("12.03 − 4.578");
    const choices = choicesFor(patternResults(problem, house), house);
    expect(choices.length).toBeGreaterThan(5);
    for (const { patterns, answer } of choices) {
      expect(patternsNamed(patterns)).toHaveLength(1);
      expect(wrongWayOf(problem, house, patterns, undefined)?.wrong.answer).toBe(answer);
    }
    expect(choicesFor(patternResults(problemOf("1 + 1"), house), house)).toEqual([]);
  });

  it("of a slip is the one that leads to the answer that was given", () => {
    const problem = problemOf("4.7 + 3.8");
    expect(wrongWayOf(problem, house, ["slip-fact-off-by-one"], "8.6")?.wrong.answer).toBe("8.6");
    expect(wrongWayOf(problem, house, ["slip-wrong-operation"], "0.9")?.wrong.answer).toBe("0.9");
    expect(wrongWayOf(problem, house, ["slip-fact-off-by-one"], undefined)).toBeUndefined();
    expect(wrongWayOf(problem, house, ["slip-fact-off-by-one"], "blue")).toBeUndefined();
  });
});
