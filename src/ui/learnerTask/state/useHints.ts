"use client";

import { useState } from "react";
import type { Paper } from "@/core/paper";

/** How much a hint says: where, what to ask, the next mark. */
type HintSize = 1 | 2 | 3;

/**
 * The hint that is shown for the paper as it is, a larger one each time it is taken: about a wrong mark there is no
 * more to say than where, and a question. `may` is whether any is given now.
 */
export function useHints(paper: Paper, isWrong: boolean, may: boolean) {
  const [hint, setHint] = useState<{ readonly size: HintSize; readonly paper: Paper } | undefined>();
  /** How many were taken. */
  const [hints, setHints] = useState(0);
  const hinted = hint?.paper === paper ? hint.size : undefined;
  const takeHint = (): void => {
    if (!may || hinted === (isWrong ? 2 : 3)) return;
    setHint({ size: hinted === undefined ? 1 : hinted === 1 ? 2 : 3, paper });
    setHints((taken) => taken + 1);
  };
  return { hinted, hints, takeHint, forgetHints: () => setHints(0) };
}
