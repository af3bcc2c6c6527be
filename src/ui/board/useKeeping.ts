"use client";

import { useEffect, useRef, useState } from "react";
import { ROUTES } from "../routes";
import { boardAddress } from "./address";
import type { OpenBoard } from "./boardState";

/** Whether what is on the screen is on disk. */
export type Keeping = "kept" | "keeping" | "notKept";

/** Long enough that a held key is one write, short enough that nobody waits for it. */
const PAUSE = 150;
const RETRY = 3000;

/**
 * Keeps the open board, and puts it in the address, shortly after each change and at once when the
 * page goes away. Says `kept` only of the very state that the server has answered is on disk.
 */
export function useKeeping(open: OpenBoard | undefined, keptAtStart: boolean): Keeping {
  const [onDisk, setOnDisk] = useState(keptAtStart ? open : undefined);
  const [refused, setRefused] = useState<OpenBoard | undefined>();
  const unkept = open === onDisk ? undefined : open;
  const leaving = useRef(unkept);
  leaving.current = unkept;
  // One write at a time, so that an older state never reaches the disk after a newer one.
  const writing = useRef<Promise<unknown>>(Promise.resolve());

  useEffect(() => {
    if (unkept === undefined) return;
    let over = false;
    const attempt = async (): Promise<void> => {
      history.replaceState(null, "", boardAddress(unkept));
      await writing.current;
      if (over) return;
      const sending = send(unkept, false);
      writing.current = sending;
      const kept = await sending;
      if (kept) setOnDisk(unkept);
      if (kept || over) return;
      setRefused(unkept);
      timer = setTimeout(attempt, RETRY);
    };
    let timer = setTimeout(attempt, PAUSE);
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [unkept]);

  useEffect(() => {
    const leave = (): void => {
      if (leaving.current === undefined) return;
      history.replaceState(null, "", boardAddress(leaving.current));
      void send(leaving.current, true);
    };
    window.addEventListener("pagehide", leave);
    return () => window.removeEventListener("pagehide", leave);
  }, []);

  if (unkept === undefined) return "kept";
  return refused === unkept ? "notKept" : "keeping";
}

async function send({ id, ...board }: OpenBoard, leaving: boolean): Promise<boolean> {
  try {
    const answer = await fetch(ROUTES.keepBoard(id), {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(board),
      keepalive: leaving,
    });
    return answer.ok;
  } catch {
    return false;
  }
}
