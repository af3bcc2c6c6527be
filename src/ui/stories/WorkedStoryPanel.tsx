"use client";

import { ChevronLeft, ChevronRight, Grid3x3 } from "lucide-react";
import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { ShownStory } from "@/service/requests";
import { boardAddress } from "../../service/boardAddress";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { StoryDrawing } from "./StoryDrawing";

/** How a story is worked, one operation after another with its reason, in the picture and in lines; then the answer is held against the question, an estimate, and the story itself. */
export function WorkedStoryPanel({
  story,
  house,
}: {
  readonly story: ShownStory;
  readonly house: HouseRules;
}): ReactElement {
  const { work, picture, missing } = story;
  const [done, setDone] = useState(1);
  const last = work.operations.length + 1;
  const isWorked = missing === null && done >= last - 1;
  const shown = work.operations.slice(0, done);
  const onBoard = (problem: string): string => boardAddress({ problem, house, step: 1 });
  return (
    <section aria-label="How it is worked" className="mt-4 max-w-[760px]">
      <StoryDrawing
        picture={picture}
        worked={isWorked ? "answered" : missing === null ? "onTheWay" : "nothing"}
      />
      <div className="mt-3 flex flex-wrap items-center gap-1 print:hidden">
        <Button look="quiet" disabled={done === 1} onClick={() => setDone(done - 1)}>
          <ChevronLeft aria-hidden="true" className="size-5" />
          Back
        </Button>
        <Button look="main" disabled={done === last} onClick={() => setDone(done + 1)}>
          {done === last - 1 ? "Check it" : "Next"}
          <ChevronRight aria-hidden="true" className="size-5" />
        </Button>
        <Button look="quiet" onClick={() => setDone(done === last ? 1 : last)}>
          {done === last ? "From the beginning" : "All at once"}
        </Button>
      </div>
      <div role="status">
        <ol aria-label="What is worked" className="mt-2 grid gap-3">
          {shown.map(({ why, line, comes }, nth) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the operations of a story never change their order
            <li key={nth}>
              <p className="text-body leading-snug">{why}</p>
              {missing === null && (
                <p className="flex flex-wrap items-center gap-x-2">
                  <span className="mr-2 font-board text-head">
                    {line} = <span className="text-straw">{comes}</span>
                  </span>
                  {/[+−×÷]/.test(line) && (
                    <PlaceLink href={onBoard(line)} look="quiet">
                      <Grid3x3 aria-hidden="true" className="size-4.5" />
                      On the Board
                    </PlaceLink>
                  )}
                </p>
              )}
            </li>
          ))}
          {done === last && (
            <li className="border-t border-edge pt-3">
              <p className="font-board text-title text-straw">{story.answer}</p>
              {missing === null ? (
                <dl className="mt-2 grid grid-cols-[minmax(0,150px)_minmax(0,1fr)] gap-x-4 gap-y-1.5 leading-snug max-[700px]:grid-cols-1">
                  <dt className="font-semibold">Beside the question</dt>
                  <dd>{work.asked}</dd>
                  {story.estimate !== null && (
                    <>
                      <dt className="font-semibold">Beside an estimate</dt>
                      <dd className="font-board text-lead">{story.estimate}</dd>
                    </>
                  )}
                  {work.operations.length > 1 && (
                    <>
                      <dt className="font-semibold">In one line</dt>
                      <dd className="flex flex-wrap items-center gap-x-2 font-board text-lead">
                        {story.chain}
                        <PlaceLink href={onBoard(story.chain)} look="quiet">
                          <Grid3x3 aria-hidden="true" className="size-4.5" />
                          Work it whole
                        </PlaceLink>
                      </dd>
                    </>
                  )}
                  {work.back.length > 0 && (
                    <>
                      <dt className="font-semibold">Back in the story</dt>
                      <dd className="font-board text-lead">
                        {work.back.map(({ line, comes }) => `${line} = ${comes}`).join(", ")}
                        <span className="font-sans text-body">, as it was told.</span>
                      </dd>
                    </>
                  )}
                </dl>
              ) : (
                <p className="mt-1 flex flex-wrap items-center gap-x-2 text-body">
                  Say it were {missing}: then
                  <span className="font-board text-title">{story.chain}</span>
                  <PlaceLink href={onBoard(story.chain)} look="quiet">
                    <Grid3x3 aria-hidden="true" className="size-4.5" />
                    On the Board
                  </PlaceLink>
                </p>
              )}
            </li>
          )}
        </ol>
      </div>
    </section>
  );
}
