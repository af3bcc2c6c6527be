import { pagesOf } from "@/core/board";
import { runOf } from "@/core/checks";
import {
  estimateJudged,
  markedAnswer,
  type PatternId,
  patternFacts,
  remedyWords,
  replayOf,
  type Showings,
  waysTaken,
  wrongWays,
} from "@/core/errorPatterns";
import { type HouseRules, houseRulesFrom } from "@/core/house";
import { readGiven } from "@/core/marking";
import { EVERY_METHOD, workingOf } from "@/core/methods";
import { markWork, type Paper } from "@/core/paper";
import { type Problem, readOneQuantity, readProblem, writeAnswer } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { estimateLine, givenErrorWords, houseRefusalWords, readErrorWords } from "@/core/wording";
import type { HandedInWork } from "@/data/attempts";
import type { HandedIn, HandIn } from "@/ui/turn/handedIn";
import { paperMarks } from "@/ui/turn/paperMarks";
import { wrongWayAddress } from "@/ui/wrongWay/address";

/** What is handed in, and what its learner has shown before. */
export interface HandedInToMark {
  readonly sent: Omit<HandIn, "id" | "learner" | "marks"> & { readonly marks: readonly unknown[] };
  readonly history: ReadonlyMap<PatternId, Showings>;
}

/** What is told about it, and what is kept of it where a learner is named. */
export interface HandedInMarked {
  readonly told: Omit<HandedIn, "kept">;
  readonly work: Omit<HandedInWork, "learnerId" | "sentId">;
}

/** Marks what a learner hands in, and explains it where it is wrong; or says why it can't be read. */
export function markHandedIn({
  sent,
  history,
}: HandedInToMark): Result<HandedInMarked, { readonly code: string; readonly message: string }> {
  const house = houseRulesFrom(sent.house);
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const problem = readProblem(sent.problem, house.value);
  if (!problem.ok)
    return failed({ code: problem.error.code, message: readErrorWords(problem.error, house.value) });
  const given = readGiven(sent.answer, problem.value, house.value);
  if (!given.ok)
    return failed({ code: `given.${given.error.code}`, message: givenErrorWords(given.error, house.value) });
  const paper: Paper = { marks: paperMarks(sent.marks) };
  const ways = wrongWays(problem.value, house.value);
  const { verdict, explanations } = markedAnswer(ways, given.value, house.value, history);
  const shown = explanations.map(({ patterns, probability }) => ({
    patterns,
    names: patterns.map((id) => patternFacts(id).name),
    probability,
    replay: wrongWayAddress(sent.problem, house.value, patterns, sent.answer),
    onPaper: agrees(paper, problem.value, house.value, patterns, given.value.answer),
  }));
  // What the paper itself shows goes before what the answer alone makes likely.
  const ranked = [...shown].sort(
    (a, b) => Number(b.onPaper) - Number(a.onPaper) || b.probability - a.probability,
  );
  const guess = readOneQuantity(sent.estimate, house.value);
  const judged = guess.ok ? estimateJudged(problem.value, guess.value) : undefined;
  const taken = waysTaken(ways, given.value.answer);
  const { estimate } = runOf(workingOf(problem.value, house.value), EVERY_METHOD);
  const faults = verdict.kind === "form" ? verdict.faults : [];
  return done({
    told: {
      verdict: verdict.kind,
      faults,
      right: writeAnswer(ways.right, house.value),
      estimate: estimate ? estimateLine(estimate, house.value) : "",
      belief: judged?.shown === true ? beliefOf(judged.pattern) : undefined,
      explanations: ranked,
    },
    work: {
      problem: sent.problem,
      house: house.value,
      given: sent.answer,
      mark: {
        verdict: verdict.kind,
        faults,
        patterns: ranked[0]?.patterns ?? [],
        probability: ranked[0]?.probability,
        shown: taken.filter((one) => one.shown).map(({ pattern }) => pattern),
        chances: taken.map(({ pattern }) => pattern),
      },
      marks: JSON.stringify(paper.marks),
      hints: sent.hints,
      estimate: sent.estimate,
      judged,
      seconds: sent.seconds,
    },
  });
}

const beliefOf = (pattern: PatternId): { readonly name: string; readonly remedy: string } => ({
  name: patternFacts(pattern).name,
  remedy: remedyWords(pattern),
});

/** Whether everything on the paper is as a working with these patterns would have it. */
function agrees(
  paper: Paper,
  problem: Problem,
  house: HouseRules,
  patterns: readonly PatternId[],
  given: Parameters<typeof replayOf>[3],
): boolean {
  const wrong = replayOf(problem, house, patterns, given)?.wrong;
  if (wrong === undefined) return false;
  return pagesOf(wrong.layout, wrong.steps).some((page) => {
    const aligned = page.layout.columns.length > 0;
    const found = markWork(paper, [{ aligned, steps: page.writings, operandRows: [] }], false);
    return found.agree > 2 && found.wrong === undefined && found.next === undefined;
  });
}
