import { type Account, answerKeyOf, type Candidate } from "./candidate";

/** How likely each account is, all together 1. */
export type Belief = ReadonlyMap<Account, number>;

/** How often an answer is not what its account leads to: a slip, or a pattern that did not show this time. */
const CARELESS = 0.12;
/** The share of those that come out right, where the account would not; the rest lie anywhere. */
const RIGHT_BY_CHANCE = 0.4;
const ELSEWHERE = 0.04;

/** How likely an account gives an answer. */
function chanceOf(candidate: Candidate, account: Account, given: string): number {
  const expected = answerKeyOf(candidate, account);
  if (given === expected) return 1 - CARELESS;
  return given === candidate.rightKey ? CARELESS * RIGHT_BY_CHANCE : CARELESS * ELSEWHERE;
}

/** The belief after an answer to a problem was seen, by its key. */
export function updated(belief: Belief, candidate: Candidate, given: string): Belief {
  const weighed = [...belief].map(
    ([account, share]) => [account, share * chanceOf(candidate, account, given)] as const,
  );
  const sum = weighed.reduce((all, [, weight]) => all + weight, 0);
  return new Map(weighed.map(([account, weight]) => [account, weight / sum]));
}

const bits = (share: number): number => (share <= 0 ? 0 : -share * Math.log2(share));

/** How much is not known yet, in bits. */
export const uncertainty = (belief: Belief): number =>
  [...belief.values()].reduce((sum, share) => sum + bits(share), 0);

/**
 * How many bits an answer to a problem can be expected to tell, careless ones counted in: what is unknown of the answer,
 * less what carelessness alone leaves unknown. All that lies elsewhere is one answer here.
 */
export function informationIn(belief: Belief, candidate: Candidate): number {
  const answers = new Map<string, number>([[candidate.rightKey, 0]]);
  const add = (key: string, share: number): void => {
    answers.set(key, (answers.get(key) ?? 0) + share);
  };
  let [elsewhere, byCarelessness] = [0, 0];
  for (const [account, share] of belief) {
    const key = answerKeyOf(candidate, account);
    const right = key === candidate.rightKey ? 0 : RIGHT_BY_CHANCE;
    add(key, share * (1 - CARELESS));
    add(candidate.rightKey, share * CARELESS * right);
    elsewhere += share * CARELESS * (1 - right);
    byCarelessness += share * (bits(1 - CARELESS) + bits(CARELESS * right) + bits(CARELESS * (1 - right)));
  }
  return [...answers.values()].reduce((sum, share) => sum + bits(share), bits(elsewhere)) - byCarelessness;
}
