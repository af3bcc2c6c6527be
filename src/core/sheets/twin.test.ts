import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { featuresOf } from "../features";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { readProblem, writeAnswer, writeProblem } from "../problem";
import { randomFrom } from "../randomSource";
import { anyHouse } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { twinOf } from ".";

const house = PRESETS.fillersTrueValue;

/** Problems as tutors set them, of every kind. */
const LINES = [
  "53.2 - 17.8",
  "386 + 247.5",
  "7 + 0.35 + 12.6",
  "46 × 23",
  "12.5 × 0.46",
  "624 ÷ 6",
  "8.61 ÷ 7",
  "7.2 ÷ 0.08",
  "2/3 + 3/4",
  "5/6 - 1/4",
  "2 1/3 + 1 3/4",
  "3/4 ÷ 2/5",
  "12/18 in simplest form",
  "-3 + 5",
  "-7 - (-12)",
  "6 - 9 + 4 - 3",
  "-4 × (-6)",
  "$10 - $6.35",
  "$4.75 + $2.60",
  "$1.85 × 3",
  "3 ft 8 in + 2 ft 9 in",
  "8 lb 3 oz - 2 lb 9 oz",
  "20 - 3 × 4",
  "(8 + 4) × 3",
  "compare 3.45 and 3.405",
  "round 7.86 to tenths",
] as const;

describe("a twin", () => {
  it("has the same features, as many steps and numbers as long, and other numbers, of every kind of problem", () => {
    for (const line of LINES) {
      const problem = problemOf(line);
      const working = workingOf(problem, house);
      const found = Array.from({ length: 12 }, (_, seed) => twinOf(problem, house, seed + 1)).flatMap(
        (one) => (one.ok ? [one.value] : []),
      );
      expect([line, found.length > 8]).toEqual([line, true]);
      expect(new Set(found.map((one) => writeProblem(one, house))).size).toBeGreaterThan(2);
      for (const twin of found) {
        const other = workingOf(twin, house);
        expect(featuresOf(other)).toEqual(featuresOf(working));
        expect([other.method, other.steps.length]).toEqual([working.method, working.steps.length]);
        const [a, b] = [writeProblem(twin, house), writeProblem(problem, house)];
        expect(a).not.toBe(b);
        expect(a.replace(/\d/g, "0")).toBe(b.replace(/\d/g, "0"));
        expect(writeAnswer(other.answer, house)).toMatch(/\d|[<>=]/);
        expect(readProblem(a, house).ok).toBe(true);
      }
    }
  });

  it("is the same one for the same seed, in any house", () => {
    fc.assert(
      fc.property(fc.constantFrom(...LINES), fc.nat(10_000), anyHouse, (line, seed, rules) => {
        const problem = problemOf(line);
        const twice = [0, 1].map(() => twinOf(problem, rules, seed));
        expect(twice[0]).toEqual(twice[1]);
      }),
      { numRuns: 40 },
    );
  });

  it("is none where no other numbers will do", () => {
    expect(twinOf(problemOf("1 + 1"), house, 1)).toEqual({ ok: false, error: "noTwin" });
  });
});

describe("chances", () => {
  it("are the same row for the same seed, and even", () => {
    const row = (seed: number) => {
      const chances = randomFrom(seed);
      return Array.from({ length: 6000 }, () => chances.below(6));
    };
    expect(row(7)).toEqual(row(7));
    expect(row(7)).not.toEqual(row(8));
    const counts = [0, 1, 2, 3, 4, 5].map((face) => row(3).filter((one) => one === face).length);
    expect(Math.min(...counts)).toBeGreaterThan(900);
    expect(randomFrom(1).pick([])).toBeUndefined();
  });
});
