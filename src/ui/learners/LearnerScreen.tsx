import Link from "next/link";
import type { ReactElement } from "react";
import type { Unread } from "@/service/kept/unread";
import type { RecordedAnswer, RecordedPattern } from "@/service/requests/marking/record";
import { ROUTES } from "@/service/routes";
import { LOOKS } from "../parts/looks";
import { PlaceLink } from "../parts/PlaceLink";
import { Screen } from "../parts/Screen";
import { UnreadNotes } from "../parts/UnreadNotes";
import { FollowUp } from "../sheets";

const VERDICTS = {
  right: "right",
  form: "right, to be tidied",
  wrong: "wrong",
  unread: "can’t be read",
  waiting: "not marked yet",
} as const;

/** What one learner did: which patterns show, how steadily, and every answer that is kept. */
export function LearnerScreen({
  name,
  patterns,
  answers,
  unread,
  more,
}: {
  readonly name: string;
  readonly patterns: readonly RecordedPattern[];
  readonly answers: readonly RecordedAnswer[];
  /** Answers that can't be read. */
  readonly unread: readonly Unread[];
  /** Where more answers are listed; none where these are all. */
  readonly more: string | undefined;
}): ReactElement {
  return (
    <Screen>
      <div className="mx-auto max-w-[920px]">
        <PlaceLink href={ROUTES.learners} look="words">
          All learners
        </PlaceLink>
        <h1 className="text-head font-semibold">{name}</h1>
        <h2 className="mt-6 text-lead font-semibold">Error patterns that showed</h2>
        {patterns.length === 0 ? (
          <p className="mt-2 text-soft">None so far.</p>
        ) : (
          <ul className="mt-2 rounded-2xl border border-edge bg-page">
            {patterns.map(({ pattern, name: called, shown, chances, steady }) => (
              <li
                key={pattern}
                className="grid min-h-12 grid-cols-[minmax(0,1fr)_120px_150px] items-center gap-4 border-t border-edge px-4 py-1.5 first:border-t-0 max-[700px]:grid-cols-[minmax(0,1fr)_auto]"
              >
                <span className="leading-tight">{called}</span>
                <span aria-hidden="true" className="h-2 overflow-hidden rounded bg-todo max-[700px]:hidden">
                  <span className="block h-full bg-rust" style={{ width: `${(100 * shown) / chances}%` }} />
                </span>
                <span className="text-note text-soft">
                  {shown} of {chances}, {steady ? "steady" : "passing"}
                </span>
              </li>
            ))}
          </ul>
        )}
        <FollowUp patterns={patterns} />
        <h2 className="mt-8 text-lead font-semibold">Answers</h2>
        {answers.length === 0 ? (
          <p className="mt-2 text-soft">
            Nothing is kept yet. Mark a sheet, or hand a board over, and it is listed here.
          </p>
        ) : (
          <ul className="mt-2 rounded-2xl border border-edge bg-page">
            {answers.map((answer) => (
              <li key={answer.id} className="border-t border-edge px-4 py-2 first:border-t-0">
                <p className="flex flex-wrap items-baseline gap-x-4">
                  <span className="font-board text-body">
                    {answer.problem} = {answer.given}
                  </span>
                  <span
                    data-verdict={answer.verdict}
                    className="text-note data-[verdict=form]:text-straw data-[verdict=right]:text-plumb data-[verdict=unread]:text-rust data-[verdict=wrong]:text-rust"
                  >
                    {VERDICTS[answer.verdict]}
                  </span>
                  <span className="ml-auto text-small text-soft">{answer.when}</span>
                </p>
                {(answer.explanation !== "" || answer.note !== "") && (
                  <p className="text-note">
                    {answer.note || answer.explanation}
                    {answer.replay && (
                      <PlaceLink href={answer.replay} look="words" className="ml-3">
                        Replay it
                      </PlaceLink>
                    )}
                  </p>
                )}
                {(answer.hints > 0 || answer.estimate !== "") && (
                  <p className="text-small text-soft">
                    {answer.estimate !== "" && `Estimate ${answer.estimate}. `}
                    {answer.hints > 0 && `${answer.hints} ${answer.hints === 1 ? "hint" : "hints"} taken.`}
                  </p>
                )}
              </li>
            ))}
          </ul>
        )}
        {more !== undefined && (
          <p className="mt-4 text-center">
            <Link href={more} scroll={false} className={LOOKS.edged}>
              Show more
            </Link>
          </p>
        )}
        <UnreadNotes rows={unread} what="answer" />
      </div>
    </Screen>
  );
}
