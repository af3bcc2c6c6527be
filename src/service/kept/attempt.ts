import type { PatternId } from "@/core/errorPatterns";
import type { HouseRules } from "@/core/house";
import type { FormFault } from "@/core/marking";

/** What was found in an answer. `waiting` is typed and not marked yet; `unread` is no answer yet, and kept all the same. */
export interface AnswerMark {
  readonly verdict: "right" | "form" | "wrong" | "unread" | "waiting";
  readonly faults: readonly FormFault[];
  /** The patterns that explain it: the likeliest, or the tutor's choice. */
  readonly patterns: readonly PatternId[];
  readonly probability: number | undefined;
  /** The patterns that it showed, of the chances that its problem gives. */
  readonly shown: readonly PatternId[];
  readonly chances: readonly PatternId[];
}

/** An answer that was not looked at. */
export const WAITING: AnswerMark = {
  verdict: "waiting",
  faults: [],
  patterns: [],
  probability: undefined,
  shown: [],
  chances: [],
};

/** One answer of one learner, as their record has it. */
export interface Attempt {
  readonly id: number;
  readonly at: Date;
  readonly problem: string;
  readonly house: HouseRules;
  readonly given: string;
  readonly verdict: AnswerMark["verdict"];
  readonly patterns: readonly PatternId[];
  readonly note: string;
  readonly hints: number;
  readonly estimate: string;
}

/** What a learner handed in on their own paper. */
export interface HandedInWork {
  readonly learnerId: string;
  readonly problem: string;
  readonly house: HouseRules;
  readonly given: string;
  readonly mark: AnswerMark;
  /** The marks on the paper as JSON. */
  readonly marks: string;
  readonly hints: number;
  readonly estimate: string;
  /** The belief that the estimate could have shown, and whether it did. */
  readonly judged: { readonly pattern: PatternId; readonly shown: boolean } | undefined;
  readonly seconds: number;
  /** The id it was sent with: the same one again is the same work again. */
  readonly sentId: string | undefined;
  /** What is to be said of it besides; nothing where it is left out. */
  readonly note?: string;
}
