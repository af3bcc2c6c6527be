import type { ReactElement } from "react";
import { ROUTES } from "@/service/routes";
import { PlaceLink } from "../parts/PlaceLink";

/** How many patterns a fresh sheet is drawn for. */
const MOST_FOLLOWED = 4;

/** What to do next about patterns that showed: a sheet drawn for the steady ones, and a probe where several are unclear. */
export function FollowUp({
  patterns,
}: {
  readonly patterns: readonly { readonly pattern: string; readonly steady: boolean }[];
}): ReactElement | null {
  const steady = patterns.filter((one) => one.steady);
  const followed = (steady.length > 0 ? steady : patterns).slice(0, MOST_FOLLOWED);
  const unclear = patterns.filter((one) => !one.steady);
  if (followed.length === 0) return null;
  return (
    <p className="mt-2 flex flex-wrap gap-x-4">
      <PlaceLink href={ROUTES.sheetFor(followed.map(({ pattern }) => pattern))} look="words">
        Draw a sheet for what showed
      </PlaceLink>
      {unclear.length > 1 && (
        <PlaceLink href={ROUTES.probeFor(unclear.map(({ pattern }) => pattern))} look="words">
          Probe what is unclear
        </PlaceLink>
      )}
    </p>
  );
}
