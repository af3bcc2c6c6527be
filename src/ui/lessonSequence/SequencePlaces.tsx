"use client";

import { Hourglass, X } from "lucide-react";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { boardAddress, turnAddress } from "../../service/boardAddress";
import { Button } from "../parts/Button";
import { IconButton } from "../parts/IconButton";
import { PlaceLink } from "../parts/PlaceLink";
import { type LessonSequence, type RowKind, sequencePlaceName } from "./lessonSequence";

/** The waits a tutor can choose, in seconds. */
const WAITS = [30, 60, 120, 180, 300] as const;

const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;

/** Where a problem of a row is gone through: the tutor's on the Board, the shared one there with its questions, the learner's on their own paper. */
function addressIn(row: LessonSequence, nth: number, house: HouseRules): string {
  const at = { problem: row.problems[nth] ?? "", house, step: 1 };
  if (row.kind === "sheet") return turnAddress(at);
  if (row.kind === "show" || nth === 0) return boardAddress(at);
  return nth === 1 ? `${boardAddress(at)}&ask=1` : turnAddress(at);
}

const ROW_NAMES: Readonly<Record<RowKind, string>> = {
  three: "I do, we do, you do",
  show: "Examples that climb",
  sheet: "The problems of the sheet",
};

/** The problems of a row with the one that is open, how long the learners have, and the way out of it. */
export function SequencePlaces({
  row,
  here,
  problem,
  house,
  now,
  onChange: change,
}: {
  readonly row: LessonSequence;
  /** Which of its problems is open. */
  readonly here: number;
  readonly problem: string;
  readonly house: HouseRules;
  /** Milliseconds since 1970. */
  readonly now: number;
  /** The row changed, or ended. */
  readonly onChange: (row: LessonSequence | undefined) => void;
}): ReactElement {
  const { begun } = row;
  const left = begun === undefined ? undefined : Math.max(0, row.wait - Math.floor((now - begun) / 1000));
  const learners = row.kind === "three" && here === row.problems.length - 1;
  return (
    <nav
      aria-label={ROW_NAMES[row.kind]}
      className="flex basis-full flex-wrap items-center gap-x-1 gap-y-1 border-y border-edge bg-page px-6 max-[700px]:px-2 print:hidden"
    >
      {row.problems.map((one, nth) => (
        <PlaceLink
          key={one}
          href={addressIn(row, nth, house)}
          aria-current={nth === here ? "step" : undefined}
          className="flex min-h-11 items-baseline gap-2 rounded-lg border-b-4 border-transparent px-3 py-2 hover:bg-shade aria-[current]:border-plumb"
        >
          <span className="text-note font-semibold">
            {sequencePlaceName(row, nth)}
            {row.done.includes(one) && <span className="ml-1 text-plumb">done</span>}
          </span>
          {row.kind !== "sheet" && <span className="font-board max-[1000px]:hidden">{one}</span>}
        </PlaceLink>
      ))}
      <span className="ml-auto flex items-center">
        {row.kind === "sheet" && (
          <span className="px-2 text-note text-soft">
            {row.done.length} of {row.problems.length} done
          </span>
        )}
        {learners && begun === undefined && (
          <>
            <Hourglass aria-hidden="true" className="mx-1 size-4.5 text-soft" />
            {WAITS.map((seconds) => (
              <Button
                look="quiet"
                key={seconds}
                aria-label={`Wait ${clock(seconds)}`}
                onClick={() => change({ ...row, wait: seconds, begun: Date.now() })}
              >
                {clock(seconds)}
              </Button>
            ))}
          </>
        )}
        {learners && left !== undefined && (
          <>
            <span role="timer" aria-label="Left to wait" className="px-2 font-board text-lead">
              {clock(left)}
            </span>
            {left === 0 ? (
              <PlaceLink href={boardAddress({ problem, house, step: 1 })} look="quiet">
                Walk it through
              </PlaceLink>
            ) : (
              <Button look="quiet" onClick={() => change({ ...row, wait: 0 })}>
                Wait no longer
              </Button>
            )}
          </>
        )}
        <IconButton label="End the row" onPress={() => change(undefined)}>
          <X aria-hidden="true" className="size-4.5" />
        </IconButton>
      </span>
    </nav>
  );
}
