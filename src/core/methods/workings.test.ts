import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boardAfter } from "../board";
import { PRESETS } from "../house";
import { wrongAnswer } from "../testing/answers";
import { anyHouse, anyProblemFor } from "../testing/arbitrary";
import { brokenClaims } from "../testing/claims/brokenClaims";
import { coinciding } from "../testing/coinciding";
import { decimalProblemOf as problemOf } from "../testing/problems";
import { runsOf } from "../testing/runs";
import { productMethods } from "./productMethods";
import type { MethodId } from "./reason";
import { sumMethods } from "./sumMethods";
import { METHOD_IDS, type Working, workingOf } from "./workings";

describe.each(METHOD_IDS)("every working by %s", (method) => {
  const anyWorking = fc
    .tuple(anyProblemFor(method), anyHouse)
    .map(([problem, house]) => workingOf(problem, house, method));

  it("ends in the answer another library gives, in the form that was wanted, by claims that hold alone", () => {
    fc.assert(
      fc.property(anyWorking, (working) => {
        expect(working.method).toBe(method);
        expect(wrongAnswer(working)).toBeUndefined();
        expect(brokenClaims(working)).toEqual([]);
      }),
      { numRuns: runsOf("everyWorking") },
    );
  });

  it("goes through its stages in their order", () => {
    const stages = ["setOut", "work", "answer"];
    fc.assert(
      fc.property(anyWorking, ({ steps }) => {
        const ranks = steps.map(({ stage }) => stages.indexOf(stage === "point" ? "work" : stage));
        expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
      }),
      { numRuns: runsOf("stageOrder") },
    );
  });

  it("puts no mark on top of another", () => {
    fc.assert(
      fc.property(anyWorking, ({ layout, steps }) => {
        expect(coinciding(layout, steps)).toEqual([]);
      }),
      { numRuns: runsOf("marksApart") },
    );
  });
});

/** What stands in the lowest row of a paper that has digits of full size: its digits, signs and points, without what is struck. */
function lowestRow({ layout, steps }: Pick<Working, "layout" | "steps">): string {
  const board = boardAfter(layout, steps, steps.length);
  const marks = [...board.settled, ...board.fresh];
  const glyphs = marks.filter((mark) => mark.kind === "glyph");
  const row = Math.max(...glyphs.map((glyph) => glyph.row));
  const struck = (target: "square" | "point", at: number): boolean =>
    marks.some(
      (mark) => mark.kind === "strike" && mark.row === row && mark.target === target && mark.col === at,
    );
  const signs = [
    ...glyphs
      .filter((glyph) => glyph.row === row && !struck("square", glyph.col))
      .map(({ col, text }) => ({ at: col, text })),
    // A point stands on the line before its square.
    ...marks.flatMap((mark) =>
      mark.kind === "point" && mark.row === row && mark.look === "written" && !struck("point", mark.line)
        ? [{ at: mark.line - 0.5, text: "." }]
        : [],
    ),
  ];
  return [...signs]
    .sort((one, other) => one.at - other.at)
    .map(({ text }) => text)
    .join("");
}

/** The methods of whole numbers and decimals whose answer stands elsewhere, over what is divided, or is no number. */
const ANSWER_ELSEWHERE: readonly MethodId[] = [
  "long-division",
  "short-division",
  "partial-quotients",
  "rounding-by-place",
  "comparing-by-place",
  "ordering-by-place",
];

describe("the paper of a working", () => {
  const written = [...sumMethods.methods, ...productMethods.methods]
    .map(({ id }) => id)
    .filter((id) => !ANSWER_ELSEWHERE.includes(id));
  it.each(written)("of %s ends in the row of its answer", (method) => {
    const anyWorking = fc
      .tuple(anyProblemFor(method), anyHouse)
      .filter(([problem]) => !("form" in problem) || problem.form.kind === "asItComes")
      .map(([problem, house]) => workingOf(problem, house, method));
    fc.assert(
      fc.property(anyWorking, (working) => {
        const { answer } = working;
        if (answer.kind !== "decimal") throw new Error(`${answer.kind} is no number in a row`);
        const { negative, whole, fraction, point } = answer;
        expect(lowestRow(working)).toBe(`${negative ? "−" : ""}${whole}${point ? "." : ""}${fraction}`);
      }),
      { numRuns: 100 },
    );
  });
});

