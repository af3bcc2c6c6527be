import { PATTERN_IDS, type PatternId } from "@/core/errorPatterns";
import { choicesOf, type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { readLearnerAnswer } from "@/core/marking";
import {
  type Account,
  accountsIn,
  answerKeyOf,
  type Belief,
  type Candidate,
  givenKey,
  poolOf,
  probeOf,
  probingAfter,
  type Reply,
  skillsAround,
  skillsOf,
} from "@/core/probes";
import { done, failed, type Result } from "@/core/result";
import { STRANDS } from "@/core/sheets";
import {
  givenErrorWords,
  houseRefusalWords,
  NO_STRAND,
  patternWords,
  SOUND_NAME,
  STRAND_NAMES,
} from "@/core/wording";
import type { Refusal } from "../../refusal";

/** What is probed: a strand, or patterns that a learner may have. */
export interface ProbeRequest {
  readonly strand?: string | undefined;
  readonly patterns?: readonly string[] | undefined;
  readonly house?: HouseChoices | undefined;
  readonly seed: number;
}

interface Pool {
  readonly house: HouseRules;
  readonly pool: readonly Candidate[];
  readonly belief: Belief;
}

/** Pools that were drawn before, the newest last: probing asks for the same one again after each answer. */
const pools = new Map<string, Pool>();
const MOST_POOLS = 6;

function poolFor({
  strand: asked,
  patterns: named = [],
  house: choices,
  seed,
}: ProbeRequest): Result<Pool, Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  // A strand goes by its id, or by the name that the list of skills gives it.
  const strand = STRANDS.find((one) => one === asked || STRAND_NAMES[one] === asked);
  const patterns = PATTERN_IDS.filter((id) => named.includes(id));
  if (strand === undefined && patterns.length === 0)
    return failed({ code: "unknownStrand", message: NO_STRAND(asked ?? "", STRANDS) });
  const key = JSON.stringify([strand, patterns, choicesOf(house.value), seed]);
  const known = pools.get(key);
  if (known !== undefined) return done(known);
  const skills = strand === undefined ? skillsAround(patterns) : skillsOf(strand);
  const drawn = poolOf(skills, house.value, seed);
  const only = patterns.length === 0 ? undefined : patterns;
  const pool =
    only === undefined ? drawn : drawn.filter(({ keys }) => only.some((pattern) => keys.has(pattern)));
  const made = { house: house.value, pool, belief: accountsIn(pool, only) };
  pools.set(key, made);
  for (const old of [...pools.keys()].slice(0, -MOST_POOLS)) pools.delete(old);
  return done(made);
}

/** An account by its id and its name. */
interface NamedAccount {
  readonly id: Account;
  readonly name: string;
}

const named = (id: Account): NamedAccount => ({
  id,
  name: id === "sound" ? SOUND_NAME : patternWords(id).name,
});

/** A problem of a probe with what each answer to it would mean; the right one first. */
interface ProbeProblem {
  readonly problem: string;
  readonly answer: string;
  readonly meanings: readonly { readonly answer: string; readonly accounts: readonly NamedAccount[] }[];
}

function meaningsOf(candidate: Candidate, belief: Belief): ProbeProblem {
  const byKey = new Map<string, Account[]>();
  for (const account of belief.keys()) {
    const key = answerKeyOf(candidate, account);
    byKey.set(key, [...(byKey.get(key) ?? []), account]);
  }
  const wrong = [...byKey].filter(([key]) => key !== candidate.rightKey);
  return {
    problem: candidate.line,
    answer: candidate.right,
    meanings: wrong.map(([key, accounts]) => ({
      answer: candidate.texts.get(key) ?? key,
      accounts: accounts.map(named),
    })),
  };
}

/** A probe as programs get it, and as its page shows it. */
export interface ProbeShown {
  readonly problems: readonly ProbeProblem[];
  /** What it can't tell apart. */
  readonly together: readonly (readonly NamedAccount[])[];
  /** How many accounts it knows of. */
  readonly accounts: number;
}

/** The fewest problems that tell accounts apart, or as many as are asked for. */
export function probeRequested(
  request: ProbeRequest & { readonly count?: number | undefined },
): Result<ProbeShown, Refusal> {
  const found = poolFor(request);
  if (!found.ok) return found;
  const { pool, belief } = found.value;
  const probe = probeOf(pool, belief, request.count ?? USUAL_MOST, request.count !== undefined);
  return done({
    problems: probe.problems.map((candidate) => meaningsOf(candidate, belief)),
    together: probe.together.map((group) => group.map(named)),
    accounts: belief.size,
  });
}

/** The most problems of a probe, and of one whose length nobody asked for. */
export const MOST_PROBED = 20;
const USUAL_MOST = 8;

/** The next problem of adaptive probing, or what came of it. */
export type NextProbe =
  | {
      readonly kind: "ask";
      readonly problem: string;
      readonly likeliest: readonly (NamedAccount & { readonly probability: number })[];
    }
  | {
      readonly kind: "ended";
      readonly why: "clear" | "nothingMore" | "enough";
      readonly accounts: readonly NamedAccount[];
      readonly probability: number;
      readonly patterns: readonly PatternId[];
    };

/** How many accounts are named while it goes on. */
const LIKELIEST = 3;

/** Goes on probing after the answers that were given so far; a bad answer is said with its number. */
export function nextProbe(
  request: ProbeRequest & {
    readonly replies: readonly { readonly problem: string; readonly given: string }[];
  },
): Result<NextProbe, Refusal> {
  const found = poolFor(request);
  if (!found.ok) return found;
  const { pool, belief, house } = found.value;
  const replies: Reply[] = [];
  for (const { problem, given } of request.replies) {
    const candidate = pool.find(({ line }) => line === problem);
    if (candidate === undefined)
      return failed({ code: "notAsked", message: `“${problem.slice(0, 60)}” was not asked here.` });
    const read = readLearnerAnswer(given, candidate.problem, house);
    if (!read.ok) return failed({ code: "unreadAnswer", message: givenErrorWords(read.error, house) });
    replies.push({ candidate, given: givenKey(candidate, read.value.answer) });
  }
  const now = probingAfter(pool, belief, replies);
  if (now.kind === "ended") {
    const { why, accounts, probability } = now;
    const patterns = PATTERN_IDS.filter((id) => accounts.includes(id));
    return done({ kind: "ended", why, accounts: accounts.map(named), probability, patterns });
  }
  const likeliest = [...now.belief]
    .sort(([, one], [, other]) => other - one)
    .slice(0, LIKELIEST)
    .map(([id, probability]) => ({ ...named(id), probability }));
  return done({ kind: "ask", problem: now.candidate.line, likeliest });
}
