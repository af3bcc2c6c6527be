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
 * page goes away. Says `kept` only when the server has answered that the row is on disk.
 */
export function useKeeping(open: OpenBoard | undefined, keptAtStart: boolean): Keeping {
  const [keeping, setKeeping] = useState<Keeping>("kept");
  const latest = useRef(open);
  const onDisk = useRef(keptAtStart ? open : undefined);
  latest.current = open;

  useEffect(() => {
    if (open === undefined || open === onDisk.current) return;
    setKeeping("keeping");
    let timer = setTimeout(attempt, PAUSE);
    let over = false;

    async function attempt(): Promise<void> {
      if (open === undefined) return;
      history.replaceState(null, "", boardAddress(open));
      const kept = await send(open, false);
      if (kept) onDisk.current = open;
      if (over) return;
      setKeeping(kept ? "kept" : "notKept");
      if (!kept) timer = setTimeout(attempt, RETRY);
    }
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [open]);

  useEffect(() => {
    const leave = (): void => {
      const board = latest.current;
      if (board === undefined || board === onDisk.current) return;
      history.replaceState(null, "", boardAddress(board));
      void send(board, true);
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, []);

  return keeping;
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
