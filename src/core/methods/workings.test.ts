import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boardAfter } from "../board";
import { PRESETS } from "../house";
import type { Answer, SignedOperation } from "../problem";
import { plainText, wrongAnswer } from "../testing/answers";
import { anyHouse, anyProblemFor } from "../testing/arbitrary";
import { brokenClaims } from "../testing/claims";
import { coinciding } from "../testing/coinciding";
import { decimalProblemOf as problemOf } from "../testing/problems";
import { SOUND_COLUMN_ADDITION, workColumnAddition } from "./addition/columnAddition";
import { workExpandedAddition } from "./addition/expandedAddition";
import { SOUND_DIVISION, workLongDivision } from "./division/longDivision";
import { workShortDivision } from "./division/shortDivision";
import { SOUND_COMPARING, workComparing } from "./judging/comparingByPlace";
import { SOUND_ROUNDING, workRounding } from "./judging/roundingByPlace";
import { SOUND_AREA, workArea } from "./multiplication/area";
import { SOUND_COLUMN_MULTIPLICATION, workColumnMultiplication } from "./multiplication/columnMultiplication";
import { SOUND_LATTICE, workLattice } from "./multiplication/lattice";
import { workMultiplesOfTen } from "./multiplication/multiplesOfTen";
import { workInLine } from "./multiplication/multiplicationInLine";
import { SOUND_BLOCK } from "./multiplication/productBlock";
import { SOUND_SHIFT, workShift } from "./multiplication/shift";
import { SOUND_ADDITION } from "./procedures/columnSums";
import { SOUND_DECOMPOSITION } from "./procedures/decomposition";
import { SOUND_COUNTING_UP, workCountingUp } from "./subtraction/countingUp";
import { SOUND_PAID_DIFFERENCE } from "./subtraction/differenceSetting";
import { workEqualAdditions } from "./subtraction/equalAdditions";
import { workExpandedSubtraction } from "./subtraction/expandedSubtraction";
import { workMakingUp } from "./subtraction/makingUp";
import {
  SOUND_DIFFERENCE_BY_DECOMPOSITION,
  workDecomposition,
} from "./subtraction/subtractionByDecomposition";
import { METHOD_IDS, workingOf } from "./workings";

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
      { numRuns: 300 },
    );
  });

  it("goes through its stages in their order", () => {
    const stages = ["setOut", "work", "answer"];
    fc.assert(
      fc.property(anyWorking, ({ steps }) => {
        const ranks = steps.map(({ stage }) => stages.indexOf(stage === "point" ? "work" : stage));
        expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
      }),
      { numRuns: 60 },
    );
  });

  it("puts no mark on top of another", () => {
    fc.assert(
      fc.property(anyWorking, ({ layout, steps }) => {
        expect(coinciding(layout, steps)).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
});

describe("a column working", () => {
  it("writes its answer under the rule, its point on the plumb line", () => {
    const columns = [
      "column-addition",
      "subtraction-by-decomposition",
      "equal-additions",
      "making-up",
    ] as const;
    const anyColumns = fc
      .constantFrom(...columns)
      .chain((method) => fc.tuple(anyProblemFor(method), anyHouse, fc.constant(method)))
      .filter(([problem]) => problem.form.kind === "asItComes")
      .map(([problem, house, method]) => workingOf(problem, house, method));
    fc.assert(
      fc.property(anyColumns, ({ layout, steps, answer }) => {
        const board = boardAfter(layout, steps, steps.length);
        const marks = [...board.settled, ...board.fresh];
        const glyphs = marks.filter((mark) => mark.kind === "glyph");
        const answerRow = Math.max(...glyphs.map((glyph) => glyph.row));
        const struck = new Set(
          marks.flatMap((mark) =>
            mark.kind === "strike" && mark.row === answerRow && mark.target === "square" ? [mark.col] : [],
          ),
        );
        const read = glyphs
          .filter((glyph) => glyph.row === answerRow && !struck.has(glyph.col))
          .sort((a, b) => a.col - b.col);
        if (answer.kind !== "decimal") throw new Error(`${answer.kind} is no answer of a column`);
        expect(read.map((glyph) => glyph.text).join("")).toBe(
          (answer.negative ? "−" : "") + answer.whole + answer.fraction,
        );
        expect(read.filter((glyph) => glyph.col >= 0)).toHaveLength(answer.fraction.length);
        expect(marks.every((mark) => mark.kind !== "point" || mark.line === 0)).toBe(true);
      }),
      { numRuns: 500 },
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

describe("a decision that is not sound gives the whole wrong working", () => {
  const house = PRESETS.fillersTrueValue;
  const read = (answer: Answer): string => (answer.kind === "decimal" ? plainText(answer) : answer.kind);

  it("of a sum: a ten thrown away, or the numbers lined up at the right", () => {
    const lost = { ...SOUND_COLUMN_ADDITION, carries: () => 0 };
    expect(read(workColumnAddition(problemOf("386 + 247"), house, lost).answer)).toBe("523");
    const most = (all: readonly { readonly fraction: string }[]) =>
      Math.max(...all.map(({ fraction }) => fraction.length));
    const atTheRight = {
      ...SOUND_COLUMN_ADDITION,
      lineUp: (numeral: { readonly fraction: string }, all: readonly { readonly fraction: string }[]) =>
        numeral.fraction.length - most(all),
    };
    const working = workColumnAddition(problemOf("4.6 + 12.03"), house, atTheRight);
    expect(read(working.answer)).toBe("12.49");
    expect(working.steps[0]?.draw?.()).toContainEqual({ kind: "point", line: 1, row: 0, look: "written" });
  });

  it("of a difference: the smaller digit taken from the larger, or a ten that is never paid for", () => {
    const decisions = {
      ...SOUND_DIFFERENCE_BY_DECOMPOSITION,
      fallsShort: () => false,
      leaves: (top: number, bottom: number) => Math.abs(top - bottom),
    };
    expect(read(workDecomposition(problemOf("52.4 - 38.7"), house, decisions).answer)).toBe("26.3");
    const unpaid = { ...SOUND_PAID_DIFFERENCE, pays: () => 0 };
    for (const work of [workEqualAdditions, workMakingUp]) {
      expect(read(work(problemOf("52.4 - 38.7"), house, unpaid).answer)).toBe("24.7");
    }
    const { steps } = workEqualAdditions(problemOf("52.4 - 38.7"), house, unpaid);
    expect(steps.filter(({ reason }) => reason.kind === "addTenToBoth")).toHaveLength(2);
  });

  it("of a product: the point brought down, the second row not moved, or the digits moved the wrong way", () => {
    const pointDown = {
      ...SOUND_COLUMN_MULTIPLICATION,
      productPlaces: (places: readonly number[]) => Math.max(...places),
    };
    expect(read(workColumnMultiplication(problemOf("1.2 × 0.4"), house, pointDown).answer)).toBe("4.8");
    const notMoved = { ...SOUND_COLUMN_MULTIPLICATION, opens: () => 0 };
    expect(read(workColumnMultiplication(problemOf("23 × 14"), house, notMoved).answer)).toBe("115");
    const wrongWay = { places: (op: SignedOperation, power: number) => -SOUND_SHIFT.places(op, power) };
    expect(read(workShift(problemOf("4.5 × 10"), house, wrongWay).answer)).toBe("0.45");
  });

  it("of rounding: always cut off, or the digit two places on asked", () => {
    const cut = workRounding(problemOf("round 3.78 to tenths"), house, {
      ...SOUND_ROUNDING,
      goesUp: () => false,
    });
    expect(cut.answer).toMatchObject({ kind: "rounded", numeral: { whole: "3", fraction: "7" } });
    const further = { ...SOUND_ROUNDING, decider: (place: number) => place - 2 };
    const { answer } = workRounding(problemOf("round 3.748 to tenths"), house, further);
    expect(answer).toMatchObject({ numeral: { fraction: "8" } });
  });

  it("of a quotient: only the divisor made whole", () => {
    const decisions = { ...SOUND_DIVISION, movesDividend: () => 0 };
    expect(read(workLongDivision(problemOf("7.2 ÷ 0.08"), house, decisions).answer)).toBe("0.9");
  });

  it("of counting up, comparing and expanded forms", () => {
    const short = { ...SOUND_COUNTING_UP, missing: (digit: number) => 9 - digit };
    expect(read(workCountingUp(problemOf("50 - 28"), house, short).answer)).toBe("21");
    const byDigits = {
      relates: (upper: number, lower: number) => (upper > lower ? ("<" as const) : ("=" as const)),
    };
    expect(workComparing(problemOf("compare 0.5 and 0.3"), house, byDigits).answer).toMatchObject({
      relation: "<",
    });
    expect(SOUND_COMPARING.relates(3, 5)).toBe("<");
    const lost = { ...SOUND_ADDITION, carries: () => 0 };
    expect(read(workExpandedAddition(problemOf("38 + 24"), house, lost).answer)).toBe("52");
    const turned = {
      ...SOUND_DECOMPOSITION,
      fallsShort: () => false,
      leaves: (top: number, bottom: number) => Math.abs(top - bottom),
    };
    expect(read(workExpandedSubtraction(problemOf("52 - 38"), house, turned).answer)).toBe("26");
  });

  it("of products in other hands: carries lost, places miscounted, the zeros forgotten", () => {
    const lost = { ...SOUND_BLOCK, products: { ...SOUND_BLOCK.products, carries: () => 0 } };
    expect(read(workInLine(problemOf("2.7 × 3"), house, lost).answer)).toBe("6.1");
    const unshifted = { ...SOUND_BLOCK, places: () => 0 };
    expect(read(workMultiplesOfTen(problemOf("4.5 × 60"), house, unshifted).answer)).toBe("27");
    const dropped = { ...SOUND_LATTICE, sums: { ...SOUND_ADDITION, carries: () => 0 } };
    expect(read(workLattice(problemOf("27 × 58"), house, dropped).answer)).toBe("1466");
    const wholes = { ...SOUND_AREA, counts: () => 0 };
    expect(read(workArea(problemOf("12 × 3"), house, wholes).answer)).toBe("9");
  });

  it("of a quotient in the head: what is left is thrown away", () => {
    const thrown = { ...SOUND_DIVISION, leaves: () => 0n };
    expect(read(workShortDivision(problemOf("75 ÷ 5"), house, thrown).answer)).toBe("11");
  });
});
