"use client";

import type { ReactElement } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import type { StoryOfRow } from "@/core/stories";
import { API_ROUTES } from "@/service/apiRoutes";
import { useAsked } from "../../saving/wire/useAsked";
import { VIEWS } from "../../saving/wire/views";

/** How long an answer is looked at before it is asked about, in milliseconds. */
const LOOKED_AT = 150;

/** A story that was drawn, so that it is known what can be done with it. */
type DrawnStory = Required<Pick<StoryOfRow, "kind" | "seed" | "text">> & Pick<StoryOfRow, "whole">;

/**
 * What was done with the story of a row, where that leads to a wrong answer: another operation, another question, a part
 * left out. Where a quotient is rounded by sense, what went wrong in the columns too: they answer no question by themselves.
 */
export function InTheStory({
  story: { kind, seed, text, whole },
  said,
  house,
}: {
  readonly story: DrawnStory;
  readonly said: string;
  readonly house: HouseRules;
}): ReactElement | null {
  const asked = { kind, seed, text, house: choicesOf(house) };
  const work = { tapped: [], answer: said };
  const { shown } = useAsked(
    VIEWS.storyWorkMarked,
    API_ROUTES.markStory,
    JSON.stringify({ ...asked, work }),
    LOOKED_AT,
  );
  const behind = shown?.behind.filter(({ pattern }) => pattern !== null || whole !== undefined) ?? [];
  if (behind.length === 0) return null;
  return (
    <section aria-label="In the story" className="mt-3 rounded-lg border border-rust px-3 py-2">
      <h3 className="text-small text-soft">In the story</h3>
      <ul className="mt-1 grid gap-2">
        {behind.map(({ names, helps, problem }) => (
          <li key={`${problem} ${names.join()}`}>
            <p className="leading-tight font-semibold">{names.join(", and ")}</p>
            <p className="font-board text-body">{problem}</p>
            {helps !== null && <p className="text-note leading-snug text-soft">{helps}</p>}
          </li>
        ))}
      </ul>
    </section>
  );
}
