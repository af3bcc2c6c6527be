"use client";

import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import { type Instrument, type Position, readingMarked } from "@/core/shop";
import { READING_ERROR_WORDS } from "@/core/wording";

/** A reading is typed to the finest mark; then it is told whether it is right, and what may have gone wrong. `value` is shown once it is right or asked for. */
export function ReadIt({
  instrument,
  position,
  value,
  house,
  onKeep,
}: {
  readonly instrument: Instrument;
  readonly position: Position;
  readonly value: string;
  readonly house: HouseRules;
  readonly onKeep: () => void;
}): ReactElement {
  const [typed, setTyped] = useState("");
  const [said, setSaid] = useState("");
  const [shows, setShows] = useState(false);
  const check = (): void => {
    const marked = readingMarked(instrument, position, typed, house);
    switch (marked.kind) {
      case "right":
        setShows(true);
        setSaid("Right.");
        break;
      case "unread":
        setSaid("Write a number with its unit, as on the instrument.");
        break;
      case "wrong":
        setSaid(
          marked.error === undefined ? "Not yet. Read it once more." : READING_ERROR_WORDS[marked.error],
        );
    }
  };
  return (
    <section aria-label="Read it" className="grid gap-2">
      <h2 className="text-[17px] font-semibold">Read it</h2>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          check();
        }}
        className="flex gap-1.5"
      >
        <input
          aria-label="The reading"
          value={typed}
          autoComplete="off"
          onChange={({ target }) => {
            setTyped(target.value);
            setSaid("");
          }}
          className="h-12 w-0 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3 font-board text-[22px]"
        />
        <button
          type="submit"
          className="h-12 rounded-lg bg-plumb px-4 font-semibold text-on-plumb hover:opacity-90"
        >
          Check
        </button>
      </form>
      <p role="status" className="min-h-6 leading-snug">
        {said}
      </p>
      {shows ? (
        <p className="font-board text-[30px] text-plumb">{value}</p>
      ) : (
        <button type="button" onClick={() => setShows(true)} className={QUIET}>
          Show the value
        </button>
      )}
      <button type="button" onClick={onKeep} className={QUIET}>
        Put it on the list
      </button>
    </section>
  );
}

const QUIET = "h-11 justify-self-start rounded-lg px-3 font-semibold text-plumb hover:bg-shade -ml-3";
