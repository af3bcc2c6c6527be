import { type ReactElement, Suspense } from "react";
import { estimateLine } from "@/core/wording";
import { LazyGuess } from "../lazy";
import type { Guessing } from "./Guess";

/** The estimate made first. Where it waits, the learner's comes before it and stands beside it. */
export const EstimateCard = (guessing: Guessing): ReactElement => (
  <section aria-label="Estimate">
    <h2 className="text-small text-soft">
      {guessing.waiting ? "Your estimate first" : "Estimate made first"}
    </h2>
    {!guessing.waiting && (
      <p className="mt-1 text-lead font-semibold wrap-anywhere text-straw">
        {estimateLine(guessing.estimate, guessing.house)}
      </p>
    )}
    {(guessing.waiting || guessing.guess !== "") && (
      <Suspense>
        <LazyGuess {...guessing} />
      </Suspense>
    )}
  </section>
);
