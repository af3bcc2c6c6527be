"use client";

import { ChartNoAxesGantt, PencilLine, PenLine, RefreshCw, Underline } from "lucide-react";
import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { StoryKindId } from "@/core/stories";
import type { ShownStory } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { StoryDrawing } from "./StoryDrawing";
import { WorkedStoryPanel } from "./WorkedStoryPanel";

/** A story to be read: its givens underlined and its question ringed on demand, then how it is worked, then the answer in a sentence. */
export function StoryPage({
  story,
  kind,
  seed,
  house,
}: {
  readonly story: ShownStory;
  readonly kind: StoryKindId;
  readonly seed: number;
  readonly house: HouseRules;
}): ReactElement {
  const [marks, setMarks] = useState(false);
  const [drawn, setDrawn] = useState(false);
  const [worked, setWorked] = useState(false);
  const [answered, setAnswered] = useState(false);
  return (
    <>
      <p className="mt-5 max-w-[760px] font-board text-head leading-[1.6] max-[700px]:text-title">
        {story.stretches.map(({ text, given }, nth) =>
          given === undefined || !marks ? (
            // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a text never change their order
            <span key={nth}>{text}</span>
          ) : story.needless.includes(given) ? (
            // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a text never change their order
            <s key={nth} className="decoration-rust decoration-2">
              {text}
            </s>
          ) : (
            // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a text never change their order
            <u key={nth} className="decoration-plumb decoration-[3px] underline-offset-4">
              {text}
            </u>
          ),
        )}{" "}
        <span
          data-ringed={marks}
          className="rounded-full box-decoration-clone data-[ringed=true]:px-2 data-[ringed=true]:ring-2 data-[ringed=true]:ring-pencil"
        >
          {story.question}
        </span>
      </p>
      <div className="mt-5 flex flex-wrap gap-1 print:hidden">
        <PlaceLink href={ROUTES.story(kind, seed + 1)} look="main">
          <RefreshCw aria-hidden="true" className="size-4.5" />
          Another one
        </PlaceLink>
        <PlaceLink href={ROUTES.storyTurn(kind, seed)} look="quiet">
          <PenLine aria-hidden="true" className="size-4.5" />
          To a learner
        </PlaceLink>
        {story.own !== null && (
          <PlaceLink href={ROUTES.ownStory({ kind, seed })} look="quiet">
            <PencilLine aria-hidden="true" className="size-4.5" />
            Change it
          </PlaceLink>
        )}
        <Button look="quiet" aria-pressed={marks} onClick={() => setMarks(!marks)}>
          <Underline aria-hidden="true" className="size-4.5" />
          {marks ? "Take the marks away" : "Underline what is given"}
        </Button>
        {!worked && (
          <Button look="quiet" aria-pressed={drawn} onClick={() => setDrawn(!drawn)}>
            <ChartNoAxesGantt aria-hidden="true" className="size-4.5" />
            {drawn ? "Hide the picture" : "Draw it"}
          </Button>
        )}
        <Button look="quiet" aria-pressed={worked} onClick={() => setWorked(!worked)}>
          {worked ? "Hide how it is worked" : "How it is worked"}
        </Button>
        <Button look="quiet" aria-pressed={answered} onClick={() => setAnswered(!answered)}>
          {answered ? "Hide the answer" : "The answer"}
        </Button>
      </div>
      {drawn && !worked && <StoryDrawing picture={story.picture} />}
      {worked && <WorkedStoryPanel story={story} house={house} />}
      {answered && (
        <p role="status" className="mt-4 max-w-[760px] font-board text-title text-straw">
          {story.answer}
        </p>
      )}
    </>
  );
}
