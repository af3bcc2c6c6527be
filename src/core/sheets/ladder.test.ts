import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { writeProblem } from "../problem";
import { SKILL_PROMISES } from "../testing/ladder/promises";
import { runsOf } from "../testing/runs";
import { valueOfResult } from "../testing/valueOfResult";
import { SKILL_NAMES } from "../wording";
import { drawSheet, type GeneratedProblem, SKILLS, type SkillId, STRANDS } from ".";

const house = PRESETS.fillersTrueValue;

const drawn = (id: SkillId, count: number, seed: number): readonly GeneratedProblem[] => {
  const skill = SKILLS.find((one) => one.id === id);
  return valueOfResult(skill && drawSheet(skill.climb, count, house, seed), `${id} draws nothing`);
};

/** The numbers of a problem as they stand in its line. */
const numbersIn = (line: string): readonly string[] => line.match(/\d+(?:\.\d+)?/g) ?? [];

/** How many problems of each skill are judged, and how many of them have to be different. */
const JUDGED = runsOf("skillPromises");
const DIFFERENT = 0.4 * JUDGED;

describe("the ladder", () => {
  it("has every rung behind those it needs, in its strand's place, each with a name", () => {
    const seen = new Set<SkillId>();
    for (const { id, needs, strand } of SKILLS) {
      expect(STRANDS).toContain(strand);
      for (const need of needs)
        expect([id, need, SKILLS.some((one) => one.id === need)]).toEqual([id, need, true]);
      seen.add(id);
    }
    expect(seen.size).toBe(SKILLS.length);
    expect(SKILLS.length).toBeGreaterThan(70);
    expect(new Set(Object.values(SKILL_NAMES)).size).toBe(SKILLS.length);
    // Nothing needs itself by way of others.
    const needsOf = new Map(SKILLS.map(({ id, needs }) => [id, needs]));
    const below = (id: SkillId, path: readonly SkillId[]): void => {
      expect(path).not.toContain(id);
      for (const need of needsOf.get(id) ?? []) below(need, [...path, id]);
    };
    for (const { id } of SKILLS) below(id, []);
  });

  it.each(SKILLS.map(({ id }) => id))("draws %s: as many as are wanted, climbing, none twice", (id) => {
    const sheet = drawn(id, 24, 5);
    expect(sheet).toHaveLength(24);
    const lines = sheet.map(({ problem }) => writeProblem(problem, house));
    expect(new Set(lines).size).toBe(24);
    expect(drawn(id, 24, 5).map(({ problem }) => writeProblem(problem, house))).toEqual(lines);
    expect(drawn(id, 24, 6).map(({ problem }) => writeProblem(problem, house))).not.toEqual(lines);
    expect(sheet[0]?.notch).toBe(0);
    expect(sheet.at(-1)?.notch).toBe(3);
  });

  it.each(SKILLS.map(({ id }) => id))(
    "keeps what %s promises, judged by hand, in many different problems",
    (id) => {
      const lines = drawn(id, JUDGED, 11).map(({ problem, notch }) => ({
        line: writeProblem(problem, house),
        notch,
      }));
      const broken = lines.filter(
        ({ line, notch }) => !SKILL_PROMISES[id]({ line, numbers: numbersIn(line), notch }),
      );
      expect(broken).toEqual([]);
      expect(lines).toHaveLength(JUDGED);
      expect(new Set(lines.map(({ line }) => line)).size).toBeGreaterThanOrEqual(DIFFERENT);
    },
  );

  it("draws in every preset, or says that nothing can be drawn", () => {
    for (const rules of Object.values(PRESETS)) {
      const fails = SKILLS.filter(({ climb }) => !drawSheet(climb, 8, rules, 3).ok).map(({ id }) => id);
      // Where no zeros have to be crossed, or a skill is another school's, there is nothing to draw.
      expect(fails.length).toBeLessThan(6);
    }
  });
});
