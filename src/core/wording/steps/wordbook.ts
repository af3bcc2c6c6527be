import type { RunReason } from "../../checks";
import type { HouseRules } from "../../house";
import type { StepWords } from "../numbers/line";

/** Some reasons with their words. Wordbooks are many, so that a board needs to load only those of its own kind of problem. */
export interface Wordbook {
  /** The reasons it has words for. */
  readonly kinds: readonly string[];
  /** What is said about a step, or nothing where its reason is in another book. */
  says(reason: RunReason, house: HouseRules): StepWords | undefined;
}

/**
 * The book of some kinds of reasons. `kinds` lists every kind that `words` is for: with one missing, or
 * one too many, it does not compile.
 */
export function wordbook<Kind extends RunReason["kind"]>(
  kinds: Readonly<Record<Kind, true>>,
  words: (reason: Extract<RunReason, { kind: Kind }>, house: HouseRules) => StepWords,
): Wordbook {
  const own = (reason: RunReason): reason is Extract<RunReason, { kind: Kind }> =>
    Object.hasOwn(kinds, reason.kind);
  return {
    kinds: Object.keys(kinds),
    says: (reason, house) => (own(reason) ? words(reason, house) : undefined),
  };
}

/** What is said about a step, from the book that has it. A reason that no book has is a bug. */
export function wordsFrom(books: readonly Wordbook[], reason: RunReason, house: HouseRules): StepWords {
  for (const book of books) {
    const words = book.says(reason, house);
    if (words !== undefined) return words;
  }
  throw new Error(`wordsFrom: no words for ${reason.kind}`);
}
