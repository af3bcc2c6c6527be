import {
  type ErrorPattern,
  explanationsOf,
  likelihoodOf,
  PATTERNS,
  type PatternResults,
} from "../../errorPatterns";
import { PRESETS } from "../../house";
import { sameAnswer } from "../../marking";
import type { Decimal } from "../../number";
import type { Answer, Problem } from "../../problem";
import { ledAstray, names, problemsOf, waysOf } from "../learners";

const house = PRESETS.fillersTrueValue;
const SEED = 99;
/** How many answers lie near the right one for each of a pattern. */
const NEAR_FOR_EACH = 7;
/** How many problems are drawn for each answer that a pattern is to give. */
const DRAWN_FOR_EACH = 60;

/** How often an account that is wrong is said to be likely, and very likely. */
interface Unknown {
  readonly strand: string;
  answers: number;
  likely: number;
  veryLikely: number;
}

const add = (into: Unknown, ways: PatternResults, answer: Answer): void => {
  const [first] = explanationsOf(ways, answer);
  const likelihood = first && likelihoodOf(first.probability);
  into.answers += 1;
  if (likelihood === "likely" || likelihood === "veryLikely") into.likely += 1;
  if (likelihood === "veryLikely") into.veryLikely += 1;
};

/** The answers of a pattern, explained by a catalogue that has neither it nor what is the same as it on their problem. */
function withoutPattern(
  into: Unknown,
  pattern: ErrorPattern,
  problems: readonly Problem[],
  ofEach: number,
): void {
  let seen = 0;
  for (const problem of problems) {
    if (seen >= ofEach) break;
    const one = ledAstray([pattern], problem, house);
    if (one === undefined) continue;
    seen += 1;
    const others = one.ways.ways.filter(
      ({ patterns }) => !patterns.includes(pattern.id) && !names(patterns, pattern, one, house),
    );
    add(into, { ...one.ways, ways: others }, one.answer);
  }
}

/** A number with one digit changed, one zero more, or its point moved: which of them goes by the number of the case. */
function nearBy(numeral: Decimal, nth: number): Decimal {
  const digits = numeral.whole + numeral.fraction;
  const at = (nth * 7) % digits.length;
  const changed =
    nth % 4 === 3
      ? `${digits.slice(0, at)}0${digits.slice(at)}`
      : digits.slice(0, at) + ((Number(digits[at]) + 1 + (nth % 9)) % 10) + digits.slice(at + 1);
  const places = numeral.fraction.length + (nth % 7 === 0 ? 1 : 0);
  const padded = changed.padStart(places + 1, "0");
  return {
    ...numeral,
    whole: padded.slice(0, padded.length - places),
    fraction: padded.slice(padded.length - places),
    point: places > 0,
  };
}

/** Answers a digit or a place away from the right one, which no pattern and no two of them give. */
function nearRight(into: Unknown, problems: readonly Problem[], most: number): void {
  for (const [nth, problem] of problems.entries()) {
    if (into.answers >= most) break;
    const ways = waysOf(problem, house);
    if (ways.right.kind !== "decimal") continue;
    const given = nearBy(ways.right, nth);
    const byPatterns = { ...ways, ways: ways.ways.filter(({ cause }) => cause !== "slip") };
    if (sameAnswer(problem, ways.right, given) || explanationsOf(byPatterns, given).length > 0) continue;
    add(into, ways, given);
  }
}

/** How well it is known what is not known: by strand, with each pattern left out in turn, so many answers of each, and of answers that lie near the right one. */
export function measureUnknown(ofEach: number): {
  readonly leftOut: readonly Unknown[];
  readonly near: readonly Unknown[];
} {
  const strands = Object.keys(PATTERNS).filter((name): name is keyof typeof PATTERNS => name in PATTERNS);
  const tally = (strand: string): Unknown => ({ strand, answers: 0, likely: 0, veryLikely: 0 });
  const leftOut: Unknown[] = [];
  const near: Unknown[] = [];
  for (const strand of strands) {
    const problems = problemsOf(strand, ofEach * DRAWN_FOR_EACH, SEED);
    const [out, by] = [tally(strand), tally(strand)];
    for (const pattern of PATTERNS[strand]) withoutPattern(out, pattern, problems, ofEach);
    nearRight(by, problems, ofEach * NEAR_FOR_EACH);
    leftOut.push(out);
    if (by.answers > 0) near.push(by);
  }
  return { leftOut, near };
}
