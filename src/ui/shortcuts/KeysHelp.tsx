"use client";

import { lazy, type ReactElement, Suspense, useSyncExternalStore } from "react";
import { keysAreShown, showKeys, watchKeys } from "./shownKeys";
import { isBare, useShortcuts } from "./useShortcuts";

const LazyKeysDialog = lazy(() => import("./KeysDialog"));

/** The keys of each place, shown by ? wherever one is. */
export function KeysHelp(): ReactElement | null {
  const isShown = useSyncExternalStore(watchKeys, keysAreShown, () => false);
  useShortcuts((event) => {
    if (event.key !== "?" || !isBare(event)) return false;
    showKeys(true);
    return true;
  });
  return isShown ? (
    <Suspense>
      <LazyKeysDialog onClose={() => showKeys(false)} />
    </Suspense>
  ) : null;
}
