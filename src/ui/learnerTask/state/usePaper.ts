"use client";

import { useCallback, useEffect, useReducer } from "react";
import type { Paper } from "@/core/paper";
import { type Desk, type HandStroke, type PaperState, type Square, startPaper } from "../hand/hand";
import { wayAt } from "../hand/handWay";
import { afterStroke } from "../hand/strokes";

/** How many papers before this one are remembered, so that undo works after a reload. */
const KEPT = 30;

/** The learner's paper with the hand that writes on it. What is written is remembered under `draft` until it is handed in. */
export function usePaper(start: Paper, from: Square, desk: Desk, draft: string) {
  const [state, dispatch] = useReducer(
    (
      now: PaperState,
      stroke:
        | HandStroke
        | { readonly kind: "bring"; readonly paper: Paper; readonly before: readonly Paper[] },
    ): PaperState =>
      stroke.kind === "bring"
        ? { ...now, paper: stroke.paper, before: stroke.before.map((paper) => ({ paper, at: now.at })) }
        : afterStroke(now, stroke, desk),
    startPaper(start, from),
  );
  const { paper, before } = state;
  useEffect(() => {
    const kept = localStorage.getItem(draft);
    if (kept === null) return;
    let gone = false;
    import("@/service/requests/marking/paperMarks").then(({ papersOf }) => {
      const papers = papersOf(kept);
      const last = papers?.at(-1);
      if (papers === undefined || last === undefined) localStorage.removeItem(draft);
      else if (!gone)
        dispatch({
          kind: "bring",
          paper: { marks: last },
          before: papers.slice(0, -1).map((marks) => ({ marks })),
        });
    });
    return () => {
      gone = true;
    };
  }, [draft]);
  useEffect(() => {
    if (paper === start) return;
    const papers = [...before.slice(-KEPT).map((one) => one.paper.marks), paper.marks];
    localStorage.setItem(draft, JSON.stringify(papers));
  }, [paper, before, start, draft]);
  const stroke = useCallback((one: HandStroke) => dispatch(one), []);
  return { ...state, goes: wayAt(state, desk), stroke };
}
