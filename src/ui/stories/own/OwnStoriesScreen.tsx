"use client";

import { Undo2 } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactElement, useEffect, useState } from "react";
import type { HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import type { OwnStoryShown } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { newId } from "../../ids";
import { Button } from "../../parts/Button";
import { PlaceLink } from "../../parts/PlaceLink";
import { UnreadNotes } from "../../parts/UnreadNotes";
import type { OnDisk } from "../../saving/keptClient";
import { useOtherWindows } from "../../saving/otherWindows";
import { useDrafts } from "../../saving/own/useDrafts";
import { useHandOver } from "../../saving/useHandOver";
import { send } from "../../saving/wire/send";
import { OwnStoriesList } from "./OwnStoriesList";
import { OwnStoryCard } from "./OwnStoryCard";
import { OwnStoryKeeper } from "./OwnStoryKeeper";
import type { OwnDraft, OwnKept } from "./ownDraft";
import { STORY_CLIENT } from "./storyClient";

const EMPTY: OwnDraft = { text: "", form: "whole", line: "", left: [], turned: false, answer: "" };

/** The stories of a tutor's own: those that are kept, and one of them or a new one as it is written. */
export function OwnStoriesScreen({
  start,
  isSample,
  shown,
  kept: onDisk,
  unread,
  house,
}: {
  readonly start: OwnDraft;
  /** Whether that is what stands there for a tutor who came with nothing. */
  readonly isSample: boolean;
  /** What came of that already. */
  readonly shown: OwnStoryShown | undefined;
  readonly kept: readonly OnDisk<OwnKept>[];
  readonly unread: readonly Unread[];
  readonly house: HouseRules;
}): ReactElement {
  const router = useRouter();
  const [kept, setKept] = useState(onDisk);
  useEffect(() => setKept(onDisk), [onDisk]);
  useOtherWindows(router.refresh);
  useHandOver(STORY_CLIENT, router.refresh);
  const [first] = useState(() => ({ id: newId(), draft: start }));
  const [open, setOpen] = useState(first.id);
  // What is being written of each story stays while another one is looked at, and until it is kept.
  const { drafts, isLooked, put, drop } = useDrafts<OwnDraft>("storyDraft", () =>
    import("./ownDraftSchema").then((module) => module.ownDraftSchema),
  );
  const [taken, setTaken] = useState<{
    readonly story: OwnKept;
    /** What was written of it and not kept. */
    readonly draft: OwnDraft | undefined;
    readonly wasKept: boolean;
  }>();
  const [message, setMessage] = useState("");
  const saved = kept.find(({ value }) => value.id === open);
  const written = drafts[open] ?? saved?.value ?? (open === first.id ? first.draft : EMPTY);
  const draft = { ...written, id: open };
  const unkept = Object.entries(drafts).flatMap(([id, one]) =>
    kept.some(({ value }) => value.id === id) || one.text.trim() === "" ? [] : [{ ...one, id }],
  );
  // Who comes with nothing goes on with what was being written.
  const last = unkept.at(-1)?.id;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as it is found
  useEffect(() => {
    if (isLooked && isSample && last !== undefined && drafts[open] === undefined) setOpen(last);
  }, [isLooked]);
  const setDeleted = async (story: OwnKept, deleted: boolean): Promise<void> => {
    const back = await send(API_ROUTES.ownThingListed("story", story.id), "PUT", { deleted });
    setMessage(back.ok ? "" : back.error.message);
    if (back.ok) router.refresh();
  };
  const remove = (story: OwnKept): void => {
    const wasKept = kept.some(({ value }) => value.id === story.id);
    if (story.id === open) setOpen(newId());
    setTaken({ story, draft: drafts[story.id], wasKept });
    drop(story.id);
    if (!wasKept) return;
    setKept(kept.filter(({ value }) => value.id !== story.id));
    void setDeleted(story, true);
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
          <OwnStoryCard
            first={{ draft: first.draft, shown }}
            key={open}
            draft={draft}
            house={house}
            onChange={(some) => put(open, { ...written, ...some })}
          />
          <UnreadNotes rows={unread} what="story" many="stories" />
        </div>
        <aside aria-label="Your stories" className="max-[1000px]:order-first">
          <OwnStoryKeeper
            key={open}
            start={saved}
            draft={draft}
            onDraft={({ id, ...story }) => put(id, story)}
            onKept={(story, isWritten) => {
              if (saved === undefined) setKept([{ value: story, revision: 0 }, ...kept]);
              else setKept(kept.map((one) => (one === saved ? { ...one, value: story } : one)));
              if (!isWritten) drop(story.id);
              router.refresh();
            }}
            onNew={() => setOpen(newId())}
          />
          <p role="status" className="mt-1 text-rust empty:hidden">
            {message}
          </p>
          {taken !== undefined && (
            <Button
              look="quiet"
              onClick={() => {
                if (taken.wasKept) void setDeleted(taken.story, false);
                if (taken.draft !== undefined) put(taken.story.id, taken.draft);
                setOpen(taken.story.id);
                setTaken(undefined);
              }}
            >
              <Undo2 aria-hidden="true" className="size-4.5" />
              Bring it back
            </Button>
          )}
          <OwnStoriesList
            kept={kept.map(({ value }) => value)}
            unkept={unkept}
            open={open}
            onOpen={setOpen}
            onDelete={remove}
          />
        </aside>
      </div>
    </main>
  );
}
