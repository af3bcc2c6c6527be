import type { OWN_LINE, OwnFormId } from "@/core/stories";

/** A story of a tutor's own as it is written. */
export interface OwnDraft {
  readonly text: string;
  readonly form: OwnFormId | typeof OWN_LINE;
  /** The line in letters, where the tutor writes it themselves. */
  readonly line: string;
  readonly left: readonly string[];
  readonly turned: boolean;
  /** The answer as a sentence, with `…` for what comes out; empty where it is the number alone. */
  readonly answer: string;
}

/** One that is kept. */
export interface OwnKept extends OwnDraft {
  readonly id: string;
}

/** What stands in the answer for what comes out: the sign itself, or three points. */
const GAP = /…|\.\.\./;

/** The answer in its sentence; at its end where the sentence has no gap. */
export const answerSentence = (sentence: string, comes: string): string => {
  const said = sentence.trim();
  if (said === "") return comes;
  return GAP.test(said) ? said.replace(GAP, comes).replace(/ ([.!?])$/, "$1") : `${said} ${comes}`;
};

/** The last sentence of a text that asks something; empty where none does. */
export function questionIn(text: string): string {
  const end = text.lastIndexOf("?");
  if (end < 0) return "";
  const before = [". ", "! ", "? ", "\n"].map((sign) => text.lastIndexOf(sign, end - 1) + sign.length);
  const from = Math.max(0, ...before.filter((at) => at <= end && at > 1));
  return text.slice(from, end + 1).trim();
}
