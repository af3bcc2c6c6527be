"use client";

import { type ReactElement, useRef, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import type { Strand } from "@/core/sheets";
import { API_ROUTES } from "@/service/apiRoutes";
import type { NextProbe } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { ask } from "../saving/wire/ask";
import { VIEWS } from "../saving/wire/views";

interface Reply {
  readonly problem: string;
  readonly given: string;
}

const WHY = {
  clear: "One account stands clear.",
  nothingMore: "Nothing more can be learned from problems of this strand.",
  enough: "Ten problems are enough: it stays open.",
} as const;

/** How likely an account is, in words: what a few answers tell is no matter of percents. */
const sure = (probability: number): string =>
  probability >= 0.9 ? "very likely" : probability >= 0.6 ? "likely" : "possible";

/** One problem after the other, each chosen by the answers before, until one account stands clear or nothing more can be learned. */
export function Probing({
  strand,
  patterns,
  seed,
  house,
}: {
  readonly strand: Strand | undefined;
  readonly patterns: readonly string[];
  readonly seed: number;
  readonly house: HouseRules;
}): ReactElement {
  const [replies, setReplies] = useState<readonly Reply[]>([]);
  const [now, setNow] = useState<NextProbe | undefined>();
  const [typed, setTyped] = useState("");
  const [message, setMessage] = useState("");
  const [asking, setAsking] = useState<AbortController | undefined>();
  const field = useRef<HTMLInputElement>(null);

  const askNext = async (given: readonly Reply[]): Promise<void> => {
    const calling = new AbortController();
    setAsking(calling);
    const back = await ask(
      VIEWS.probed,
      API_ROUTES.probeNext,
      "POST",
      {
        ...(strand === undefined ? { patterns } : { strand }),
        house: choicesOf(house),
        seed,
        replies: given,
      },
      calling.signal,
    );
    setAsking(undefined);
    if (calling.signal.aborted) return;
    setMessage(back.ok ? "" : back.error.message);
    if (!back.ok) return;
    setReplies(given);
    setNow(back.value);
    setTyped("");
    field.current?.focus();
  };

  return (
    <section aria-label="One after the other" className="mt-3 print:hidden">
      <h2 className="text-lead font-semibold">One after the other</h2>
      {now === undefined ? (
        <>
          <p className="mt-1 max-w-[680px] text-note text-soft">
            Say a problem, type what the learner answers, and the next one is chosen by it, until one account
            stands clear.
          </p>
          <Button
            look="main"
            disabled={asking !== undefined}
            onClick={() => void askNext([])}
            className="mt-2"
          >
            Begin
          </Button>
        </>
      ) : (
        <div className="mt-2 max-w-[680px] rounded-2xl border border-edge bg-page p-4">
          {now.kind === "ask" ? (
            <form
              onSubmit={(event) => {
                event.preventDefault();
                if (typed.trim() !== "") void askNext([...replies, { problem: now.problem, given: typed }]);
              }}
            >
              <p className="text-note text-soft">Problem {replies.length + 1}</p>
              <p className="font-board text-[34px]" data-probe-problem>
                {now.problem}
              </p>
              <div className="mt-2 flex flex-wrap gap-2">
                <input
                  ref={field}
                  // biome-ignore lint/a11y/noAutofocus: the tutor has just begun, and types the answer next
                  autoFocus
                  value={typed}
                  aria-label={`The answer to ${now.problem}`}
                  placeholder="What the learner answers"
                  autoComplete="off"
                  onChange={(event) => setTyped(event.target.value)}
                  className="h-12 min-w-0 flex-1 rounded-xl border border-edge bg-page px-4 font-board text-lead placeholder:text-soft"
                />
                <Button look="main" type="submit" disabled={asking !== undefined}>
                  Next
                </Button>
              </div>
              {replies.length > 0 && (
                <p className="mt-3 text-note">
                  <span className="text-soft">So far: </span>
                  {now.likeliest
                    .filter(({ probability }) => probability > 0.05)
                    .map(({ name, probability }) => `${name} (${sure(probability)})`)
                    .join("; ")}
                </p>
              )}
            </form>
          ) : (
            <div role="status">
              <p className="text-note text-soft">
                {WHY[now.why]} {replies.length} {replies.length === 1 ? "problem was" : "problems were"}{" "}
                asked.
              </p>
              <p className="mt-1 text-lead leading-snug font-semibold" data-probe-verdict>
                {now.accounts.map(({ name }) => name).join("; or ")}
              </p>
              <p className="text-note text-soft">{sure(now.probability)}</p>
              <div className="mt-2 flex flex-wrap gap-2">
                {now.patterns.length > 0 && (
                  <PlaceLink href={ROUTES.sheetFor(now.patterns)} look="main">
                    Draw a sheet for it
                  </PlaceLink>
                )}
              </div>
            </div>
          )}
          {replies.length > 0 && (
            <ol className="mt-3 border-t border-edge pt-2 text-note">
              {replies.map(({ problem, given }, nth) => (
                <li key={problem} className="font-board">
                  <span className="mr-2 text-soft">{nth + 1}</span>
                  {problem} → {given}
                </li>
              ))}
            </ol>
          )}
          <div className="mt-2 flex flex-wrap">
            <Button
              look="quiet"
              disabled={replies.length === 0}
              onClick={() => void askNext(replies.slice(0, -1))}
            >
              Take the last answer back
            </Button>
            <Button look="quiet" onClick={() => setNow(undefined)}>
              End it
            </Button>
          </div>
        </div>
      )}
      {asking !== undefined && (
        <p role="status" className="mt-2 text-note text-soft">
          Problems are looked through…{" "}
          <Button look="words" onClick={() => asking.abort()}>
            Cancel
          </Button>
        </p>
      )}
      {message !== "" && (
        <p role="status" className="mt-2 text-note text-rust">
          {message}
        </p>
      )}
    </section>
  );
}
