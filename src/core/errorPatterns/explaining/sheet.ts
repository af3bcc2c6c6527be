import { commonFactor } from "../../number";
import type { Answer, Problem } from "../../problem";
import type { PatternId } from "../contract/patternIds";
import { chanceOf, type History, priorShare, type Showings } from "./explain";
import type { PatternResults } from "./patternResults";
import { answerValueIn, isSameValue, type Value } from "./value";

/** One answer on a sheet: the wrong ways of its problem, and what was given. */
export interface Answered {
  readonly ways: PatternResults;
  readonly given: Answer;
}

/** The best account of a whole sheet: the patterns behind it, none where it is only slips, and how likely that is. */
export interface SheetExplanation {
  readonly patterns: readonly PatternId[];
  readonly probability: number;
  /** How many of the wrong answers it accounts for, of how many there are. */
  readonly explains: number;
  readonly wrong: number;
  /** On how many answers, right ones too, the patterns could have shown. */
  readonly chances: number;
}

/** Answers in one kind of problem that are nearly all wrong, in a way that no account tells. */
export interface UnknownWay {
  /** One of the problems. */
  readonly problem: Problem;
  readonly wrong: number;
  readonly of: number;
}

/** How a pattern showed on a sheet, and whether it is steady: there most times that it could be. */
export interface PatternShowings extends Showings {
  readonly pattern: PatternId;
  readonly steady: boolean;
}

/** From this many chances on, and this share of them, a pattern is steady. */
const STEADY_CHANCES = 3;
const STEADY_SHARE = 0.6;

/** Whether a pattern is steady: there most times that it could be, and not only once or twice. */
export const isSteady = ({ shown, chances }: Showings): boolean =>
  chances >= STEADY_CHANCES && shown / chances >= STEADY_SHARE;

/** Two patterns together, and what they come to. */
interface Pair {
  readonly patterns: readonly [PatternId, PatternId];
  readonly value: Value;
}

/** An answer on a sheet in values only. */
interface Seen {
  readonly given: Value;
  readonly right: Value;
  readonly chance: number;
  /** What each pattern alone, and each two of them, come to. */
  readonly single: ReadonlyMap<PatternId, Value>;
  readonly pairs: ReadonlyMap<string, Pair>;
  /** The keys of what slips come to. */
  readonly slips: ReadonlySet<string>;
}

function seenOf({ ways: { problem, right, ways }, given }: Answered): Seen {
  const single = new Map<PatternId, Value>();
  const pairs = new Map<string, Pair>();
  const slips = new Set<string>();
  for (const { patterns, cause, value } of ways) {
    const [first, second] = patterns;
    if (first === undefined) continue;
    if (cause === "slip") slips.add(value.key);
    else if (second === undefined) single.set(first, value);
    else pairs.set(pairKey(first, second), { patterns: [first, second], value });
  }
  return {
    given: answerValueIn(problem, given),
    right: answerValueIn(problem, right),
    chance: chanceOf(right),
    single,
    pairs,
    slips,
  };
}

const pairKey = (one: PatternId, other: PatternId): string => [one, other].sort().join(" ");

/** The patterns that an answer could have shown, each with whether it did. */
export function waysTaken(
  ways: PatternResults,
  given: Answer,
): readonly { readonly pattern: PatternId; readonly shown: boolean }[] {
  const seen = seenOf({ ways, given });
  return [...seen.single].map(([pattern, value]) => ({ pattern, shown: isSameValue(value, seen.given) }));
}

/** Each pattern that showed at least once: how often it did, of the times it could have. */
export function showingsOn(answers: readonly Answered[]): readonly PatternShowings[] {
  const counts = new Map<PatternId, { shown: number; chances: number }>();
  for (const { single, given } of answers.map(seenOf)) {
    for (const [pattern, value] of single) {
      const before = counts.get(pattern) ?? { shown: 0, chances: 0 };
      counts.set(pattern, {
        shown: before.shown + (isSameValue(value, given) ? 1 : 0),
        chances: before.chances + 1,
      });
    }
  }
  return [...counts]
    .filter(([, { shown }]) => shown > 0)
    .map(([pattern, { shown, chances }]) => ({
      pattern,
      shown,
      chances,
      steady: isSteady({ shown, chances }),
    }))
    .sort((a, b) => b.shown / b.chances - a.shown / a.chances || b.shown - a.shown);
}

/** How a learner with a pattern answers: as the pattern leads, rightly all the same, or otherwise. */
const AS_LED = 0.8;
const RIGHT_ANYWAY = 0.12;
const OTHERWISE = 0.08;
/** How likely a stray answer is to be one that is off by one, or another slip on the right one. */
const SLIP_CHANCE = 0.05;

/** Whether two values are one apart in some place, or by one part of a whole, or one of some unit. */
function isOffByOne({ ratio: one }: Value, { ratio: other }: Value): boolean {
  if (one === undefined || other === undefined) return false;
  const over = one.numerator * other.denominator - other.numerator * one.denominator;
  const under = one.denominator * other.denominator;
  const size = over < 0n ? -over : over;
  const by = commonFactor(size, under);
  const [numerator, denominator] = [size / by, under / by];
  return numerator === 1n || (denominator === 1n && /^(?:10+|12|16|36|60|3600)$/.test(String(numerator)));
}

