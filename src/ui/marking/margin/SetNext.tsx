import type { ReactElement } from "react";
import type { PatternId } from "@/core/errorPatterns";
import type { ExplanationJson } from "@/service/requests";
import { Button } from "../../parts/Button";

/** What is known of a wrong answer: its explanations, and a problem to set next. */
export interface Found {
  readonly explanations: readonly ExplanationJson[];
  /** A problem that would tell the first two apart. */
  readonly separating: { readonly problem: string; readonly answers: readonly [string, string] } | null;
  /** A problem on which the first would show again. */
  readonly twin: { readonly problem: string; readonly answer: string; readonly right: string } | null;
  /** Why it can't be read, in a sentence; empty where it can. */
  readonly error: string;
}

/** What helps against what was taken to lie behind an answer, and what to set next: to tell two explanations apart, or to see whether it comes again. */
export function SetNext({
  found: { explanations, separating, twin },
  taken,
  onSet,
}: {
  readonly found: Found;
  /** What the tutor took for the cause. */
  readonly taken: readonly PatternId[];
  /** Puts a problem on the sheet. */
  readonly onSet: (problem: string) => void;
}): ReactElement | null {
  const chosen = explanations.find((one) => one.patterns.join() === taken.join()) ?? explanations[0];
  if (chosen === undefined) return null;
  return (
    <>
      <p className="mt-3 text-note leading-snug">
        <span className="text-soft">What helps:</span> {chosen.helps.join(" ")}
      </p>
      {separating && (
        <p className="mt-3 text-note leading-snug">
          This answer does not settle which of the first two it is. Set{" "}
          <strong className="font-board">{separating.problem}</strong> next:{" "}
          <span className="font-board">{separating.answers[0]}</span> would speak for the first,{" "}
          <span className="font-board">{separating.answers[1]}</span> for the second.
          <Adding problem={separating.problem} onSet={onSet} />
        </p>
      )}
      {twin && (
        <p className="mt-3 text-note leading-snug">
          To see whether it comes again, set <strong className="font-board">{twin.problem}</strong>:{" "}
          {twin.answer !== twin.right && (
            <>
              <span className="font-board">{twin.answer}</span> would show it,{" "}
            </>
          )}
          <span className="font-board">{twin.right}</span> is right.
          <Adding problem={twin.problem} onSet={onSet} />
        </p>
      )}
    </>
  );
}

function Adding({
  problem,
  onSet,
}: {
  readonly problem: string;
  readonly onSet: (problem: string) => void;
}): ReactElement {
  return (
    <Button look="words" onClick={() => onSet(problem)} className="ml-2">
      Add it to the sheet
    </Button>
  );
}
