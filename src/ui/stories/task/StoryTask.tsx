"use client";

import { PenLine, RotateCcw } from "lucide-react";
import { type ReactElement, useEffect, useRef, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import type { ShownStory, StoryWorkMarked } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { turnAddress } from "../../../service/boardAddress";
import { newId } from "../../ids";
import { Button } from "../../parts/Button";
import { PlaceLink } from "../../parts/PlaceLink";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import { BarsPad } from "./BarsPad";
import { StoryOutcome } from "./StoryOutcome";
import { StoryStage, Tile } from "./StoryStage";
import { StructureChoice } from "./StructureChoice";
import { useStoryWork } from "./useStoryWork";

/** What a learner sees of a story: nothing that gives its answer away. */
export type LearnersStory = Pick<ShownStory, "kind" | "stretches" | "question" | "givens" | "frames">;

const SIGNS = ["+", "−", "×", "÷", "(", ")"] as const;

/** A story in a learner's hands: the givens are tapped, the structure is chosen, a line is put together and worked, and the question is answered in a sentence. */
export function StoryTurn({
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
  const sent = useRef<{ readonly id: string; readonly what: string } | undefined>(undefined);
  const { work, put, begin } = useStoryWork(`right-sum-story ${story.kind} ${seed} ${house.currency}`);
  const [marked, setMarked] = useState<StoryWorkMarked & { readonly kept: boolean }>();
  const [message, setMessage] = useState("");
  const [sending, setSending] = useState(false);
  const line = useRef<HTMLInputElement>(null);
  const page = useRef<HTMLElement>(null);
  // What is said of the work stands below it: the page goes there.
  useEffect(() => {
    if (marked !== undefined) page.current?.scrollTo({ top: page.current.scrollHeight });
  }, [marked]);
  const change = (next: Parameters<typeof put>[0]): void => {
    put(next);
    setMarked(undefined);
  };
  const tap = (name: string): void =>
    change({
      tapped: work.tapped.includes(name) ? work.tapped.filter((one) => one !== name) : [...work.tapped, name],
    });
  const add = (text: string): void => {
    const before = work.line.trimEnd();
    const joins = before === "" || before.endsWith("(") || text === ")";
    change({ line: `${before}${joins ? "" : " "}${text}` });
    line.current?.focus();
  };
  const handIn = async (): Promise<void> => {
    setSending(true);
    const { tapped, structure, frame } = work;
    const answer = work.answer.trim() === "" ? undefined : work.answer;
    const typed = work.line.trim() === "" ? undefined : work.line;
    // The same work sent again is kept once in the learner's record.
    const what = JSON.stringify([work, learner]);
    if (sent.current?.what !== what) sent.current = { id: newId(), what };
    const back = await ask(VIEWS.storyWorkMarked, ROUTES.markStory, "POST", {
      id: sent.current.id,
      learner,
      kind: story.kind,
      seed,
      house: choicesOf(house),
      work: { tapped, structure, frame, answer, line: typed },
    });
    setSending(false);
    setMarked(back.ok ? back.value : undefined);
    setMessage(back.ok ? "" : back.error.message);
  };
  return (
    <main
      ref={page}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a story longer than its room is scrolled by keys
      tabIndex={0}
      className="h-full overflow-y-auto px-8 py-5 max-[700px]:px-4"
    >
      <div className="mx-auto max-w-[980px]">
        <h1 className="sr-only">Your story</h1>
        <p className="font-board text-head leading-[1.6] max-[700px]:text-title">
          {story.stretches.map(({ text, given }, nth) =>
            given === undefined ? (
              // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a text never change their order
              <span key={nth}>{text}</span>
            ) : (
              <button
                key={given}
                type="button"
                aria-pressed={work.tapped.includes(given)}
                onClick={() => tap(given)}
                className="rounded-lg border-b-[3px] border-todo px-1 hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade"
              >
                {text}
              </button>
            ),
          )}{" "}
          <span>{story.question}</span>
        </p>
        <StoryStage name="Tap the numbers that you need">
          <p className="text-soft">
            {work.tapped.length === 0
              ? "Each number in the text can be tapped, and once more to leave it out."
              : `Tapped: ${story.givens
                  .filter(({ name }) => work.tapped.includes(name))
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
        <StoryStage name="What will you work?">
          <div className="flex flex-wrap items-center gap-1.5">
            <input
              ref={line}
              aria-label="What you will work"
              value={work.line}
              autoComplete="off"
              spellCheck={false}
              onChange={({ target }) => change({ line: target.value })}
              className="h-14 min-w-0 flex-[1_1_320px] rounded-lg border border-edge bg-page px-4 font-board text-head"
            />
            {work.line.trim() !== "" && (
              <PlaceLink href={turnAddress({ problem: work.line, house, step: 1 })} look="quiet">
                <PenLine aria-hidden="true" className="size-4.5" />
                Work it on squared paper
              </PlaceLink>
            )}
          </div>
          <div className="mt-2 flex flex-wrap gap-1.5">
            {story.givens.map(({ name, value }) => (
              <Tile key={name} text={value} onPress={() => add(value)} />
            ))}
            {SIGNS.map((sign) => (
              <Tile key={sign} text={sign} onPress={() => add(sign)} />
            ))}
          </div>
        </StoryStage>
        <StoryStage name="What is the answer?">
          <input
            aria-label="Your answer"
            value={work.answer}
            autoComplete="off"
            spellCheck={false}
            placeholder="The number with its unit, or a whole sentence"
            onChange={({ target }) => change({ answer: target.value })}
            className="h-14 w-full rounded-lg border border-edge bg-page px-4 font-board text-title placeholder:font-sans placeholder:text-body placeholder:text-soft"
          />
          {story.frames.length > 0 && (
            <fieldset className="mt-2 flex flex-wrap gap-1.5">
              <legend className="mb-1 text-soft">Which sentence does it stand in?</legend>
              {story.frames.map((frame) => (
                <button
                  key={frame}
                  type="button"
                  aria-pressed={work.frame === frame}
                  onClick={() => change({ frame: work.frame === frame ? undefined : frame })}
                  className="min-h-11 rounded-lg border border-edge bg-page px-3 py-1.5 text-left font-board text-lead aria-pressed:border-plumb aria-pressed:ring-2 aria-pressed:ring-plumb"
                >
                  {isNumber(work.answer) ? frame.replace("…", work.answer.trim()) : frame}
                </button>
              ))}
            </fieldset>
          )}
        </StoryStage>
        {learners.length > 0 && (
          <label className="mt-6 flex flex-wrap items-center gap-3">
            <span className="font-semibold">Whose story is it?</span>
            <select
              value={learner}
              onChange={({ target }) => setLearner(target.value)}
              className="h-11 rounded-lg border border-edge bg-page px-3"
            >
              <option value="">Nobody’s: it is not kept</option>
              {learners.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        )}
        <div className="mt-6 flex flex-wrap items-center gap-2 pb-6">
          <Button look="main" disabled={sending} onClick={handIn}>
            Hand it in
          </Button>
          <Button
            look="quiet"
            onClick={() => {
              begin();
              setMarked(undefined);
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

/** The longest answer that is a number with its unit and no sentence yet, in signs. */
const LONGEST_NUMBER = 18;

const isNumber = (answer: string): boolean => /\d/.test(answer) && answer.trim().length <= LONGEST_NUMBER;
