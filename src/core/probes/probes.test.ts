import { describe, expect, it } from "vitest";
import { patternsNamed } from "../errorPatterns";
import { PRESETS } from "../house";
import { writeAnswer } from "../problem";
import { STRANDS } from "../sheets";
import { evenChances, ledAstray } from "../testing/learners";
import {
  type Account,
  accountsIn,
  answerKeyOf,
  type Candidate,
  groupsOf,
  poolOf,
  probeOf,
  probingAfter,
  type Reply,
  skillsOf,
  skillsShowing,
} from ".";
import { updated } from "./belief";

const house = PRESETS.fillersTrueValue;
const CARELESS = 0.1;

/** Pools smaller than the product's, so that all strands are gone through. */
const pools = STRANDS.map((strand) => {
  const pool = poolOf(skillsOf(strand), house, 5, 12);
  return { strand, pool, belief: accountsIn(pool) };
});

/** A learner with an account, who is careless now and then: right by chance, or wrong anywhere. */
const learnerWith = (account: Account, chance: () => number) => (candidate: Candidate) => {
  if (chance() >= CARELESS) return answerKeyOf(candidate, account);
  return chance() < 0.5 ? candidate.rightKey : "elsewhere";
};

describe("a probe", () => {
  it("writes for each pattern the answer that the pattern's own working comes to", () => {
    for (const { pool } of pools)
      for (const candidate of pool.slice(0, 12)) {
        const written = new Map<string, string[]>();
        for (const [id, key] of candidate.keys) {
          const astray = ledAstray(patternsNamed([id]) ?? [], candidate.problem, house);
          // Money is worked in the columns inside it, whose whole working is another one.
          if (astray !== undefined && candidate.problem.kind !== "money")
            written.set(key, [...(written.get(key) ?? []), writeAnswer(astray.answer, house)]);
          expect(key).not.toBe(candidate.rightKey);
        }
        // Patterns that come to one answer may write it in two ways, one of them as a rounded number: it is the last one's.
        for (const [key, texts] of written) expect(candidate.texts.get(key)).toBe(texts.at(-1));
      }
  });

  it("tells every two accounts apart that it does not declare it can't, and is no longer than it need be", () => {
    for (const { pool, belief } of pools) {
      const { problems, together } = probeOf(pool, belief, 20);
      const apart = groupsOf(pool, belief);
      const groups = groupsOf(problems, belief);
      // The whole pool tells no more apart than the chosen few.
      expect(groups.length).toBe(apart.length);
      expect(together.flat().length).toBe(groups.filter(({ length }) => length > 1).flat().length);
      for (const left of problems) {
        const without = problems.filter((one) => one !== left);
        // The greedy choice may keep one that later ones made needless, and not more than that.
        expect(groupsOf(without, belief).length).toBeLessThanOrEqual(groups.length);
      }
      expect(problems.length).toBeLessThan(20);
    }
  });

  it("of eight names the pattern of a careless learner, or one it declares a look-alike, nine times of ten; better than problems drawn at random", () => {
    const chance = evenChances(11);
    let [named, atRandom, all] = [0, 0, 0];
    for (const { pool, belief } of pools) {
      const { problems } = probeOf(pool, belief, 8, true);
      const alike = groupsOf(problems, belief);
      const finds = (asked: readonly Candidate[], account: Account): boolean => {
        const answer = learnerWith(account, chance);
        const after = asked.reduce((now, one) => updated(now, one, answer(one)), belief);
        const [best] = [...after].reduce((most, one) => (one[1] > most[1] ? one : most));
        return alike.some((group) => group.includes(best) && group.includes(account));
      };
      for (const account of belief.keys())
        for (let times = 0; times < 3; times++) {
          all += 1;
          if (finds(problems, account)) named += 1;
          const random = problems.map(() => pool[Math.floor(chance() * pool.length)] ?? problems[0]);
          if (
            finds(
              random.filter((one) => one !== undefined),
              account,
            )
          )
            atRandom += 1;
        }
    }
    expect(named / all).toBeGreaterThan(0.9);
    expect(atRandom).toBeLessThan(named);
  });

  it("that adapts ends with the account or its look-alikes, after six problems or fewer on average", () => {
    const chance = evenChances(12);
    let [found, asked, all] = [0, 0, 0];
    for (const { pool, belief } of pools)
      for (const account of belief.keys()) {
        const answer = learnerWith(account, chance);
        const replies: Reply[] = [];
        for (;;) {
          const now = probingAfter(pool, belief, replies);
          if (now.kind === "ended") {
            all += 1;
            asked += replies.length;
            if (now.accounts.includes(account)) found += 1;
            break;
          }
          // No problem is asked twice.
          expect(replies.map(({ candidate }) => candidate.line)).not.toContain(now.candidate.line);
          replies.push({ candidate: now.candidate, given: answer(now.candidate) });
        }
      }
    expect(found / all).toBeGreaterThan(0.9);
    expect(asked / all).toBeLessThanOrEqual(6);
  });

  it("finds the skills on which patterns show", () => {
    expect(skillsShowing(["sub-zero-to-nine-stop"], house, 3)).toContain("subtract-across-zeros");
    expect(skillsShowing([], house, 3)).toEqual([]);
  });
});
