"use client";

import { useEffect, useState } from "react";

/** Plays the run: a step every `pace` seconds until the end. `move` must stay the same function, or a step would wait anew. */
export function usePlay(
  step: number,
  last: number,
  pace: number,
  move: (by: number) => void,
): { readonly playing: boolean; readonly setPlaying: (playing: boolean) => void } {
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    if (step >= last) {
      setPlaying(false);
      return;
    }
    const timer = setTimeout(() => move(1), pace * 1000);
    return () => clearTimeout(timer);
  }, [playing, step, last, pace, move]);
  return { playing, setPlaying };
}
