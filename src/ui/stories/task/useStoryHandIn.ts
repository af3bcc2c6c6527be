import { useRef, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { StoryWorkMarked } from "@/service/requests";
import { newId } from "../../ids";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import type { StoryWorkDraft } from "./useStoryWork";

/** Hands a learner's work on a story in, and says what was found, and whether it is kept. */
export function useStoryHandIn(
  story: { readonly kind: string; readonly seed: number },
  house: HouseRules,
): {
  readonly marked: (StoryWorkMarked & { readonly kept: boolean }) | undefined;
  /** Why it could not be handed in; empty where it could. */
  readonly message: string;
  readonly sending: boolean;
  handIn(work: StoryWorkDraft, learner: string): Promise<void>;
  /** What was found is no longer shown: the work has changed. */
  clear(): void;
} {
  const sent = useRef<{ readonly id: string; readonly what: string } | undefined>(undefined);
  const [marked, setMarked] = useState<StoryWorkMarked & { readonly kept: boolean }>();
  const [message, setMessage] = useState("");
  const [sending, setSending] = useState(false);
  return {
    marked,
    message,
    sending,
    clear: () => setMarked(undefined),
    handIn: async (work, learner) => {
      setSending(true);
      const { tapped, structure, frame } = work;
      const answer = work.answer.trim() === "" ? undefined : work.answer;
      const typed = work.line.trim() === "" ? undefined : work.line;
      // The same work sent again is kept once in the learner's record.
      const what = JSON.stringify([work, learner]);
      if (sent.current?.what !== what) sent.current = { id: newId(), what };
      const back = await ask(VIEWS.storyWorkMarked, API_ROUTES.markStory, "POST", {
        id: sent.current.id,
        learner,
        ...story,
        house: choicesOf(house),
        work: { tapped, structure, frame, answer, line: typed },
      });
      setSending(false);
      setMarked(back.ok ? back.value : undefined);
      setMessage(back.ok ? "" : back.error.message);
    },
  };
}
