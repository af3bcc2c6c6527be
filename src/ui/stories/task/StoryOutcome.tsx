import { Check, X } from "lucide-react";
import type { ReactElement } from "react";
import type { StoryWorkMarked } from "@/service/requests";

const STAGES = {
  givens: "The numbers",
  structure: "How it hangs together",
  line: "What was worked",
  answer: "The answer",
  sentence: "The sentence",
} as const;

/** What is to be said of a learner's work on a story, stage by stage; what may lie behind it is folded away, for the tutor. */
export function StoryOutcome({ marked }: { readonly marked: StoryWorkMarked }): ReactElement {
  return (
    <section aria-label="Your work" className="rounded-2xl border border-edge bg-page p-5 shadow-sheet">
      <ul className="grid gap-2.5">
        {marked.stages.map(({ stage, right, words }) => (
          <li
            key={stage}
            className="grid grid-cols-[28px_minmax(0,190px)_minmax(0,1fr)] gap-2 leading-snug max-[700px]:grid-cols-[28px_minmax(0,1fr)]"
          >
            {right ? (
              <Check aria-label="Right" className="size-6 text-plumb" />
            ) : (
              <X aria-label="Not yet" className="size-6 text-rust" />
            )}
            <span className="font-semibold">{STAGES[stage]}</span>
            <span className="max-[700px]:col-start-2">{words}</span>
          </li>
        ))}
      </ul>
      {marked.behind.length > 0 && (
        <details className="mt-4 border-t border-edge pt-3">
          <summary className="min-h-11 cursor-pointer content-center font-semibold text-plumb">
            For your tutor: what may lie behind it
          </summary>
          <ul className="mt-2 grid gap-3">
            {marked.behind.map(({ names, helps, problem }) => (
              <li key={`${problem} ${names.join()}`}>
                <p className="font-semibold">{names.join(", and ")}</p>
                <p className="font-board text-lead">{problem}</p>
                {helps !== null && <p className="text-soft">{helps}</p>}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
