import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pagesOf } from "../board";
import { EVERY_PATTERN, type PatternId, replayOf } from "../errorPatterns";
import { PRESETS } from "../house";
import { readLearnerAnswer } from "../marking";
import { workingOf } from "../methods";
import { BLANK_PAPER, written } from "../paper";
import { type Problem, writeAnswer } from "../problem";
import { anyHouse, anyProblem } from "../testing/arbitrary";
import { problemsOf, skillOf } from "../testing/learners";
import { drawn } from "../testing/papers/drawn";
import { problemOf } from "../testing/problems";
import { valueOfResult } from "../testing/valueOfResult";
import { markedWork } from "./index";

const house = PRESETS.fillersTrueValue;
const NOTHING_KNOWN = new Map();

/** What is told of an answer to a problem, with nothing on the paper. */
function told(
  problem: Problem,
  typed: string,
  more: { readonly estimate?: string; readonly paper?: typeof BLANK_PAPER } = {},
) {
  const given = valueOfResult(readLearnerAnswer(typed, problem, house), `${typed} is no answer`);
  const { estimate = "", paper = BLANK_PAPER } = more;
  return markedWork({ problem, given: given, paper, estimate }, house, NOTHING_KNOWN);
}

/** The paper of a replay, all its marks on it. */
function paperOf(problem: Problem, patterns: readonly PatternId[]) {
  const replay = replayOf(problem, house, patterns);
  if (replay === undefined) throw new Error(`${patterns.join()} does not come into it`);
  const [page] = pagesOf(replay.wrong.layout, replay.wrong.steps);
  const marks = page?.writings.flatMap((writing) => writing.marks) ?? [];
  return { paper: written(BLANK_PAPER, ...marks), answer: writeAnswer(replay.wrong.answer, house) };
}

describe("work that is handed in", () => {
  it("is right as the working itself writes it, of any problem, and told what would have been right", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        const { answer } = workingOf(problem, rules);
        const line = writeAnswer(answer, rules);
        const given = readLearnerAnswer(line, problem, rules);
        if (!given.ok) return;
        const marked = markedWork(
          { problem, given: given.value, paper: BLANK_PAPER, estimate: "" },
          rules,
          NOTHING_KNOWN,
        );
        expect(marked.verdict).not.toBe("wrong");
        expect(marked.explanations).toEqual([]);
        expect(marked.right).toBe(line);
      }),
      { numRuns: 60 },
    );
  });

  it("tells a digit that stands copied wrongly on the paper as that, and not as a fact", () => {
    const { marks } = drawn("\n 39\n+25\n---\n 64");
    const [first] = told(problemOf("38 + 25"), "64", { paper: { marks } }).explanations;
    expect(first).toMatchObject({ patterns: ["slip-digit-miscopied"], onPaper: true });
  });

  it("names the pattern behind a wrong answer, likeliest first, each with what it is called", () => {
    const { verdict, explanations } = told(problemOf("403 − 127"), "376");
    expect(verdict).toBe("wrong");
    expect(explanations[0]?.patterns).toEqual(["sub-zero-to-nine-stop"]);
    expect(explanations[0]?.names[0]).toMatch(/zero/);
    const chances = explanations.map(({ probability }) => probability);
    expect(chances).toEqual([...chances].sort((a, b) => b - a));
  });

  it("goes by the paper where the answer alone can't tell two patterns apart", () => {
    const problem = problemOf("53.2 − 17.8");
    const { paper, answer } = paperOf(problem, ["sub-column-gap"]);
    const blank = told(problem, answer);
    expect(blank.explanations.every(({ onPaper }) => !onPaper)).toBe(true);
    const seen = told(problem, answer, { paper });
    expect(seen.explanations[0]).toMatchObject({ patterns: ["sub-column-gap"], onPaper: true });
  });

  it("says which patterns could have shown, and that the one that did is among them", () => {
    for (const pattern of EVERY_PATTERN.filter(({ id }) => id.startsWith("sub-") || id.startsWith("add-"))) {
      const [problem] = problemsOf(skillOf(pattern), 60, 3).filter((one) =>
        replayOf(one, house, [pattern.id]),
      );
      if (problem === undefined) throw new Error(`${pattern.id} comes into none`);
      const answer = replayOf(problem, house, [pattern.id])?.wrong.answer;
      const marked = told(problem, answer === undefined ? "" : writeAnswer(answer, house));
      expect(marked.shown, pattern.id).toContain(pattern.id);
      for (const one of marked.shown) expect(marked.chances).toContain(one);
    }
  });

  it("tells the belief behind an estimate, and what helps; none behind a sensible one", () => {
    const problem = problemOf("0.4 × 12");
    expect(told(problem, "4.8", { estimate: "5" }).belief).toBeUndefined();
    const grows = told(problem, "4.8", { estimate: "48" });
    expect(grows.judged?.shown).toBe(true);
    expect(grows.belief?.remedy).toMatch(/\S/);
    expect(told(problem, "4.8", { estimate: "a lot" }).judged).toBeUndefined();
  });

  it("gives the estimate in one line to compare with, where one helps", () => {
    expect(told(problemOf("40.3 + 7.865 + 12"), "60.165").estimate).toBe("40 + 8 + 12 ≈ 60");
  });
});
