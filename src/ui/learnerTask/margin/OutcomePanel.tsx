"use client";

import { type ReactElement, useEffect, useRef } from "react";
import { FOLLOWS_ON, FORM_FAULT_WORDS } from "@/core/wording";
import type { HandInOutcome as HandedInOutcome } from "@/service/requests/marking/handedIn";
import { Button } from "../../parts/Button";
import { Likely } from "../../parts/Likely";
import { PlaceLink } from "../../parts/PlaceLink";

/** What comes back when it is handed in. */
export function OutcomePanel({
  result,
  silent,
  estimate,
  onTryAgain,
  onTwin,
  onAgain,
}: {
  readonly result: HandedInOutcome;
  readonly silent: boolean;
  readonly estimate: string;
  /** Goes on with the same paper. */
  readonly onTryAgain: () => void;
  /** Goes to another problem of the same kind. */
  readonly onTwin: () => void;
  readonly onAgain: () => void;
}): ReactElement {
  const shown = useRef<HTMLElement>(null);
  useEffect(() => {
    shown.current?.scrollIntoView({ block: "nearest" });
  }, []);
  if (!result.ok)
    return (
      <p role="alert" className="text-rust">
        {result.message}
      </p>
    );
  const again = (
    <div className="flex gap-4">
      <Button look="words" onClick={onTwin}>
        Another one like it
      </Button>
      <Button look="words" onClick={onAgain}>
        Begin again
      </Button>
    </div>
  );
  if (silent)
    return (
      <div role="status">
        <p>Handed in{result.kept && ", and kept"}.</p>
        {again}
      </div>
    );
  return (
    <section ref={shown} role="status" aria-label="Result">
      <p
        data-verdict={result.verdict}
        className="text-lead font-semibold data-[verdict=form]:text-straw data-[verdict=right]:text-plumb data-[verdict=wrong]:text-rust"
      >
        {result.verdict === "right" && "Right."}
        {result.verdict === "form" &&
          `The value is right: ${result.faults.map((fault) => FORM_FAULT_WORDS[fault]).join(", ")}.`}
        {result.verdict === "wrong" && "Not yet."}
      </p>
      {result.verdict === "wrong" && (
        <div className="flex flex-wrap items-baseline gap-x-4">
          <Button look="words" onClick={onTryAgain}>
            Try again
          </Button>
          <details>
            <summary className="min-h-11 cursor-pointer py-2 text-soft">What it comes to</summary>
            <p className="font-board text-lead">{result.right}</p>
          </details>
        </div>
      )}
      {result.estimate !== "" && (
        <p className="mt-1 text-straw">
          {result.estimate}
          {estimate.trim() !== "" && `; yours was ${estimate.trim()}.`}
        </p>
      )}
      {result.belief && (
        <p className="mt-1 text-note">
          The estimate shows a belief: <strong>{result.belief.name}</strong>. What helps:{" "}
          {result.belief.remedy}
        </p>
      )}
      {result.verdict === "wrong" && result.explanations.length === 0 && (
        <p className="mt-2">No explanation found. Go through it once more together.</p>
      )}
      {result.explanations.slice(0, 3).map(({ names, probability, likely, replay, onPaper }) => (
        <div key={replay} className="mt-2 rounded-lg border border-edge px-3 py-2">
          <p className="leading-tight">
            {names.join("; ")} <Likely probability={probability} likely={likely} />
          </p>
          {onPaper && <p className="text-note text-soft">{FOLLOWS_ON}</p>}
          <PlaceLink href={replay} look="words">
            Replay it
          </PlaceLink>
        </div>
      ))}
      <p className="mt-2 text-small text-soft">
        {result.kept ? "Kept in the record." : "Not kept: nobody was named."}
      </p>
      {again}
    </section>
  );
}