describe("the house rules", () => {
  const kinds = (line: string, switches: Partial<(typeof PRESETS)["gapsShort"]>): string =>
    workingOf(problemOf(line), { ...PRESETS.fillersTrueValue, ...switches })
      .steps.map(({ reason }) => reason.kind)
      .join(" ");

  it("show the hidden point of a whole number as a step of its own, and only among decimals", () => {
    expect(kinds("12 + 0.5", {})).toContain("writeOperand hiddenPoint");
    expect(kinds("12 + 5", {})).not.toContain("hiddenPoint");
  });

  it("put the point first, or when the work reaches it", () => {
    expect(kinds("1.5 + 2.5", { pointTime: "first" })).toContain("drawRule placePoint columnSum");
    expect(kinds("1.5 + 2.5", { pointTime: "whenReached" })).toContain("columnSum placePoint columnSum");
  });

  it("cross a run of zeros in one go or place by place", () => {
    const exchanges = (acrossZeros: "inOneGo" | "placeByPlace"): number =>
      kinds("5 - 2.004", { borrowAcrossZeros: acrossZeros }).split("exchange").length - 1;
    expect(exchanges("inOneGo")).toBe(1);
    expect(exchanges("placeByPlace")).toBe(3);
  });

  it("put the longest addend on top, or keep the order given", () => {
    const top = (addendOrder: "asGiven" | "longestFirst") =>
      workingOf(problemOf("12 + 3.125 + 40.5"), { ...PRESETS.fillersTrueValue, addendOrder }).steps[0]
        ?.reason;
    expect(top("longestFirst")).toMatchObject({ numeral: { fraction: "125" }, movedToFront: true });
    expect(top("asGiven")).toMatchObject({ numeral: { whole: "12" }, movedToFront: false });
  });

  it("write carries above, below the line, or not at all", () => {
    const carryRows = (carryPlace: "above" | "below" | "unwritten"): readonly number[] =>
      workingOf(problemOf("8.7 + 5.6"), { ...PRESETS.fillersTrueValue, carryPlace })
        .steps.flatMap(({ marks }) => marks)
        .flatMap((mark) => (mark.kind === "small" ? [mark.row] : []));
    expect(carryRows("above")).toEqual([-1, -1]);
    expect(carryRows("below")).toEqual([2, 2]);
    expect(carryRows("unwritten")).toEqual([]);
  });

  it("leave gaps open, and never strike what is not written", () => {
    const working = workingOf(problemOf("5 - 2.004"), PRESETS.gapsShort, "subtraction-by-decomposition");
    const marks = working.steps.flatMap((step) => step.marks);
    expect(marks.some((mark) => mark.kind === "glyph" && mark.look === "filler")).toBe(false);
    expect(marks.filter((mark) => mark.kind === "strike")).toEqual([
      { kind: "strike", col: -1, row: 0, target: "square" },
    ]);
  });

  it("take the smaller from the larger below zero, and say and show the sign", () => {
    const working = workingOf(problemOf("2.004 - 5"), PRESETS.fillersTrueValue);
    expect(working.answer).toMatchObject({ negative: true, whole: "2", fraction: "996" });
    expect(kinds("2.004 - 5", {})).toMatch(/^swapForBelowZero .* signBelowZero nameAnswer$/);
  });
});

describe("subtraction", () => {
  const kinds = (house: Parameters<typeof workingOf>[1]): string =>
    workingOf(problemOf("5.03 - 2.65"), house)
      .steps.filter(({ stage }) => stage === "work")
      .map(({ reason }) => reason.kind)
      .join(" ");

  it("is by the method the house prefers, or by the one that is asked for", () => {
    const house = PRESETS.fillersTrueValue;
    expect(kinds({ ...house, subtraction: "decomposition" })).toBe(
      "exchange difference difference difference",
    );
    expect(kinds({ ...house, subtraction: "equalAdditions" })).toBe(
      "addTenToBoth differenceWithOwed addTenToBoth differenceWithOwed differenceWithOwed",
    );
    expect(kinds({ ...house, subtraction: "makingUp" })).toBe("makeUp makeUp makeUp");
    expect(workingOf(problemOf("5.03 - 2.65"), house, "making-up").method).toBe("making-up");
    expect(workingOf(problemOf("5.03 + 2.65"), house, "making-up").method).toBe("column-addition");
  });

  it("by equal additions sets a ten before the upper digit, and a one under the next lower", () => {
    const house = PRESETS.fillersTrueValue;
    const smalls = workingOf(problemOf("12.4 - 7.6"), house, "equal-additions")
      .steps.flatMap(({ marks }) => marks)
      .filter((mark) => mark.kind === "small");
    expect(smalls).toEqual([
      { kind: "small", col: 0, row: 0, position: "corner", text: "1" },
      { kind: "small", col: -1, row: 2, position: "high", text: "1" },
      { kind: "small", col: -1, row: 0, position: "corner", text: "1" },
      { kind: "small", col: -2, row: 2, position: "high", text: "1" },
    ]);
  });
});
