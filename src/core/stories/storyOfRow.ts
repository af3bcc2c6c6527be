/** The longest text of a story on a sheet, and of its answer, in signs. */
export const LONGEST_STORY = 1000;

/** The story that a problem of a sheet answers, as it was told when it was put there. */
export interface StoryOfRow {
  /** What is told, with the question at its end. */
  readonly text: string;
  /** The answer as a sentence. */
  readonly answer: string;
  /** The whole number that answers it where its quotient is rounded by sense, up or down; none where its line's own answer does. */
  readonly whole?: string | undefined;
  /** The kind and the seed it was drawn from; none where it was written by hand or came from a file. */
  readonly kind?: string | undefined;
  readonly seed?: number | undefined;
}
