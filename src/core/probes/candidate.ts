import {
  answerValueIn,
  type ErrorPattern,
  EVERY_PATTERN,
  PATTERN_SKILLS,
  PATTERNS,
  type PatternId,
  type PatternSkill,
  patternAnswers,
  patternsFor,
} from "../errorPatterns";
import type { HouseRules } from "../house";
import { type Answer, type Problem, writeAnswer, writeProblem } from "../problem";
import { drawSheet, SKILLS, type SkillId, type Strand } from "../sheets";

/** What may lie behind a learner's answers: a pattern, or none. */
export type Account = PatternId | "sound";

/** A problem that could be set in a probe, with what each account answers to it. */
export interface Candidate {
  readonly problem: Problem;
  /** As the house writes it. */
  readonly line: string;
  readonly right: string;
  /** The key of the right answer's value, and of what each pattern that shows here answers; the others answer right. */
  readonly rightKey: string;
  readonly keys: ReadonlyMap<PatternId, string>;
  /** How the house writes each of those answers. */
  readonly texts: ReadonlyMap<string, string>;
}

/** The key of what an account answers to a problem. */
export const answerKeyOf = ({ keys, rightKey }: Candidate, account: Account): string =>
  account === "sound" ? rightKey : (keys.get(account) ?? rightKey);

/** The key of an answer that was given to a candidate. */
export const givenKey = ({ problem }: Candidate, given: Answer): string => answerValueIn(problem, given).key;

/** A problem with what all patterns that can come into it, or some of them, answer. */
function candidateOf(
  problem: Problem,
  house: HouseRules,
  patterns: readonly ErrorPattern[] = patternsFor(problem),
): Candidate {
  const { right, shown } = patternAnswers(problem, house, patterns);
  const rightKey = answerValueIn(problem, right).key;
  return {
    problem,
    line: writeProblem(problem, house),
    right: writeAnswer(right, house),
    rightKey,
    keys: new Map(shown.map(({ pattern, value }) => [pattern.id, value.key])),
    texts: new Map([
      ...shown.map(({ answer, value }) => [value.key, writeAnswer(answer, house)] as const),
      [rightKey, writeAnswer(right, house)] as const,
    ]),
  };
}

/** How many problems of each skill stand in a pool. */
const PER_SKILL = 24;

/** Problems of some skills to choose a probe from, drawn one skill after the other; `onSkill` is told how many are done. */
export function poolOf(
  skills: readonly SkillId[],
  house: HouseRules,
  seed: number,
  perSkill = PER_SKILL,
  onSkill: (done: number, of: number) => void = () => {},
): readonly Candidate[] {
  const seen = new Set<string>();
  return skills.flatMap((id, nth) => {
    const climb = SKILLS.find((one) => one.id === id)?.climb;
    const drawn = climb && drawSheet(climb, perSkill, house, seed + nth);
    onSkill(nth, skills.length);
    if (!drawn?.ok) return [];
    return drawn.value.flatMap(({ problem }) => {
      const line = writeProblem(problem, house);
      if (seen.has(line)) return [];
      seen.add(line);
      return [candidateOf(problem, house)];
    });
  });
}

/** The skills of a strand. */
export const skillsOf = (strand: Strand): readonly SkillId[] =>
  SKILLS.filter((one) => one.strand === strand).map(({ id }) => id);

const COMMON: ReadonlyMap<string, number> = new Map(
  EVERY_PATTERN.map(({ id, frequency: common }) => [id, common]),
);

/** The accounts that a pool can tell of: none, and each pattern that shows in it; each with how likely it is before anything is known. */
export function accountsIn(
  pool: readonly Candidate[],
  only?: readonly PatternId[],
): ReadonlyMap<Account, number> {
  const patterns = new Set(pool.flatMap(({ keys }) => [...keys.keys()]));
  const chosen = [...patterns].filter((id) => only === undefined || only.includes(id));
  const weights = chosen.map((id) => [id, COMMON.get(id) ?? 1] as const);
  const sum = weights.reduce((all, [, weight]) => all + weight, 0);
  return new Map<Account, number>([
    ["sound", SOUND],
    ...weights.map(([id, weight]) => [id, ((1 - SOUND) * weight) / sum] as const),
  ]);
}

/** How likely a learner who is probed works soundly. */
const SOUND = 0.15;

/** The strands whose problems show the patterns of a skill. */
const STRANDS_OF: Readonly<Record<PatternSkill, readonly Strand[]>> = {
  addition: ["addingSubtracting"],
  subtraction: ["addingSubtracting"],
  multiplication: ["multiplying"],
  division: ["dividing"],
  fractions: ["fractions", "mixedNumbers"],
  integers: ["signed"],
  money: ["money"],
  units: ["units"],
  chains: ["chains"],
  judging: ["comparing", "places"],
  shifting: ["places", "multiplying", "dividing"],
  across: ["addingSubtracting", "multiplying", "dividing"],
};

/** The skills on whose problems some patterns may show. */
export function skillsAround(patterns: readonly PatternId[]): readonly SkillId[] {
  const strands = PATTERN_SKILLS.filter((skill) =>
    PATTERNS[skill].some(({ id }) => patterns.includes(id)),
  ).flatMap((skill) => STRANDS_OF[skill]);
  return SKILLS.filter(({ strand }) => strands.includes(strand)).map(({ id }) => id);
}

/** How many problems of a skill are looked at for whether patterns show on them. */
const SAMPLES = 8;

/** The skills on whose problems some patterns show most, the best first, no more than so many; none that show nothing. */
export function skillsShowing(
  patterns: readonly PatternId[],
  house: HouseRules,
  most: number,
): readonly SkillId[] {
  // A slip shows anywhere, and has no skill of its own.
  const wanted = EVERY_PATTERN.filter(({ id }) => patterns.includes(id));
  const counted = skillsAround(patterns).map((id) => {
    const climb = SKILLS.find((one) => one.id === id)?.climb;
    const drawn = climb && drawSheet(climb, SAMPLES, house, 1);
    const problems = drawn?.ok ? drawn.value : [];
    const shows = problems.filter(
      ({ problem }) => candidateOf(problem, house, inside(problem, wanted)).keys.size > 0,
    );
    return { id, shows: shows.length };
  });
  return counted
    .filter(({ shows }) => shows > 0)
    .sort((one, other) => other.shows - one.shows)
    .slice(0, most)
    .map(({ id }) => id);
}

/** Those of some patterns that can come into a problem. */
const inside = (problem: Problem, wanted: readonly ErrorPattern[]): readonly ErrorPattern[] => {
  const possible = patternsFor(problem);
  return wanted.filter((pattern) => possible.includes(pattern));
};
