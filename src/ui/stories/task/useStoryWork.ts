"use client";

import { useEffect, useState } from "react";
import * as z from "zod/mini";
import { BAR_STEPS, STRUCTURES } from "@/core/stories";

const barsSchema = z.array(z.int().check(z.gte(1), z.lte(BAR_STEPS))).check(z.maxLength(BAR_STEPS));

const workSchema = z.object({
  tapped: z.array(z.string()),
  structure: z.optional(z.enum(STRUCTURES)),
  line: z.string(),
  answer: z.string(),
  frame: z.optional(z.string()),
  /** The bars that were drawn; none where none were. */
  bars: z.optional(z.tuple([barsSchema, barsSchema])),
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
