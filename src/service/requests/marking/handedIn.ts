import type { Mark } from "@/core/board";
import type { ExplanationView } from "@/core/learnerTask";
import type { FormFault } from "@/core/marking";

/** What a learner hands in. */
export interface HandIn {
  /** The same again where the same work is sent again. */
  readonly id: string;
  readonly problem: string;
  readonly house: Readonly<Record<string, string>>;
  readonly answer: string;
  readonly marks: readonly Mark[];
  readonly hints: number;
  readonly estimate: string;
  readonly seconds: number;
  /** Whose work it is; empty where nobody is named, and nothing is kept. */
  readonly learner: string;
}

/** What comes back: the verdict and what lies behind it. */
export interface HandedIn {
  readonly verdict: "right" | "form" | "wrong";
  readonly faults: readonly FormFault[];
  readonly right: string;
  readonly estimate: string;
  /** The belief that the learner's own estimate shows, and what helps; none where it shows none. */
  readonly belief?: { readonly name: string; readonly remedy: string } | undefined;
  readonly explanations: readonly (ExplanationView & {
    readonly replay: string;
    /** Whether all that is on the paper agrees with this way of going wrong, so that the rest follows on. */
    readonly onPaper: boolean;
  })[];
  readonly kept: boolean;
}

/** What is shown after handing in: what came back, or why the answer can't be read or was not kept. */
export type HandInOutcome =
  | { readonly ok: false; readonly message: string }
  | ({ readonly ok: true } & HandedIn);
