"use client";

import { ArrowLeftRight, Grid3x3, PenLine } from "lucide-react";
import type { ReactElement } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { letterOf, OWN_FORMS, OWN_LINE, STRUCTURES } from "@/core/stories";
import { OWN_FORM_NAMES, OWN_LINE_NAME, STRUCTURE_NAMES } from "@/core/wording";
import { API_ROUTES } from "@/service/apiRoutes";
import type { OwnStoryShown } from "@/service/requests";
import { boardAddress, turnAddress } from "../../../service/boardAddress";
import { Button } from "../../parts/Button";
import { PlaceLink } from "../../parts/PlaceLink";
import { sameJson } from "../../saving/sameJson";
import { useAsked } from "../../saving/wire/useAsked";
import { VIEWS } from "../../saving/wire/views";
import { StoryDrawing } from "../StoryDrawing";
import { answerSentence, type OwnDraft, questionIn } from "./ownDraft";

/** How long after the last change the text is worked anew. */
const PAUSE = 250;

/** The story that the page began with, worked by the server already; nothing where it could not be in time. */
export interface FirstWorked {
  readonly draft: OwnDraft;
  readonly shown: OwnStoryShown | undefined;
}

const sameStory = (one: OwnDraft, other: OwnDraft): boolean =>
  sameJson(
    [one.text, one.form, one.line, one.left, one.turned],
    [other.text, other.form, other.line, other.left, other.turned],
  );

/** A story that the tutor writes or changes: they mark its numbers and choose what is asked, and the rest follows as they write. */
export function OwnStoryCard({
  draft,
  house,
  first,
  onChange,
}: {
  readonly draft: OwnDraft;
  readonly house: HouseRules;
  readonly first: FirstWorked;
  readonly onChange: (change: Partial<OwnDraft>) => void;
}): ReactElement {
  const { text, form, line, left, turned, answer } = draft;
  const asked = JSON.stringify({ text, form, line, left, turned, house: choicesOf(house) });
  const isFirst = first.shown !== undefined && sameStory(draft, first.draft);
  const back = useAsked(VIEWS.ownStoryShown, API_ROUTES.workOwnStory, isFirst ? undefined : asked, PAUSE);
  const shown = isFirst ? first.shown : back.shown;
  const { message } = back;
  const worked = shown?.worked;
  const isLine = form === OWN_LINE;
  const question = questionIn(text);
  return (
    <>
      <label className="block">
        <span className="text-small text-soft">The story, with its question</span>
        <textarea
          value={text}
          rows={3}
          maxLength={1000}
          onChange={({ target }) => onChange({ text: target.value })}
          className="mt-1 w-full rounded-xl border border-edge bg-page p-4 font-board text-title leading-[1.5]"
        />
      </label>
      <p className="mt-1 text-note text-soft">
        {question === "" ? (
          "It has no question yet: a sentence that ends with a question mark."
        ) : (
          <>
            What is asked:{" "}
            <span className="rounded-full px-2 font-board text-body text-ink ring-2 ring-pencil">
              {question}
            </span>
          </>
        )}
      </p>
      <section aria-label="Its numbers" className="mt-3">
        <p className="text-small text-soft">
          {isLine
            ? "Its numbers, and the letters that stand for them in the line."
            : "Its numbers. Press one that the question does not need, and once more to take it in."}
        </p>
        <div className="mt-1 flex flex-wrap items-center gap-1.5">
          {shown?.numbers.map((number, nth) => (
            <button
              key={number.at}
              type="button"
              aria-pressed={isLine ? undefined : !left.includes(number.text)}
              onClick={() =>
                isLine
                  ? onChange({ line: `${line}${line === "" ? "" : " "}${letterOf(nth)}` })
                  : onChange({
                      left: left.includes(number.text)
                        ? left.filter((one) => one !== number.text)
                        : [...left, number.text],
                    })
              }
              data-plain={isLine}
              className="min-h-11 rounded-lg border border-edge bg-page px-3 font-board text-lead text-soft line-through decoration-rust aria-pressed:border-plumb aria-pressed:text-ink aria-pressed:no-underline aria-pressed:ring-2 aria-pressed:ring-plumb data-[plain=true]:text-ink data-[plain=true]:no-underline"
            >
              {isLine && <span className="mr-2 font-semibold text-plumb">{letterOf(nth)}</span>}
              {number.text}
            </button>
          ))}
          {!isLine && (
            <Button look="quiet" aria-pressed={turned} onClick={() => onChange({ turned: !turned })}>
              <ArrowLeftRight aria-hidden="true" className="size-4.5" />
              In the other order
            </Button>
          )}
        </div>
      </section>
      <div className="mt-4 flex flex-wrap items-end gap-4">
        <label className="block min-w-0 flex-[1_1_380px]">
          <span className="block text-small text-soft">What is known, and what is asked</span>
          <select
            value={form}
            onChange={({ target }) => {
              const chosen = OWN_FORMS.find(({ id }) => id === target.value);
              onChange({ form: chosen?.id ?? OWN_LINE });
            }}
            className="mt-1 h-12 w-full rounded-lg border border-edge bg-page px-3 text-body"
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
            <option value={OWN_LINE}>{OWN_LINE_NAME}</option>
          </select>
        </label>
        {isLine && (
          <label className="block min-w-0 flex-[1_1_260px]">
            <span className="block text-small text-soft">The line, such as (A − B) ÷ C</span>
            <input
              value={line}
              maxLength={120}
              autoComplete="off"
              spellCheck={false}
              onChange={({ target }) => onChange({ line: target.value })}
              className="mt-1 h-12 w-full rounded-lg border border-edge bg-page px-3 font-board text-title"
            />
          </label>
        )}
      </div>
      <label className="mt-4 block">
        <span className="block text-small text-soft">
          The answer as a sentence, with … for what comes out (it stands in the key of a sheet)
        </span>
        <input
          value={answer}
          maxLength={400}
          autoComplete="off"
          onChange={({ target }) => onChange({ answer: target.value })}
          placeholder="They cost … altogether."
          className="mt-1 h-12 w-full rounded-lg border border-edge bg-page px-3 font-board text-lead placeholder:text-soft"
        />
      </label>
      <div role="status" className="mt-4">
        {message !== "" && <p className="text-rust">{message}</p>}
        {shown !== undefined && shown.message !== "" && <p className="text-rust">{shown.message}</p>}
        {worked && (
          <>
            <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
              <span className="font-board text-head">
                {worked.line} = <span className="text-straw">{worked.answer}</span>
              </span>
              <PlaceLink href={boardAddress({ problem: worked.line, house, step: 1 })} look="quiet">
                <Grid3x3 aria-hidden="true" className="size-4.5" />
                On the Board
              </PlaceLink>
              <PlaceLink href={turnAddress({ problem: worked.line, house, step: 1 })} look="quiet">
                <PenLine aria-hidden="true" className="size-4.5" />
                To a learner
              </PlaceLink>
            </p>
            {worked.operations.length > 1 && (
              <ol aria-label="What is worked" className="mt-1 font-board text-lead text-soft">
                {worked.operations.map((operation) => (
                  <li key={operation.line}>
                    {operation.line} = {operation.comes}
                  </li>
                ))}
              </ol>
            )}
            {answer.trim() !== "" && (
              <p className="mt-1 font-board text-title text-straw">{answerSentence(answer, worked.answer)}</p>
            )}
            {worked.picture !== null && <StoryDrawing picture={worked.picture} />}
          </>
        )}
      </div>
    </>
  );
}
