import { pagesOf, standsInColumns } from "../board";
import { runOf } from "../checks";
import {
  estimateJudged,
  markedAnswer,
  type PatternId,
  patternResults,
  replayOf,
  type Showings,
  waysTaken,
} from "../errorPatterns";
import type { HouseRules } from "../house";
import type { LearnerAnswer } from "../marking";
import { EVERY_METHOD, workingOf } from "../methods";
import { judgePaper, judgingTarget, markWork, type Paper } from "../paper";
import { type Problem, readOneQuantity, writeAnswer } from "../problem";
import { estimateLine, patternWords, remedyWords } from "../wording";
import { explanationView } from "./explanationView";

/** What a learner made of a problem: the answer, the paper, and the estimate that was made first as it was typed. */
export interface Work {
  readonly problem: Problem;
  readonly given: LearnerAnswer;
  readonly paper: Paper;
  readonly estimate: string;
}

/** The work of a learner marked: the verdict, and what lies behind a wrong one. What the paper itself shows goes before what the answer alone makes likely. */
export function markedWork(
  { problem, given, paper, estimate: guessed }: Work,
  house: HouseRules,
  history: ReadonlyMap<PatternId, Showings>,
) {
  const ways = patternResults(problem, house);
  const { verdict, explanations: found } = markedAnswer(ways, given, house, history);
  const explanations = verdict.kind === "wrong" ? found : [];
  // What stands on the paper as copied wrongly is that, and nothing else that leads to the same answer.
  const { fault } = judgePaper(paper, judgingTarget(problem), { settled: true, units: [] });
  const isCopied = fault?.kind === "copied";
  const shown = explanations.map((explanation) => ({
    ...explanationView(ways, given.answer, explanation, house),
    onPaper: isCopied
      ? explanation.patterns.some((pattern) => COPYING.includes(pattern))
      : agrees(paper, problem, house, explanation.patterns, given.answer),
  }));
  const ranked = [...shown].sort(
    (a, b) => Number(b.onPaper) - Number(a.onPaper) || b.probability - a.probability,
  );
  const guess = readOneQuantity(guessed, house);
  const judged = guess.ok ? estimateJudged(problem, guess.value) : undefined;
  const taken = waysTaken(ways, given.answer);
  const { estimate } = runOf(workingOf(problem, house), EVERY_METHOD);
  return {
    verdict: verdict.kind,
    faults: verdict.kind === "form" ? verdict.faults : [],
    right: writeAnswer(ways.right, house),
    estimate: estimate ? estimateLine(estimate, house) : "",
    judged,
    belief: judged?.shown === true ? beliefOf(judged.pattern, problem, guessed, house) : undefined,
    explanations: ranked,
    /** Which patterns could have shown, and which did. */
    shown: taken.filter((one) => one.shown).map(({ pattern }) => pattern),
    chances: taken.map(({ pattern }) => pattern),
  };
}

/** The slips by which a number is copied as another one. */
const COPYING: readonly PatternId[] = ["slip-digit-miscopied", "slip-digit-left-out", "slip-digit-twice"];

/** A belief that an estimate shows: what it is called, and what helps with these numbers. */
const beliefOf = (
  pattern: PatternId,
  problem: Problem,
  wrong: string,
  house: HouseRules,
): { readonly name: string; readonly remedy: string } => ({
  name: patternWords(pattern).name,
  remedy: remedyWords(pattern, { problem, wrong }, house),
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
    const aligned = standsInColumns(page.layout);
    const found = markWork(paper, [{ aligned, steps: page.writings }], false);
    return found.agree > 2 && found.wrong === undefined && found.next === undefined;
  });
}
