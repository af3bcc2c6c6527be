import { type ReactElement, Suspense } from "react";
import type { Estimate } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { estimateLine } from "@/core/wording";
import { LazyGuess } from "../lazy";

/** The estimate made first. Where it waits, the learner's comes before it and stands beside it. */
export function EstimateCard({
  estimate,
  house,
  waits,
  waiting,
  guess,
  onGuess,
}: {
  readonly estimate: Estimate;
  readonly house: HouseRules;
  readonly waits: boolean;
  readonly waiting: boolean;
  readonly guess: string;
  readonly onGuess: (guess: string) => void;
}): ReactElement {
  return (
    <section aria-label="Estimate">
      <h2 className="text-small text-soft">{waiting ? "Your estimate first" : "Estimate made first"}</h2>
      {!waiting && (
        <p className="mt-1 text-lead font-semibold wrap-anywhere text-straw">
          {estimateLine(estimate, house)}
        </p>
      )}
      {(waiting || guess !== "") && (
        <Suspense>
          <LazyGuess
            estimate={estimate}
            house={house}
            waits={waits}
            waiting={waiting}
            guess={guess}
            onGuess={onGuess}
          />
        </Suspense>
      )}
    </section>
  );
}
