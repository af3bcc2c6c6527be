/**
 * A line of words in which `*…*` marks what is new in the step, so that it can be shown in pencil.
 * Numbers and words never contain an asterisk themselves.
 */
export type WordedLine = string;

/** What is said about a step: to say, why it is so, and the question that leaves it to the learner. */
export interface StepWords {
  readonly say: WordedLine;
  readonly why: WordedLine;
  readonly ask: WordedLine;
}

/** The line without its marking. */
export const plain = (line: WordedLine): string => line.replaceAll("*", "");

/** The line in stretches, each with whether it is marked. */
export const stretches = (line: WordedLine): readonly { readonly text: string; readonly marked: boolean }[] =>
  line
    .split("*")
    .map((text, index) => ({ text, marked: index % 2 === 1 }))
    .filter(({ text }) => text !== "");

/** The text with its first letter a capital, past any marking. */
export const sentence = (text: string): string => text.replace(/^\*?\p{L}/u, (start) => start.toUpperCase());

/** `a`, `a and b`, `a, b and c`; with "or" where one of them is meant. */
export function listed(items: readonly string[], joiner: "and" | "or" = "and"): string {
  const last = items.at(-1) ?? "";
  return items.length < 2 ? last : `${items.slice(0, -1).join(", ")} ${joiner} ${last}`;
}
