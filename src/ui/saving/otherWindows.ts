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
export function useOtherWindows(onChange: () => void): void {
  const latest = useRef(onChange);
  latest.current = onChange;
  useEffect(() => {
    let seen: number | undefined;
    let over = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== "visible") return;
      try {
        const answer = await fetch(API_ROUTES.changes);
        const told: unknown = answer.ok ? await answer.json() : undefined;
        if (over || typeof told !== "object" || told === null || !("revision" in told)) return;
        const { revision } = told;
        if (typeof revision !== "number") return;
        if (seen !== undefined && revision !== seen) latest.current();
        seen = revision;
      } catch {
        // Nobody answers just now; the next time will tell.
      }
    };
    const heard = (): void => latest.current();
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
