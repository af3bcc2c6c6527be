/** What is said of an error pattern or a slip: what it is called, how it shows, what it is mixed up with and what helps. */
export interface PatternWords {
  readonly name: string;
  /** What the learner does, in a sentence or two. */
  readonly does: string;
  /** The features that a problem needs for it to show. */
  readonly shows: string;
  /** How it is told apart from what looks like it. */
  readonly apart: string;
  readonly remedy: string;
  /** Where it is described, from memory: author and year. */
  readonly knownFrom: string;
}
