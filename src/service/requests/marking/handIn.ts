import type { PatternId, Showings } from "@/core/errorPatterns";
import { houseRulesFrom } from "@/core/house";
import { markedWork } from "@/core/learnerTask";
import { readLearnerAnswer } from "@/core/marking";
import type { Paper } from "@/core/paper";
import { readProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { givenErrorWords, houseRefusalWords, readErrorWords } from "@/core/wording";
import type { HandedIn, HandIn } from "@/service/requests/marking/handedIn";
import { paperMarks } from "@/service/requests/marking/paperMarks";
import { wrongWayAddress } from "@/service/wrongWayAddress";
import type { HandedInWork } from "../../kept/attempt";

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
  const given = readLearnerAnswer(sent.answer, problem.value, house.value);
  if (!given.ok)
    return failed({ code: `given.${given.error.code}`, message: givenErrorWords(given.error, house.value) });
  const paper: Paper = { marks: paperMarks(sent.marks) };
  const work = { problem: problem.value, given: given.value, paper, estimate: sent.estimate };
  const { verdict, faults, right, estimate, judged, belief, explanations, shown, chances } = markedWork(
    work,
    house.value,
    history,
  );
  return done({
    told: {
      verdict,
      faults,
      right,
      estimate,
      belief,
      explanations: explanations.map((one) => ({
        ...one,
        replay: wrongWayAddress(sent.problem, house.value, one.patterns, sent.answer),
      })),
    },
    work: {
      problem: sent.problem,
      house: house.value,
      given: sent.answer,
      mark: {
        verdict,
        faults,
        patterns: explanations[0]?.patterns ?? [],
        probability: explanations[0]?.probability,
        shown,
        chances,
      },
      marks: JSON.stringify(paper.marks),
      hints: sent.hints,
      estimate: sent.estimate,
      judged,
      seconds: sent.seconds,
    },
  });
}
