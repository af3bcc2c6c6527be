"use client";

import { type ReactElement, type RefObject, useEffect, useRef, useState } from "react";
import type { Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import type { Place } from "@/core/number";
import type { WorkMarks } from "@/core/paper";
import {
  carriesWords,
  FOLLOWS_ON,
  FORM_FAULT_WORDS,
  misplacedWords,
  nextMarkWords,
  outOfLineWords,
  soFarWords,
  whereWords,
  wrongMarkWords,
} from "@/core/wording";
import { LONGEST_ANSWER } from "../marking/marks";
import { LONGEST_GUESS } from "../routes";
import type { HandedIn } from "./handedIn";
import type { TurnNumber, TurnWay } from "./turn";

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
  readonly result: HandedIn | undefined;
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
            {shows ? (
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

/** The place of the column that a mark stands in; nothing where the way has none. */
function placeOf(
  way: TurnWay | undefined,
  step: number | undefined,
  mark: Mark | undefined,
): Place | undefined {
  if (way === undefined || step === undefined || mark === undefined || !("col" in mark)) return undefined;
  return way.layout.columns.find(({ col }) => col === mark.col)?.place;
}

/** What is found on the paper, the first wrong mark first. */
function Told({
  found,
  way,
  numbers,
  house,
}: {
  readonly found: WorkMarks;
  readonly way: TurnWay | undefined;
  readonly numbers: readonly TurnNumber[];
  readonly house: HouseRules;
}): ReactElement {
  const { misplaced, wrong } = found;
  if (misplaced !== undefined) {
    const bare = misplaced.digits.replace(/^0+|0+$/g, "");
    const number = numbers.find(({ digits }) => digits === bare);
    return (
      <span className="text-rust">
        {number === undefined
          ? outOfLineWords(misplaced.digits)
          : misplacedWords(bare.at(-1) ?? "", number.text, lastPlaceOf(number) - misplaced.by, house)}
      </span>
    );
  }
  if (wrong !== undefined) {
    const step = way?.steps[wrong.step];
    const mark = step?.marks.find((one) => one.kind === "glyph" && one.text === wrong.ought);
    return (
      <span className="text-rust">
        {wrongMarkWords(wrong.written, placeOf(way, wrong.step, mark), house)} {step?.ask}
        {found.follows && ` ${FOLLOWS_ON}`}
      </span>
    );
  }
  if (found.next === undefined && found.carries > 0) return <span>{carriesWords(found.carries)}</span>;
  return <span>{soFarWords(found.agree, found.next !== undefined)}</span>;
}

/** The place of a number's last digit that is not a zero at its end. */
const lastPlaceOf = ({ text, lowest }: TurnNumber): Place => {
  const zeros = /0*$/.exec(text.replace(/[^\d]/g, ""))?.[0].length ?? 0;
  return lowest + zeros;
};

/** What comes back when it is handed in. */
function Outcome({
  result,
  silent,
  estimate,
  onAgain,
}: {
  readonly result: HandedIn;
  readonly silent: boolean;
  readonly estimate: string;
  readonly onAgain: () => void;
}): ReactElement {
  const shown = useRef<HTMLElement>(null);
  useEffect(() => shown.current?.scrollIntoView({ block: "nearest" }), []);
  if (!result.ok)
    return (
      <p role="alert" className="text-rust">
        {result.message}
      </p>
    );
  const again = (
    <button type="button" onClick={onAgain} className="min-h-11 font-semibold text-plumb">
      Begin again
    </button>
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
        className="text-[20px] font-semibold data-[verdict=form]:text-straw data-[verdict=right]:text-plumb data-[verdict=wrong]:text-rust"
      >
        {result.verdict === "right" && "Right."}
        {result.verdict === "form" &&
          `The value is right: ${result.faults.map((fault) => FORM_FAULT_WORDS[fault]).join(", ")}.`}
        {result.verdict === "wrong" && `Not yet: it comes to ${result.right}.`}
      </p>
      {result.estimate !== "" && (
        <p className="mt-1 text-straw">
          {result.estimate}
          {estimate.trim() !== "" && `; yours was ${estimate.trim()}.`}
        </p>
      )}
      {result.verdict === "wrong" && result.explanations.length === 0 && (
        <p className="mt-2">No explanation found. Go through it once more together.</p>
      )}
      {result.explanations.slice(0, 3).map(({ names, probability, replay, onPaper }) => (
        <div key={replay} className="mt-2 rounded-lg border border-edge px-3 py-2">
          <p className="leading-tight">
            {names.join("; ")}{" "}
            <span className="text-[13px] text-soft">{Math.round(probability * 100)} %</span>
          </p>
          {onPaper && <p className="text-[15px] text-soft">{FOLLOWS_ON}</p>}
          <a href={replay} className="inline-grid min-h-9 items-center font-semibold text-plumb">
            Replay it
          </a>
        </div>
      ))}
      <p className="mt-2 text-[13px] text-soft">
        {result.kept ? "Kept in the record." : "Not kept: nobody was named."}
      </p>
      {again}
    </section>
  );
}
