"use client";

import { Plus, Trash2, Undo2 } from "lucide-react";
import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { OwnStoryShown } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { newId } from "../../ids";
import { Button } from "../../parts/Button";
import { PlaceLink } from "../../parts/PlaceLink";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import { OwnStory } from "./OwnStory";
import type { OwnDraft, OwnKept } from "./ownDraft";

const EMPTY: OwnDraft = { text: "", form: "whole", line: "", left: [], turned: false, answer: "" };

/** The stories of a tutor's own: those that are kept, and one of them or a new one as it is written. */
export function OwnStoriesScreen({
  start,
  shown,
  kept: startKept,
  house,
}: {
  readonly start: OwnDraft;
  /** What came of that already. */
  readonly shown: OwnStoryShown | undefined;
  readonly kept: readonly OwnKept[];
  readonly house: HouseRules;
}): ReactElement {
  const [kept, setKept] = useState(startKept);
  const [open, setOpen] = useState(newId);
  // What is being written of each story stays while another one is looked at.
  const [drafts, setDrafts] = useState<Readonly<Record<string, OwnDraft>>>({ [open]: start });
  const [taken, setTaken] = useState<OwnKept>();
  const [message, setMessage] = useState("");
  const [said, setSaid] = useState("");
  const saved = kept.find(({ id }) => id === open);
  const draft = drafts[open] ?? saved ?? EMPTY;
  const change = async (what: { readonly put: OwnKept } | { readonly take: string }): Promise<boolean> => {
    const back = await ask(VIEWS.ownStories, ROUTES.keptStories, "PUT", what);
    setMessage(back.ok ? "" : back.error.message);
    if (back.ok) setKept(back.value.stories);
    return back.ok;
  };
  const keep = async (): Promise<void> => {
    setSaid("");
    const { text, form, line, left, turned, answer } = draft;
    if (await change({ put: { id: open, text, form, line, left, turned, answer } })) setSaid("Kept.");
  };
  const begin = (from: OwnDraft): void => {
    const id = newId();
    setDrafts({ ...drafts, [id]: from });
    setOpen(id);
    setSaid("");
  };
  return (
    <main
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a story longer than its room is scrolled by keys
      tabIndex={0}
      className="h-full overflow-y-auto px-8 py-5 max-[700px]:px-4"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h1 className="text-head leading-tight font-semibold">A story of your own</h1>
        <PlaceLink href={ROUTES.stories} look="quiet">
          Word problems
        </PlaceLink>
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)_260px] gap-8 max-[1000px]:grid-cols-1">
        <div>
          <OwnStory
            first={{ draft: start, shown }}
            key={open}
            draft={draft}
            house={house}
            onChange={(some) => {
              setSaid("");
              setDrafts({ ...drafts, [open]: { ...draft, ...some } });
            }}
          />
        </div>
        <aside aria-label="Your stories" className="max-[1000px]:order-first">
          <div className="flex flex-wrap gap-1">
            <Button look="main" disabled={draft.text.trim() === ""} onClick={() => void keep()}>
              Keep this story
            </Button>
            <Button look="quiet" onClick={() => begin(EMPTY)}>
              <Plus aria-hidden="true" className="size-4.5" />A new one
            </Button>
          </div>
          <p role="status" className="mt-1 min-h-6 text-soft">
            {message === "" ? said : <span className="text-rust">{message}</span>}
          </p>
          {taken !== undefined && (
            <Button
              look="quiet"
              onClick={() => {
                void change({ put: taken });
                setOpen(taken.id);
                setTaken(undefined);
              }}
            >
              <Undo2 aria-hidden="true" className="size-4.5" />
              Bring it back
            </Button>
          )}
          {kept.length === 0 ? (
            <p className="text-note text-soft">
              Stories that you keep stand here, and can be added to every sheet.
            </p>
          ) : (
            <ul className="grid gap-1">
              {kept.map((story) => (
                <li key={story.id} className="flex items-center">
                  <button
                    type="button"
                    aria-pressed={story.id === open}
                    onClick={() => {
                      setOpen(story.id);
                      setSaid("");
                    }}
                    className="line-clamp-2 min-h-11 min-w-0 flex-1 rounded-lg border-l-4 border-transparent px-3 py-1 text-left leading-tight hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade"
                  >
                    {story.text}
                  </button>
                  <Button
                    look="sign"
                    aria-label={`Delete “${story.text.slice(0, 40)}”`}
                    onClick={() => {
                      setTaken(story);
                      void change({ take: story.id });
                      if (story.id === open) begin(EMPTY);
                    }}
                    className="shrink-0"
                  >
                    <Trash2 aria-hidden="true" className="size-4.5" />
                  </Button>
                </li>
              ))}
            </ul>
          )}
        </aside>
      </div>
    </main>
  );
}
