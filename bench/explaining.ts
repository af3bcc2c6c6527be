import {
  explanationsOf,
  markedAnswer,
  PATTERNS,
  patternResults,
  patternsFor,
  waysKept,
} from "@/core/errorPatterns";
import { PRESETS } from "@/core/house";
import { assessPaper, learnerTaskOf } from "@/core/learnerTask";
import { workingOf } from "@/core/methods";
import { type Problem, readProblem } from "@/core/problem";
import { ledAstray, problemsOf } from "@/core/testing/learners";
import { rounded } from "./workings";

const house = PRESETS.fillersTrueValue;
const SEED = 7;
const SAMPLE = 60;
/** Problems before those that are timed: as many as a server that runs has long explained. */
const WARM = 300;

/** Each problem is timed so often, made anew each time, and its best time counts: what the machine did beside is left out. */
const ROUNDS = 3;

/** Explaining an answer of one skill, all patterns and pairs tried, beside one working. */
interface ExplainingRow {
  readonly skill: string;
  readonly patterns: number;
  readonly median: number;
  readonly percentile95: number;
  readonly ratio: number;
}

export interface Explaining {
  readonly skills: readonly ExplainingRow[];
  /** How the time grows with the number of patterns of a skill. */
  readonly growth: readonly { readonly patterns: number; readonly milliseconds: number }[];
  readonly sheet: { readonly answers: number; readonly milliseconds: number };
  /** Looking at a learner's paper after each mark, by how many marks stand on it: the 95th percentile. */
  readonly papers: readonly { readonly marks: number; readonly milliseconds: number }[];
}

const timed = (act: () => void): number => {
  const from = performance.now();
  act();
  return performance.now() - from;
};

const share = (times: readonly number[], part: number): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * part)] ?? 0;

/** How long explaining takes: one answer of each skill, a sheet of thirty learners, one mark on a paper. */
export function measureExplaining(): Explaining {
  return { skills: skills(), growth: growth(), sheet: sheet(), papers: papers() };
}

function skills(): readonly ExplainingRow[] {
  return Object.entries(PATTERNS).map(([skill, patterns]) => {
    const first = patterns[0];
    if (first === undefined) throw new Error(`skills: ${skill} has no patterns`);
    const anew = (): readonly Problem[] => problemsOf(skill as keyof typeof PATTERNS, SAMPLE + WARM, SEED);
    const problems = anew();
    const rounds = Array.from({ length: ROUNDS }, () =>
      anew().map((problem) =>
        timed(() => {
          const ways = patternResults(problem, house);
          explanationsOf(ways, ways.right);
        }),
      ),
    );
    const times = problems.map((_, index) => Math.min(...rounds.map((round) => round[index] ?? Infinity)));
    const working = problems.map((problem) => timed(() => workingOf(problem, house)));
    const median = share(times.slice(WARM), 0.5);
    return {
      skill,
      patterns: Math.max(...problems.map((problem) => patternsFor(problem).length)),
      median: rounded(median, 2),
      percentile95: rounded(share(times.slice(WARM), 0.95), 2),
      ratio: rounded(median / share(working, 0.5), 0),
    };
  });
}

function growth(): Explaining["growth"] {
  const problems = problemsOf("subtraction", SAMPLE, SEED);
  return [0.25, 0.5, 0.75, 1].map((part) => {
    const patterns = PATTERNS.subtraction.slice(0, Math.round(PATTERNS.subtraction.length * part));
    const times = problems.map((problem) => timed(() => patternResults(problem, house, patterns)));
    return { patterns: patterns.length, milliseconds: rounded(share(times, 0.5), 2) };
  });
}

function sheet(): Explaining["sheet"] {
  const problems = problemsOf("subtraction", 30, SEED + 1);
  const patterns = PATTERNS.subtraction;
  const answers = problems.map((problem) =>
    Array.from({ length: 30 }, (_, learner) => {
      const pattern = patterns[learner % patterns.length];
      return (pattern && ledAstray([pattern], problem, house)?.answer) ?? workingOf(problem, house).answer;
    }),
  );
  const kept = waysKept();
  const milliseconds = timed(() => {
    problems.forEach((problem, row) => {
      for (const answer of answers[row] ?? [])
        markedAnswer(kept(String(row), problem, house), { answer, bare: false }, house);
    });
  });
  return { answers: 900, milliseconds: rounded(milliseconds, 0) };
}

/** A sum of ten long numbers, its marks written one after the other. */
function papers(): Explaining["papers"] {
  const read = readProblem(
    Array.from({ length: 10 }, (_, nth) => `${9_876_543 - nth * 1_001}.${1234 + nth}`).join(" + "),
    house,
  );
  if (!read.ok) throw new Error("papers: a problem is needed");
  const turn = learnerTaskOf(read.value, house, undefined);
  const marks = turn.ways[0]?.steps.flatMap((step) => step.marks) ?? [];
  return [40, 80, 120, 150].map((count) => {
    const times = [...Array(ROUNDS).keys()].flatMap(() =>
      Array.from({ length: 20 }, (_, back) =>
        timed(() => assessPaper({ marks: marks.slice(0, count - back) }, turn, house, false)),
      ),
    );
    return { marks: count, milliseconds: rounded(share(times.slice(20), 0.95), 2) };
  });
}
