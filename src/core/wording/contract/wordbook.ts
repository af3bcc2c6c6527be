import type { RunReason } from "../../checks";
import type { HouseRules } from "../../house";
import type { StepWords } from "../numbers/line";
import type { AnyMethodWords } from "./methodWords";

/** What is said about a step with such a reason; `called` gives the name of a method. */
type Says<Why> = {
  says(reason: Why, house: HouseRules, called: (method: string) => string): StepWords;
}["says"];

/** The words for each kind of some reasons. One without words does not compile. */
export type StepsOf<Why extends { readonly kind: string }> = {
  readonly [Kind in Why["kind"]]: Says<Extract<Why, { readonly kind: Kind }>>;
};

/**
 * The words for some methods, by their ids, and for steps, by the kind of their reason. Books are many, so that a
 * board needs to load only those of its own kind of problem.
 */
export interface Wordbook {
  readonly methods: Readonly<Record<string, AnyMethodWords>>;
  readonly steps: Readonly<Record<string, Says<RunReason>>>;
}

/** What is said about a step, from the book that has it. A reason that no book has is a bug. */
export function wordsFrom(books: readonly Wordbook[], reason: RunReason, house: HouseRules): StepWords {
  const called = (method: string): string => methodWordsFrom(books, method).name;
  for (const book of books) {
    const words = book.steps[reason.kind]?.(reason, house, called);
    if (words !== undefined) return words;
  }
  throw new Error(`wordsFrom: no words for ${reason.kind}`);
}

/** What is said of a method, from the book that has it. A method that no book has is a bug. */
export function methodWordsFrom(books: readonly Wordbook[], method: string): AnyMethodWords {
  for (const { methods } of books) {
    const words = methods[method];
    if (words !== undefined) return words;
  }
  throw new Error(`methodWordsFrom: no words for ${method}`);
}
