/** A number of a problem as sentences name it; what it does not have is empty, or nought. */
export interface NumberSaid {
  /** As it is written. */
  readonly text: string;
  /** Without its sign. */
  readonly size: string;
  /** Of a decimal or an amount: what stands before its point, and after it. Of a mixed number: its wholes. */
  readonly whole: string;
  readonly ends: string;
  /** Of a fraction or a mixed number. */
  readonly top: bigint;
  readonly bottom: bigint;
  readonly negative: boolean;
}

/** A problem and a wrong answer to it, as sentences name them. */
export interface ErrorSaid {
  /** The problem as it is written. */
  readonly line: string;
  /** All its numbers, listed. */
  readonly all: string;
  readonly isSum: boolean;
  readonly isDivision: boolean;
  /** The denominator or numerator that is asked for. */
  readonly wanted: bigint;
  readonly wrong: string;
}

/** Something said of an error with the numbers of the problem: its first number, its second and the rest of it; none where these numbers give nothing to say. */
export type SaidWith = (first: NumberSaid, second: NumberSaid, error: ErrorSaid) => string | undefined;

/** What is said of an error pattern or a slip: what it is called, how it shows, what it is mixed up with and what helps. */
export interface PatternWords {
  readonly name: string;
  /** What the learner does, in a sentence or two. */
  readonly does: string;
  /** The features that a problem needs for it to show. */
  readonly shows: string;
  /** How it is told apart from what looks like it. */
  readonly apart: string;
  /** What helps: the same for every problem, or with its numbers. */
  readonly remedy: string | SaidWith;
  /** Where it is described, from memory: author and year. */
  readonly knownFrom: string;
  /** What was done, with the numbers of the problem, at the step where it leaves the sound way. Without it, its name tells. */
  readonly did?: string | SaidWith;
}
