"use client";

import { ArrowLeftRight, Grid3x3, PenLine } from "lucide-react";
import { type ReactElement, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { OWN_FORMS, type OwnFormId, STRUCTURES } from "@/core/stories";
import { OWN_FORM_NAMES, STRUCTURE_NAMES } from "@/core/wording";
import type { OwnStart, OwnStoryShown } from "@/render/json";
import { boardAddress, turnAddress } from "../board/state/address";
import { QUIET_BUTTON } from "../buttons";
import { Go } from "../Go";
import { useAsked } from "../keeping/useAsked";
import { ROUTES } from "../routes";
import { StoryDrawing } from "./StoryDrawing";

/** How long after the last change the text is worked anew. */
const PAUSE = 250;

/** A story that the tutor writes or changes: they mark its numbers and choose what is asked, and the rest follows as they write. */
export function OwnStory({
  text: first,
  start,
  house,
}: {
  readonly text: string;
  readonly start: OwnStart;
  readonly house: HouseRules;
}): ReactElement {
  const [text, setText] = useState(first);
  const [left, setLeft] = useState(start.left);
  const [turned, setTurned] = useState(start.turned);
  const [form, setForm] = useState<OwnFormId>(start.form);
  const asked = JSON.stringify({ text, form, left, turned, house: choicesOf(house) });
  const { shown, message } = useAsked<OwnStoryShown>(ROUTES.workOwnStory, asked, PAUSE);
  const worked = shown?.worked;
  return (
    <main
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a story longer than its room is scrolled by keys
      tabIndex={0}
      className="h-full overflow-y-auto px-8 py-5 max-[700px]:px-4"
    >
      <div className="mx-auto max-w-[980px]">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <h1 className="text-[26px] leading-tight font-semibold">A story of your own</h1>
          <Go href={ROUTES.stories} className={QUIET_BUTTON}>
            Word problems
          </Go>
        </div>
        <label className="mt-3 block">
          <span className="text-[13px] text-soft">The story, with its question</span>
          <textarea
            value={text}
            rows={3}
            maxLength={2000}
            onChange={({ target }) => setText(target.value)}
            className="mt-1 w-full rounded-xl border border-edge bg-page p-4 font-board text-[24px] leading-[1.5]"
          />
        </label>
        <section aria-label="Its numbers" className="mt-3">
          <p className="text-[13px] text-soft">
            Its numbers. Press one that the question does not need, and once more to take it in.
          </p>
          <div className="mt-1 flex flex-wrap items-center gap-1.5">
            {shown?.numbers.map((number) => (
              <button
                key={number.at}
                type="button"
                aria-pressed={!left.includes(number.text)}
                onClick={() =>
                  setLeft(
                    left.includes(number.text)
                      ? left.filter((one) => one !== number.text)
                      : [...left, number.text],
                  )
                }
                className="min-h-11 rounded-lg border border-edge bg-page px-3 font-board text-[20px] text-soft line-through decoration-rust aria-pressed:border-plumb aria-pressed:text-ink aria-pressed:no-underline aria-pressed:ring-2 aria-pressed:ring-plumb"
              >
                {number.text}
              </button>
            ))}
            <button
              type="button"
              aria-pressed={turned}
              onClick={() => setTurned(!turned)}
              className={QUIET_BUTTON}
            >
              <ArrowLeftRight aria-hidden="true" className="size-4.5" />
              In the other order
            </button>
          </div>
        </section>
        <label className="mt-4 block">
          <span className="block text-[13px] text-soft">What is known, and what is asked</span>
          <select
            value={form}
            onChange={({ target }) => {
              const chosen = OWN_FORMS.find(({ id }) => id === target.value);
              if (chosen !== undefined) setForm(chosen.id);
            }}
            className="mt-1 h-12 w-full max-w-[560px] rounded-lg border border-edge bg-page px-3 text-[17px]"
          >
            {STRUCTURES.map((structure) => (
              <optgroup key={structure} label={STRUCTURE_NAMES[structure]}>
                {OWN_FORMS.filter((one) => one.structure === structure).map(({ id }) => (
                  <option key={id} value={id}>
                    {OWN_FORM_NAMES[id]}
                  </option>
                ))}
              </optgroup>
            ))}
          </select>
        </label>
        <div role="status" className="mt-4">
          {message !== "" && <p className="text-rust">{message}</p>}
          {shown !== undefined && shown.message !== "" && <p className="text-rust">{shown.message}</p>}
          {worked && (
            <>
              <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
                <span className="font-board text-[28px]">
                  {worked.line} = <span className="text-straw">{worked.answer}</span>
                </span>
                <Go href={boardAddress({ problem: worked.line, house, step: 1 })} className={QUIET_BUTTON}>
                  <Grid3x3 aria-hidden="true" className="size-4.5" />
                  On the Board
                </Go>
                <Go href={turnAddress({ problem: worked.line, house, step: 1 })} className={QUIET_BUTTON}>
                  <PenLine aria-hidden="true" className="size-4.5" />
                  To a learner
                </Go>
              </p>
              <StoryDrawing picture={worked.picture} />
            </>
          )}
        </div>
      </div>
    </main>
  );
}
