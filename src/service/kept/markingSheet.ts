import type { PatternId } from "@/core/errorPatterns";
import type { ExplanationView } from "@/core/learnerTask";
import type { FormFault } from "@/core/marking";
import type { Strand } from "@/core/sheets";
import type { StoryOfRow } from "@/core/stories";

/** An answer on a sheet as it stands on disk. */
export interface KeptMark {
  readonly given: string;
  /** `waiting` is kept and not marked yet. */
  readonly verdict: "right" | "form" | "wrong" | "unread" | "waiting";
  readonly faults: readonly FormFault[];
  /** The explanation that stands: the likeliest, or the tutor's choice. */
  readonly patterns: readonly PatternId[];
  readonly chosen: boolean;
  readonly note: string;
  /** The revision it was written with; 0 for an empty square. */
  readonly revision: number;
}

/** What is kept of a square, with where it stands. */
export interface NewsCell extends KeptMark {
  readonly row: string;
  readonly learner: string;
  /** All that may explain it, where it was marked just now. */
  readonly explanations?: readonly ExplanationView[];
}

/** What the tutor changes in a square: only what changes is named. */
export interface CellChange {
  readonly row: string;
  readonly learner: string;
  readonly given?: string;
  readonly patterns?: readonly PatternId[];
  readonly note?: string;
}

/** What a tutor does to the rows and learners of a sheet. Each names what it is about by id, so that acts of two windows go together. */
export type SheetAct =
  | { readonly kind: "addRow"; readonly id: string; readonly problem: string }
  /** Puts a learner on the sheet, and on the list under that name where they are not there yet. */
  | { readonly kind: "addLearner"; readonly id: string; readonly name: string }
  | {
      readonly kind: "removeRow" | "restoreRow" | "removeLearner" | "restoreLearner";
      readonly id: string;
    };

/** What is new on a sheet since a revision: its rows and learners where they changed, and the squares that did. */
export interface SheetNews {
  readonly revision: number;
  readonly rows?: readonly MarkingRow[];
  readonly learners?: readonly Column[];
  readonly cells: readonly NewsCell[];
  /** How many answers wait to be marked. */
  readonly waiting: number;
}

/** What became of what was sent. */
export interface SheetKept extends SheetNews {
  /** Squares that another window wrote meanwhile: left as they stand. */
  readonly clashes: readonly NewsCell[];
  /** Squares that can't be kept, with why. */
  readonly refused: readonly { readonly row: string; readonly learner: string; readonly message: string }[];
  /** Learners who were on the list under the name already, by the id they were sent with. */
  readonly aliases: Readonly<Record<string, string>>;
}

/** A row of a sheet: its problem as typed, and its right answer as the house writes it. */
export interface MarkingRow {
  readonly id: string;
  readonly problem: string;
  readonly right: string;
  /** The story that its problem answers, where the kept sheet of the same id has one. */
  readonly story?: StoryOfRow;
}

/** How a learner did on a sheet. */
export interface LearnerSummary {
  readonly right: number;
  readonly form: number;
  readonly wrong: number;
  /** The best account of all the wrong answers together; none where none is known. */
  readonly account?:
    | {
        readonly patterns: readonly PatternId[];
        readonly names: readonly string[];
        readonly explains: number;
      }
    | undefined;
  /** A strand in which nearly all of one kind of problem is wrong, in a way that is not known. */
  readonly unknown?:
    | { readonly strand: Strand; readonly name: string; readonly wrong: number; readonly of: number }
    | undefined;
  readonly showings: readonly {
    readonly pattern: PatternId;
    readonly name: string;
    readonly shown: number;
    readonly chances: number;
    readonly steady: boolean;
  }[];
  /** What was done with the stories on it, the likeliest first; on how many it showed, of how many on which it could. */
  readonly stories: readonly {
    readonly name: string;
    readonly does: string;
    readonly shown: number;
    readonly of: number;
  }[];
}

/** A learner as a column of the sheet. */
export interface Column {
  readonly id: string;
  readonly name: string;
}

/** A square by its row and learner, as text. */
export const squareKey = (row: string, learner: string): string => `${row} ${learner}`;
