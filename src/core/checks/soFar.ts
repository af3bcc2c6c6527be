import type { Step } from "../methods";
import type { Problem } from "../problem";
import type { RunReason } from "./runReason";

/**
 * What a chain has become by a step that is made on a page of its own: what is still to be worked there, as
 * it stands on the first page. None before the first operation is put back, and on the first page itself.
 */
export function soFar(
  steps: readonly Pick<Step<RunReason>, "reason" | "page">[],
  shown: number,
): Problem | undefined {
  if (steps[shown - 1]?.page === undefined) return undefined;
  return steps
    .slice(0, shown)
    .flatMap(({ reason }) => (reason.kind === "putBack" || reason.kind === "takeParts" ? [reason.rest] : []))
    .at(-1);
}
