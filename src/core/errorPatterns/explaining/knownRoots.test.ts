import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { readLearnerAnswer } from "../../marking";
import type { Answer } from "../../problem";
import { waysOf } from "../../testing/learners";
import { problemOf } from "../../testing/problems";
import { valueOfResult } from "../../testing/valueOfResult";
import { likelihoodOf } from "./explain";
import { markedAnswer } from "./explainAnswer";
import { type Answered, sheetExplanations, stands, unknownWayOn } from "./sheet";

const house = PRESETS.fillersTrueValue;

const answered = (line: string, typed: string): Answered & { readonly given: Answer } => {
  const problem = problemOf(line);
  const read = valueOfResult(readLearnerAnswer(typed, problem, house), `${typed} can't be read`);
  return { ways: waysOf(problem, house), given: read.answer };
};

const explained = (line: string, typed: string) => {
  const { ways, given } = answered(line, typed);
  return markedAnswer(ways, { answer: given, bare: false }, house).explanations;
};

describe("what a known procedure leads to, worked out by hand", () => {
  it.each([
    ["5/6 + 3/8", "8/48", "frac-tops-over-product"],
    ["607 ÷ 10", "67", "shift-zero-struck"],
    ["round 4738 to hundreds", "4740", "round-place-too-fine"],
    ["7 − 4 2/5", "2 2/5", "mixed-paid-part-copied"],
    ["5/8 = 20/?", "23", "equiv-added-to-both"],
    ["918 ÷ 9", "120", "div-inner-zero-at-end"],
    ["0.7 as a fraction", "7/100", "form-always-over-hundred"],
    ["36 × 3", "171", "mul-carry-swapped"],
    ["23/7 as a mixed number", "3.2", "mixed-rest-after-point"],
    ["5400 ÷ 90", "600", "div-divisor-zeros-struck"],
    ["6003 − 1458", "5545", "sub-zeros-to-nines-unpaid"],
    ["5/9 as a decimal", "0.59", "form-digits-side-by-side"],
    ["0.63 as a fraction", "6/3", "form-digits-side-by-side"],
    ["order −6; −9; 4", "−6; −9; 4", "cmp-sizes-below-zero"],
    ["compare −4 and 3", ">", "cmp-minus-unseen"],
    ["4/7 × 3/5", "21/20", "frac-mul-flips-first"],
    ["3/4 × 2/5", "5/9", "frac-mul-all-added"],
    ["2/5 of 30", "75", "frac-of-turned-over"],
    ["11 + (−4)", "−7", "int-minus-wins"],
    ["48 ÷ 8 ÷ 2", "12", "chain-from-the-right"],
    ["42 mm in cm", "0.42 cm", "conv-hundreds-in-metric"],
    ["360 cm in m", "36 m", "conv-tens-in-metric"],
    ["13/5 as a mixed number", "2 3/13", "mixed-rest-over-top"],
    ["304 + 52", "306", "add-zero-takes-all"],
    ["3 wk 1 d − 1 wk 4 d", "1 wk 7 d", "unit-tens-everywhere"],
    ["6.4 × 10", "6.40", "mul-zero-on-the-end"],
  ])("%s = %s", (line, typed, id) => {
    expect(explained(line, typed)[0]?.patterns).toEqual([id]);
  });

  it("is never very likely where two errors have to come together, or in another school's way of working", () => {
    for (const [line, typed] of [
      ["12.75 + 3.2", "12.07"],
      ["7.25 + 1.5", "7.30"],
      ["86 × 47", "3692"],
    ] as const)
      for (const { patterns, probability } of explained(line, typed))
        if (patterns.length > 1 || patterns[0]?.includes("lattice"))
          expect(likelihoodOf(probability), `${line} = ${typed}`).not.toBe("veryLikely");
    expect(explained("12.75 + 3.2", "12.07")[0]?.patterns).toEqual(["add-right-flush", "add-no-carry"]);
  });
});

describe("a sheet", () => {
  /** Sums each of which comes out eleven too large, and a half as large again: a way that nobody knows. */
  const STRANGE = [
    ["23 + 45", "113"],
    ["31 + 52", "136"],
    ["14 + 63", "127"],
    ["52 + 26", "128"],
    ["41 + 37", "129"],
    ["62 + 24", "140"],
  ] as const;

  it("that is wrong in one way that is not known says so", () => {
    const answers = STRANGE.map(([line, typed]) => answered(line, typed));
    const [best] = sheetExplanations(answers);
    expect(best === undefined || !stands(best)).toBe(true);
    const unknown = unknownWayOn(answers, best);
    expect([unknown?.wrong, unknown?.of]).toEqual([6, 6]);
  });

  it("that is mostly right, or that an account tells, does not", () => {
    const right = STRANGE.map(([line]) => {
      const ways = waysOf(problemOf(line), house);
      return { ways, given: ways.right };
    });
    const mostly = [...right, ...STRANGE.slice(0, 2).map(([line, typed]) => answered(line, typed))];
    expect(unknownWayOn(mostly, sheetExplanations(mostly)[0])).toBeUndefined();
    const told = (
      [
        ["38 + 47", "75"],
        ["56 + 29", "75"],
        ["67 + 18", "75"],
        ["45 + 36", "71"],
        ["29 + 54", "73"],
      ] as const
    ).map(([line, typed]) => answered(line, typed));
    const [best] = sheetExplanations(told);
    expect(best?.patterns).toEqual(["add-no-carry"]);
    expect(best !== undefined && stands(best)).toBe(true);
    expect(unknownWayOn(told, best)).toBeUndefined();
  });

  it("has no cause in an account that fails most of the times it could show", () => {
    const sometimes = (
      [
        ["38 + 47", "75"],
        ["56 + 29", "85"],
        ["67 + 18", "85"],
        ["45 + 36", "81"],
        ["29 + 54", "83"],
      ] as const
    ).map(([line, typed]) => answered(line, typed));
    const [best] = sheetExplanations(sometimes);
    expect(best === undefined || !stands(best)).toBe(true);
  });
});
