import type { RunReason } from "@/core/checks";
import type { Step } from "@/core/methods";

/** Whether a step names the answer of the problem itself, and not that of a part worked on a page of its own. */
export const namesAnswer = ({ reason, page }: Step<RunReason>): boolean =>
  reason.kind === "nameAnswer" && page === undefined;
