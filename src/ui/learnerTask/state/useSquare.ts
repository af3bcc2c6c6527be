"use client";

import { type RefObject, useEffect, useState } from "react";
import type { Size } from "../hand/hand";

const USUAL = 46;
/** The smallest square that a finger can hit, and the largest that still looks like paper, in pixels. */
const [LEAST, MOST] = [36, 64];
/** What lies around the paper in its room, in pixels. */
const AROUND = 18;

/**
 * How large a square is drawn so that the paper can be seen whole, and the paper with as many squares as its room has
 * then; a paper that is larger still is scrolled.
 */
export function useSquare(
  room: RefObject<HTMLDivElement | null>,
  { cols, rows, margin }: Size,
): { readonly square: number; readonly size: Size } {
  const [space, setSpace] = useState<{ readonly width: number; readonly height: number } | undefined>();
  useEffect(() => {
    const element = room.current;
    if (element === null) return;
    const watch = new ResizeObserver(() =>
      setSpace({ width: element.clientWidth - AROUND, height: element.clientHeight - AROUND }),
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, [room]);
  if (space === undefined) return { square: USUAL, size: { cols, rows, margin } };
  const { width, height } = space;
  const square = Math.max(LEAST, Math.floor(Math.min(width / (cols + margin), height / rows, MOST)));
  return {
    square,
    size: {
      margin,
      cols: Math.max(cols, Math.floor(width / square) - margin),
      rows: Math.max(rows, Math.floor(height / square)),
    },
  };
}
