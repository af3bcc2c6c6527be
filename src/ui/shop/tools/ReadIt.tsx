"use client";

import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import { type Instrument, type InstrumentPosition, readingMarked } from "@/core/shop";
import { READING_ERROR_WORDS } from "@/core/wording";
import { Button } from "../../parts/Button";
import { CheckField } from "../CheckField";

/** A reading is typed to the finest mark; then it is told whether it is right, and what may have gone wrong. `value` is shown once it is right or asked for, until the instrument moves. */
export function ReadIt({
  instrument,
  position,
  value,
  house,
  onKeep,
}: {
  readonly instrument: Instrument;
  readonly position: InstrumentPosition;
  readonly value: string;
  readonly house: HouseRules;
  readonly onKeep: () => void;
}): ReactElement {
  const [shownAt, setShownAt] = useState<InstrumentPosition>();
  const check = (typed: string): string => {
    const marked = readingMarked(instrument, position, typed, house);
    switch (marked.kind) {
      case "right":
        setShownAt(position);
        return "Right.";
      case "unread":
        return "Write a number with its unit, as on the instrument.";
      case "wrong":
        return marked.error === undefined ? "Not yet. Read it once more." : READING_ERROR_WORDS[marked.error];
    }
  };
  return (
    <section aria-label="Read it" className="grid gap-2">
      <h2 className="text-body font-semibold">Read it</h2>
      <CheckField label="The reading" about={position} onCheck={check} />
      {shownAt === position ? (
        <p className="font-board text-head text-plumb">{value}</p>
      ) : (
        <Button look="quiet" onClick={() => setShownAt(position)} className="justify-self-start">
          Show the value
        </Button>
      )}
      <Button look="quiet" onClick={onKeep} className="justify-self-start">
        Put it on the list
      </Button>
    </section>
  );
}
