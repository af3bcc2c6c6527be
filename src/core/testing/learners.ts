import fc from "fast-check";
import {
  type Answered,
  type ErrorPattern,
  EVERY_PATTERN,
  PATTERNS,
  type PatternId,
  type PatternResults,
  patternResults,
  slipsOf,
  wrongWorking,
} from "../errorPatterns";
import type { HouseRules } from "../house";
import { sameAnswer } from "../marking";
import type { Answer, Problem } from "../problem";
import { SKILL_PROBLEMS } from "./patternProblems";

/** Learners made from patterns: the problems they are given, and what they write. */

/** A problem that some patterns lead astray, and the answer they lead to. */
export interface Astray {
  readonly problem: Problem;
  readonly answer: Answer;
  readonly ways: PatternResults;
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

/** The skill a pattern belongs to. */
export function skillOf(pattern: ErrorPattern): keyof typeof PATTERNS {
  for (const skill of Object.keys(SKILL_PROBLEMS) as (keyof typeof SKILL_PROBLEMS)[]) {
    if (PATTERNS[skill].includes(pattern)) return skill;
  }
  throw new Error(`skillOf: ${pattern.id} belongs to no skill`);
}

/** Problems by what they were drawn from: those of a skill are asked for by each of its patterns. */
const drawnProblems = new Map<string, readonly Problem[]>();

/** Problems of a skill, always the same ones for a seed, and the very same values each time. */
export function problemsOf(skill: keyof typeof PATTERNS, count: number, seed: number): readonly Problem[] {
  const drawnFrom = `${skill} ${count} ${seed}`;
  const problems =
    drawnProblems.get(drawnFrom) ?? fc.sample<Problem>(SKILL_PROBLEMS[skill], { numRuns: count, seed });
  drawnProblems.set(drawnFrom, problems);
  return problems;
}

/** Wrong ways, worked out once for each problem and house. */
const kept = new WeakMap<HouseRules, WeakMap<Problem, PatternResults>>();
export function waysOf(problem: Problem, house: HouseRules): PatternResults {
  const ofHouse = kept.get(house) ?? new WeakMap<Problem, PatternResults>();
  kept.set(house, ofHouse);
  const ways = ofHouse.get(problem) ?? patternResults(problem, house);
  ofHouse.set(problem, ways);
  return ways;
}

/** What patterns lead to on a problem; none where it comes out right, or they can't finish. */
export function ledAstray(
  patterns: readonly ErrorPattern[],
  problem: Problem,
  house: HouseRules,
): Astray | undefined {
  const working = wrongWorking(problem, house, patterns);
  if (working === undefined) return undefined;
  const ways = waysOf(problem, house);
  return sameAnswer(problem, ways.right, working.answer)
    ? undefined
    : { problem, answer: working.answer, ways };
}

/** The first so many problems that patterns lead astray, with what they lead to; fewer where there are no more. */
export function firstLedAstray(
  patterns: readonly ErrorPattern[],
  problems: readonly Problem[],
  house: HouseRules,
  count: number,
): readonly Astray[] {
  const found: Astray[] = [];
  for (const problem of problems) {
    if (found.length === count) break;
    const astray = ledAstray(patterns, problem, house);
    if (astray !== undefined) found.push(astray);
  }
  return found;
}

/** Whether an explanation names the pattern, or one that the catalogue says looks like it and that gives this very answer. */
export function names(
  patterns: readonly PatternId[] | undefined,
  pattern: ErrorPattern,
  { problem, answer }: Astray,
  house: HouseRules,
): boolean {
  const [found, more] = patterns ?? [];
  if (found === undefined || more !== undefined) return false;
  if (found === pattern.id) return true;
  const other = EVERY_PATTERN.find(({ id }) => id === found);
  if (other === undefined || !pattern.lookAlikes.includes(found)) return false;
  const same = wrongWorking(problem, house, [other])?.answer;
  return same !== undefined && sameAnswer(problem, same, answer);
}

/** A sheet of answers, some of which are off by one besides. */
export function noisySheet(
  chosen: readonly Astray[],
  noise: number,
  chance: () => number,
): readonly Answered[] {
  return chosen.map(({ problem, answer, ways }) => {
    const off = slipsOf(problem, answer).filter(({ id }) => id === "slip-fact-off-by-one");
    const stray = off[Math.floor(chance() * off.length)];
    const given = chance() < noise && stray?.instead.kind === "answer" ? stray.instead.answer : answer;
    return { ways, given };
  });
}
