import type { ReactElement } from "react";

/** How likely an explanation is: in words, with a bar for the eye. */
export function Likely({
  probability,
  likely,
}: {
  readonly probability: number;
  readonly likely: string;
}): ReactElement {
  return (
    <span className="inline-flex items-center gap-1.5 text-small whitespace-nowrap text-soft">
      <span aria-hidden="true" className="h-1.5 w-9 overflow-hidden rounded-full bg-shade">
        <span
          className="block h-full rounded-full bg-rust"
          style={{ width: `${Math.round(probability * 100)}%` }}
        />
      </span>
      {likely}
    </span>
  );
}
