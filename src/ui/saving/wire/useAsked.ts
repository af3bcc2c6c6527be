"use client";

import { useEffect, useState } from "react";
import { ask } from "./ask";

/**
 * What the server makes of a request that changes as the tutor types: asked a moment after the last change, and an
 * answer that comes too late is left alone. `asked` is the JSON that is sent, none where nothing is asked; what came last stays until the next is there.
 */
export function useAsked<Value>(
  view: Parameters<typeof ask<Value>>[0],
  route: string,
  asked: string | undefined,
  pause: number,
): { readonly shown: Value | undefined; readonly message: string } {
  const [shown, setShown] = useState<Value>();
  const [message, setMessage] = useState("");
  useEffect(() => {
    if (asked === undefined) return;
    const asking = new AbortController();
    const timer = setTimeout(() => {
      void ask(view, route, "POST", JSON.parse(asked), asking.signal).then((back) => {
        if (asking.signal.aborted) return;
        setMessage(back.ok ? "" : back.error.message);
        if (back.ok) setShown(back.value);
      });
    }, pause);
    return () => {
      clearTimeout(timer);
      asking.abort();
    };
  }, [view, route, asked, pause]);
  return { shown, message };
}
