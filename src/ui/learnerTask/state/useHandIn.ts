"use client";

import { useRef, useState } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { HandIn, HandInOutcome } from "@/service/requests/marking/handedIn";
import { newId } from "../../ids";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";

/** Hands a learner's work in, and holds what came of it. What was remembered under `draft` is forgotten then. */
export function useHandIn(draft: string) {
  const [result, setResult] = useState<HandInOutcome | undefined>();
  const [sending, setSending] = useState(false);
  const sent = useRef<{ readonly id: string; readonly what: string } | undefined>(undefined);
  const handIn = async (work: Omit<HandIn, "id">): Promise<void> => {
    setSending(true);
    // Sent again after no answer came, it is the same work; written on, it is another one.
    const what = JSON.stringify([work.answer, work.marks, work.learner]);
    if (sent.current?.what !== what) sent.current = { id: newId(), what };
    const back = await ask(VIEWS.handedIn, API_ROUTES.handIn, "POST", { id: sent.current.id, ...work });
    setResult(back.ok ? { ok: true, ...back.value } : { ok: false, message: back.error.message });
    if (back.ok) {
      localStorage.removeItem(draft);
      sent.current = undefined;
    }
    setSending(false);
  };
  return { result, sending, handIn, clear: () => setResult(undefined) };
}
