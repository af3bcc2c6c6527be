"use client";

import { RotateCcw } from "lucide-react";
import { type ReactElement, useEffect, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { ROUTES } from "@/service/routes";
import { Button } from "../../parts/Button";
import { PlaceLink } from "../../parts/PlaceLink";
import { AnswerStage } from "./AnswerStage";
import { BarsPad } from "./BarsPad";
import { LineStage } from "./LineStage";
import type { LearnersStory } from "./learnersStory";
import { StoryOutcome } from "./StoryOutcome";
import { StoryStage } from "./StoryStage";
import { StoryText } from "./StoryText";
import { StructureChoice } from "./StructureChoice";
import { useStoryHandIn } from "./useStoryHandIn";
import { useStoryWork } from "./useStoryWork";
import { WhoseStory } from "./WhoseStory";

/** A story in a learner's hands: the givens are tapped, the structure is chosen, a line is put together and worked, and the question is answered in a sentence. */
export function StoryTask({
  story,
  seed,
  house,
  learners,
  learner: startLearner,
}: {
  readonly story: LearnersStory;
  readonly seed: number;
  readonly house: HouseRules;
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly learner: string;
}): ReactElement {
  const [learner, setLearner] = useState(startLearner);
  const { work, put, begin } = useStoryWork(`right-sum-story ${story.kind} ${seed} ${house.currency}`);
  const { marked, message, sending, handIn, clear } = useStoryHandIn({ kind: story.kind, seed }, house);
  const page = useRef<HTMLElement>(null);
  // What is said of the work stands below it: the page goes there.
  useEffect(() => {
    if (marked !== undefined) page.current?.scrollTo({ top: page.current.scrollHeight });
  }, [marked]);
  const change = (next: Parameters<typeof put>[0]): void => {
    put(next);
    clear();
  };
  const { tapped } = work;
  return (
    <main
      ref={page}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a story longer than its room is scrolled by keys
      tabIndex={0}
      className="h-full overflow-y-auto px-8 py-5 max-[700px]:px-4"
    >
      <div className="mx-auto max-w-[980px]">
        <h1 className="sr-only">Your story</h1>
        <StoryText
          story={story}
          tapped={tapped}
          onTap={(name) =>
            change({
              tapped: tapped.includes(name) ? tapped.filter((one) => one !== name) : [...tapped, name],
            })
          }
        />
        <StoryStage name="Tap the numbers that you need">
          <p className="text-soft">
            {tapped.length === 0
              ? "Each number in the text can be tapped, and once more to leave it out."
              : `Tapped: ${story.givens
                  .filter(({ name }) => tapped.includes(name))
                  .map(({ value }) => value)
                  .join(", ")}`}
          </p>
        </StoryStage>
        <StoryStage name="How does it hang together?">
          <StructureChoice chosen={work.structure} onChoose={(structure) => change({ structure })} />
          <details open={work.bars !== undefined} className="mt-1">
            <summary className="min-h-11 cursor-pointer content-center font-semibold text-plumb">
              Draw it with bars
            </summary>
            <BarsPad
              bars={work.bars ?? [[], []]}
              onChange={([upper, lower]) => change({ bars: [[...upper], [...lower]] })}
            />
          </details>
        </StoryStage>
        <LineStage
          line={work.line}
          givens={story.givens}
          house={house}
          onChange={(line) => change({ line })}
        />
        <AnswerStage answer={work.answer} frame={work.frame} frames={story.frames} onChange={change} />
        {learners.length > 0 && <WhoseStory learners={learners} learner={learner} onLearner={setLearner} />}
        <div className="mt-6 flex flex-wrap items-center gap-2 pb-6">
          <Button look="main" disabled={sending} onClick={() => handIn(work, learner)}>
            Hand it in
          </Button>
          <Button
            look="quiet"
            onClick={() => {
              begin();
              clear();
            }}
          >
            <RotateCcw aria-hidden="true" className="size-4.5" />
            Begin anew
          </Button>
          <PlaceLink href={ROUTES.story(story.kind, seed)} look="quiet">
            Back to the story
          </PlaceLink>
          <PlaceLink href={ROUTES.storyTurn(story.kind, seed + 1, learner)} look="quiet">
            Another one
          </PlaceLink>
        </div>
        <div role="status" className="pb-8">
          {message !== "" && <p className="text-rust">{message}</p>}
          {marked !== undefined && <StoryOutcome marked={marked} />}
          {marked?.kept === true && (
            <p className="mt-2 text-soft">
              Kept in {learners.find(({ id }) => id === learner)?.name ?? "the learner"}’s record.
            </p>
          )}
        </div>
      </div>
    </main>
  );
}
