import { X } from "lucide-react";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { type ReadingTold, storyOfReadings } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { boardAddress } from "../../../service/boardAddress";
import { IconButton } from "../../parts/IconButton";
import { PlaceLink } from "../../parts/PlaceLink";

/** A reading that was put on the list: as it is written, and as the Board takes it. */
export interface Kept {
  readonly id: number;
  readonly written: string;
  readonly forBoard: string;
  /** How a story tells it. */
  readonly told: ReadingTold;
}

/** The readings of a lesson, and the ways to the Board with them. */
export function Readings({
  kept,
  house,
  onTakeOff,
}: {
  readonly kept: readonly Kept[];
  readonly house: HouseRules;
  readonly onTakeOff: (id: number) => void;
}): ReactElement {
  const [first, second] = kept.slice(-2);
  const last = second ?? first;
  const ways =
    first === undefined || last === undefined
      ? []
      : second === undefined
        ? [{ name: "Three of them", problem: `3 × ${inBrackets(last.forBoard)}` }]
        : [
            { name: "All together", problem: kept.map(({ forBoard }) => inBrackets(forBoard)).join(" + ") },
            {
              name: "The last from the one before",
              problem: `${first.forBoard} - ${inBrackets(second.forBoard)}`,
            },
            {
              name: "The one before from the last",
              problem: `${second.forBoard} - ${inBrackets(first.forBoard)}`,
            },
          ];
  const story = storyOfReadings(kept.map(({ told }) => told));
  return (
    <section aria-label="The list" className="grid gap-1.5">
      <h2 className="text-body font-semibold">The list</h2>
      {kept.length === 0 && <p className="text-soft">Readings that you put here go to the Board together.</p>}
      <ul>
        {kept.map(({ id, written }) => (
          <li key={id} className="flex items-center justify-between font-board text-title">
            {written}
            <IconButton label={`Take ${written} off the list`} onPress={() => onTakeOff(id)}>
              <X aria-hidden="true" className="size-4.5" />
            </IconButton>
          </li>
        ))}
      </ul>
      {kept.length > 0 && (
        <PlaceLink href={ROUTES.storyOf(story.text, story.form)} look="quiet" className="-ml-3">
          Into a story
        </PlaceLink>
      )}
      {ways.length > 0 && <p className="text-soft">To the Board:</p>}
      {ways.map(({ name, problem }) => (
        <PlaceLink key={name} href={boardAddress({ problem, house, step: 1 })} look="quiet" className="-ml-3">
          {name}
        </PlaceLink>
      ))}
    </section>
  );
}

const inBrackets = (reading: string): string => (reading.startsWith("-") ? `(${reading})` : reading);
