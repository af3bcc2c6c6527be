import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { below, minus, ratio, right, same, size, sum, times, valueOfQuantity } from "../../claims";
import { PRESETS } from "../../house";
import { EVERY_METHOD, workingOf } from "../../methods";
import { operandsOf, type Problem, writeProblem } from "../../problem";
import { type Quantity, writeQuantity } from "../../quantity";
import { anyProblem } from "../../testing/arbitrary";
import { problemOf } from "../../testing/problems";
import { runOf } from "../run";
import { directionOf } from "./direction";
import { estimateOf } from "./estimate";
import type { Estimate } from "./roughAnswer";

const offOf = (problem: Problem, { result }: Estimate) =>
  size(minus(right(problem), valueOfQuantity(result)));

/** How many figures but zeros a line is written with. */
const figures = (line: string): number => line.replace(/[^1-9]/g, "").length;

describe("an estimate", () => {
  it("takes other numbers than the problem, and lies as near as a tutor would have it", () => {
    let made = 0;
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const estimate = estimateOf(problem, PRESETS.fillersTrueValue);
        if (estimate === undefined) return;
        made += 1;
        const own = operandsOf(problem).map(valueOfQuantity);
        const easy = operandsOf(estimate.rounded).map(valueOfQuantity);
        const moved = easy.map((one, index) => size(minus(one, own[index] ?? one)));
        expect(moved.some((by) => by.over > 0n)).toBe(true);
        const off = offOf(problem, estimate);
        if (problem.op === "add" || problem.op === "subtract" || problem.op === "terms")
          expect(below(sum(moved), off)).toBe(false);
        else expect(below(size(right(problem)), times(off, ratio(4)))).toBe(false);
        expect(right(estimate.rounded).over === 0n || !same(valueOfQuantity(estimate.result), ratio(0))).toBe(
          true,
        );
      }),
      { numRuns: 1500 },
    );
    expect(made).toBeGreaterThan(300);
  });

  it("says on which side of it the answer lies only where that is so", () => {
    let told = 0;
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const estimate = estimateOf(problem, PRESETS.fillersTrueValue);
        const direction = estimate && directionOf(problem, estimate);
        if (estimate === undefined || direction === undefined) return;
        told += 1;
        const [exact, about] = [right(problem), valueOfQuantity(estimate.result)];
        expect(direction.answerIs === "less" ? below(exact, about) : below(about, exact)).toBe(true);
        expect(direction.up.length + direction.down.length).toBeGreaterThan(0);
        if (direction.little)
          expect(below(size(about), times(size(minus(exact, about)), ratio(10)))).toBe(false);
      }),
      { numRuns: 1500 },
    );
    expect(told).toBeGreaterThan(150);
  });

  it.each(["56 + 50 to hundreds", "896.4 − 3.5 to hundreds", "5051 + 5042 to hundreds", "2 ÷ 3 to 2 places"])(
    "of %s has no side: the answer is rounded itself, and may end on the other one",
    (line) => {
      const run = runOf(workingOf(problemOf(line), PRESETS.fillersTrueValue), EVERY_METHOD);
      const sides = run.steps.flatMap(({ reason }) =>
        reason.kind === "estimate" || reason.kind === "compareWithEstimate" ? [reason.direction] : [],
      );
      expect(sides.every((side) => side === undefined)).toBe(true);
    },
  );

  it.each([
    ["16.8 × 4", "less", "16.8 up"],
    ["48.2 ÷ 5", "less", "48.2 up"],
    ["83 − 29", "more", "29 up 83 down"],
    ["19.8 × 3.9", "less", "19.8 3.9 up"],
    // One up and one down: it can't be told beforehand.
    ["19.8 × 4.2", undefined, undefined],
    ["20.1 − 3.05 − 4.99", undefined, undefined],
  ])("of %s lies on the side of it that can be told: %s", (line, side, moved) => {
    const problem = problemOf(line);
    const estimate = estimateOf(problem, PRESETS.fillersTrueValue);
    if (estimate === undefined) throw new Error(`${line} has no estimate`);
    const direction = directionOf(problem, estimate);
    const written = (quantities: readonly Quantity[], way: string): string =>
      quantities.length === 0
        ? ""
        : `${quantities.map((one) => writeQuantity(one, PRESETS.fillersTrueValue)).join(" ")} ${way}`;
    expect(direction?.answerIs).toBe(side);
    expect(direction && `${written(direction.up, "up")} ${written(direction.down, "down")}`.trim()).toBe(
      moved,
    );
  });

  it.each([
    "0.06 × 0.3",
    "7.2 ÷ 0.08",
    "12 ÷ 0.3",
    "7 × 8",
    "5 + 3",
    "2 + 3 × 4",
    "5 ÷ 25",
    "−56 ÷ 8",
    "12 ÷ 3 × 2",
    "12.5 − 12.45",
    "3 ÷ 1/4",
    "3/4 of 10",
    "2/3 × 3/2",
    "1 km 200 m − 850 m",
    "2.5 × 4 − 1.2 ÷ 0.3",
    "$0.05 ÷ 3",
  ])("is not made of %s: it would say it again, lead astray, or be no easier", (line) => {
    expect(estimateOf(problemOf(line), PRESETS.fillersTrueValue)).toBeUndefined();
  });

  it.each([
    ["26 × 48.3", "ones", "26 × 48"],
    ["26 × 48.3", "leadingDigit", "30 × 50"],
    ["26 × 48.3", "friendly", "25 × 48"],
    ["386.4 + 247.2", "ones", "386 + 247"],
    ["386.4 + 247.2", "leadingDigit", "400 + 200"],
    ["53.2 − 17.8", "leadingDigit", "50 − 20"],
  ] as const)("of %s in a house that rounds so, %s, is %s", (line, estimateRounding, taken) => {
    const estimate = estimateOf(problemOf(line), { estimateRounding });
    expect(estimate && writeProblem(estimate.rounded, PRESETS.fillersTrueValue)).toBe(taken);
  });

  it.each([
    "12.5 × 0.46",
    "25 × 25",
    "386 + 247",
    "40.3 + 7.865 + 12",
    "8.61 ÷ 0.7",
    "1 7/8 + 2 1/3",
    "$4.07 + 85c + $3",
  ])("of %s is written with fewer figures than the problem", (line) => {
    const problem = problemOf(line);
    const estimate = estimateOf(problem, PRESETS.fillersTrueValue);
    const written = estimate && writeProblem(estimate.rounded, PRESETS.fillersTrueValue);
    expect(figures(written ?? line)).toBeLessThan(figures(line));
  });
});
