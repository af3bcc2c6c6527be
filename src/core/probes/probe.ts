import { type Belief, informationIn, uncertainty, updated } from "./belief";
import { type Account, answerKeyOf, type Candidate } from "./candidate";

/** Problems whose answers tell accounts apart. */
export interface Probe {
  readonly problems: readonly Candidate[];
  /** Accounts that give the same answer to every one of them: what it cannot tell apart. */
  readonly together: readonly (readonly Account[])[];
}

/** How much of a pair's worth is left for each further problem that tells it apart: one may be answered carelessly. */
const AGAIN = 0.35;

/**
 * The fewest problems of a pool whose answers tell most accounts apart, and no more than so many: each next one is that
 * which tells apart what weighs most. It ends before where nothing new would come of another one, unless all are
 * wanted.
 */
export function probeOf(pool: readonly Candidate[], belief: Belief, most: number, all = false): Probe {
  const accounts = [...belief];
  const left = new Set(pool);
  const chosen: Candidate[] = [];
  const told = new Map<string, number>();
  const gain = (candidate: Candidate): { readonly sum: number; readonly isNew: boolean } => {
    let sum = 0;
    let isNew = false;
    const keys = accounts.map(([account]) => answerKeyOf(candidate, account));
    for (const [at, [one, share]] of accounts.entries())
      for (let to = at + 1; to < accounts.length; to++) {
        const [other, weight] = accounts[to] ?? [one, 0];
        if (keys[at] === keys[to]) continue;
        const times = told.get(`${one} ${other}`) ?? 0;
        if (times === 0) isNew = true;
        sum += share * weight * AGAIN ** times;
      }
    return { sum, isNew };
  };
  while (chosen.length < most && left.size > 0) {
    const best = bestOf([...left], (candidate) => {
      const { sum, isNew } = gain(candidate);
      return all || isNew ? sum : 0;
    });
    if (best === undefined) break;
    chosen.push(best);
    left.delete(best);
    for (const [at, [one]] of accounts.entries())
      for (const [other] of accounts.slice(at + 1))
        if (answerKeyOf(best, one) !== answerKeyOf(best, other))
          told.set(`${one} ${other}`, (told.get(`${one} ${other}`) ?? 0) + 1);
  }
  return { problems: chosen, together: groupsOf(chosen, belief).filter(({ length }) => length > 1) };
}

/** The accounts in groups that give the same answer to every one of some problems. */
export function groupsOf(problems: readonly Candidate[], belief: Belief): readonly (readonly Account[])[] {
  const groups = new Map<string, Account[]>();
  for (const account of belief.keys()) {
    const key = problems.map((one) => answerKeyOf(one, account)).join("|");
    groups.set(key, [...(groups.get(key) ?? []), account]);
  }
  return [...groups.values()];
}

/** The one with the most of something above nothing; the first of those that are alike. */
function bestOf(all: readonly Candidate[], worth: (candidate: Candidate) => number): Candidate | undefined {
  let best: Candidate | undefined;
  let most = 1e-9;
  for (const one of all) {
    const value = worth(one);
    if (value > most) [best, most] = [one, value];
  }
  return best;
}

/** How likely an account has to be, together with those that nothing tells from it, to stand clear. */
const CLEAR = 0.8;
/** Below so many bits an answer would tell nothing more. */
const NOTHING_MORE = 0.04;

/** Where adaptive probing stands: the next problem, or what came of it. */
export type ProbingState =
  | { readonly kind: "ask"; readonly candidate: Candidate; readonly belief: Belief }
  | {
      readonly kind: "ended";
      readonly why: "clear" | "nothingMore" | "enough";
      /** The likeliest accounts that nothing here tells apart, and how likely one of them is. */
      readonly accounts: readonly Account[];
      readonly probability: number;
      readonly belief: Belief;
    };

/** An answer that was given to a problem of a pool. */
export interface Reply {
  readonly candidate: Candidate;
  /** The key of its value. */
  readonly given: string;
}

/** How many problems one sits through at most. */
const MOST_ASKED = 10;

/** The next problem after some answers: the one whose answer can be expected to tell most; or that it is over, and why. */
export function probingAfter(
  pool: readonly Candidate[],
  start: Belief,
  replies: readonly Reply[],
): ProbingState {
  const belief = replies.reduce((now, { candidate, given }) => updated(now, candidate, given), start);
  const groups = groupsOf(pool, belief);
  const shareOf = (accounts: readonly Account[]): number =>
    accounts.reduce((sum, account) => sum + (belief.get(account) ?? 0), 0);
  const likeliest = groups.reduce((best, one) => (shareOf(one) > shareOf(best) ? one : best));
  const ended = (why: "clear" | "nothingMore" | "enough"): ProbingState => ({
    kind: "ended",
    why,
    accounts: [...likeliest].sort((one, other) => (belief.get(other) ?? 0) - (belief.get(one) ?? 0)),
    probability: shareOf(likeliest),
    belief,
  });
  if (shareOf(likeliest) >= CLEAR) return ended("clear");
  if (replies.length >= MOST_ASKED) return ended("enough");
  const asked = new Set(replies.map(({ candidate }) => candidate.line));
  const candidate = bestOf(
    pool.filter(({ line }) => !asked.has(line)),
    (one) => informationIn(belief, one) - NOTHING_MORE,
  );
  return candidate === undefined ? ended("nothingMore") : { kind: "ask", candidate, belief };
}

/** The fewest problems that could tell as much, on average, if every problem told as much as the best one of the pool can: the entropy bound. */
export function fewestByEntropy(pool: readonly Candidate[], belief: Belief): number {
  const most = Math.max(...pool.map((one) => informationIn(belief, one)));
  // What nothing tells apart need not be told.
  const groups = groupsOf(pool, belief).map((accounts) =>
    accounts.reduce((sum, account) => sum + (belief.get(account) ?? 0), 0),
  );
  const wanted = uncertainty(new Map(groups.map((share, nth) => [`group${nth}` as Account, share])));
  return wanted / most;
}
