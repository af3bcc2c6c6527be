"use client";

import { BookOpenText } from "lucide-react";
import { type ReactElement, useEffect, useState } from "react";
import { KINDS_ON_SHEETS, STRUCTURES, type StoryKindId } from "@/core/stories";
import { STORY_NAMES, STRUCTURE_NAMES } from "@/core/wording";
import { API_ROUTES } from "@/service/apiRoutes";
import { Button } from "../../../parts/Button";
import { ask } from "../../../saving/wire/ask";
import { VIEWS } from "../../../saving/wire/views";
import type { OwnKept } from "../../../stories/own/ownDraft";
import { Panel } from "./Panel";

const MOST_AT_ONCE = 30;
/** How much of a story stands in the list, in signs. */
const SHORT = 50;

/** What is chosen for all of the tutor's own stories, and what the choice of one of them begins with. */
const OWN = "own";

interface Adding {
  readonly onAddOwn: (stories: readonly OwnKept[]) => Promise<void>;
  readonly onAdd: (kinds: readonly StoryKindId[], count: number) => Promise<void>;
}

/** Adds word problems: of one kind, of one structure, of all kinds in turn, or the tutor's own. */
export function AddStories({ onAdd, onAddOwn }: Adding): ReactElement {
  return (
    <Panel label="Add word problems" icon={<BookOpenText aria-hidden="true" className="size-4.5" />}>
      <Choices onAdd={onAdd} onAddOwn={onAddOwn} />
    </Panel>
  );
}

function Choices({ onAdd, onAddOwn }: Adding): ReactElement {
  const [chosen, setChosen] = useState("all");
  const [count, setCount] = useState(6);
  const [own, setOwn] = useState<readonly OwnKept[]>([]);
  useEffect(() => {
    // What can't be asked for is not offered; a sheet is made without it.
    void ask(VIEWS.ownStories, API_ROUTES.keptStories, "GET").then((back) => {
      if (back.ok) setOwn(back.value.stories);
    });
  }, []);
  const mine = own.filter(({ id }) => chosen === OWN || chosen === `${OWN} ${id}`);
  const kinds = KINDS_ON_SHEETS.filter(
    ({ id, structure }) => chosen === "all" || chosen === structure || chosen === id,
  ).map(({ id }) => id);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void (mine.length > 0 ? onAddOwn(mine) : onAdd(kinds, count));
      }}
      className="grid gap-2"
    >
      <label className="block">
        <span className="text-small text-soft">Of which kind</span>
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
                  {STORY_NAMES[id]}
                </option>
              ))}
            </optgroup>
          ))}
          {own.length > 0 && (
            <optgroup label="Your own">
              <option value={OWN}>All of your own</option>
              {own.map(({ id, text }) => (
                <option key={id} value={`${OWN} ${id}`}>
                  {text.length > SHORT ? `${text.slice(0, SHORT)}…` : text}
                </option>
              ))}
            </optgroup>
          )}
        </select>
      </label>
      {mine.length === 0 && (
        <label className="flex items-center gap-2">
          <span className="text-small text-soft">How many</span>
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
      )}
      <Button look="main" type="submit">
        Add them
      </Button>
    </form>
  );
}
