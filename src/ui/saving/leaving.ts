"use client";

import { useEffect, useRef } from "react";
import { allSent } from "./wire/underway";

/**
 * Leaving a place: by a link inside the page, or by closing, reloading or leaving the page itself. What a place has
 * still to write is written first, and where something can't be kept the tutor is asked.
 */

/** Writes what is left, and ends when that is answered for; `closing` where the page itself goes, and waits for nothing. */
type Writer = (closing: boolean) => Promise<unknown> | undefined;

const writers = new Set<Writer>();
const unsaved = new Set<() => boolean>();
let goingSince = Number.NEGATIVE_INFINITY;
/** What the places that were left had still to write. */
let lastWrites: Promise<unknown> = Promise.resolve();

/** As long as a place that was asked for may take to come, in milliseconds. */
const COMING = 10_000;

/** Whether another place was asked for and is on its way: to write this one's address now would call it back. */
export const isLeaving = (): boolean => performance.now() - goingSince < COMING;

/** Another place was asked for: the address is its own from now on. */
export const navigationStarted = (): void => {
  goingSince = performance.now();
};

/** As long as a place that was asked for waits for what is written, in milliseconds. */
const WRITING = 1000;

/** A place has come. */
export const navigationEnded = (): void => {
  goingSince = Number.NEGATIVE_INFINITY;
};

/** Ends when all that was left to write is answered for, so that what is read from the disk now has it; or when that takes too long. */
export const writesSettled = (): Promise<unknown> =>
  Promise.race([Promise.all([lastWrites, allSent()]), new Promise((over) => setTimeout(over, WRITING))]);

/** Whether something in this place is not kept, so that whoever leaves it has to be asked. */
export const hasUnsaved = (): boolean => [...unsaved].some((asks) => asks());

/**
 * Has every writer write what is left, and gives the moment when the other place may come. None where something is
 * not kept, so that the browser must ask first.
 */
export function leave(): Promise<unknown> | undefined {
  if (hasUnsaved()) return undefined;
  lastWrites = Promise.all([...writers].map((write) => write(false)));
  navigationStarted();
  return writesSettled();
}

/** Writes what is left when its place is left, in whatever way; `write` may be called more than once. */
export function useLeaving(write: Writer): void {
  const latest = useRef(write);
  latest.current = write;
  useEffect(() => {
    const act: Writer = (closing) => latest.current(closing);
    const close = (): void => void act(true);
    writers.add(act);
    window.addEventListener("pagehide", close);
    navigationEnded();
    return () => {
      writers.delete(act);
      window.removeEventListener("pagehide", close);
      // Going back inside the page asks nobody first.
      lastWrites = Promise.all([lastWrites, act(false)]);
    };
  }, []);
}

/** Has the tutor asked before a place is left, as long as something in it is not kept. */
export function useAskBeforeLeaving(isUnsaved: boolean): void {
  const latest = useRef(isUnsaved);
  latest.current = isUnsaved;
  useEffect(() => {
    const asks = (): boolean => latest.current;
    const ask = (event: BeforeUnloadEvent): void => {
      if (latest.current) event.preventDefault();
    };
    unsaved.add(asks);
    window.addEventListener("beforeunload", ask);
    return () => {
      unsaved.delete(asks);
      window.removeEventListener("beforeunload", ask);
    };
  }, []);
}
