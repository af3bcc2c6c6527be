"use client";

import { useEffect, useRef } from "react";
import { API_ROUTES } from "@/service/apiRoutes";

/** How often a window that is looked at asks whether anything changed, in milliseconds. */
const ASK_EVERY = 2500;

const CHANNEL = "right-sum-changes";

/** One line to the other windows of this browser; none where the browser has none. */
let line: BroadcastChannel | undefined;
const channel = (): BroadcastChannel | undefined => {
  if (typeof BroadcastChannel === "undefined") return undefined;
  line ??= new BroadcastChannel(CHANNEL);
  return line;
};

/** Tells the other windows of this browser that something was kept. */
export const tellOthers = (): void => channel()?.postMessage("kept");

/**
 * Calls back when something may have changed elsewhere: at once where another window of this browser kept
 * something, and within a few seconds where it was another browser on the machine.
 */
export function useOtherWindows(
  onChange: () => void,
  /** What is done where the whole of the data was replaced: the page is loaded anew, unless it only lists what is there. */
  onReplaced: () => void = () => window.location.reload(),
): void {
  const latest = useRef({ onChange, onReplaced });
  latest.current = { onChange, onReplaced };
  useEffect(() => {
    let seen: { readonly revision: unknown; readonly replaced: unknown } | undefined;
    let over = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== "visible") return;
      try {
        const answer = await fetch(API_ROUTES.changes);
        const told: unknown = answer.ok ? await answer.json() : undefined;
        if (over || typeof told !== "object" || told === null) return;
        if (!("revision" in told && "replaced" in told)) return;
        const { revision, replaced } = told;
        const before = seen ?? { revision, replaced };
        seen = { revision, replaced };
        if (replaced !== before.replaced) latest.current.onReplaced();
        else if (revision !== before.revision) latest.current.onChange();
      } catch {
        // Nobody answers just now; the next time will tell.
      }
    };
    const heard = (): void => latest.current.onChange();
    const timer = setInterval(ask, ASK_EVERY);
    void ask();
    const others = channel();
    others?.addEventListener("message", heard);
    document.addEventListener("visibilitychange", ask);
    return () => {
      over = true;
      clearInterval(timer);
      others?.removeEventListener("message", heard);
      document.removeEventListener("visibilitychange", ask);
    };
  }, []);
}
