"use client";

import { useSyncExternalStore } from "react";

const NARROW = "(max-width: 700px)";

const subscribe = (changed: () => void): (() => void) => {
  const media = matchMedia(NARROW);
  media.addEventListener("change", changed);
  return () => media.removeEventListener("change", changed);
};

/** Whether the screen is as narrow as a phone; never on the server, which does not know. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => matchMedia(NARROW).matches,
    () => false,
  );
