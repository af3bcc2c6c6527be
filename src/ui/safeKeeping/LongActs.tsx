"use client";

import { useRouter } from "next/navigation";
import { createContext, type ReactElement, type ReactNode, useContext, useState, useTransition } from "react";
import { Button } from "../parts/Button";
import { useOtherWindows } from "../saving/otherWindows";
import { ask } from "../saving/wire/ask";

/** What came of an act, in words. */
export interface Said {
  readonly words: string;
  readonly failed: boolean;
}

/** What an act is given that tells how far it is, and can be stopped. */
export interface Running {
  readonly say: (doing: string) => void;
  readonly signal: AbortSignal;
}

/** Acts that may take a while: one at a time, with what is being done and what came of it. */
interface LongActs {
  readonly working: boolean;
  readonly run: (doing: string, act: (running: Running) => Promise<Said>, canStop?: boolean) => void;
}

const Acts = createContext<LongActs>({ working: false, run: () => undefined });

export const useLongActs = (): LongActs => useContext(Acts);

/** Asks the server for something, and says what came of it. */
export async function asked<Told>(
  view: Parameters<typeof ask<Told>>[0],
  address: string,
  body: object,
  done: (told: Told) => string,
): Promise<Said> {
  const answer = await ask(view, address, "POST", body);
  return answer.ok
    ? { words: done(answer.value), failed: false }
    : { words: answer.error.message, failed: true };
}

/** The line that tells what is done to the data, above what it can be told to do. */
export function ActsToldAbove({
  above,
  children,
}: {
  readonly above: ReactNode;
  readonly children: ReactNode;
}): ReactElement {
  const router = useRouter();
  const [said, setSaid] = useState<Said | undefined>();
  const [working, start] = useTransition();
  const [doing, setDoing] = useState("");
  const [stop, setStop] = useState<AbortController | undefined>();
  useOtherWindows(router.refresh, router.refresh);
  const run: LongActs["run"] = (words, act, canStop = false) => {
    const stopping = new AbortController();
    setDoing(words);
    setSaid(undefined);
    setStop(canStop ? stopping : undefined);
    start(async () => {
      setSaid(await act({ say: setDoing, signal: stopping.signal }));
      setStop(undefined);
      router.refresh();
    });
  };
  return (
    <Acts value={{ working, run }}>
      {above}
      <div className="mt-2 flex min-h-12 flex-wrap items-center gap-x-4">
        <p role="status" className="text-note">
          {working ? (
            <span className="text-soft">{doing}</span>
          ) : (
            said && <span className={said.failed ? "text-rust" : "text-plumb"}>{said.words}</span>
          )}
        </p>
        {working && stop !== undefined && (
          <Button look="edged" disabled={stop.signal.aborted} onClick={() => stop.abort()}>
            Stop
          </Button>
        )}
      </div>
      {children}
    </Acts>
  );
}