/** What these patterns lead to: what both come to together, or the one that shows. */
function ledTo(seen: Seen, [first, second]: readonly PatternId[]): readonly Value[] {
  if (first === undefined) return [seen.right];
  const alone = seen.single.get(first) ?? seen.right;
  if (second === undefined) return [alone];
  const both = seen.pairs.get(pairKey(first, second));
  if (both !== undefined) return [both.value];
  const other = seen.single.get(second) ?? seen.right;
  if (isSameValue(alone, seen.right)) return [other];
  return isSameValue(other, seen.right) ? [alone] : [alone, other];
}

function likelihood(seen: Seen, patterns: readonly PatternId[]): number {
  const led = ledTo(seen, patterns);
  const near = seen.slips.has(seen.given.key) || led.some((value) => isOffByOne(value, seen.given));
  const stray = OTHERWISE * Math.max(seen.chance, near ? SLIP_CHANCE : 0);
  const isRight = isSameValue(seen.given, seen.right);
  if (led.some((value) => isSameValue(value, seen.given)))
    return (isRight ? AS_LED + RIGHT_ANYWAY : AS_LED) / led.length;
  return isRight ? RIGHT_ANYWAY : stray;
}

/** The patterns, and twos of them, that led to any of the answers: what may be behind the sheet. */
function hypotheses(all: readonly Seen[]): readonly (readonly PatternId[])[] {
  const singles = new Set<PatternId>();
  for (const { single, given } of all) {
    for (const [pattern, value] of single) if (isSameValue(value, given)) singles.add(pattern);
  }
  const pairs = new Map<string, readonly PatternId[]>();
  const list = [...singles];
  list.forEach((one, index) => {
    for (const other of list.slice(index + 1)) pairs.set(pairKey(one, other), [one, other]);
  });
  for (const seen of all) {
    for (const [key, { patterns, value }] of seen.pairs) {
      if (!isSameValue(value, seen.given)) continue;
      pairs.set(key, patterns);
      for (const pattern of patterns) singles.add(pattern);
    }
  }
  return [[], ...[...singles].map((pattern) => [pattern]), ...pairs.values()];
}

/** How likely it is that a learner has no pattern that the catalogue knows. */
const NO_PATTERN = 0.5;
const TWO_DECISIONS = 0.05;

/**
 * The accounts of a whole sheet by one learner, likeliest first: five errors with one cause are one cause.
 * The account without patterns is among them: slips and what nobody knows.
 */
export function sheetExplanations(
  answers: readonly Answered[],
  history: History = new Map(),
): readonly SheetExplanation[] {
  const all = answers.map(seenOf);
  const wrong = all.filter(({ given, right }) => !isSameValue(given, right)).length;
  if (wrong === 0) return [];
  const weighed = hypotheses(all).map((patterns) => {
    const [first, second] = patterns;
    const prior =
      first === undefined
        ? NO_PATTERN
        : priorShare(first, history) *
          (second === undefined ? 1 : priorShare(second, history) * TWO_DECISIONS);
    const log = all.reduce((sum, seen) => sum + Math.log(likelihood(seen, patterns)), Math.log(prior));
    const explains = all.filter(
      (seen) =>
        !isSameValue(seen.given, seen.right) &&
        ledTo(seen, patterns).some((value) => isSameValue(value, seen.given)),
    );
    const couldShow = all.filter((seen) =>
      ledTo(seen, patterns).some((value) => !isSameValue(value, seen.right)),
    );
    return { patterns, log, explains: explains.length, chances: couldShow.length };
  });
  const most = Math.max(...weighed.map(({ log }) => log));
  const total = weighed.reduce((sum, { log }) => sum + Math.exp(log - most), 0);
  return weighed
    .map(({ patterns, log, explains, chances }) => ({
      patterns,
      explains,
      wrong,
      chances,
      probability: Math.exp(log - most) / total,
    }))
    .filter(({ probability }) => probability >= 0.01)
    .sort((a, b) => b.probability - a.probability);
}

/** Whether an account stands as the cause: its patterns showed at least half the times that they could have. */
export const stands = ({ patterns, explains, chances }: SheetExplanation): boolean =>
  patterns.length > 0 && explains * 2 >= chances;

/** From this many answers on, and this share of them wrong, a kind of problem is wrong in one way. */
const FEWEST_ALIKE = 5;
const WRONG_ALIKE = 0.75;

const kindOf = ({ kind, op, form }: Problem): string => `${kind} ${op} ${form.kind}`;

/** The kind of problem on a sheet that is wrong nearly every time, in a way that the account of the sheet does not tell; none where there is none. */
export function unknownWayOn(
  answers: readonly Answered[],
  account: SheetExplanation | undefined,
): UnknownWay | undefined {
  const kinds = new Map<string, Answered[]>();
  for (const one of answers) {
    const key = kindOf(one.ways.problem);
    kinds.set(key, [...(kinds.get(key) ?? []), one]);
  }
  const patterns = account !== undefined && stands(account) ? account.patterns : [];
  for (const alike of kinds.values()) {
    const seen = alike.map(seenOf);
    const wrong = seen.filter(({ given, right }) => !isSameValue(given, right));
    const told = wrong.filter(
      (one) => patterns.length > 0 && ledTo(one, patterns).some((value) => isSameValue(value, one.given)),
    );
    const [first] = alike;
    if (first === undefined || alike.length < FEWEST_ALIKE) continue;
    if (wrong.length < WRONG_ALIKE * alike.length || told.length * 2 >= wrong.length) continue;
    return { problem: first.ways.problem, wrong: wrong.length, of: alike.length };
  }
  return undefined;
}
