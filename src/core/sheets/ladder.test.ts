import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { operandsOf, writeProblem } from "../problem";
import { SKILL_NAMES } from "../wording";
import { type Drawn, drawSheet, SKILLS, type SkillId, STRANDS } from ".";

const house = PRESETS.fillersTrueValue;

const drawn = (id: SkillId, count: number, seed: number): readonly Drawn[] => {
  const skill = SKILLS.find((one) => one.id === id);
  const sheet = skill && drawSheet(skill.climb, count, house, seed);
  if (!sheet?.ok) throw new Error(`${id} draws nothing`);
  return sheet.value;
};

/** The digits of a whole number from the ones up. */
const digits = (text: string): readonly number[] => [...text].reverse().map(Number);
/** The numbers of a problem as they stand in its line. */
const numbersIn = (line: string): readonly string[] => line.match(/\d+(?:\.\d+)?/g) ?? [];

/** Columns that come to ten or more, added by hand. */
function carriesOf(numbers: readonly string[]): number {
  const length = Math.max(...numbers.map((one) => one.length));
  let [carry, carries] = [0, 0];
  for (let place = 0; place < length; place++) {
    carry = Math.floor(numbers.reduce((sum, one) => sum + (digits(one)[place] ?? 0), carry) / 10);
    if (carry > 0) carries += 1;
  }
  return carries;
}

/** Places with too little on top, and whether a ten had to come past an empty one, taken away by hand. */
function exchangesOf([a = "0", b = "0"]: readonly string[]): {
  readonly count: number;
  readonly past: boolean;
} {
  const top = [...digits(a)];
  const bottom = digits(b);
  let [count, past] = [0, false];
  for (let place = 0; place < top.length; place++) {
    if ((top[place] ?? 0) >= (bottom[place] ?? 0)) continue;
    count += 1;
    let giver = place + 1;
    while (top[giver] === 0) top[giver++] = 9;
    top[giver] = (top[giver] ?? 0) - 1;
    past ||= giver > place + 1;
  }
  return { count, past };
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const denominators = ({ problem }: Drawn): readonly number[] =>
  operandsOf(problem).flatMap((one) => ("denominator" in one ? [Number(one.denominator)] : []));

/** What a skill promises, judged by arithmetic of its own from the line as it is written. */
const JUDGES: Partial<Record<SkillId, (numbers: readonly string[], one: Drawn) => boolean>> = {
  "add-without-carrying": (numbers) => carriesOf(numbers) === 0,
  "add-carrying-once": (numbers, { notch }) =>
    carriesOf(numbers) === 1 || (notch === 3 && carriesOf(numbers) === 2),
  "add-carrying-often": (numbers) => carriesOf(numbers) >= 2,
  "subtract-without-exchange": (numbers) => exchangesOf(numbers).count === 0,
  "subtract-one-exchange": (numbers) => exchangesOf(numbers).count === 1,
  "subtract-several-exchanges": (numbers) => exchangesOf(numbers).count >= 2,
  "subtract-across-zeros": (numbers) => exchangesOf(numbers).past,
  "divide-exactly": ([a = "", b = ""]) => Number(a) % Number(b) === 0,
  "divide-zero-in-quotient": ([a = "", b = ""]) => /.0+./.test(String(Number(a) / Number(b))),
  "divide-with-remainder": ([a = "", b = ""]) => Number(a) % Number(b) !== 0,
  "add-like": (_, one) => new Set(denominators(one)).size === 1,
  "add-multiple": (_, one) => {
    const [a = 1, b = 1] = denominators(one);
    return a !== b && Math.max(a, b) % Math.min(a, b) === 0;
  },
  "add-unlike": (_, one) => {
    const [a = 1, b = 1] = denominators(one);
    return Math.max(a, b) % Math.min(a, b) !== 0 && (one.notch < 3 ? gcd(a, b) === 1 : gcd(a, b) > 1);
  },
};

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

  it.each(Object.entries(JUDGES))("keeps what %s promises, judged by hand", (id, judge) => {
    const skill = SKILLS.find((one) => one.id === id);
    if (skill === undefined) throw new Error(`${id} is no skill`);
    for (const one of drawn(skill.id, 120, 11)) {
      const line = writeProblem(one.problem, house);
      expect([line, judge(numbersIn(line), one)]).toEqual([line, true]);
    }
  });

  it("draws in every preset, or says that nothing can be drawn", () => {
    for (const rules of Object.values(PRESETS)) {
      const fails = SKILLS.filter(({ climb }) => !drawSheet(climb, 8, rules, 3).ok).map(({ id }) => id);
      // Where no zeros have to be crossed, or a skill is another school's, there is nothing to draw.
      expect(fails.length).toBeLessThan(6);
    }
  });
});
