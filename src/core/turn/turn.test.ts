import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { markWork, written } from "../paper";
import { fractionOf, type Problem } from "../problem";
import { anyHouse, anyProblem } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { GIVEN_PARTS, givenMarks, turnOf } from "./index";

/** A measure or a number of nothing: rows of zeros can be told apart by nobody. */
const isNothing = (operand: Problem["operands"][number]): boolean => fractionOf(operand).n === 0n;

const house = PRESETS.fillersTrueValue;

describe("a problem handed over", () => {
  it("is marked right with all that is given in any part, of any problem in any house", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        fc.pre(!problem.operands.some(isNothing));
        const turn = turnOf(problem, rules, undefined);
        expect(turn.ways.length).toBeGreaterThan(0);
        const [way] = turn.ways;
        if (way === undefined) return;
        for (const id of GIVEN_PARTS) {
          const marks = givenMarks(way, id, 3, 3);
          if (id === "blank") expect(marks).toEqual([]);
          for (const mark of marks) expect(mark.row).toBeGreaterThanOrEqual(0);
          const found = markWork(written({ marks: [] }, ...marks), [way], false);
          expect([id, found.misplaced, found.wrong]).toEqual([id, undefined, undefined]);
        }
      }),
      { numRuns: 120 },
    );
  });

  it("leaves out the answer row, or one step of the work", () => {
    const [way] = turnOf(problemOf("53.2 − 17.8"), house, "subtraction-by-decomposition").ways;
    if (way === undefined) throw new Error("there is a way");
    const all = way.steps.flatMap(({ marks }) => marks).length;
    const counts = GIVEN_PARTS.map((id) => givenMarks(way, id, 3, 3).length);
    const [blank = 0, setOut = 0, butAnswer = 0, oneMissing = 0] = counts;
    expect(blank).toBe(0);
    expect(setOut).toBeGreaterThan(blank);
    expect(butAnswer).toBeGreaterThan(setOut);
    expect(oneMissing).toBeGreaterThan(setOut);
    expect(oneMissing).toBeLessThan(all);
  });
});
