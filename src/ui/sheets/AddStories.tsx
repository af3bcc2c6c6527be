"use client";

import { BookOpenText } from "lucide-react";
import { type ReactElement, useState } from "react";
import { KINDS_ON_SHEETS, STRUCTURES, type StoryKindId } from "@/core/stories";
import { STORY_WORDS, STRUCTURE_NAMES } from "@/core/wording";
import { MAIN_BUTTON } from "../buttons";
import { Panel } from "./Panel";

/** Kinds whose answer is the one that their working comes to: a quotient that is rounded by sense is not marked from a sheet. */

const MOST_AT_ONCE = 30;

/** Adds word problems: of one kind, of one structure, or of all kinds in turn. */
export function AddStories({
  onAdd,
}: {
  readonly onAdd: (kinds: readonly StoryKindId[], count: number) => Promise<void>;
}): ReactElement {
  const [chosen, setChosen] = useState("all");
  const [count, setCount] = useState(6);
  const kinds = KINDS_ON_SHEETS.filter(
    ({ id, structure }) => chosen === "all" || chosen === structure || chosen === id,
  ).map(({ id }) => id);
  return (
    <Panel label="Add word problems" icon={<BookOpenText aria-hidden="true" className="size-4.5" />}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void onAdd(kinds, count);
        }}
        className="grid gap-2"
      >
        <label className="block">
          <span className="text-[13px] text-soft">Of which kind</span>
          <select
            value={chosen}
            onChange={({ target }) => setChosen(target.value)}
            className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-2"
          >
            <option value="all">All kinds in turn</option>
            {STRUCTURES.map((structure) => (
              <optgroup key={structure} label={STRUCTURE_NAMES[structure]}>
                <option value={structure}>All of {STRUCTURE_NAMES[structure].toLowerCase()}</option>
                {KINDS_ON_SHEETS.filter((one) => one.structure === structure).map(({ id }) => (
                  <option key={id} value={id}>
                    {STORY_WORDS[id].name}
                  </option>
                ))}
              </optgroup>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2">
          <span className="text-[13px] text-soft">How many</span>
          <input
            type="number"
            min={1}
            max={MOST_AT_ONCE}
            value={count}
            onChange={({ target }) =>
              setCount(Math.min(MOST_AT_ONCE, Math.max(1, Math.floor(Number(target.value) || 1))))
            }
            className="h-11 w-20 rounded-lg border border-edge bg-page px-2"
          />
        </label>
        <button type="submit" className={MAIN_BUTTON}>
          Add them
        </button>
      </form>
    </Panel>
  );
}
