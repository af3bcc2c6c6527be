"use client";

import { type ReactElement, type RefObject, useEffect, useState } from "react";
import type { Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import type { PaperAssessment, TaskWay } from "@/core/learnerTask";
import { LONGEST_ANSWER, LONGEST_GUESS } from "@/core/marking";
import type { StepStage } from "@/core/methods";
import type { Place } from "@/core/number";
import { faultAsk, faultWords, nextMarkWords, OWN_WAY, whereWords } from "@/core/wording";
import type { HandInOutcome as HandedInOutcome } from "@/service/requests/marking/handedIn";
import { Button } from "../../parts/Button";
import type { Feedback } from "../state/useTaskSetting";
import { JudgedSoFar } from "./JudgedSoFar";
import { OutcomePanel } from "./OutcomePanel";

/** Beside the learner's paper: the estimate, what is found so far, hints, and handing in. */
export function TaskMargin({
  looked,
  drawn,
  way,
  house,
  shows,
  walks,
  asksWhich,
  feedback,
  hinted,
  stage,
  ask,
  asksEstimate,
  waits,
  estimate,
  onEstimate,
  onHint,
  read,
  answerField,
  learner,
  onCheck,
  result,
  sending,
  onHandIn,
  onTryAgain,
  onTwin,
  noTwin,
  onAgain,
}: {
  readonly looked: PaperAssessment;
  /** Whether the next mark is drawn on the paper. */
  readonly drawn: boolean;
  readonly way: TaskWay | undefined;
  readonly house: HouseRules;
  /** Whether what is wrong is told now. */
  readonly shows: boolean;
  /** Whether the marked paper is gone through instead. */
  readonly walks: boolean;
  /** Whether it is asked which number is the answer, where several could be: once the hand is lifted. */
  readonly asksWhich: boolean;
  readonly feedback: Feedback | undefined;
  readonly hinted: 1 | 2 | 3 | undefined;
  readonly stage: StepStage | undefined;
  readonly ask: string | undefined;
  readonly asksEstimate: boolean;
  readonly waits: boolean;
  readonly estimate: string;
  readonly onEstimate: (estimate: string) => void;
  readonly onHint: () => void;
  /** The answer as it stands on the paper. */
  readonly read: string;
  readonly answerField: RefObject<HTMLInputElement | null>;
  /** Whose work it is; none where it is nobody's. */
  readonly learner: string | undefined;
  readonly onCheck: () => void;
  readonly result: HandedInOutcome | undefined;
  readonly sending: boolean;
  readonly onHandIn: (answer: string) => void;
  readonly onTryAgain: () => void;
  readonly onTwin: () => void;
  /** Why there is no other problem like it, once it was asked for. */
  readonly noTwin: string | undefined;
  readonly onAgain: () => void;
}): ReactElement {
  const [typed, setTyped] = useState<string | undefined>();
  // A new mark on the paper says the answer anew.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read changes with the paper
  useEffect(() => setTyped(undefined), [read]);
  const { judged, fault } = looked;
  const found = hinted === undefined ? undefined : looked.found();
  const nextPlace = placeOf(way, found?.next?.step, found?.next?.mark);
  const open = judged.state !== "answered" || fault !== undefined;
  return (
    <div className="flex flex-col gap-4">
      {asksEstimate && (
        <section aria-label="Estimate">
          <label htmlFor="turn-estimate" className="text-small text-soft">
            About how much?{waits && " Write it first; then the paper opens."}
          </label>
          <input
            id="turn-estimate"
            value={estimate}
            maxLength={LONGEST_GUESS}
            autoComplete="off"
            onChange={(event) => onEstimate(event.target.value)}
            className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-3 font-board text-body text-straw"
          />
        </section>
      )}
      {feedback !== undefined && !walks && (
        <section aria-label="So far" aria-live="polite">
          <p className="text-body leading-snug">
            {shows ? (
              <JudgedSoFar looked={looked} house={house} />
            ) : feedback === "eachStage" ? (
              "Work as on paper, and ask when you want to know how it stands."
            ) : (
              "Work as on paper; it is looked at when you hand it in."
            )}
          </p>
          {feedback === "eachStage" && !shows && (
            <Button look="words" onClick={onCheck}>
              Check this far
            </Button>
          )}
          {feedback !== "none" && open && (
            <>
              {hinted !== undefined && (
                <p className="mt-2 rounded-lg border border-edge bg-page px-3 py-2 text-note">
                  {hintWords(looked, hinted, { stage, place: nextPlace, ask, drawn }, house)}
                </p>
              )}
              {(hinted === undefined || hinted === 1 || fault === undefined) && (
                <Button look="words" onClick={onHint} className="mt-1">
                  {hinted === undefined
                    ? "A hint: where to look"
                    : hinted === 1
                      ? "A hint: what to ask"
                      : "A hint: the next mark"}
                </Button>
              )}
            </>
          )}
        </section>
      )}
      <form
        aria-label="Hand in"
        onSubmit={(event) => {
          event.preventDefault();
          if (!sending) onHandIn(typed ?? read);
        }}
      >
        <label htmlFor="turn-answer" className="text-small text-soft">
          Your answer
        </label>
        <div className="mt-1 flex gap-2">
          <input
            id="turn-answer"
            ref={answerField}
            value={typed ?? read}
            maxLength={LONGEST_ANSWER}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
            className="h-12 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3 font-board text-title"
          />
          <Button look="main" type="submit" disabled={sending}>
            Hand in
          </Button>
        </div>
        {asksWhich && judged.choices.length > 0 && typed === undefined && (
          <div className="mt-2">
            <p className="text-note">Which of these is your answer?</p>
            <div className="mt-1 flex flex-wrap gap-2">
              {judged.choices.slice(0, 4).map((text) => (
                <button
                  key={text}
                  type="button"
                  onClick={() => setTyped(text)}
                  className="min-h-11 rounded-lg border border-edge bg-page px-4 font-board text-body hover:bg-shade"
                >
                  {text}
                </button>
              ))}
            </div>
          </div>
        )}
        {learner !== undefined && <p className="mt-1.5 text-small text-soft">{learner}’s work.</p>}
      </form>
      {noTwin !== undefined && (
        <p role="alert" className="text-note">
          {noTwin}
        </p>
      )}
      {result && (
        <OutcomePanel
          result={result}
          silent={feedback === "none"}
          estimate={estimate}
          onTryAgain={onTryAgain}
          onTwin={onTwin}
          onAgain={onAgain}
        />
      )}
    </div>
  );
}

/** The place of the column that a mark stands in; none where the way has none. */
function placeOf(
  way: TaskWay | undefined,
  step: number | undefined,
  mark: Mark | undefined,
): Place | undefined {
  if (way === undefined || step === undefined || mark === undefined || !("col" in mark)) return undefined;
  return way.layout.columns.find(({ col }) => col === mark.col)?.place;
}

/** A hint about the first wrong thing, else about what comes next: where, then a question, then the mark. */
function hintWords(
  { fault, found: known, judged }: PaperAssessment,
  size: 1 | 2 | 3,
  next: {
    readonly stage: StepStage | undefined;
    readonly place: Place | undefined;
    readonly ask: string | undefined;
    readonly drawn: boolean;
  },
  house: HouseRules,
): string {
  if (fault !== undefined) return size === 1 ? faultWords(fault, house) : faultAsk(fault);
  // Where the work goes its own way, what a known working would do next is no help.
  const found = known();
  const goesOn = found.fits || judged.state === "blank" || found.wrong === undefined;
  if (!goesOn || found.next === undefined) return OWN_WAY;
  if (size === 1) return whereWords(next.stage, next.place, house);
  if (size === 2 || !("text" in found.next.mark)) return next.ask ?? OWN_WAY;
  return nextMarkWords(found.next.mark.text, next.drawn);
}
