"use client";

import { type ReactElement, type RefObject, useEffect, useState } from "react";
import type { HouseRules } from "@/core/house";
import { LONGEST_ANSWER } from "@/core/marking";
import type { JumpMarks, WorkMarks } from "@/core/paper";
import type { TurnNumber, TurnWay } from "@/core/turn";
import { jumpWords, nextMarkWords, whereWords } from "@/core/wording";
import { LONGEST_GUESS } from "../routes";
import type { Outcome as HandedInOutcome } from "./handedIn";
import { Outcome } from "./Outcome";
import { placeOf, Told } from "./Told";

/** When a learner is told about a wrong mark. */
export const FEEDBACK = [
  { id: "eachMark", name: "At each mark" },
  { id: "eachStage", name: "When I check (Enter)" },
  { id: "atEnd", name: "At the end" },
  { id: "none", name: "None: a test" },
] as const;

export type Feedback = (typeof FEEDBACK)[number]["id"];

/** Beside the learner's paper: the estimate, what is found so far, hints, and handing in. */
export function TurnMargin({
  found,
  jumps,
  way,
  numbers,
  house,
  shows,
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
  learners,
  learner,
  onLearner,
  result,
  sending,
  onHandIn,
  onAgain,
}: {
  readonly found: WorkMarks;
  /** What is wrong with the jumps that were drawn; nothing where nothing is. */
  readonly jumps: JumpMarks | undefined;
  readonly way: TurnWay | undefined;
  readonly numbers: readonly TurnNumber[];
  readonly house: HouseRules;
  /** Whether what is wrong is told now. */
  readonly shows: boolean;
  readonly feedback: Feedback;
  readonly hinted: 1 | 2 | 3 | undefined;
  readonly stage: string | undefined;
  readonly ask: string | undefined;
  readonly asksEstimate: boolean;
  readonly waits: boolean;
  readonly estimate: string;
  readonly onEstimate: (estimate: string) => void;
  readonly onHint: () => void;
  /** The answer as it stands on the paper. */
  readonly read: string;
  readonly answerField: RefObject<HTMLInputElement | null>;
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly learner: string;
  readonly onLearner: (id: string) => void;
  readonly result: HandedInOutcome | undefined;
  readonly sending: boolean;
  readonly onHandIn: (answer: string) => void;
  readonly onAgain: () => void;
}): ReactElement {
  const [typed, setTyped] = useState<string | undefined>();
  // A new mark on the paper says the answer anew.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read changes with the paper
  useEffect(() => setTyped(undefined), [read]);
  const nextPlace = placeOf(way, found.next?.step, found.next?.mark);
  const done = result?.ok === true;
  return (
    <div className="flex flex-col gap-4">
      {asksEstimate && (
        <section aria-label="Estimate">
          <label htmlFor="turn-estimate" className="text-[13px] text-soft">
            About how much?{waits && " Write it first; then the paper opens."}
          </label>
          <input
            id="turn-estimate"
            value={estimate}
            maxLength={LONGEST_GUESS}
            autoComplete="off"
            onChange={(event) => onEstimate(event.target.value)}
            className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-3 font-board text-[18px] text-straw"
          />
        </section>
      )}
      {!done && (
        <section aria-label="So far" aria-live="polite">
          <p className="text-[17px] leading-snug">
            {shows && jumps !== undefined ? (
              <span className="text-rust">{jumpWords(jumps)}</span>
            ) : shows ? (
              <Told found={found} way={way} numbers={numbers} house={house} />
            ) : feedback === "eachStage" ? (
              "Press Enter when you want to know how it stands."
            ) : (
              "Work as on paper; it is looked at when you hand it in."
            )}
          </p>
          {feedback !== "none" && found.next !== undefined && (
            <>
              {hinted !== undefined && (
                <p className="mt-2 rounded-lg border border-edge bg-page px-3 py-2 text-[15.5px]">
                  {hinted === 1 && whereWords(stage ?? "", nextPlace, house)}
                  {hinted === 2 && ask}
                  {hinted === 3 && nextMarkWords("text" in found.next.mark ? found.next.mark.text : "")}
                </p>
              )}
              <button type="button" onClick={onHint} className="mt-1 min-h-11 font-semibold text-plumb">
                {hinted === undefined
                  ? "A hint: where to look"
                  : hinted === 1
                    ? "A hint: what to ask"
                    : "A hint: the next mark"}
              </button>
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
        <label htmlFor="turn-answer" className="text-[13px] text-soft">
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
            className="h-12 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3 font-board text-[22px]"
          />
          <button
            type="submit"
            disabled={sending}
            className="h-12 rounded-lg bg-plumb px-4 font-semibold text-on-plumb hover:opacity-90 disabled:opacity-60"
          >
            Hand in
          </button>
        </div>
        <label className="mt-2 block text-[13px] text-soft">
          Whose work is it?
          <select
            value={learner}
            onChange={(event) => onLearner(event.target.value)}
            className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-2 text-[15px] text-ink"
          >
            <option value="">Nobody’s: it is not kept</option>
            {learners.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      </form>
      {result && (
        <Outcome result={result} silent={feedback === "none"} estimate={estimate} onAgain={onAgain} />
      )}
    </div>
  );
}
