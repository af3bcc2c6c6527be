import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { markWork, written } from "../paper";
import { writeAnswer } from "../problem";
import { anyHouse, anyProblem } from "../testing/arbitrary";
import { drawn } from "../testing/papers/drawn";
import { problemOf } from "../testing/problems";
import { assessPaper, GIVEN_PARTS, givenMarks, learnerTaskOf } from "./index";

const house = PRESETS.fillersTrueValue;

describe("a problem handed over", () => {
  it("is marked right with all that is given in any part, of any problem in any house", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        const turn = learnerTaskOf(problem, rules, undefined);
        expect(turn.ways.length).toBeGreaterThan(0);
        const [way] = turn.ways;
        if (way === undefined) return;
        for (const id of GIVEN_PARTS) {
          const marks = givenMarks(way, turn, id, 3, 3);
          if (id === "blank") expect(marks).toEqual([]);
          for (const mark of marks) expect(mark.row).toBeGreaterThanOrEqual(0);
          const found = markWork(written({ marks: [] }, ...marks), [way], false);
          expect([id, found.wrong]).toEqual([id, undefined]);
          // Nothing that is given answers the question.
          const { judged, fault } = assessPaper(written({ marks: [] }, ...marks), turn, rules, true);
          expect([id, judged.state]).not.toEqual([id, "answered"]);
          expect([id, fault?.kind]).not.toEqual([id, "misplaced"]);
        }
      }),
      { numRuns: 120 },
    );
  });

  it("gives no row of the answer, also where a step before it is missing", () => {
    for (const line of ["51 * 13", "483 * 51", "348 + 27.6", "53.2 - 17.8", "795 / 15", "0.34 * 0.27"]) {
      const problem = problemOf(line);
      const turn = learnerTaskOf(problem, house, undefined);
      const [way] = turn.ways;
      if (way === undefined) throw new Error(`no way through ${line}`);
      const answer = writeAnswer(workingOf(problem, house).answer, house).replace(".", "");
      for (const id of GIVEN_PARTS) {
        const rows = new Map<number, string>();
        for (const mark of givenMarks(way, turn, id, 3, 3))
          if (mark.kind === "glyph") rows.set(mark.row, `${rows.get(mark.row) ?? ""}${mark.text}`);
        expect([line, id, [...rows.values()].filter((row) => row === answer)]).toEqual([line, id, []]);
      }
    }
  });

  it("is never told wrong or out of line while it is written as the working does, step by step", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        const turn = learnerTaskOf(problem, rules, undefined);
        const [way] = turn.ways;
        if (way === undefined) return;
        way.steps.forEach((_, step) => {
          const marks = way.steps.slice(0, step + 1).flatMap((one) => one.marks);
          const paper = written({ marks: [] }, ...marks);
          const { found, fault } = assessPaper(paper, turn, rules, false);
          expect([step, found().wrong, fault]).toEqual([step, undefined, undefined]);
        });
      }),
      { numRuns: 60 },
    );
  });

  it.each([
    ["\n1 1 2\n_+_=_\n4 4 4", false],
    ["\n1 1 2 1\n_+_=_=_\n4 4 4 2", true],
  ])("is answered in the form that is wanted, or still to be written so: %s", (paper, inForm) => {
    const turn = learnerTaskOf(problemOf("1/4 + 1/4"), house, undefined);
    const { judged } = assessPaper({ marks: drawn(paper).marks }, turn, house, true);
    expect(judged).toMatchObject({ state: "answered", inForm });
  });

  it("leaves out the answer row, or one step of the work", () => {
    const turn = learnerTaskOf(problemOf("53.2 − 17.8"), house, "subtraction-by-decomposition");
    const [way] = turn.ways;
    if (way === undefined) throw new Error("there is a way");
    const all = way.steps.flatMap(({ marks }) => marks).length;
    const counts = GIVEN_PARTS.map((id) => givenMarks(way, turn, id, 3, 3).length);
    const [blank = 0, setOut = 0, butAnswer = 0, oneMissing = 0] = counts;
    expect(blank).toBe(0);
    expect(setOut).toBeGreaterThan(blank);
    expect(butAnswer).toBeGreaterThan(setOut);
    expect(oneMissing).toBeGreaterThan(setOut);
    expect(oneMissing).toBeLessThan(all);
  });
});
