"use client";

/** Whether the keys are shown: one window shows them once, whoever asks for it. */
let isShown = false;
const watchers = new Set<() => void>();

/** Shows the keys of the place that is open, or hides them. */
export function showKeys(shown: boolean): void {
  isShown = shown;
  for (const tell of watchers) tell();
}

export const keysAreShown = (): boolean => isShown;

export function watchKeys(tell: () => void): () => void {
  watchers.add(tell);
  return () => watchers.delete(tell);
}
