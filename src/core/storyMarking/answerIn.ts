import type { HouseRules } from "../house";
import { readOneQuantity } from "../problem";
import type { Story } from "../stories";

/** The longest answer that is read, and the most words one number may have after it: `2 h 35 min`, `3 1/4 in`. */
const LONGEST_ANSWER = 400;
const MOST_WORDS = 4;

/** The quantities that a sentence names, in their order, as they stand in it. */
export function quantitiesIn(said: string, house: HouseRules): readonly string[] {
  const words = said
    .slice(0, LONGEST_ANSWER)
    .split(/\s+/)
    .map((word) => word.replace(/[.,;:!?]{1,3}$/, ""));
  const found: string[] = [];
  for (let at = 0; at < words.length; at++) {
    if (!/\d/.test(words[at] ?? "")) continue;
    const stretch = Array.from({ length: MOST_WORDS }, (_, nth) => MOST_WORDS - nth)
      .map((count) => words.slice(at, at + count))
      .find((some) => readOneQuantity(some.join(" "), house).ok);
    found.push(stretch?.join(" ") ?? words[at] ?? "");
    at += (stretch?.length ?? 1) - 1;
  }
  return found;
}

/** Whether a sentence says yes or no; nothing where it says neither. */
const saysEnough = (said: string): string => /\b(?:yes|no)\b/i.exec(said)?.[0] ?? "";

/**
 * What a sentence gives as the answer to a story, as it would be typed for its problem: `2 h 35 min`, `yes 2.40`,
 * `5 r 3`. What names no number stays as it is.
 */
export function answerIn(said: string, { working: { answer } }: Story, house: HouseRules): string {
  const found = quantitiesIn(said, house);
  const last = found.at(-1);
  if (last === undefined || found.join(" ") === said.trim()) return said.trim();
  switch (answer.kind) {
    case "sufficiency":
      return `${saysEnough(said)} ${last}`.trim();
    case "remainder":
    case "timesLeft":
      return found.length > 1 ? `${found[0]} r ${found[1]}` : last;
    default:
      return last;
  }
}
