import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import type { Answer, SignedOperation } from "../problem";
import { plainText } from "../testing/answers";
import { workedOtherwise } from "../testing/otherwise";
import { SOUND_COLUMN_ADDITION } from "./addition/columnAddition";
import { SOUND_DIVISION } from "./division/longDivision";
import { SOUND_COMPARING } from "./judging/comparingByPlace";
import { SOUND_ROUNDING } from "./judging/roundingByPlace";
import { SOUND_AREA } from "./multiplication/area";
import { SOUND_COLUMN_MULTIPLICATION } from "./multiplication/columnMultiplication";
import { SOUND_LATTICE } from "./multiplication/lattice";
import { SOUND_BLOCK } from "./multiplication/productBlock";
import { SOUND_SHIFT } from "./multiplication/shift";
import { SOUND_ADDITION } from "./procedures/columnSums";
import { SOUND_DECOMPOSITION } from "./procedures/decomposition";
import type { MethodId } from "./reason";
import { SOUND_COUNTING_UP } from "./subtraction/countingUp";
import { SOUND_PAID_DIFFERENCE } from "./subtraction/differenceSetting";
import { SOUND_DIFFERENCE_BY_DECOMPOSITION } from "./subtraction/subtractionByDecomposition";

describe("a decision that is not sound gives the whole wrong working", () => {
  const house = PRESETS.fillersTrueValue;
  const by = (method: MethodId, line: string, decisions: object) =>
    workedOtherwise(method, line, house, decisions);
  const read = (answer: Answer): string => (answer.kind === "decimal" ? plainText(answer) : answer.kind);

  it("of a sum: a ten thrown away, or the numbers lined up at the right", () => {
    const lost = { ...SOUND_COLUMN_ADDITION, carries: () => 0 };
    expect(read(by("column-addition", "386 + 247", lost).answer)).toBe("523");
    const most = (all: readonly { readonly fraction: string }[]) =>
      Math.max(...all.map(({ fraction }) => fraction.length));
    const atTheRight = {
      ...SOUND_COLUMN_ADDITION,
      lineUp: (numeral: { readonly fraction: string }, all: readonly { readonly fraction: string }[]) =>
        numeral.fraction.length - most(all),
    };
    const working = by("column-addition", "4.6 + 12.03", atTheRight);
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
    expect(read(by("subtraction-by-decomposition", "52.4 - 38.7", decisions).answer)).toBe("26.3");
    const unpaid = { ...SOUND_PAID_DIFFERENCE, pays: () => 0 };
    for (const id of ["equal-additions", "making-up"] as const)
      expect(read(by(id, "52.4 - 38.7", unpaid).answer)).toBe("24.7");
    const { steps } = by("equal-additions", "52.4 - 38.7", unpaid).onPaper();
    expect(steps.filter(({ reason }) => reason.kind === "addTenToBoth")).toHaveLength(2);
  });

  it("of a product: the point brought down, the second row not moved, or the digits moved the wrong way", () => {
    const pointDown = {
      ...SOUND_COLUMN_MULTIPLICATION,
      productPlaces: (places: readonly number[]) => Math.max(...places),
    };
    expect(read(by("column-multiplication", "1.2 × 0.4", pointDown).answer)).toBe("4.8");
    const notMoved = { ...SOUND_COLUMN_MULTIPLICATION, opens: () => 0 };
    expect(read(by("column-multiplication", "23 × 14", notMoved).answer)).toBe("115");
    const wrongWay = { places: (op: SignedOperation, power: number) => -SOUND_SHIFT.places(op, power) };
    expect(read(by("shift", "4.5 × 10", wrongWay).answer)).toBe("0.45");
  });

  it("of rounding: always cut off, or the digit two places on asked", () => {
    const cut = by("rounding-by-place", "round 3.78 to tenths", {
      ...SOUND_ROUNDING,
      goesUp: () => false,
    });
    expect(cut.answer).toMatchObject({ kind: "rounded", numeral: { whole: "3", fraction: "7" } });
    const further = { ...SOUND_ROUNDING, decider: (place: number) => place - 2 };
    const { answer } = by("rounding-by-place", "round 3.748 to tenths", further);
    expect(answer).toMatchObject({ numeral: { fraction: "8" } });
  });

  it("of a quotient: only the divisor made whole", () => {
    const decisions = { ...SOUND_DIVISION, movesDividend: () => 0 };
    expect(read(by("long-division", "7.2 ÷ 0.08", decisions).answer)).toBe("0.9");
  });

  it("of counting up, comparing and expanded forms", () => {
    const short = { ...SOUND_COUNTING_UP, missing: (digit: number) => 9 - digit };
    expect(read(by("counting-up", "50 - 28", short).answer)).toBe("21");
    const byDigits = {
      relates: (upper: number, lower: number) => (upper > lower ? ("<" as const) : ("=" as const)),
    };
    expect(by("comparing-by-place", "compare 0.5 and 0.3", byDigits).answer).toMatchObject({
      relation: "<",
    });
    expect(SOUND_COMPARING.relates(3, 5)).toBe("<");
    const lost = { ...SOUND_ADDITION, carries: () => 0 };
    expect(read(by("expanded-addition", "38 + 24", lost).answer)).toBe("52");
    const turned = {
      ...SOUND_DECOMPOSITION,
      fallsShort: () => false,
      leaves: (top: number, bottom: number) => Math.abs(top - bottom),
    };
    expect(read(by("expanded-subtraction", "52 - 38", turned).answer)).toBe("26");
  });

  it("of products in other hands: carries lost, places miscounted, the zeros forgotten", () => {
    const lost = { ...SOUND_BLOCK, products: { ...SOUND_BLOCK.products, carries: () => 0 } };
    expect(read(by("multiplication-in-line", "2.7 × 3", lost).answer)).toBe("6.1");
    const unshifted = { ...SOUND_BLOCK, places: () => 0 };
    expect(read(by("multiples-of-ten", "4.5 × 60", unshifted).answer)).toBe("27");
    const dropped = { ...SOUND_LATTICE, sums: { ...SOUND_ADDITION, carries: () => 0 } };
    expect(read(by("lattice", "27 × 58", dropped).answer)).toBe("1466");
    const wholes = { ...SOUND_AREA, counts: () => 0 };
    expect(read(by("area", "12 × 3", wholes).answer)).toBe("9");
  });

  it("of a quotient in the head: what is left is thrown away", () => {
    const thrown = { ...SOUND_DIVISION, leaves: () => 0n };
    expect(read(by("short-division", "75 ÷ 5", thrown).answer)).toBe("11");
  });
});
