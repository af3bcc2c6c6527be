import { type ReactElement, type RefObject, useEffect, useState } from "react";
import { LONGEST_ANSWER } from "@/core/marking";
import { Button } from "../../parts/Button";

/** The answer as it stands on the paper, or typed over, to be handed in. */
export function HandInForm({
  read,
  choices,
  answerField,
  learner,
  sending,
  onHandIn,
}: {
  /** The answer as it stands on the paper. */
  readonly read: string;
  /** The numbers that could be the answer, where it is asked which one is. */
  readonly choices: readonly string[];
  readonly answerField: RefObject<HTMLInputElement | null>;
  /** Whose work it is; none where it is nobody's. */
  readonly learner: string | undefined;
  readonly sending: boolean;
  readonly onHandIn: (answer: string) => void;
}): ReactElement {
  const [typed, setTyped] = useState<string | undefined>();
  // A new mark on the paper says the answer anew.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read changes with the paper
  useEffect(() => setTyped(undefined), [read]);
  return (
    <form
      aria-label="Hand in"
      onSubmit={(event) => {
        event.preventDefault();
        if (!sending) onHandIn(typed ?? read);
      }}
    >
      <label htmlFor="turn-answer" className="text-small text-soft">
        Your answer
      </label>
      <div className="mt-1 flex gap-2">
        <input
          id="turn-answer"
          ref={answerField}
          value={typed ?? read}
          maxLength={LONGEST_ANSWER}
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
          className="h-12 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3 font-board text-title"
        />
        <Button look="main" type="submit" disabled={sending}>
          Hand in
        </Button>
      </div>
      {choices.length > 0 && typed === undefined && (
        <div className="mt-2">
          <p className="text-note">Which of these is your answer?</p>
          <div className="mt-1 flex flex-wrap gap-2">
            {choices.slice(0, 4).map((text) => (
              <button
                key={text}
                type="button"
                onClick={() => setTyped(text)}
                className="min-h-11 rounded-lg border border-edge bg-page px-4 font-board text-body hover:bg-shade"
              >
                {text}
              </button>
            ))}
          </div>
        </div>
      )}
      {learner !== undefined && <p className="mt-1.5 text-small text-soft">{learner}’s work.</p>}
    </form>
  );
}
