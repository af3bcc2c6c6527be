import type { ReactElement } from "react";
import { LONGEST_GUESS } from "@/core/marking";

/** The learner's estimate; where the house asks for it first, the paper opens once it is written. */
export const EstimateField = ({
  estimate,
  waits,
  onEstimate,
}: {
  readonly estimate: string;
  readonly waits: boolean;
  readonly onEstimate: (estimate: string) => void;
}): ReactElement => (
  <section aria-label="Estimate">
    <label htmlFor="turn-estimate" className="text-small text-soft">
      About how much?{waits && " Write it first; then the paper opens."}
    </label>
    <input
      id="turn-estimate"
      value={estimate}
      maxLength={LONGEST_GUESS}
      autoComplete="off"
      onChange={(event) => onEstimate(event.target.value)}
      className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-3 font-board text-body text-straw"
    />
  </section>
);
