"use client";

import { type ReactElement, useEffect, useState } from "react";
import type { PatternId } from "@/core/errorPatterns";
import { choicesOf, type HouseRules } from "@/core/house";
import { LONGEST_NOTE } from "@/core/marking";
import { FORM_FAULT_WORDS } from "@/core/wording";
import { API_ROUTES } from "@/service/apiRoutes";
import type { MarkingRow } from "@/service/kept/markingSheet";
import { wrongWayAddress } from "@/service/wrongWayAddress";
import { Likely } from "../../parts/Likely";
import { PlaceLink } from "../../parts/PlaceLink";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import { type SheetSquare, typedIn } from "../state/squares";
import { InTheStory } from "./InTheStory";
import { type Found, SetNext } from "./SetNext";

/** The answer that is looked at: what it was marked, what may lie behind it, and the tutor's own word on it. */
export function AnswerMargin({
  row,
  learnerName,
  cell,
  house,
  onChoose,
  onNote,
  onSet,
}: {
  readonly row: MarkingRow;
  readonly learnerName: string;
  readonly cell: SheetSquare | undefined;
  readonly house: HouseRules;
  readonly onChoose: (patterns: readonly PatternId[]) => void;
  readonly onNote: (note: string) => void;
  /** Puts a problem on the sheet that tells two explanations apart. */
  readonly onSet: (problem: string) => void;
}): ReactElement {
  const typed = typedIn(cell);
  // What is typed over a marked answer is not marked yet.
  const mark = typed !== "" && typed === cell?.kept?.given ? cell.kept : undefined;
  const wrong = mark?.verdict === "wrong";
  // An order from the other end may be no error, or one that there is an account of.
  const turned = mark?.verdict === "form" && mark.faults.includes("fromLargest");
  const { kind, seed, text, whole } = row.story ?? {};
  const drawn =
    kind === undefined || seed === undefined || text === undefined ? undefined : { kind, seed, text, whole };
  // Where a quotient is rounded by sense, what its columns come to is no answer: the story accounts for all of it.
  const bySense = whole !== undefined;
  const found = useExplanations(
    (wrong && !bySense) || turned || mark?.verdict === "unread",
    row.problem,
    typed,
    house,
  );
  const patterns = cell?.change?.patterns ?? mark?.patterns ?? [];
  const explanations = bySense ? [] : (cell?.explanations ?? found?.explanations);
  return (
    <section aria-label="Answer">
      <h2 className="text-small text-soft">{learnerName}</h2>
      {row.story !== undefined && (
        <p className="mt-1 max-h-40 overflow-y-auto text-note leading-snug">{row.story.text}</p>
      )}
      <p className="mt-1 font-board text-title leading-tight wrap-anywhere">{row.problem}</p>
      <p className="mt-1 font-board text-body text-soft">
        = {row.right}
        {typed !== "" && <span className="text-ink"> · given {typed}</span>}
      </p>
      {cell !== undefined && cell.trouble !== "" && <p className="mt-3 text-rust">{cell.trouble}</p>}
      {mark?.verdict === "unread" && found !== undefined && <p className="mt-3 text-rust">{found.error}</p>}
      {mark?.verdict === "form" && (
        <p className="mt-3 text-straw">
          The value is right
          {mark.faults.length > 0 && `: ${mark.faults.map((fault) => FORM_FAULT_WORDS[fault]).join(", ")}`}.
        </p>
      )}
      {(wrong || turned) && (
        <>
          {drawn !== undefined && (
            <InTheStory key={`${row.id} ${typed}`} story={drawn} said={typed} house={house} />
          )}
          {wrong && explanations === undefined && (
            <p className="mt-3 text-soft">Looking for what lies behind it…</p>
          )}
          {wrong && explanations?.length === 0 && !bySense && (
            <p className="mt-3">
              {row.story === undefined ? "No explanation found." : "Nothing in the columns explains it."} Ask
              for the working, or write what you see.
            </p>
          )}
          {explanations && explanations.length > 0 && (
            <fieldset className="mt-3">
              <legend className="text-small text-soft">What may lie behind it (Alt ↓ takes the next)</legend>
              {explanations.slice(0, 5).map(({ patterns: some, names: called, probability, likely }) => {
                const taken = some.join() === patterns.join();
                return (
                  <div
                    key={some.join()}
                    data-taken={taken}
                    className="mt-1.5 rounded-lg border border-edge px-3 py-1.5 data-[taken=true]:border-rust data-[taken=true]:bg-page"
                  >
                    <label className="flex min-h-9 cursor-pointer items-center gap-2">
                      <input
                        type="radio"
                        name="explanation"
                        checked={taken}
                        onChange={() => onChoose(some)}
                        className="size-4 accent-(--rust)"
                      />
                      <span className="min-w-0 flex-1 leading-tight">{called.join("; ")}</span>
                      <Likely probability={probability} likely={likely} />
                    </label>
                    <PlaceLink
                      href={wrongWayAddress(row.problem, house, some, typed)}
                      look="words"
                      className="ml-6"
                    >
                      Replay it
                    </PlaceLink>
                  </div>
                );
              })}
            </fieldset>
          )}
          {found !== undefined && <SetNext found={found} taken={patterns} onSet={onSet} />}
          <label htmlFor="own-note" className="mt-3 block text-small text-soft">
            Your own note
          </label>
          <NoteField
            key={`${row.id} ${learnerName} ${mark.note}`}
            start={cell?.change?.note ?? mark.note}
            onNote={onNote}
          />
        </>
      )}
    </section>
  );
}

function NoteField({
  start,
  onNote,
}: {
  readonly start: string;
  readonly onNote: (note: string) => void;
}): ReactElement {
  const [note, setNote] = useState(start);
  return (
    <input
      id="own-note"
      value={note}
      maxLength={LONGEST_NOTE}
      placeholder="What you see behind it"
      onChange={(event) => setNote(event.target.value)}
      onBlur={() => note !== start && onNote(note)}
      onKeyDown={(event) => event.key === "Enter" && onNote(note)}
      className="mt-1 h-10 w-full rounded-lg border border-edge bg-page px-3 text-note text-ink placeholder:text-soft"
    />
  );
}

/** How long a square is looked at before it is asked about, in milliseconds: whoever only goes by asks nothing. */
const LOOKED_AT = 150;

/** Asks what lies behind the answer that is looked at. */
function useExplanations(
  wanted: boolean,
  problem: string,
  given: string,
  house: HouseRules,
): Found | undefined {
  const [found, setFound] = useState<{ readonly key: string; readonly found: Found } | undefined>();
  const key = `${problem} ${given}`;
  useEffect(() => {
    if (!wanted) return;
    const asking = new AbortController();
    const explain = async (): Promise<void> => {
      const asked = { problem, given, house: choicesOf(house) };
      const answer = await ask(VIEWS.explained, API_ROUTES.explain, "POST", asked, asking.signal);
      const unread = { explanations: [], separating: null, twin: null };
      if (answer.ok) setFound({ key, found: { ...answer.value, error: "" } });
      else if (answer.error.kind === "refused")
        setFound({ key, found: { ...unread, error: answer.error.message } });
    };
    const timer = setTimeout(() => void explain(), LOOKED_AT);
    return () => {
      clearTimeout(timer);
      asking.abort();
    };
  }, [wanted, key, problem, given, house]);
  return found?.key === key ? found.found : undefined;
}
