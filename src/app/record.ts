import "server-only";

import { isSteady, type Showings, type SlipId, slipFacts } from "@/core/slips";
import type { Attempt } from "@/data";
import type { RecordedAnswer } from "@/ui/learners";
import { wrongWayAddress } from "@/ui/slips/address";

/** The most slips and answers of a record that are listed. */
const MOST_SLIPS = 20;
export const ANSWERS_A_PAGE = 40;

/** A slip in a record, with the id it is known by. */
interface Recorded {
  readonly slip: SlipId;
  readonly name: string;
  readonly shown: number;
  readonly chances: number;
  readonly steady: boolean;
}

/** The slips that showed in a learner's work, the steadiest first. */
export const recordedSlips = (history: ReadonlyMap<SlipId, Showings> = new Map()): readonly Recorded[] =>
  [...history]
    .filter(([, { shown }]) => shown > 0)
    .map(([slip, showings]) => ({
      slip,
      name: slipFacts(slip).name,
      ...showings,
      steady: isSteady(showings),
    }))
    .sort(
      (a, b) =>
        Number(b.steady) - Number(a.steady) || b.shown / b.chances - a.shown / a.chances || b.shown - a.shown,
    )
    .slice(0, MOST_SLIPS);

/** What a learner answered last, as it is listed. */
export const recordedAnswers = (attempts: readonly Attempt[]): readonly RecordedAnswer[] =>
  attempts.map((attempt) => ({
    id: String(attempt.id),
    when: attempt.at.toLocaleDateString("en", { day: "numeric", month: "short", year: "numeric" }),
    problem: attempt.problem,
    given: attempt.given,
    verdict: attempt.verdict,
    explanation: attempt.slips.map((id) => slipFacts(id).name).join("; "),
    note: attempt.note,
    hints: attempt.hints,
    estimate: attempt.estimate,
    replay: replayAddress(attempt),
  }));

const replayAddress = ({ problem, house, slips, given }: Attempt): string | undefined =>
  slips.length === 0 ? undefined : wrongWayAddress(problem, house, slips, given);
