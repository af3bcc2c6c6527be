import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import type { Answer, SignedOperation } from "../problem";
import { plainText } from "../testing/answers";
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
    expect(working.onPaper().steps[0]?.draw?.()).toContainEqual({
      kind: "point",
      line: 1,
      row: 0,
      look: "written",
    });
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
    const { steps } = workEqualAdditions(problemOf("52.4 - 38.7"), house, unpaid).onPaper();
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
