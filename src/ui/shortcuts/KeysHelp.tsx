"use client";

import dynamic from "next/dynamic";
import { type ReactElement, useSyncExternalStore } from "react";
import { keysAreShown, showKeys, watchKeys } from "./shownKeys";
import { isBare, useShortcuts } from "./useShortcuts";

const LazyKeysDialog = dynamic(() => import("./KeysDialog"));

/** The keys of each place, shown by ? wherever one is. */
export function KeysHelp(): ReactElement | null {
  const isShown = useSyncExternalStore(watchKeys, keysAreShown, () => false);
  useShortcuts((event) => {
    if (event.key !== "?" || !isBare(event)) return false;
    showKeys(true);
    return true;
  });
  return isShown ? <LazyKeysDialog onClose={() => showKeys(false)} /> : null;
}
