import fc from "fast-check";
import type { HouseRules } from "../house";
import { sameAnswer } from "../marking";
import type { Answer, Problem } from "../problem";
import {
  type Answered,
  EVERY_SLIP,
  mishapsOf,
  SLIPS,
  type Slip,
  type SlipId,
  slippedWorking,
  type WrongWays,
  wrongWays,
} from "../slips";
import { SKILL_PROBLEMS } from "./slipProblems";

/** Learners made from habits: the problems they are given, and what they write. */

/** A problem that some slips lead astray, and the answer they lead to. */
export interface Astray {
  readonly problem: Problem;
  readonly answer: Answer;
  readonly ways: WrongWays;
}

/** Even chances from a seed (mulberry32), between 0 and 1. */
export function evenChances(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** The skill a slip belongs to. */
export function skillOf(slip: Slip): keyof typeof SLIPS {
  for (const skill of Object.keys(SKILL_PROBLEMS) as (keyof typeof SKILL_PROBLEMS)[]) {
    if (SLIPS[skill].includes(slip)) return skill;
  }
  throw new Error(`skillOf: ${slip.id} belongs to no skill`);
}

/** Problems of a skill, always the same ones for a seed. */
export const problemsOf = (skill: keyof typeof SLIPS, count: number, seed: number): readonly Problem[] =>
  fc.sample<Problem>(SKILL_PROBLEMS[skill], { numRuns: count, seed });

/** Wrong ways, worked out once for each problem and house. */
const kept = new WeakMap<HouseRules, WeakMap<Problem, WrongWays>>();
export function waysOf(problem: Problem, house: HouseRules): WrongWays {
  const ofHouse = kept.get(house) ?? new WeakMap<Problem, WrongWays>();
  kept.set(house, ofHouse);
  const ways = ofHouse.get(problem) ?? wrongWays(problem, house);
  ofHouse.set(problem, ways);
  return ways;
}

/** What slips lead to on a problem; nothing where it comes out right, or they can't finish. */
export function ledAstray(slips: readonly Slip[], problem: Problem, house: HouseRules): Astray | undefined {
  const working = slippedWorking(problem, house, slips);
  if (working === undefined) return undefined;
  const ways = waysOf(problem, house);
  return sameAnswer(problem, ways.right, working.answer)
    ? undefined
    : { problem, answer: working.answer, ways };
}

/** Whether an explanation names the slip, or one that the catalogue says looks like it and that gives this very answer. */
export function names(
  slips: readonly SlipId[] | undefined,
  slip: Slip,
  { problem, answer }: Astray,
  house: HouseRules,
): boolean {
  const [found, more] = slips ?? [];
  if (found === undefined || more !== undefined) return false;
  if (found === slip.id) return true;
  const other = EVERY_SLIP.find(({ id }) => id === found);
  if (other === undefined || !slip.lookAlikes.includes(found)) return false;
  const same = slippedWorking(problem, house, [other])?.answer;
  return same !== undefined && sameAnswer(problem, same, answer);
}

/** A sheet of answers, some of which are off by one besides. */
export function noisySheet(
  chosen: readonly Astray[],
  noise: number,
  chance: () => number,
): readonly Answered[] {
  return chosen.map(({ problem, answer, ways }) => {
    const off = mishapsOf(problem, answer).filter(({ slip }) => slip === "slip-fact-off-by-one");
    const stray = off[Math.floor(chance() * off.length)];
    const given = chance() < noise && stray?.instead.kind === "answer" ? stray.instead.answer : answer;
    return { ways, given };
  });
}
