"use client";

import { useEffect, useState } from "react";
import * as z from "zod/mini";

/** When a learner is told about a wrong mark. */
const FEEDBACK_IDS = ["eachMark", "eachStage", "atEnd", "none"] as const;

export type Feedback = (typeof FEEDBACK_IDS)[number];

const setting = z.object({
  feedback: z.enum(FEEDBACK_IDS),
  estimate: z.string().check(z.maxLength(200)),
  ticks: z._default(z.array(z.number()).check(z.maxLength(40)), []),
});
type Setting = z.infer<typeof setting>;

const USUAL: Setting = { feedback: "eachMark", estimate: "", ticks: [] };

/**
 * How a learner is told, the estimate that was made, and the numbers that were ticked off: kept beside the paper, so that a reload opens nothing
 * that a test keeps shut. No feedback is known before what was kept is read.
 */
export function useTaskSetting(draft: string) {
  const place = `${draft} set`;
  const [now, setNow] = useState<Setting | undefined>();
  useEffect(() => {
    setNow(kept(localStorage.getItem(place)) ?? USUAL);
  }, [place]);
  const change = (to: Partial<Setting>): void => {
    const next = { ...(now ?? USUAL), ...to };
    localStorage.setItem(place, JSON.stringify(next));
    setNow(next);
  };
  return {
    feedback: now?.feedback,
    estimate: now?.estimate ?? "",
    ticks: now?.ticks ?? [],
    setTicks: (ticks: number[]) => change({ ticks }),
    setFeedback: (feedback: Feedback) => change({ feedback }),
    setEstimate: (estimate: string) => change({ estimate }),
  };
}

function kept(text: string | null): Setting | undefined {
  if (text === null) return undefined;
  try {
    return setting.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}
