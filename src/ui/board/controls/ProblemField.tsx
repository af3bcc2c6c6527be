"use client";

import { type ReactElement, type RefObject, useEffect, useId, useState } from "react";
import type { HouseRules } from "@/core/house";
import { decimalSign } from "@/core/number";
import { signOf, writeProblem } from "@/core/problem";
import { readErrorWords } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { Button } from "../../parts/Button";
import { LazyPalette } from "../lazy";
import { methodWords } from "../loaded/parts";
import type { Reading } from "../state/boardState";
import type { BoardActs, TypedDraft } from "../state/useBoard";

/** The line a problem is typed in: read as it is typed, what is wrong said under the place where it is. */
export function ProblemField({
  typed,
  draft,
  house,
  acts,
  field,
  onOpened,
}: {
  readonly typed: string;
  readonly draft: TypedDraft | undefined;
  readonly house: HouseRules;
  readonly acts: BoardActs;
  readonly field: RefObject<HTMLInputElement | null>;
  readonly onOpened: () => void;
}): ReactElement {
  const noteId = useId();
  const [focused, setFocused] = useState(false);
  // What was typed before the page listened is taken over as it stands.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only once, when the page begins to listen
  useEffect(() => {
    const early = field.current?.value ?? "";
    if (early !== typed) acts.type(early);
  }, []);
  const reading = typeof draft === "object" ? draft : undefined;
  const error = reading && !reading.ok ? reading.error : undefined;
  return (
    <form
      // Pressed before the page listens, Enter still opens what was typed: by loading it.
      action={ROUTES.board}
      className="relative max-w-[430px] min-w-64 flex-1 max-[700px]:max-w-none max-[700px]:basis-full"
      onFocus={() => setFocused(true)}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) setFocused(false);
      }}
      onSubmit={(event) => {
        event.preventDefault();
        if (error || typed.trim() === "") return;
        if (draft) acts.open(typed);
        onOpened();
      }}
    >
      <input
        ref={field}
        name="problem"
        value={typed}
        onChange={(event) => acts.type(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== "Escape") return;
          acts.backToOpen();
          field.current?.blur();
        }}
        aria-label="Problem"
        aria-invalid={error !== undefined}
        aria-describedby={noteId}
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        placeholder={`Such as 12${decimalSign(house)}5 ${signOf("multiply", house)} 0${decimalSign(house)}4`}
        className="h-12 w-full rounded-xl border border-edge bg-page pr-11 pl-4 font-board text-lead text-ink placeholder:font-sans placeholder:text-body placeholder:text-soft focus-visible:outline-2 aria-invalid:border-rust"
      />
      <span className="pointer-events-none absolute top-3.5 right-3.5 rounded-md border border-edge px-1.5 font-sans text-small leading-5 text-soft">
        /
      </span>
      {focused && <LazyPalette house={house} field={field} onText={acts.type} />}
      <div id={noteId} aria-live="polite">
        {draft === "unreachable" && (
          <p className="absolute top-[calc(100%+44px)] right-0 left-0 z-20 mt-1 rounded-xl border border-edge bg-page px-4 py-2.5 text-note leading-snug text-rust shadow-sheet">
            Right Sum does not answer, so this kind of problem can't be worked yet. See that it is running,
            and press Enter again.
          </p>
        )}
        {reading && (
          <div className="absolute top-[calc(100%+44px)] right-0 left-0 z-20 mt-1 rounded-xl border border-edge bg-page px-4 py-2.5 text-note leading-snug shadow-sheet">
            {error ? (
              <>
                <pre
                  aria-hidden="true"
                  className="overflow-hidden font-board text-lead leading-none text-rust"
                >
                  <span className="invisible">{typed.slice(0, error.at)}</span>
                  <span className="inline-block -translate-x-1/4 text-body">▲</span>
                </pre>
                <p className="text-rust">{readErrorWords(error, house)}</p>
                <Readings error={error} onChoose={acts.open} onOpened={onOpened} />
              </>
            ) : (
              reading.ok && (
                <p className="flex items-baseline justify-between gap-3">
                  <span>
                    Reads as <strong>{writeProblem(reading.run.working.problem, house)}</strong>, by{" "}
                    {methodWords(reading.run.working.method).name.toLowerCase()}.
                  </span>
                  <Button look="words" type="submit" className="shrink-0">
                    Enter ↵
                  </Button>
                </p>
              )
            )}
          </div>
        )}
      </div>
    </form>
  );
}

/** What an ambiguous line could mean, each a press away. */
function Readings({
  error,
  onChoose,
  onOpened,
}: {
  readonly error: Extract<Reading, { ok: false }>["error"];
  readonly onChoose: (text: string) => void;
  readonly onOpened: () => void;
}): ReactElement | null {
  if (!("readings" in error) || error.readings.length === 0) return null;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {error.readings.map((reading) => (
        <button
          key={reading}
          type="button"
          onClick={() => {
            onChoose(reading);
            onOpened();
          }}
          className="min-h-9 rounded-lg border border-edge px-3 font-board text-body hover:bg-shade"
        >
          {reading}
        </button>
      ))}
    </div>
  );
}
