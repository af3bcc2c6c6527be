import type { ReactElement } from "react";
import type { LearnersStory } from "./learnersStory";

/** The story to be read. Its numbers are tapped where they are needed. */
export const StoryText = ({
  story,
  tapped,
  onTap,
}: {
  readonly story: LearnersStory;
  readonly tapped: readonly string[];
  readonly onTap: (name: string) => void;
}): ReactElement => (
  <p className="font-board text-head leading-[1.6] max-[700px]:text-title">
    {story.stretches.map(({ text, given }, nth) =>
      given === undefined ? (
        // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a text never change their order
        <span key={nth}>{text}</span>
      ) : (
        <button
          key={given}
          type="button"
          aria-pressed={tapped.includes(given)}
          onClick={() => onTap(given)}
          className="rounded-lg border-b-[3px] border-todo px-1 hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade"
        >
          {text}
        </button>
      ),
    )}{" "}
    <span>{story.question}</span>
  </p>
);
