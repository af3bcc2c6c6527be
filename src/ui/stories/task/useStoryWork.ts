"use client";

import { useEffect, useState } from "react";
import { z } from "zod";
import { BAR_STEPS, STRUCTURES } from "@/core/stories";

const barsSchema = z.array(z.number().int().min(1).max(BAR_STEPS)).max(BAR_STEPS);

const workSchema = z.object({
  tapped: z.array(z.string()),
  structure: z.enum(STRUCTURES).optional(),
  line: z.string(),
  answer: z.string(),
  frame: z.string().optional(),
  /** The bars that were drawn; none where none were. */
  bars: z.tuple([barsSchema, barsSchema]).optional(),
});

/** What a learner has done with a story so far. */
export type StoryWorkDraft = z.infer<typeof workSchema>;

const NOTHING: StoryWorkDraft = { tapped: [], line: "", answer: "" };

/** A learner's work on a story, remembered in this browser under `place` until it is begun anew. */
export function useStoryWork(place: string) {
  const [work, setWork] = useState<StoryWorkDraft>(NOTHING);
  useEffect(() => setWork(kept(localStorage.getItem(place))), [place]);
  const put = (change: Partial<StoryWorkDraft>): void => {
    const next = { ...work, ...change };
    setWork(next);
    localStorage.setItem(place, JSON.stringify(next));
  };
  const begin = (): void => {
    setWork(NOTHING);
    localStorage.removeItem(place);
  };
  return { work, put, begin };
}

function kept(text: string | null): StoryWorkDraft {
  try {
    const read = workSchema.safeParse(JSON.parse(text ?? "null"));
    return read.success ? read.data : NOTHING;
  } catch {
    return NOTHING;
  }
}
