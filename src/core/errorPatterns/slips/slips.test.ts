import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { readLearnerAnswer, sameAnswer } from "../../marking";
import { workingOf } from "../../methods";
import { readProblem, writeAnswer, writeProblem } from "../../problem";
import { problemsOf, waysOf } from "../../testing/learners";
import { runsOf } from "../../testing/runs";
import { valueOfResult } from "../../testing/valueOfResult";
import { PATTERNS, replayOf, slipsOf } from "..";
import { slipValue } from "../explaining/patternResults";
import { answerValueIn } from "../explaining/value";

const house = PRESETS.fillersTrueValue;
const SKILLS = Object.keys(PATTERNS) as (keyof typeof PATTERNS)[];

/** Every slip on problems of a skill, with the right answer it departs from. */
const slipsIn = (skill: keyof typeof PATTERNS, count = runsOf("slips")) =>
  problemsOf(skill, count, 31).flatMap((problem) => {
    const { right } = waysOf(problem, house);
    return slipsOf(problem, right).map((slip) => ({ problem, right, ...slip }));
  });

const digitsIn = (text: string): string => text.replace(/[^0-9]/g, "");
const inOrder = (text: string): string => [...digitsIn(text)].sort().join("");
const differing = (one: string, other: string): number =>
  [...one].filter((letter, at) => letter !== other[at]).length;

describe.each(SKILLS)("what goes wrong in carrying out %s", (skill) => {
  it("is a problem or an answer that could stand on paper, and not the one that should", () => {
    for (const { problem, right, instead, id } of slipsIn(skill)) {
      if (instead.kind === "problem") {
        const line = writeProblem(instead.problem, house);
        const read = readProblem(line, house);
        expect(read.ok, `${id} reads ${line}`).toBe(true);
        expect(line).not.toBe(writeProblem(problem, house));
      } else {
        const text = writeAnswer(instead.answer, house);
        const given = valueOfResult(
          readLearnerAnswer(text, problem, house),
          `${id} writes ${text}, which can't be read`,
        );
        expect(sameAnswer(problem, given.answer, instead.answer), `${id} writes ${text}`).toBe(true);
        expect(text).not.toBe(writeAnswer(right, house));
      }
    }
  });

  it("changes one thing only", () => {
    for (const { problem, right, instead, id } of slipsIn(skill)) {
      const asked = writeProblem(problem, house);
      const ought = writeAnswer(right, house);
      const got =
        instead.kind === "problem"
          ? writeProblem(instead.problem, house)
          : writeAnswer(instead.answer, house);
      if (id === "slip-digit-miscopied") {
        expect(got).toHaveLength(asked.length);
        expect(differing(got, asked), `${asked} read as ${got}`).toBe(1);
      }
      if (id === "slip-wrong-operation") expect(digitsIn(got)).toBe(digitsIn(asked));
      if (id === "slip-sign-dropped") expect(digitsIn(got)).toBe(digitsIn(ought));
      if (id === "slip-digits-swapped") {
        expect(inOrder(got), `${ought} written as ${got}`).toBe(inOrder(ought));
        expect(differing(digitsIn(got), digitsIn(ought)), `${ought} written as ${got}`).toBe(2);
        // 400.5 is never written as 040.5.
        expect(got).toMatch(/^[^0-9]*(?:0(?![0-9])|[1-9])/);
      }
    }
  });

  it("is replayed to the answer it explains", () => {
    for (const { problem, right, ...slip } of slipsIn(skill, 3)) {
      const { instead, id } = slip;
      const answer = instead.kind === "answer" ? instead.answer : workingOf(instead.problem, house).answer;
      const at = answerValueIn(problem, answer);
      // A misread quotient that does not come out is no answer that is explained.
      if (at.key === answerValueIn(problem, right).key || at.key !== slipValue(problem, right, slip)?.key)
        continue;
      const replay = replayOf(problem, house, [id], answer);
      if (replay === undefined) throw new Error(`${id} is not replayed`);
      expect(answerValueIn(problem, replay.wrong.answer), id).toEqual(at);
    }
  });
});
