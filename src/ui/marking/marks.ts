import type { FormFault } from "@/core/marking";
import type { SlipId } from "@/core/slips";

/** What lies behind a wrong answer, as the marking screen lists it. */
export interface ShownExplanation {
  readonly slips: readonly SlipId[];
  readonly names: readonly string[];
  readonly probability: number;
}

/** An answer on a sheet as it was marked. */
interface CellMark {
  readonly verdict: "right" | "form" | "wrong" | "unread";
  readonly faults: readonly FormFault[];
  /** The explanation that stands: the likeliest, or the tutor's choice. */
  readonly slips: readonly SlipId[];
  readonly chosen: boolean;
  readonly note: string;
  /** Why it can't be read, in a sentence; empty where it can. */
  readonly error: string;
}

/** A cell that is marked, with all that may explain it. */
export interface MarkedCell extends CellMark {
  readonly row: number;
  readonly learner: string;
  readonly given: string;
  readonly explanations: readonly ShownExplanation[];
}

/** What is sent to be marked: an answer as typed, and the tutor's choice where there is one. */
export interface SentCell {
  readonly row: number;
  readonly learner: string;
  readonly given: string;
  readonly slips?: readonly SlipId[];
  readonly note?: string;
}

/** A row of a sheet: its problem as typed, and its right answer as the house writes it. */
export interface SheetRow {
  readonly problem: string;
  readonly right: string;
}

/** How a learner did on a sheet. */
export interface LearnerSummary {
  readonly right: number;
  readonly form: number;
  readonly wrong: number;
  /** The best account of all the wrong answers together; nothing where none is known. */
  readonly account:
    | { readonly slips: readonly SlipId[]; readonly names: readonly string[]; readonly explains: number }
    | undefined;
  readonly showings: readonly {
    readonly slip: SlipId;
    readonly name: string;
    readonly shown: number;
    readonly chances: number;
    readonly steady: boolean;
  }[];
}

/** A learner as a column of the sheet. */
export interface Column {
  readonly id: string;
  readonly name: string;
}

/** What stands in a square of the sheet. */
export interface Cell {
  readonly typed: string;
  /** What it was marked as; nothing until its answer came back. */
  readonly mark: (CellMark & Partial<Pick<MarkedCell, "explanations">>) | undefined;
  readonly keeping: "typing" | "keeping" | "kept" | "notKept";
}

/** A square by its row and learner, as text. */
export const keyOf = (row: number, learner: string): string => `${row} ${learner}`;

/** The most rows and columns of a sheet. */
export const MOST_ROWS = 60;
export const MOST_LEARNERS = 40;
/** The longest answer and note that are kept, in characters. */
export const LONGEST_ANSWER = 200;
export const LONGEST_NOTE = 400;
export const LONGEST_NAME = 40;
