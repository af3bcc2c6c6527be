import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { featuresOf, traitCounts } from "../features";
import { PRESETS } from "../house";
import { writeProblem } from "../problem";
import { valueOfResult } from "../testing/valueOfResult";
import { SKILLS } from "./ladder/ladder";
import { drawInPlace, drawRecipe, type Recipe } from "./recipe";
import { notchFrom, rungOf } from "./rungOf";

const HOUSE = PRESETS.fillersTrueValue;

const recipe = (of: Partial<Recipe>): Recipe => ({
  skills: ["subtract-several-exchanges"],
  count: 12,
  never: [],
  least: [],
  ...of,
});

describe("a recipe", () => {
  it("mixes its skills in equal parts, from easy to hard, none twice", () => {
    const skills = ["add-carrying-once", "subtract-one-exchange", "multiply-by-a-digit"] as const;
    const drawn = valueOfResult(drawRecipe(recipe({ skills, count: 18 }), HOUSE, 3), "nothing was drawn");
    for (const skill of skills) expect(drawn.filter((one) => one.skill === skill)).toHaveLength(6);
    const notches = drawn.map(({ notch }) => notch);
    expect(notches).toEqual([...notches].sort());
    expect(new Set(drawn.map(({ problem }) => writeProblem(problem, HOUSE))).size).toBe(18);
  });

  it("keeps to what must never come and what must come so often", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1000 }), fc.integer({ min: 1, max: 8 }), (seed, problems) => {
        const skills = ["subtract-ragged-decimals", "subtract-from-whole"] as const;
        const wished = recipe({ skills, never: ["acrossZeros"], least: [{ trait: "exchanges", problems }] });
        const drawn = drawRecipe(wished, HOUSE, seed);
        if (!drawn.ok) {
          // A decimal can hardly be taken from a whole number without crossing zeros: that is said.
          expect(drawn.error).toMatchObject({ kind: "clash" });
          return;
        }
        const counts = drawn.value.map(({ working }) => traitCounts(featuresOf(working)));
        expect(counts.filter(({ acrossZeros }) => acrossZeros)).toEqual([]);
        expect(counts.filter(({ exchanges }) => exchanges).length).toBeGreaterThanOrEqual(problems);
      }),
      { numRuns: 8 },
    );
  });

  it("names the two wishes that clash", () => {
    const clash = (of: Partial<Recipe>) => {
      const drawn = drawRecipe(recipe(of), HOUSE, 1);
      return drawn.ok ? undefined : drawn.error;
    };
    expect(clash({ never: ["ragged", "exchanges"] })).toEqual({
      kind: "clash",
      wishes: [
        { kind: "skill", skill: "subtract-several-exchanges" },
        { kind: "never", trait: "exchanges" },
      ],
    });
    expect(clash({ never: ["exchanges"], least: [{ trait: "exchanges", problems: 2 }] })).toEqual({
      kind: "clash",
      wishes: [
        { kind: "least", trait: "exchanges", problems: 2 },
        { kind: "never", trait: "exchanges" },
      ],
    });
    expect(clash({ least: [{ trait: "recurring", problems: 1 }] })).toEqual({
      kind: "clash",
      wishes: [
        { kind: "least", trait: "recurring", problems: 1 },
        { kind: "skill", skill: "subtract-several-exchanges" },
      ],
    });
    expect(clash({ least: [{ trait: "exchanges", problems: 13 }] })).toEqual({
      kind: "clash",
      wishes: [
        { kind: "least", trait: "exchanges", problems: 13 },
        { kind: "count", count: 12 },
      ],
    });
  });

  it("gives another problem for one, which is none of the others", () => {
    const drawn = valueOfResult(drawRecipe(recipe({}), HOUSE, 5), "nothing was drawn");
    const lines = new Set(drawn.map(({ problem }) => writeProblem(problem, HOUSE)));
    for (const one of drawn) {
      const other = drawInPlace(one, [], HOUSE, 9, lines);
      expect(
        other.ok && other.value.notch === one.notch && !lines.has(writeProblem(other.value.problem, HOUSE)),
      ).toBe(true);
    }
  });
});

describe("a problem's place on the ladder", () => {
  it("is a notch that draws such problems, and a notch up or down is another place", () => {
    for (const { id } of SKILLS) {
      const drawn = drawRecipe(recipe({ skills: [id], count: 4 }), HOUSE, 2);
      if (!drawn.ok) continue;
      for (const { problem } of drawn.value) {
        const place = rungOf(problem, HOUSE);
        expect(place, writeProblem(problem, HOUSE)).toBeDefined();
        if (place === undefined) continue;
        const harder = notchFrom(place, 1);
        if (harder !== undefined && harder.skill === place.skill)
          expect(notchFrom(harder, -1)).toEqual(place);
      }
    }
  });
});
