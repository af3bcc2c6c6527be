/** A square of the sheet by its row and its learner. */
export interface At {
  readonly row: string;
  readonly learner: string;
}

/** What the table asks for; each is given the square it comes from. */
export interface TableActs {
  readonly type: (row: string, learner: string, typed: string) => void;
  /** An answer is finished; `by` says which way to go on. */
  readonly enter: (row: string, learner: string, by: "down" | "up" | "stay") => void;
  readonly select: (at: At) => void;
  readonly paste: (row: string, learner: string, text: string) => boolean;
  /** Takes the next explanation of a wrong answer. */
  readonly nextExplanation: (row: string, learner: string) => void;
  /** Of two answers that two windows wrote, takes this window's or the other's. */
  readonly choose: (row: string, learner: string, mine: boolean) => void;
  readonly removeRow: (row: string) => void;
  readonly removeLearner: (learner: string) => void;
}

/** The id of a square's field, so that the keys can find the next one. */
export const fieldId = (row: string, learner: string): string => `answer-${row}-${learner}`;
