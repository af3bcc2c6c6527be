"use client";

import { type ReactElement, useEffect, useState } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Column, LearnerSummary } from "@/service/kept/markingSheet";
import { ROUTES } from "@/service/routes";
import { PlaceLink } from "../../parts/PlaceLink";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import { FollowUp } from "../../sheets";

/** How long after the last answer the account of a sheet is made anew. */
const PAUSE = 400;

/** What the answers of one learner on the sheet say together: the one cause, and how steadily each pattern shows. */
export function LearnerMargin({
  sheetId,
  learner,
  answered,
  ready,
}: {
  readonly sheetId: string;
  readonly learner: Column;
  /** Changes whenever an answer of the learner was marked. */
  readonly answered: string;
  /** Whether all answers are on disk. */
  readonly ready: boolean;
}): ReactElement | null {
  const [summary, setSummary] = useState<LearnerSummary | undefined>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: every marked answer asks for the account anew
  useEffect(() => {
    if (!ready) return;
    const asking = new AbortController();
    const timer = setTimeout(() => {
      const address = API_ROUTES.sheetSummary(sheetId, learner.id);
      void ask(VIEWS.learnerSummary, address, "GET", undefined, asking.signal).then((told) => {
        if (!asking.signal.aborted) setSummary(told.ok ? told.value : undefined);
      });
    }, PAUSE);
    return () => {
      clearTimeout(timer);
      asking.abort();
    };
  }, [sheetId, learner.id, answered, ready]);
  if (summary === undefined || summary.right + summary.form + summary.wrong === 0) return null;
  const { right, form, wrong, account, unknown, showings, stories } = summary;
  return (
    <section aria-label={`${learner.name} on this sheet`}>
      <h2 className="text-small text-soft">{learner.name} on this sheet</h2>
      <p className="mt-1">
        {right + form} right{form > 0 && ` (${form} to be tidied)`}, {wrong} wrong
      </p>
      {account && (
        <p className="mt-2 leading-snug">
          {account.explains === wrong && wrong > 1
            ? "One cause for all of them: "
            : `Behind ${account.explains} of ${wrong}: `}
          <strong className="text-rust">{account.names.join("; ")}</strong>
        </p>
      )}
      {unknown && (
        <>
          <p className="mt-2 leading-snug">
            {unknown.name}: {unknown.wrong} of {unknown.of} are wrong, in a way that is not known here. Ask
            how one of them was found.
          </p>
          <PlaceLink href={ROUTES.probe(unknown.strand)} look="words">
            Probe what is behind it
          </PlaceLink>
        </>
      )}
      {wrong > 0 && !account && !unknown && <p className="mt-2">Nothing steady behind them so far.</p>}
      {showings.length > 0 && (
        <ul className="mt-2 text-note">
          {showings.map(({ pattern, name, shown, chances, steady }) => (
            <li key={pattern} className="flex items-baseline justify-between gap-3 border-t border-edge py-1">
              <span className="leading-tight">{name}</span>
              <span className="shrink-0 text-small text-soft">
                {shown} of {chances}
                {steady ? ", steady" : ", passing"}
              </span>
            </li>
          ))}
        </ul>
      )}
      {stories.length > 0 && (
        <>
          <h3 className="mt-3 text-small text-soft">With the stories on it</h3>
          <ul className="text-note">
            {stories.map(({ name, does, shown, of }) => (
              <li key={name} className="border-t border-edge py-1">
                <span className="flex items-baseline justify-between gap-3">
                  <strong className="leading-tight text-rust">{name}</strong>
                  <span className="shrink-0 text-small text-soft">
                    {shown} of {of}
                  </span>
                </span>
                <span className="block text-small leading-snug text-soft">{does}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <FollowUp patterns={showings} />
    </section>
  );
}
