"use client";

import { type ReactElement, useEffect, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import type { SlipId } from "@/core/slips";
import { FORM_FAULT_WORDS } from "@/core/wording";
import { ROUTES } from "../routes";
import { wrongWayAddress } from "../slips/address";
import { type Cell, LONGEST_NOTE, type SheetRow, type ShownExplanation } from "./marks";

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** The answer that is looked at: what it was marked, what may lie behind it, and the tutor's own word on it. */
export function AnswerMargin({
  row,
  learnerName,
  cell,
  house,
  names,
  onChoose,
  onNote,
  onSet,
}: {
  readonly row: SheetRow;
  readonly learnerName: string;
  readonly cell: Cell | undefined;
  readonly house: HouseRules;
  readonly names: Readonly<Record<string, string>>;
  readonly onChoose: (slips: readonly SlipId[]) => void;
  readonly onNote: (note: string) => void;
  /** Puts a problem on the sheet that tells two explanations apart. */
  readonly onSet: (problem: string) => void;
}): ReactElement {
  const mark = cell?.mark;
  const wrong = mark?.verdict === "wrong" && cell?.typed !== "";
  const found = useExplanations(wrong, row.problem, cell?.typed ?? "", house);
  const explanations =
    mark?.explanations ??
    found?.explanations.map((one) => ({ ...one, names: one.slips.map((id) => names[id] ?? id) }));
  return (
    <section aria-label="Answer">
      <h2 className="text-[13px] text-soft">{learnerName}</h2>
      <p className="mt-1 font-board text-[22px] leading-tight wrap-anywhere">{row.problem}</p>
      <p className="mt-1 font-board text-[18px] text-soft">
        = {row.right}
        {cell && cell.typed !== "" && <span className="text-ink"> · given {cell.typed}</span>}
      </p>
      {mark?.verdict === "unread" && mark.error !== "" && <p className="mt-3 text-rust">{mark.error}</p>}
      {mark?.verdict === "form" && (
        <p className="mt-3 text-straw">
          The value is right: {mark.faults.map((fault) => FORM_FAULT_WORDS[fault]).join(", ")}.
        </p>
      )}
      {wrong && (
        <>
          {explanations === undefined && <p className="mt-3 text-soft">Looking for what lies behind it…</p>}
          {explanations?.length === 0 && (
            <p className="mt-3">No explanation found. Ask for the working, or write what you see.</p>
          )}
          {explanations && explanations.length > 0 && (
            <fieldset className="mt-3">
              <legend className="text-[13px] text-soft">What may lie behind it (Alt ↓ takes the next)</legend>
              {explanations.slice(0, 5).map(({ slips, names: called, probability }) => {
                const taken = slips.join() === mark.slips.join();
                return (
                  <div
                    key={slips.join()}
                    data-taken={taken}
                    className="mt-1.5 rounded-lg border border-edge px-3 py-1.5 data-[taken=true]:border-rust data-[taken=true]:bg-page"
                  >
                    <label className="flex min-h-9 cursor-pointer items-center gap-2">
                      <input
                        type="radio"
                        name="explanation"
                        checked={taken}
                        onChange={() => onChoose(slips)}
                        className="size-4 accent-(--rust)"
                      />
                      <span className="min-w-0 flex-1 leading-tight">{called.join("; ")}</span>
                      <span className="text-[13px] text-soft">{percent(probability)}</span>
                    </label>
                    <a
                      href={wrongWayAddress(row.problem, house, slips, cell?.typed)}
                      className="ml-6 inline-grid min-h-8 items-center text-[15px] font-semibold text-plumb"
                    >
                      Replay it
                    </a>
                  </div>
                );
              })}
            </fieldset>
          )}
          {found?.separating && (
            <p className="mt-3 text-[15px] leading-snug">
              This answer does not tell the first two apart. Set{" "}
              <strong className="font-board">{found.separating.problem}</strong> next.
              <button
                type="button"
                onClick={() => found.separating && onSet(found.separating.problem)}
                className="ml-2 min-h-9 font-semibold text-plumb"
              >
                Add it to the sheet
              </button>
            </p>
          )}
          <label htmlFor="own-note" className="mt-3 block text-[13px] text-soft">
            Your own note
          </label>
          <NoteField key={`${row.problem} ${cell?.typed}`} start={mark.note} onNote={onNote} />
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
      className="mt-1 h-10 w-full rounded-lg border border-edge bg-page px-3 text-[15px] text-ink placeholder:text-soft"
    />
  );
}

/** What is known of a wrong answer: its explanations, and a problem that would tell the first two apart. */
interface Found {
  readonly explanations: readonly Omit<ShownExplanation, "names">[];
  readonly separating: { readonly problem: string } | null;
}

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
    fetch(ROUTES.explain, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ problem, given, house: choicesOf(house) }),
      signal: asking.signal,
    })
      .then((answer) => (answer.ok ? answer.json() : undefined))
      .then((answer: Found | undefined) => {
        if (answer) setFound({ key: `${problem} ${given}`, found: answer });
      })
      .catch(() => undefined);
    return () => asking.abort();
  }, [wanted, problem, given, house]);
  return found?.key === key ? found.found : undefined;
}
