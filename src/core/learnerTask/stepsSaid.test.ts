import { describe, expect, it } from "vitest";
import { EVERY_PATTERN, patternsFor, separatingProblem, twinProblem, wrongWorking } from "../errorPatterns";
import { PRESETS } from "../house";
import { sameAnswer } from "../marking";
import { answerOf } from "../methods";
import { isWhole } from "../number";
import { operandsOf, type Problem, writeProblem } from "../problem";
import { ledAstray, problemsOf, skillOf } from "../testing/learners";
import { problemOf } from "../testing/problems";
import { runsOf } from "../testing/runs";
import { claimsOf } from "../testing/said/claimsOf";
import { plain } from "../wording";
import { wrongWayOf } from "./wrongWay";

const house = PRESETS.fillersTrueValue;
const WRITTEN = EVERY_PATTERN.filter(({ id }) => id !== "check-times-always-grows");

/** A line without what it tells as written by the learner. */
const withoutWritten = (line: string): string =>
  plain(line)
    .replace(/What is written: .*\.$/, "")
    .trim();

/** Some problems on which a pattern goes astray, its example among them. */
const astray = (one: (typeof WRITTEN)[number]): readonly Problem[] => [
  problemOf(one.example[0]),
  ...problemsOf(skillOf(one), 60, 23)
    .filter((problem) => ledAstray([one], problem, house) !== undefined)
    .slice(0, runsOf("explanationsRead")),
];

describe("what is said of a wrong way", () => {
  it.each(WRITTEN.map((one) => [one.id, one] as const))(
    "%s states nothing that does not hold, but as what was written",
    (_, one) => {
      for (const problem of astray(one)) {
        const way = wrongWayOf(problem, house, [one.id], undefined);
        if (way === undefined)
          throw new Error(`${one.id} is not replayed on ${writeProblem(problem, house)}`);
        const lines = [
          ...way.wrong.steps.map(({ say }) => withoutWritten(say)),
          ...way.patterns.map(({ remedy }) => plain(remedy)),
        ].filter((line) => line !== "");
        expect(lines.flatMap((line) => claimsOf(line, house).faults)).toEqual([]);
      }
    },
  );

  it("tells the act of the pattern with the numbers of the problem", () => {
    const departing = (line: string, id: (typeof WRITTEN)[number]["id"]): string => {
      const way = wrongWayOf(problemOf(line), house, [id], undefined);
      return plain(way?.wrong.steps[way.departs - 1]?.say ?? "");
    };
    expect(departing("3 2/5 as an improper fraction", "improper-whole-plus-top")).toBe(
      "3 and 2 were added: 5, and written over 5.",
    );
    expect(departing("1/2 + 1/3", "frac-straight-across")).toBe("1 and 1 were added: 2; and 2 and 3: 5.");
    expect(departing("compare 0.62 and 0.8", "cmp-longer-is-larger")).toBe(
      "After the points 62 and 8 were compared as whole numbers. What is written: 0.62 > 0.8.",
    );
    expect(departing("78 + 64", "add-top-carry-lost")).toBe("The last ten was not written.");
    expect(departing("13.4 + 2.35", "add-left-flush")).toBe(
      "The first digits of 13.4 and 2.35 were put under each other, not their points.",
    );
  });

  it("departs where something is done otherwise: no rule of another length, no wholes set apart", () => {
    for (const one of WRITTEN) {
      const way = wrongWayOf(problemOf(one.example[0]), house, [one.id], undefined);
      const step = way?.wrong.steps[way.departs - 1];
      expect(plain(step?.say ?? ""), one.id).not.toMatch(/draw the line|Wholes with wholes|goes inside/);
    }
  });

  it("says what helps with the numbers of this problem", () => {
    const way = wrongWayOf(problemOf("745 − 32"), house, ["sub-stops-at-short"], undefined);
    expect(way?.patterns[0]?.remedy).toBe(
      "Estimate: is 745 less 32 near 13? write zeros in the empty cells.",
    );
  });
});

describe("a problem to set next", () => {
  it.each(WRITTEN.map((one) => [one.id, one] as const))(
    "after %s is one on which it shows again",
    (_, one) => {
      const problem = problemOf(one.example[0]);
      const twin = twinProblem(problem, house, [one.id]);
      if (twin === undefined) return;
      expect(writeProblem(twin.problem, house)).not.toBe(writeProblem(problem, house));
      expect(patternsFor(twin.problem)).toContain(one);
      const right = answerOf(twin.problem, house);
      expect(sameAnswer(twin.problem, right, twin.answers[1])).toBe(true);
      const led = wrongWorking(twin.problem, house, [one])?.answer;
      expect(led && sameAnswer(twin.problem, led, twin.answers[0])).toBe(true);
      expect(sameAnswer(twin.problem, ...twin.answers)).toBe(false);
      // Whole numbers stay whole numbers, and what comes out whole comes out whole again.
      const whole = (asked: Problem): boolean =>
        operandsOf(asked).every((operand) => operand.kind !== "decimal" || isWhole(operand));
      expect(whole(twin.problem) || !whole(problem)).toBe(true);
      if (right.kind === "recurring") expect(answerOf(problem, house).kind).toBe("recurring");
    },
  );

  it("is there for nearly every pattern", () => {
    const without = WRITTEN.filter(
      ({ id, example }) => twinProblem(problemOf(example[0]), house, [id]) === undefined,
    );
    expect(without.length).toBeLessThan(WRITTEN.length / 20);
  });

  it("tells two accounts apart, whichever of them comes first", () => {
    for (const [line, one, other] of [
      ["3 + 4 × 5", "chain-left-to-right", "chain-sum-first"],
      ["compare 0.62 and 0.8", "cmp-longer-is-larger", "cmp-point-ignored"],
      ["−8 − (−3)", "int-second-minus-skipped", "int-operation-changed-only"],
      ["$10 − $3.75", "money-change-dollar-too-many", "sub-zero-to-nine-stop"],
    ] as const) {
      const problem = problemOf(line);
      const found = separatingProblem(problem, house, [one], [other]);
      const turned = separatingProblem(problem, house, [other], [one]);
      expect([found === undefined, turned === undefined], line).toEqual([false, false]);
    }
  });
});
