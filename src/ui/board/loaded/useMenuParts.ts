"use client";

import { useEffect, useSyncExternalStore } from "react";
import type { Problem } from "@/core/problem";
import { loadParts } from "./loadParts";
import { partsInMenu, partsThere, watchParts } from "./parts";

/** Loads the methods that a list of them offers besides for a problem, and shows the list again once they are there; what can't be loaded is not offered. */
export function useMenuParts(problem: Problem): void {
  const parts = useSyncExternalStore(watchParts, partsThere, partsThere);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a part that comes changes what is still to be loaded
  useEffect(() => {
    const wanted = partsInMenu(problem);
    if (wanted.length > 0) loadParts(wanted).catch(() => undefined);
  }, [problem, parts]);
}
