import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { columnAddition, columnMultiplication, drawn, EVERY_METHOD, lattice } from "../methods";
import { writeAnswer } from "../problem";
import { problemOf } from "../testing/problems";
import { methodsOf, overrideIn, overridesFor } from "./contract/decisionOverride";
import type { PatternAct } from "./contract/errorPattern";
import { EVERY_PATTERN } from "./errorPatterns";
import { wrongWorking } from "./wrongWorking";

const house = PRESETS.fillersTrueValue;
const noCarry = overrideIn(columnAddition)({ carries: () => 0 });
const cut = [
  ...overrideIn(columnMultiplication)({ productPlaces: () => 0 }),
  ...overrideIn(lattice)({ productPlaces: () => 0 }),
];

const answer = (line: string, acts: readonly PatternAct[]): string | undefined => {
  const working = wrongWorking(problemOf(line), house, acts);
  return working && writeAnswer(working.answer, house);
};

describe("what is decided otherwise", () => {
  it("names its methods, and is handed to those alone", () => {
    expect(methodsOf(noCarry)).toEqual(["column-addition"]);
    expect(methodsOf(cut)).toEqual(["column-multiplication", "lattice"]);
    expect(Object.keys(overridesFor([...noCarry, ...cut], "lattice"))).toEqual(["productPlaces"]);
    expect(overridesFor(noCarry, "lattice")).toEqual({});
  });

  it("is put over the sound decisions, and leaves the others as they are", () => {
    expect(answer("386 + 247", [{ decides: noCarry }])).toBe("523");
    expect(answer("2.5 × 1.5", [{ decides: cut }])).toBe("375");
  });

  it("goes together with what is about something else, and not with what is about the same", () => {
    const written = overrideIn(columnAddition)({ writes: (total) => total });
    expect(answer("2.67 + 1.58", [{ decides: noCarry }, { decides: written }])).toBe("3.1115");
    expect(answer("2.67 + 1.58", [{ decides: noCarry }, { decides: noCarry }])).toBeUndefined();
    expect(answer("2.67 + 1.58", [{ decides: noCarry }, { decides: cut }])).toBeUndefined();
  });

  it("does not go with rules that the house would have to keep both ways", () => {
    const rules = (emptyPlaces: "gaps" | "fillers"): PatternAct => ({ rules: { emptyPlaces } });
    expect(answer("3.5 + 1.25", [rules("gaps"), rules("gaps")])).toBe("4.75");
    expect(answer("3.5 + 1.25", [rules("gaps"), rules("fillers")])).toBeUndefined();
  });

  it("is of decisions that their methods know, in every pattern", () => {
    for (const { id, decides = [] } of EVERY_PATTERN)
      for (const { methods, decisions } of decides)
        for (const method of methods)
          for (const decision of Object.keys(decisions))
            expect(EVERY_METHOD.card(method).decides, `${id} in ${method}`).toContain(decision);
  });
});

describe("a wrong working", () => {
  it("that reads the problem otherwise says so in its first step, and keeps the problem", () => {
    const working = wrongWorking(
      problemOf("3 ÷ 12"),
      house,
      EVERY_PATTERN.filter(({ id }) => id === "div-big-by-small"),
    );
    expect(working?.onPaper().steps[0]?.reason).toMatchObject({ kind: "misread" });
    expect(working && writeAnswer(working.answer, house)).toBe("4");
    expect(working?.problem).toEqual(problemOf("3 ÷ 12"));
  });

  it("that pulls a problem apart works each part on a page of its own, and puts them together", () => {
    const acts = EVERY_PATTERN.filter(({ id }) => id === "add-two-halves");
    const working = wrongWorking(problemOf("4.8 + 2.15"), house, acts);
    const steps = working?.onPaper().steps ?? [];
    const kinds = steps.map(({ reason }) => reason.kind);
    expect(kinds[0]).toBe("pulledApart");
    expect(kinds.at(-1)).toBe("putTogether");
    expect(new Set(steps.map(({ page }) => page?.index ?? 0)).size).toBe(3);
  });

  it("that writes another answer than it worked out writes it on the next free page", () => {
    const acts = EVERY_PATTERN.filter(({ id }) => id === "div-inner-zero-lost");
    const working = wrongWorking(problemOf("8.24 ÷ 4"), house, acts);
    if (working === undefined) throw new Error("the pattern comes into it");
    const { steps } = drawn(working);
    expect(steps.at(-1)?.reason).toMatchObject({ kind: "rewritten" });
    expect(steps.at(-1)?.page?.index).toBe(1);
    expect(steps.at(-1)?.marks.length).toBeGreaterThan(0);
  });

  it("is none where the pattern does not come in, and none where it can't go on", () => {
    const one = (id: string) => EVERY_PATTERN.filter((pattern) => pattern.id === id);
    expect(wrongWorking(problemOf("0.5 ÷ 4"), house, one("div-divisor-only-shifted"))).toBeUndefined();
    expect(wrongWorking(problemOf("8 ÷ 4"), house, one("div-no-appended-zero"))).toBeUndefined();
  });
});
