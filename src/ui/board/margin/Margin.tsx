"use client";

import { type ReactElement, Suspense } from "react";
import type { Run, RunReason } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import type { MethodId, Step } from "@/core/methods";
import { pictureOf } from "@/core/pictures";
import { type StepWords, stretches } from "@/core/wording";
import { Button } from "../../parts/Button";
import { LazyDivisionNames, LazyInverseCard, LazyOtherMethodCard, LazyPicture } from "../lazy";
import { EstimateCard } from "./EstimateCard";

/** Where a tutor would write: the line to say, why it is so, the estimate and the check. */
export function Margin({
  run,
  step,
  position,
  words,
  house,
  hidden,
  waiting,
  estimateWaits,
  guess,
  onShowSay,
  onGuess,
  onBeside,
}: {
  readonly run: Run;
  readonly step: Step<RunReason>;
  /** Where in the run the step stands, from 1. */
  readonly position: number;
  readonly words: StepWords;
  readonly house: HouseRules;
  /** Whether the question stands in place of what to say and why. */
  readonly hidden: boolean;
  /** Whether the estimate still waits for the learner's. */
  readonly waiting: boolean;
  readonly estimateWaits: boolean;
  readonly guess: string;
  readonly onShowSay: () => void;
  readonly onGuess: (guess: string) => void;
  readonly onBeside: (method: MethodId) => void;
}): ReactElement {
  const picture = pictureOf(step.reason, run.working);
  return (
    <>
      <section aria-label={hidden ? "Ask" : "Say"}>
        <h2 className="text-small text-soft">{hidden ? "Ask" : "Say"}</h2>
        <p className="mt-1 text-title leading-[1.3] text-balance wrap-anywhere">
          <Marked line={hidden ? words.ask : words.say} />
        </p>
        {hidden && !waiting && (
          <Button look="words" onClick={onShowSay} className="mt-1">
            Show what to say
          </Button>
        )}
      </section>
      {!hidden && (
        <section aria-label="Why">
          <h2 className="text-small text-soft">Why</h2>
          <p className="mt-1 text-note leading-normal wrap-anywhere">
            <Marked line={words.why} />
          </p>
        </section>
      )}
      {picture && !hidden && (
        <section aria-label="Picture" className="max-w-80">
          {/* Without a boundary of its own, a first picture on its way would hold the whole step back. */}
          <Suspense>
            <LazyPicture picture={picture} house={house} />
          </Suspense>
        </section>
      )}
      <hr className="border-edge last:hidden" />
      {run.working.problem.op === "divide" && (
        <Suspense>
          <LazyDivisionNames run={run} step={position} house={house} />
        </Suspense>
      )}
      {run.estimate && (
        <EstimateCard
          estimate={run.estimate}
          house={house}
          waits={estimateWaits}
          waiting={waiting}
          guess={guess}
          onGuess={onGuess}
        />
      )}
      {step.reason.kind === "otherMethod" && (
        <Suspense>
          <LazyOtherMethodCard
            problem={run.working.problem}
            method={step.reason.method}
            house={house}
            onBeside={onBeside}
          />
        </Suspense>
      )}
      {step.reason.kind === "inverse" && (
        <Suspense>
          <LazyInverseCard inverse={step.reason.inverse} house={house} />
        </Suspense>
      )}
    </>
  );
}

function Marked({ line }: { readonly line: string }): ReactElement {
  return (
    <>
      {stretches(line).map(({ text, marked }, index) =>
        marked ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a line never change their order
          <strong key={index} className="font-bold text-pencil">
            {text}
          </strong>
        ) : (
          text
        ),
      )}
    </>
  );
}
