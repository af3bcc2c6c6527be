import type { ReactElement } from "react";
import { StoryStage } from "./StoryStage";

/** The longest answer that is a number with its unit and no sentence yet, in signs. */
const LONGEST_NUMBER = 18;

const isNumber = (answer: string): boolean => /\d/.test(answer) && answer.trim().length <= LONGEST_NUMBER;

/** The answer, and the sentence it stands in where the story has some to choose from. */
export const AnswerStage = ({
  answer,
  frame,
  frames,
  onChange,
}: {
  readonly answer: string;
  readonly frame: string | undefined;
  readonly frames: readonly string[];
  readonly onChange: (next: { readonly answer: string } | { readonly frame: string | undefined }) => void;
}): ReactElement => (
  <StoryStage name="What is the answer?">
    <input
      aria-label="Your answer"
      value={answer}
      autoComplete="off"
      spellCheck={false}
      placeholder="The number with its unit, or a whole sentence"
      onChange={({ target }) => onChange({ answer: target.value })}
      className="h-14 w-full rounded-lg border border-edge bg-page px-4 font-board text-title placeholder:font-sans placeholder:text-body placeholder:text-soft"
    />
    {frames.length > 0 && (
      <fieldset className="mt-2 flex flex-wrap gap-1.5">
        <legend className="mb-1 text-soft">Which sentence does it stand in?</legend>
        {frames.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={frame === one}
            onClick={() => onChange({ frame: frame === one ? undefined : one })}
            className="min-h-11 rounded-lg border border-edge bg-page px-3 py-1.5 text-left font-board text-lead aria-pressed:border-plumb aria-pressed:ring-2 aria-pressed:ring-plumb"
          >
            {isNumber(answer) ? one.replace("…", answer.trim()) : one}
          </button>
        ))}
      </fieldset>
    )}
  </StoryStage>
);
