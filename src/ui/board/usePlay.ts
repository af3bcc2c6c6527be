"use client";

import { useEffect, useState } from "react";

/** Plays the run: a step every `pace` seconds until the end. A hand on the run stops it. */
export function usePlay(
  step: number,
  last: number,
  pace: number,
  next: () => void,
): { readonly playing: boolean; readonly setPlaying: (playing: boolean) => void } {
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    if (step >= last) {
      setPlaying(false);
      return;
    }
    const timer = setTimeout(next, pace * 1000);
    return () => clearTimeout(timer);
  }, [playing, step, last, pace, next]);
  return { playing, setPlaying };
}
