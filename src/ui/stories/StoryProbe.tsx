"use client";

import { Check, RefreshCw, X } from "lucide-react";
import { type ReactElement, useEffect, useState } from "react";
import * as z from "zod/mini";
import { choicesOf, type HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { StoryAccounts } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { Likely } from "../parts/Likely";
import { PlaceLink } from "../parts/PlaceLink";
import { ask } from "../saving/wire/ask";
import { VIEWS } from "../saving/wire/views";

/** Eight stories on which every pattern can show, their answers as a learner gives them, and what those show together. */
export function StoryProbe({
  stories,
  seed,
  house,
}: {
  readonly stories: readonly { readonly kind: string; readonly seed: number; readonly text: string }[];
  readonly seed: number;
  readonly house: HouseRules;
}): ReactElement {
  const place = `right-sum-stories ${seed} ${house.currency}`;
  const [said, setSaid] = useState<readonly string[]>([]);
  const [shown, setShown] = useState<StoryAccounts>();
  const [message, setMessage] = useState("");
  useEffect(() => setSaid(kept(localStorage.getItem(place))), [place]);
  const write = (at: number, text: string): void => {
    const next = stories.map((_, nth) => (nth === at ? text : (said[nth] ?? "")));
    setSaid(next);
    setShown(undefined);
    localStorage.setItem(place, JSON.stringify(next));
  };
  const answered = stories.flatMap((story, nth) =>
    said[nth]?.trim() ? [{ kind: story.kind, seed: story.seed, said: said[nth], nth }] : [],
  );
  const look = async (): Promise<void> => {
    const back = await ask(VIEWS.storyAccounts, API_ROUTES.storyAccounts, "POST", {
      answers: answered.map(({ nth: _, ...answer }) => answer),
      house: choicesOf(house),
    });
    setShown(back.ok ? back.value : undefined);
    setMessage(back.ok ? "" : back.error.message);
  };
  const verdict = (nth: number): StoryAccounts["verdicts"][number] | undefined =>
    shown?.verdicts[answered.findIndex((one) => one.nth === nth)];
  return (
    <main
      // biome-ignore lint/a11y/noNoninteractiveTabindex: stories longer than their room are scrolled by keys
      tabIndex={0}
      className="h-full overflow-y-auto px-8 py-5 max-[700px]:px-4"
    >
      <div className="mx-auto max-w-[980px]">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <h1 className="text-head leading-tight font-semibold">Eight stories</h1>
          <PlaceLink href={ROUTES.stories} look="quiet">
            Word problems
          </PlaceLink>
        </div>
        <p className="max-w-[760px] text-soft">
          Everything that learners do with stories can show on these. Write what the learner answers; what all
          the answers show together is told below.
        </p>
        <ol className="mt-4 grid gap-4">
          {stories.map(({ text, kind, seed: seedOfStory }, nth) => (
            <li
              key={`${kind} ${seedOfStory}`}
              className="grid grid-cols-[28px_minmax(0,1fr)_minmax(0,240px)] items-start gap-3 max-[700px]:grid-cols-[28px_minmax(0,1fr)]"
            >
              <span className="pt-2 font-semibold text-plumb">{nth + 1}</span>
              <p id={`story-${nth}`} className="pt-1 font-board text-lead leading-snug">
                {text}
              </p>
              <span className="flex items-center gap-2 max-[700px]:col-start-2">
                <input
                  aria-label={`The answer to story ${nth + 1}`}
                  aria-describedby={`story-${nth}`}
                  value={said[nth] ?? ""}
                  maxLength={400}
                  autoComplete="off"
                  onChange={({ target }) => write(nth, target.value)}
                  className="h-12 w-0 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3 font-board text-lead"
                />
                <Verdict verdict={verdict(nth)} />
              </span>
            </li>
          ))}
        </ol>
        <div className="mt-5 flex flex-wrap gap-1">
          <Button look="main" disabled={answered.length === 0} onClick={look}>
            What do these answers show?
          </Button>
          <PlaceLink href={ROUTES.storyProbe(seed + 100)} look="quiet">
            <RefreshCw aria-hidden="true" className="size-4.5" />
            Eight others
          </PlaceLink>
        </div>
        <div role="status" className="mt-4 pb-8">
          {message !== "" && <p className="text-rust">{message}</p>}
          {shown !== undefined && <Accounts shown={shown} />}
        </div>
      </div>
    </main>
  );
}

function Verdict({
  verdict,
}: {
  readonly verdict: StoryAccounts["verdicts"][number] | undefined;
}): ReactElement {
  switch (verdict) {
    case undefined:
      return <span className="size-6" />;
    case "unread":
      return <span className="text-note text-rust">can’t be read</span>;
    case "wrong":
      return <X aria-label="Not right" className="size-6 text-rust" />;
    default:
      return <Check aria-label="Right" className="size-6 text-plumb" />;
  }
}

function Accounts({ shown }: { readonly shown: StoryAccounts }): ReactElement {
  if (shown.accounts.length === 0)
    return (
      <p>
        {shown.verdicts.includes("wrong")
          ? "No pattern of stories shows. What is wrong lies in the columns, or is a slip."
          : "Nothing is wrong in these answers."}
      </p>
    );
  return (
    <ul aria-label="What they show" className="grid gap-4">
      {shown.accounts.map(({ pattern, name, does, helps, probability, likely, shown: times, of }) => (
        <li key={pattern}>
          <p className="flex flex-wrap items-baseline gap-x-3 text-body font-semibold">
            {name}
            <Likely probability={probability} likely={likely} />
            <span className="text-note font-normal text-soft">
              on {times} of the {of} {of === 1 ? "story" : "stories"} on which it can show
            </span>
          </p>
          <p>{does}</p>
          <p className="text-soft">{helps}</p>
        </li>
      ))}
    </ul>
  );
}

function kept(text: string | null): readonly string[] {
  try {
    const read = z.array(z.string()).safeParse(JSON.parse(text ?? "null"));
    return read.success ? read.data : [];
  } catch {
    return [];
  }
}
