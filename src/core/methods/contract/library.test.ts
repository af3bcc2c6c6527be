import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { sameAnswer } from "../../marking";
import { isRight } from "../../problem";
import { anyHouse, anyProblem, anyTask } from "../../testing/arbitrary";
import { problemOf } from "../../testing/problems";
import {
  answerOf,
  drawn,
  EVERY_METHOD,
  libraryOf,
  type MethodId,
  methodsFor,
  productMethods,
  type Reason,
  sumMethods,
  workingOf,
} from "..";

const house = PRESETS.fillersTrueValue;
const solve = (): never => {
  throw new Error("nothing is left to others here");
};

describe("every method together", () => {
  it("gives the answer alone as the working ends in it, by any method", () => {
    fc.assert(
      fc.property(anyTask, anyHouse, ({ problem, method }, rules) => {
        expect(answerOf(problem, rules, method)).toEqual(workingOf(problem, rules, method).answer);
      }),
      { numRuns: 150 },
    );
  });

  it("takes for a house a method that takes the problem, and the one that is wanted where it does", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        const preferred = EVERY_METHOD.preferredMethod(problem, rules);
        const taking = methodsFor(problem).flatMap(({ id, refusal }) => (refusal === undefined ? [id] : []));
        expect(taking).toContain(preferred);
        expect(workingOf(problem, rules).method).toBe(preferred);
        for (const id of taking) expect(workingOf(problem, rules, id).method).toBe(id);
      }),
      { numRuns: 60 },
    );
  });

  it("goes back to the house's method where the wanted one refuses, or is for other kinds", () => {
    const problem = problemOf("8.61 ÷ 13");
    expect(workingOf(problem, house, "short-division").method).toBe("long-division");
    expect(workingOf(problem, house, "turning-over").method).toBe("long-division");
    expect(EVERY_METHOD.methodAmong(problem, house, ["short-division", "partial-quotients"])).toBe(
      "partial-quotients",
    );
    expect(EVERY_METHOD.methodAmong(problem, house, ["partial-quotients", "long-division"])).toBe(
      "long-division",
    );
    expect(EVERY_METHOD.methodAmong(problem, house, ["number-line"])).toBe("long-division");
  });

  it("works with other decisions over the sound ones, and nobody verifies that", () => {
    const problem = problemOf("386 + 247");
    const { answer, method } = EVERY_METHOD.workingOtherwise(
      problem,
      house,
      "column-addition",
      { carries: () => 0 },
      solve,
    );
    expect(method).toBe("column-addition");
    expect(isRight(problem, answer)).toBe(false);
    const sound = EVERY_METHOD.workingOtherwise(problem, house, "column-addition", {}, solve);
    expect(isRight(problem, sound.answer)).toBe(true);
  });

  it("makes no step until a working is drawn, and the same ones however often that is", () => {
    const working = EVERY_METHOD.workingOtherwise(
      problemOf("5 − 2.004"),
      house,
      "subtraction-by-decomposition",
      {},
      solve,
    );
    expect("steps" in working).toBe(false);
    const [once, again] = [drawn(working), drawn(working)];
    expect(once.steps).toEqual(again.steps);
    expect(once.steps).toEqual(workingOf(problemOf("5 − 2.004"), house).steps);
  });

  it("knows each method by its card, and none that there is not", () => {
    for (const { id, kinds, sample, decides } of EVERY_METHOD.methods) {
      expect(EVERY_METHOD.card(id).sample).toBe(sample);
      expect(kinds).toContain(problemOf(sample).kind);
      expect(new Set(decides).size).toBe(decides.length);
    }
    const decimals = libraryOf<Reason, MethodId>([sumMethods, productMethods]);
    expect(decimals.methods.length).toBeLessThan(EVERY_METHOD.methods.length);
    expect(() => decimals.workingOf(problemOf("1/2 + 1/3"), house)).toThrow("no method takes fractions");
  });

  it("has benched problems that each method takes, of every size", () => {
    for (const { id, bench } of EVERY_METHOD.methods)
      for (const template of Object.values(bench)) {
        // The smallest numbers a template allows: a one with zeros where there are digits.
        const line = template.replace(/<(\d+)([.-])(\d+)>/g, (_, one: string, kind: string, other: string) =>
          kind === "-"
            ? one
            : `1${"2".repeat(Number(one) - 1)}${other === "0" ? "" : `.${"3".repeat(Number(other))}`}`,
        );
        const refusal = methodsFor(problemOf(line)).find((one) => one.id === id)?.refusal;
        expect(refusal, `${id}: ${line}`).toBeUndefined();
      }
  });

  it("agrees with itself: the answers of all methods that take a problem are worth the same", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, rules) => {
        if (problem.form.kind !== "asItComes") return;
        const answers = methodsFor(problem).flatMap(({ id, refusal }) =>
          refusal === undefined ? [answerOf(problem, rules, id)] : [],
        );
        const [first, ...others] = answers;
        if (first === undefined) throw new Error("some method takes it");
        for (const other of others)
          if (other.kind === first.kind) expect(sameAnswer(problem, first, other)).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});
