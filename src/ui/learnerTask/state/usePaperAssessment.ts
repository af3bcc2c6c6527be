"use client";

import { useMemo, useState } from "react";
import type { HouseRules } from "@/core/house";
import { assessPaper, type LearnerTask, type PaperAssessment, type TaskWay } from "@/core/learnerTask";
import type { StepStage } from "@/core/methods";
import type { Paper } from "@/core/paper";
import type { Square } from "../hand/hand";
import type { SquareBlock } from "../PaperPad";
import { blockOf, withoutNotes } from "./paperRoom";
import { useHints } from "./useHints";
import type { Feedback } from "./useTaskSetting";

/** What is made of the learner's paper, and how much of it is told now. */
export interface ToldOfPaper {
  readonly looked: PaperAssessment;
  /** Whether nothing was written since the paper was looked at as a whole. */
  readonly settled: boolean;
  /** Whether what is wrong is told. */
  readonly shows: boolean;
  /** Whether the marked paper is gone through from its top instead, and which claim of it is spoken of. */
  readonly walks: boolean;
  readonly walk: number;
  readonly walked: SquareBlock | undefined;
  readonly setWalk: (nth: number) => void;
  /** The hint that is shown, how many were taken, and the mark that the largest draws. */
  readonly hinted: 1 | 2 | 3 | undefined;
  readonly hints: number;
  readonly takeHint: () => void;
  readonly forgetHints: () => void;
  readonly ghost: { readonly at: Square; readonly text: string } | undefined;
  /** The known way the paper goes, and what stands at the step it is at. */
  readonly way: TaskWay | undefined;
  readonly stage: StepStage | undefined;
  readonly ask: string | undefined;
  /** Looks at the paper as a whole, as it is now. */
  readonly settle: () => void;
}

/** Assesses the paper as it is written; `told` says when a learner is told, `handed` whether it was handed in. */
export function usePaperAssessment(
  paper: Paper,
  turn: LearnerTask,
  house: HouseRules,
  told: { readonly feedback: Feedback | undefined; readonly handed: boolean; readonly waits: boolean },
): ToldOfPaper {
  const { feedback, handed, waits } = told;
  const [checked, setChecked] = useState<Paper | undefined>();
  const [walk, setWalk] = useState(0);
  // What is written on after checking or handing in is being written again.
  const settled = checked === paper;
  const looked = useMemo(
    () => assessPaper(withoutNotes(paper), turn, house, settled),
    [paper, turn, house, settled],
  );
  const { judged, fault } = looked;
  const atEnd = feedback === "atEnd" && handed;
  const walks = atEnd && settled && judged.claims.length > 0;
  const mayHint =
    feedback !== undefined &&
    feedback !== "none" &&
    !waits &&
    (fault !== undefined || judged.state !== "answered");
  const { hinted, hints, takeHint, forgetHints } = useHints(paper, fault !== undefined, mayHint);
  // A known working is looked for only to say what could come next.
  const found = hinted === undefined ? undefined : looked.found();
  const way = found && turn.ways[found.way];
  const next = found?.next;
  const step = next && way?.steps[next.step];
  return {
    looked,
    settled,
    shows: feedback === "eachMark" || (feedback === "eachStage" && settled) || atEnd,
    walks,
    walk,
    walked: walks ? blockOf(judged.claims[walk], paper) : undefined,
    setWalk,
    hinted,
    hints,
    takeHint,
    forgetHints,
    ghost:
      hinted === 3 && fault === undefined && found?.fits && next?.at && "text" in next.mark
        ? { at: next.at, text: next.mark.text }
        : undefined,
    way,
    stage: step?.stage,
    ask: step?.ask,
    settle: () => {
      setChecked(paper);
      setWalk(0);
    },
  };
}
